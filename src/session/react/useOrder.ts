'use client';

import { useEffect, useState } from 'react';
import type { Win } from '@/core/stats/winTable';
import type { OrderAnswer } from '../workers/orderWork';
import { startOrder } from '../workers/startOrder';

/** Every measure of an order, worked out beside the screen; null while it is being worked out. */
export function useOrder(
  contests: readonly Win[],
  among: readonly string[],
): { readonly answer: OrderAnswer | null; readonly failed: boolean } {
  const [state, setState] = useState<{
    readonly of: readonly Win[];
    readonly answer: OrderAnswer | null;
    readonly failed: boolean;
  }>({ of: [], answer: null, failed: false });
  useEffect(() => {
    if (contests.length === 0) return undefined;
    const { thread, remote } = startOrder();
    let late = false;
    remote.order([...contests], [...among]).then(
      (answer) => late || setState({ of: contests, answer, failed: false }),
      () => late || setState({ of: contests, answer: null, failed: true }),
    );
    return () => {
      late = true;
      thread.terminate();
    };
  }, [contests, among]);
  return state.of === contests ? state : { answer: null, failed: false };
}
