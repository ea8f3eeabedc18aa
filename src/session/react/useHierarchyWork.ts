'use client';

import { type Remote, transfer } from 'comlink';
import { startTransition, useCallback, useEffect, useState } from 'react';
import type { Course, PackedCourse } from '@/core/hierarchy';
import type { OrderWork } from '@/workers/hierarchyWork';
import { startHierarchy } from '@/workers/startHierarchy';
import { workerLine, type WorkerFailure } from '@/workers/workerLine';

interface Worked<T> {
  readonly answer: T | null;
  readonly failure: WorkerFailure | null;
}

/** A copy travels: the same course may be asked about again. */
function onItsWay({ ids, first, second, weight, undecided }: PackedCourse): PackedCourse {
  const copy = {
    ids: [...ids],
    first: first.slice(),
    second: second.slice(),
    weight: weight.slice(),
    undecided: undecided.slice(),
  };
  return transfer(copy, [copy.first.buffer, copy.second.buffer, copy.weight.buffer, copy.undecided.buffer]);
}

/**
 * What the hierarchy's worker makes of a course, worked out beside the screen; null while it is being worked out. `ask` keeps its identity
 * as long as it asks the same.
 */
export function useHierarchyWork<T>(
  course: Course | null,
  ask: (remote: Remote<OrderWork>, packed: PackedCourse, course: Course) => Promise<T>,
): Worked<T> & { readonly again: () => void } {
  const [state, setState] = useState<Worked<T> & { readonly of: Course | null }>({
    of: null,
    answer: null,
    failure: null,
  });
  const [round, setRound] = useState(0);
  const again = useCallback(() => {
    setState({ of: null, answer: null, failure: null });
    setRound((before) => before + 1);
  }, []);
  useEffect(() => {
    if (course === null) return undefined;
    const line = workerLine(startHierarchy);
    void line
      .ask((remote) => ask(remote, onItsWay(course.packed), course))
      .then((asked) => {
        if (asked.ok) startTransition(() => setState({ of: course, answer: asked.value, failure: null }));
        else if (asked.why !== 'cancelled') setState({ of: course, answer: null, failure: asked.why });
      });
    return () => line.stop();
  }, [course, ask, round]);
  return state.of === course ? { ...state, again } : { answer: null, failure: null, again };
}
