'use client';

import { transfer } from 'comlink';
import { startTransition, useEffect, useState } from 'react';
import type { Resident } from '@/core/events/room';
import { newcomersAmong } from '@/core/order/marks';
import { placeFrom, type Course } from '@/core/order/packedCourse';
import { todayIso } from '../today';
import type { OrderAnswer } from '../workers/orderWork';
import { startOrder } from '../workers/startOrder';

/** The order of a tank by every measure, worked out beside the screen; null while it is being worked out. */
export function useOrder(
  course: Course | null,
  residents: readonly Resident[],
): { readonly answer: OrderAnswer | null; readonly failed: boolean } {
  const [state, setState] = useState<{
    readonly of: Course | null;
    readonly answer: OrderAnswer | null;
    readonly failed: boolean;
  }>({ of: null, answer: null, failed: false });
  useEffect(() => {
    if (course === null) return undefined;
    const { thread, remote } = startOrder();
    let late = false;
    const { packed, on } = course;
    // A copy travels: the effect may run again with the same course.
    const copy = {
      ids: [...packed.ids],
      first: packed.first.slice(),
      second: packed.second.slice(),
      weight: packed.weight.slice(),
    };
    remote
      .order(
        transfer(copy, [copy.first.buffer, copy.second.buffer, copy.weight.buffer]),
        residents.map((one) => one.id),
        newcomersAmong(residents, todayIso(), (moment) => placeFrom(on, moment)),
      )
      .then(
        (answer) => late || startTransition(() => setState({ of: course, answer, failed: false })),
        () => late || setState({ of: course, answer: null, failed: true }),
      );
    return () => {
      late = true;
      thread.terminate();
    };
  }, [course, residents]);
  return state.of === course ? state : { answer: null, failed: false };
}
