'use client';

import { useEffect, useState } from 'react';
import type { Standing } from '@/core/events';
import type { TankId } from '@/core/kernel';
import { type Course, packCourseInSteps } from '@/core/hierarchy';
import { withPauses } from '../withPauses';

interface Asked {
  readonly happenings: readonly Standing[] | null;
  readonly tank: TankId;
  readonly from: string;
  readonly weighted: boolean;
}

/** The contests of a tank from a moment on, gathered with room for the screen in between; null meanwhile. */
export function useCourse({ happenings, tank, from, weighted }: Asked): Course | null {
  const [made, setMade] = useState<(Asked & { readonly course: Course }) | null>(null);
  useEffect(() => {
    if (happenings === null) return undefined;
    let late = false;
    const asked = { happenings, tank, from, weighted };
    void withPauses(packCourseInSteps(happenings, tank, from, weighted)).then((course) => {
      if (!late) setMade({ ...asked, course });
    });
    return () => {
      late = true;
    };
  }, [happenings, tank, from, weighted]);
  const current =
    made !== null &&
    made.happenings === happenings &&
    made.tank === tank &&
    made.from === from &&
    made.weighted === weighted;
  return current ? made.course : null;
}
