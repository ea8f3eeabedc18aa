'use client';

import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { RoomAddress } from '@/session/react/RoomAddress';
import { useRooms } from '@/session/react/RoomProvider';
import { useChooseUnits } from '@/session/react/useChooseUnits';
import { useUnits } from '@/session/react/useUnits';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { UnitSystems } from '@/ui/UnitFields';
import { FishForTank, TanksForFish } from './FirstAnswers';
import { FirstFish } from './FirstFish';
import { FirstTank } from './FirstTank';
import { FirstVerdict } from './FirstVerdict';
import { useFirstPlan } from './useFirstPlan';
import { useKeepPlan } from './useKeepPlan';

/** An empty room: the keeper's own two questions, answered in place, before anything has a name. */
export function FirstMinute({
  more,
}: {
  /** Longer ways: a tank with all its measures, fish for a place. */ readonly more: ReactNode;
}) {
  const plan = useFirstPlan();
  const router = useRouter();
  const { goTo, name } = useRooms();
  const units = useUnits();
  const chooseUnits = useChooseUnits();
  const { tank, listed } = plan;
  const keep = useKeepPlan(plan);
  return (
    <Screen
      title="Start with the fish, the tank or both"
      actions={<UnitSystems units={units} onChoose={chooseUnits} />}
    >
      <div className="grid grid-cols-1 gap-x-10 gap-y-5 lg:grid-cols-2">
        <FirstFish plan={plan} />
        <FirstTank plan={plan} />
      </div>
      <p className="flex flex-wrap items-center gap-2 text-[0.8125rem] text-slate">
        More detail: a tank by its measures and purpose, or fish for a wall or a place {more}
      </p>
      {listed.length > 0 && tank ? (
        <FirstVerdict plan={plan} tank={tank} />
      ) : listed.length > 0 ? (
        <TanksForFish plan={plan} />
      ) : tank ? (
        <FishForTank plan={plan} tank={tank} />
      ) : (
        <p className="border-t-2 border-ink pt-3 text-slate">
          The verdict appears here: what works, what harms, from when, and what to change. Add fish or type a
          tank.{' '}
          <Button tone="quiet" onClick={plan.example}>
            Show me an example
          </Button>
        </p>
      )}
      {listed.length === 0 && !tank && name === 'own' && <RoomAddress isEmpty />}
      <div className="sticky bottom-0 z-10 -mx-4 flex flex-wrap items-center gap-2 border-t border-line bg-paper px-4 py-2 desk:-mx-6 desk:px-6">
        <Button tone="main" className="max-desk:min-h-11 max-desk:w-full" disabled={!tank} onClick={keep}>
          Keep as my tank
        </Button>
        <Button className="max-desk:min-h-11 max-desk:flex-1" onClick={() => router.push('/files')}>
          Open a saved room
        </Button>
        {name === 'own' && (
          <Button className="max-desk:min-h-11 max-desk:flex-1" onClick={() => goTo('demo')}>
            Look at the demo
          </Button>
        )}
        <span className="text-[0.8125rem] text-slate max-desk:hidden">
          {tank ? 'Everything stays on this device. A name can wait.' : 'Type a tank to keep it.'}
        </span>
      </div>
    </Screen>
  );
}
