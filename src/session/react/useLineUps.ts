'use client';

import { proxy, type Remote } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { keeperSpeciesOf } from '@/core/model/keeperSpecies';
import type { WishesFile } from '@/core/lineups/wishes';
import type { PlanGroup } from '@/core/model/plan';
import { todayIso } from '../today';
import type { Found, LineUpsWork, SearchAnswer } from '../workers/lineUpsWork';
import { startLineUps, type Helper } from '../workers/startLineUps';
import { useRoomState } from './RoomProvider';

/** A worker that is started when it is first asked, and thrown away to stop what it does. */
export function useLineUpsWorker() {
  const documents = useRoomState((state) => state.documents);
  const own = useMemo(() => keeperSpeciesOf(Object.values(documents)), [documents]);
  const helper = useRef<Helper | null>(null);
  const stop = useCallback(() => {
    helper.current?.thread.terminate();
    helper.current = null;
  }, []);
  useEffect(() => stop, [stop]);
  const remote = useCallback((): Remote<LineUpsWork> => {
    helper.current ??= startLineUps();
    return helper.current.remote;
  }, []);
  return { remote, stop, own };
}

export interface LineUpsState {
  readonly running: boolean;
  /** Stopped by the keeper before it was done. */
  readonly cancelled: boolean;
  readonly failed: boolean;
  /** The best so far, while it runs. */
  readonly soFar: readonly { readonly value: number; readonly groups: readonly PlanGroup[] }[];
  readonly answer: SearchAnswer | null;
  readonly around: readonly Found[] | null;
}

const IDLE: LineUpsState = {
  running: false,
  cancelled: false,
  failed: false,
  soFar: [],
  answer: null,
  around: null,
};

/** A wish list is searched this long after the last change to it. */
const PAUSE_MS = 250;

/** The best line-ups of a wish list, searched beside the screen whenever it changes; null searches nothing. */
export function useLineUps(file: WishesFile | null) {
  const { remote, stop, own } = useLineUpsWorker();
  const [state, setState] = useState<LineUpsState>(IDLE);
  const [round, setRound] = useState(0);
  const key = useMemo(() => JSON.stringify(file), [file]);

  useEffect(() => {
    const wished = JSON.parse(key) as WishesFile | null;
    if (!wished) return;
    let late = false;
    const timer = setTimeout(() => {
      setState((before) => ({ ...before, running: true, cancelled: false, failed: false, soFar: [] }));
      const { search, favourites } = remote();
      const onBetter = proxy((soFar: LineUpsState['soFar']) => {
        if (!late) setState((before) => (before.running ? { ...before, soFar } : before));
      });
      search(wished, own, todayIso(), onBetter)
        .then((answer) => {
          if (!late) setState({ ...IDLE, answer });
          return late ? null : favourites(wished, own, todayIso());
        })
        .then((around) => {
          if (!late && around) setState((before) => ({ ...before, around }));
        })
        .catch(() => {
          if (!late) setState({ ...IDLE, failed: true });
        });
    }, PAUSE_MS);
    return () => {
      late = true;
      clearTimeout(timer);
      // What a former wish list asked for is of no use any more.
      stop();
    };
  }, [key, own, remote, stop, round]);

  return {
    ...(file ? state : IDLE),
    cancel: () => {
      stop();
      setState((before) => ({ ...before, running: false, cancelled: true }));
    },
    again: () => setRound((before) => before + 1),
  };
}
