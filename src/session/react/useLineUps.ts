'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PlanGroup } from '@/core/model';
import type { WishesFile } from '@/core/lineups';
import { todayIso } from '../today';
import type { Found, LineUpsWork, SearchAnswer } from '@/workers/lineUpsWork';
import { startLineUps } from '@/workers/startLineUps';
import { workerLine, type WorkerFailure, type WorkerLine } from '@/workers/workerLine';
import { useOwnSpecies } from './RoomProvider';

/** A worker that is started when it is first asked, and thrown away to stop what it does. */
export function useLineUpsWorker() {
  const own = useOwnSpecies();
  const line = useRef<WorkerLine<LineUpsWork> | null>(null);
  const stop = useCallback(() => line.current?.stop(), []);
  useEffect(() => stop, [stop]);
  const ask = useCallback<WorkerLine<LineUpsWork>['ask']>((work, patienceMs) => {
    line.current ??= workerLine(startLineUps);
    return line.current.ask(work, patienceMs);
  }, []);
  return { ask, stop, own };
}

export interface LineUpsState {
  readonly running: boolean;
  /** Stopped by the keeper before it was done. */
  readonly cancelled: boolean;
  readonly failure: WorkerFailure | null;
  /** The best so far, while it runs. */
  readonly soFar: readonly { readonly value: number; readonly groups: readonly PlanGroup[] }[];
  readonly answer: SearchAnswer | null;
  readonly around: readonly Found[] | null;
}

const IDLE: LineUpsState = {
  running: false,
  cancelled: false,
  failure: null,
  soFar: [],
  answer: null,
  around: null,
};

/** A wish list is searched this long after the last change to it. */
const PAUSE_MS = 250;

/** The best line-ups of a wish list, searched beside the screen whenever it changes; null searches nothing. */
export function useLineUps(file: WishesFile | null) {
  const { ask, stop, own } = useLineUpsWorker();
  const [state, setState] = useState<LineUpsState>(IDLE);
  const [round, setRound] = useState(0);
  const key = useMemo(() => JSON.stringify(file), [file]);

  useEffect(() => {
    const wished = JSON.parse(key) as WishesFile | null;
    if (!wished) return;
    let late = false;
    let isBusy = false;
    const timer = setTimeout(() => {
      setState((before) => ({ ...before, running: true, cancelled: false, failure: null, soFar: [] }));
      const search = async (): Promise<void> => {
        isBusy = true;
        const found = await ask((remote, alive) =>
          remote.search(
            wished,
            own,
            todayIso(),
            proxy((soFar: LineUpsState['soFar']) => {
              alive();
              if (!late) setState((before) => (before.running ? { ...before, soFar } : before));
            }),
          ),
        );
        if (late || (!found.ok && found.why === 'cancelled')) return;
        if (!found.ok) return setState({ ...IDLE, failure: found.why });
        setState({ ...IDLE, answer: found.value });
        const around = await ask((remote) => remote.favourites(wished, own, todayIso()));
        if (late || (!around.ok && around.why === 'cancelled')) return;
        isBusy = false;
        setState((before) =>
          around.ok ? { ...before, around: around.value } : { ...before, failure: around.why },
        );
      };
      void search();
    }, PAUSE_MS);
    return () => {
      late = true;
      clearTimeout(timer);
      // What a former wish list asked for is of no use any more. A worker at rest stays, with what it judged before.
      if (isBusy) stop();
    };
  }, [key, own, ask, stop, round]);

  return {
    ...(file ? state : IDLE),
    cancel: () => {
      stop();
      setState((before) => ({ ...before, running: false, cancelled: true }));
    },
    again: () => setRound((before) => before + 1),
  };
}
