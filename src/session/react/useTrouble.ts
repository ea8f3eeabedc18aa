'use client';

import { useEffect, useState } from 'react';
import { type Assessment, roomPlan, type Trouble, troubleInSteps } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import { todayIso } from '../today';
import { withPauses } from '../withPauses';
import { useCatalogue } from './RoomProvider';
import type { TankView } from './useTanks';

/** A list that is still being changed is not looked into yet. */
const REST_MS = 250;

const stale = new Error('the list has changed');

/** The same steps, given up when nobody waits for them any more. */
function* whileWanted<T>(steps: Generator<undefined, T>, wanted: () => boolean): Generator<undefined, T> {
  for (;;) {
    if (!wanted()) throw stale;
    const step = steps.next();
    if (step.done) return step.value;
    yield;
  }
}

/** The main causes of trouble in a tank's list, worked out while nobody types; the last answer until there is a new one. */
export function useTrouble(
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
  assessment: Assessment,
): Trouble | null {
  const catalogue = useCatalogue();
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      const living = new Set(residents.map((one) => one.species));
      const ids = [...new Set(listed.map((one) => one.group.species))];
      const today = todayIso();
      const steps = troubleInSteps({
        plan: roomPlan(tank.body, residents, listed, catalogue, today),
        before: assessment,
        catalogue,
        today,
        removable: ids.filter((id) => !living.has(id)),
      });
      withPauses(whileWanted(steps, () => wanted)).then(
        (found) => wanted && setTrouble(found),
        () => {
          // Another list is being looked into.
        },
      );
    }, REST_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [tank.body, residents, listed, assessment, catalogue]);
  return trouble;
}
