'use client';

import type { Remote } from 'comlink';
import { startTransition, useEffect, useMemo, useState } from 'react';
import { roomPlan } from '@/core/assess';
import type { Resident } from '@/core/events';
import type { DraftGroup } from '@/core/records';
import type { ListAsked, ListWork } from '@/workers/listWork';
import { startList } from '@/workers/startList';
import { workerLine } from '@/workers/workerLine';
import { todayIso } from '../today';
import { useCatalogue, useOwnSpecies } from './RoomProvider';
import { REST_MS } from './useInSteps';
import type { TankView } from './useTanks';
import { useUnits } from './useUnits';

/** One worker for the stock lists of this page: it keeps what it learnt of pairs from list to list. */
const line = workerLine(startList);

type Ask<T> = (work: Remote<ListWork> | ListWork, asked: ListAsked) => Promise<T | null>;

/** Asks the worker; where none can run, the same is worked out here. Null when nobody waits for it any more. */
async function answerTo<T>(ask: Ask<T>, asked: ListAsked): Promise<T | null> {
  const answer = await line.ask((remote) => ask(remote, asked));
  if (answer.ok) return answer.value;
  if (answer.why === 'cancelled') return null;
  const { listWork } = await import('@/workers/listWork');
  return ask(listWork, asked);
}

/**
 * What the worker makes of a tank's list. The last answer until there is a new one; `current` says whether it is of this list. `ask`
 * stays the same function while it asks the same.
 */
export function useListWork<T>(
  { body }: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
  ask: Ask<T>,
): { readonly last: T | null; readonly current: boolean } {
  const catalogue = useCatalogue();
  const own = useOwnSpecies();
  const units = useUnits();
  const [found, setFound] = useState<{ readonly by: unknown; readonly value: T } | null>(null);
  const today = todayIso();
  const asked = useMemo(
    () => ({ plan: roomPlan(body, residents, listed, catalogue, today), own, today, units }),
    [body, residents, listed, catalogue, own, today, units],
  );
  useEffect(() => {
    let wanted = true;
    const rest = setTimeout(() => {
      answerTo(ask, asked).then(
        (value) => {
          if (wanted && value !== null) startTransition(() => setFound({ by: asked, value }));
        },
        () => {
          // Neither the worker nor the page could do it: the list stands without fixes.
        },
      );
    }, REST_MS);
    return () => {
      wanted = false;
      clearTimeout(rest);
    };
  }, [ask, asked]);
  return { last: found?.value ?? null, current: found?.by === asked };
}
