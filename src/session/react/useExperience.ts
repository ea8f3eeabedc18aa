'use client';

import { proxy, type Remote } from 'comlink';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Asked, ExperienceSum, KeptHere, OutcomeName } from '@/core/evidence';
import type { ExperienceWork, TakenIn } from '@/workers/experienceWork';
import { startExperience } from '@/workers/startExperience';
import { workerLine, type WorkerAnswer, type WorkerFailure } from '@/workers/workerLine';
import { useRooms, useRoomState } from './RoomProvider';

/** One worker for the experience of this page: it keeps what it read. */
const line = workerLine(startExperience);

/** Ten thousand files take a while on a slow machine; silence for so long is a failure. */
const PATIENCE_MS = 120_000;

/** Asks the experience worker about the room that is open. `ask` keeps its identity as long as the room is the same. */
export function useExperienceLine() {
  const { name: room } = useRooms();
  const ask = useCallback(
    <T>(work: (remote: Remote<ExperienceWork>, room: string) => Promise<T>): Promise<WorkerAnswer<T>> =>
      line.ask((remote) => work(remote, room), PATIENCE_MS),
    [room],
  );
  const takeIn = useCallback(
    (files: ArrayLike<File>, onProgress: (share: number) => void): Promise<WorkerAnswer<TakenIn>> =>
      line.ask(
        (remote, alive) =>
          remote.takeIn(
            room,
            files.length,
            proxy(async (from: number, to: number) => {
              alive();
              onProgress(from / files.length);
              return Array.from(
                { length: Math.min(to, files.length) - from },
                (_, i) => files[from + i] as File,
              );
            }),
          ),
        PATIENCE_MS,
      ),
    [room],
  );
  return { ask, takeIn, stop: line.stop };
}

/**
 * What the worker says to a question; the last answer until there is a new one. `work` keeps its identity as long as it asks the same;
 * null asks nothing. It is asked anew when `of` changes.
 */
export function useExperienceAnswer<T>(
  work: ((remote: Remote<ExperienceWork>, room: string) => Promise<T>) | null,
  of?: unknown,
): { readonly last: T | null; readonly failure: WorkerFailure | null; readonly again: () => void } {
  const { ask } = useExperienceLine();
  const [state, setState] = useState<{ readonly last: T | null; readonly failure: WorkerFailure | null }>({
    last: null,
    failure: null,
  });
  const [round, setRound] = useState(0);
  useEffect(() => {
    if (work === null) return undefined;
    let wanted = true;
    void ask(work).then((answer) => {
      if (!wanted) return;
      if (answer.ok) setState({ last: answer.value, failure: null });
      else if (answer.why !== 'cancelled') setState({ last: null, failure: answer.why });
    });
    return () => {
      wanted = false;
    };
  }, [ask, work, round, of]);
  return { ...state, again: useCallback(() => setRound((before) => before + 1), []) };
}

const askKept = (remote: Remote<ExperienceWork>, room: string): Promise<readonly KeptHere[]> =>
  remote.keptHere(room);

/** Every species that lived in this room, by its identifier; null until it is known. Asked anew whenever something is recorded, here or in another tab. */
export function useKeptHere(): ReadonlyMap<string, KeptHere> | null {
  const room = useRoomState((state) => state.room);
  const { last } = useExperienceAnswer(askKept, room);
  return useMemo(() => last && new Map(last.map((one) => [one.species, one])), [last]);
}

/** What other keepers' fish and this room's did, of one question; null until it is known, or where nobody kept them. Asked anew whenever something is recorded. */
export function useExperienceAbout(
  asked: Asked | null,
  outcome: OutcomeName,
): { readonly others: ExperienceSum; readonly own: ExperienceSum } | null {
  const { species, with: beside, harmed } = asked ?? {};
  const work = useCallback(
    async (remote: Remote<ExperienceWork>, room: string) =>
      species === undefined
        ? null
        : ((await remote.about(room, [{ species, with: beside, harmed, outcome }]))[0] ?? null),
    [species, beside, harmed, outcome],
  );
  const room = useRoomState((state) => state.room);
  const { last } = useExperienceAnswer(species === undefined ? null : work, room);
  return last;
}
