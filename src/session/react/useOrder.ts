'use client';

import { transfer } from 'comlink';
import { startTransition, useCallback, useEffect, useState } from 'react';
import type { Resident } from '@/core/events';
import { type Course, newcomersAmong, placeFrom } from '@/core/hierarchy';
import { whenNow } from '../today';
import type { HierarchyAnswer } from '@/workers/hierarchyWork';
import { startHierarchy } from '@/workers/startHierarchy';
import { workerLine, type WorkerFailure } from '@/workers/workerLine';

interface Worked {
  readonly answer: HierarchyAnswer | null;
  readonly failure: WorkerFailure | null;
}

/** The order of a tank by every measure, worked out beside the screen; null while it is being worked out. */
export function useOrder(
  course: Course | null,
  residents: readonly Resident[],
  /** Who stands on the ranking; those who live there now where nobody says. */
  among?: readonly string[],
): Worked & { readonly again: () => void } {
  const [state, setState] = useState<Worked & { readonly of: Course | null }>({
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
    const { packed, on } = course;
    // A copy travels: the effect may run again with the same course.
    const copy = {
      ids: [...packed.ids],
      first: packed.first.slice(),
      second: packed.second.slice(),
      weight: packed.weight.slice(),
      undecided: packed.undecided.slice(),
    };
    void line
      .ask((remote) =>
        remote.order(
          transfer(copy, [copy.first.buffer, copy.second.buffer, copy.weight.buffer, copy.undecided.buffer]),
          among ?? residents.map((one) => one.id),
          newcomersAmong(residents, whenNow(), (moment) => placeFrom(on, moment)),
        ),
      )
      .then((asked) => {
        if (asked.ok) startTransition(() => setState({ of: course, answer: asked.value, failure: null }));
        else if (asked.why !== 'cancelled') setState({ of: course, answer: null, failure: asked.why });
      });
    return () => line.stop();
  }, [course, residents, among, round]);
  return state.of === course ? { ...state, again } : { answer: null, failure: null, again };
}
