'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { byHowWellItFits, type Candidate, roomPlan } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import { todayIso } from '../today';
import type { JoinsWork } from '@/workers/candidates.worker';
import { startCandidates } from '@/workers/startCandidates';
import { workerLine, type WorkerFailure, type WorkerLine } from '@/workers/workerLine';
import { useCatalogue, useOwnSpecies } from './RoomProvider';
import type { TankView } from './useTanks';

interface Joins {
  /** Null until the first answer. */
  readonly effects: readonly Candidate[] | null;
  /** Milliseconds that the last answer took, there and back. */
  readonly tookMs: number | null;
  /** How many answers there have been. */
  readonly answered: number;
  readonly failure: WorkerFailure | null;
}

/** Two share the catalogue where the screen keeps a core for itself. Some browsers do not say how many there are. */
const helpersHere = (): number => Math.min(2, Math.max(1, (navigator.hardwareConcurrency || 2) - 1));

/** What every species of the catalogue would bring to a tank, worked out beside the screen. */
export function useCandidates(
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
): Joins & { readonly again: () => void } {
  const catalogue = useCatalogue();
  const own = useOwnSpecies();
  const lines = useRef<readonly WorkerLine<JoinsWork>[]>([]);
  const [round, setRound] = useState(0);
  const [joins, setJoins] = useState<Joins>({
    effects: null,
    tookMs: null,
    answered: 0,
    failure: null,
  });

  useEffect(
    () => () => {
      for (const line of lines.current) line.stop();
      lines.current = [];
    },
    [],
  );

  useEffect(() => {
    let late = false;
    if (lines.current.length === 0)
      lines.current = Array.from({ length: helpersHere() }, () => workerLine(startCandidates));
    const started = performance.now();
    const plan = roomPlan(tank.body, residents, listed, catalogue, todayIso());
    const all = lines.current;
    void Promise.all(
      all.map((line, part) => line.ask((remote) => remote.joins(plan, own, todayIso(), part, all.length))),
    ).then((parts) => {
      if (late) return;
      const failed = parts.find((part) => !part.ok);
      if (failed) {
        if (!failed.ok && failed.why !== 'cancelled')
          setJoins((before) => ({ ...before, failure: failed.why }));
        return;
      }
      const effects = parts.flatMap((part) => (part.ok ? part.value : [])).sort(byHowWellItFits);
      setJoins((before) => ({
        effects,
        tookMs: performance.now() - started,
        answered: before.answered + 1,
        failure: null,
      }));
    });
    return () => {
      late = true;
    };
  }, [tank.body, residents, listed, catalogue, own, round]);

  const again = useCallback(() => {
    setJoins((before) => ({ ...before, failure: null }));
    setRound((before) => before + 1);
  }, []);
  return { ...joins, again };
}
