'use client';

import { useEffect, useState } from 'react';
import type { Standing } from '@/core/events';
import { type Course, type CourseAsked, packCourseInSteps } from '@/core/hierarchy';
import { withPauses } from '@/workers/withPauses';

interface Made {
  readonly happenings: readonly Standing[];
  readonly asked: CourseAsked;
  readonly course: Course;
}

/** The contests that are asked for, gathered with room for the screen in between; null meanwhile. `asked` keeps its identity. */
export function useCourse(happenings: readonly Standing[] | null, asked: CourseAsked): Course | null {
  const [made, setMade] = useState<Made | null>(null);
  useEffect(() => {
    if (happenings === null) return undefined;
    let late = false;
    void withPauses(packCourseInSteps(happenings, asked)).then((course) => {
      if (!late) setMade({ happenings, asked, course });
    });
    return () => {
      late = true;
    };
  }, [happenings, asked]);
  return made?.happenings === happenings && made?.asked === asked ? made.course : null;
}
