'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { byHowWellItJoins, type JoinEffect } from '@/core/assess/joinEffects';
import { roomPlan } from '@/core/assess/roomPlan';
import type { DraftGroup } from '@/core/records/documents';
import type { Resident } from '@/core/events/room';
import { keeperSpeciesOf } from '@/core/model/keeperSpecies';
import { todayIso } from '../today';
import type { JoinsWork } from '../workers/joins.worker';
import { useCatalogue, useRoomState } from './RoomProvider';
import type { TankView } from './useTanks';

interface Joins {
  /** Null until the first answer. */
  readonly effects: readonly JoinEffect[] | null;
  /** Milliseconds that the last answer took, there and back. */
  readonly tookMs: number | null;
  /** How many answers there have been. */
  readonly answered: number;
  readonly failed: boolean;
}

interface Helper {
  readonly thread: Worker;
  readonly remote: Remote<JoinsWork>;
}

/** Two share the catalogue where the screen keeps a core for itself. */
const helpersHere = (): number => Math.min(2, Math.max(1, navigator.hardwareConcurrency - 1));

function startHelper(): Helper {
  const thread = new Worker(new URL('../workers/joins.worker.ts', import.meta.url), { type: 'module' });
  return { thread, remote: wrap<JoinsWork>(thread) };
}

/** What every kind of the catalogue would bring to a tank, worked out beside the screen. */
export function useJoins(
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
): Joins {
  const catalogue = useCatalogue();
  const documents = useRoomState((state) => state.documents);
  const own = useMemo(() => keeperSpeciesOf(Object.values(documents)), [documents]);
  const workers = useRef<readonly Helper[]>([]);
  const [joins, setJoins] = useState<Joins>({
    effects: null,
    tookMs: null,
    answered: 0,
    failed: false,
  });

  useEffect(
    () => () => {
      for (const { thread } of workers.current) thread.terminate();
      workers.current = [];
    },
    [],
  );

  useEffect(() => {
    let late = false;
    if (workers.current.length === 0) workers.current = Array.from({ length: helpersHere() }, startHelper);
    const started = performance.now();
    const plan = roomPlan(tank.body, residents, listed, catalogue, todayIso());
    const helpers = workers.current;
    Promise.all(helpers.map(({ remote }, part) => remote.joins(plan, own, todayIso(), part, helpers.length)))
      .then((parts) => parts.flat().sort(byHowWellItJoins))
      .then(
        (effects) => {
          if (!late)
            setJoins((before) => ({
              effects,
              tookMs: performance.now() - started,
              answered: before.answered + 1,
              failed: false,
            }));
        },
        () => {
          if (!late) setJoins((before) => ({ ...before, failed: true }));
        },
      );
    return () => {
      late = true;
    };
  }, [tank.body, residents, listed, catalogue, own]);

  return joins;
}
