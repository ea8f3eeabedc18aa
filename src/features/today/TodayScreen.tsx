'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { RunningWatch } from '@/session/react/RunningWatch';
import { useTanks } from '@/session/react/useTanks';
import { sayLoose } from '@/words/en';
import { useChooseUnits } from '@/session/react/useChooseUnits';
import { useUnits } from '@/session/react/useUnits';
import { Button } from '@/ui/Button';
import { Screen, Section } from '@/ui/Screen';
import { UnitSystems } from '@/ui/UnitFields';
import { DueList } from './DueList';
import { Problems } from './Problems';

// Forms are loaded when they are opened: most visits to this screen only read.
const FromFish = dynamic(() => import('./FromFish').then((file) => file.FromFish), { ssr: false });
const TankDialog = dynamic(() => import('./TankDialog').then((file) => file.TankDialog), { ssr: false });

/** The first screen of the room: what is due, and what is wrong. */
export function TodayScreen() {
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const aside = useRoomState((state) => state.aside.length);
  const { goTo, name } = useRooms();
  const units = useUnits();
  const chooseUnits = useChooseUnits();
  const [adding, setAdding] = useState(false);
  const [fishing, setFishing] = useState(false);

  const dialogs = (
    <>
      {adding && <TankDialog open onOpenChange={setAdding} />}
      {fishing && <FromFish open onOpenChange={setFishing} />}
    </>
  );

  if (tanks.length === 0) {
    return (
      <Screen title="Start with the fish you want or the tank you have.">
        <section className="max-w-3xl">
          <h2 className="mb-2 text-[16px] font-semibold">Which units do you use?</h2>
          <UnitSystems units={units} onChoose={chooseUnits} />
        </section>
        <div className="grid max-w-3xl gap-6 md:grid-cols-2">
          <section className="border-t-2 border-deep pt-3">
            <h2 className="text-[16px] font-semibold">Start with fish</h2>
            <p className="mt-1 mb-3 text-slate">
              You know which fish you want. Lomvik says which tank carries them before you buy it.
            </p>
            <Button tone="main" onClick={() => setFishing(true)}>
              Start with fish
            </Button>
          </section>
          <section className="border-t-2 border-deep pt-3">
            <h2 className="text-[16px] font-semibold">Start with a tank</h2>
            <p className="mt-1 mb-3 text-slate">You have a tank. Measure it, then plan its stock list.</p>
            <Button tone="main" onClick={() => setAdding(true)}>
              Add tank
            </Button>
          </section>
        </div>
        {name === 'own' && (
          <p className="text-slate">
            Or look around first:{' '}
            <Button tone="quiet" onClick={() => goTo('demo')}>
              open the demo room
            </Button>
            . It is made up and kept apart from yours.
          </p>
        )}
        {dialogs}
      </Screen>
    );
  }

  return (
    <Screen
      title="Today"
      actions={
        <>
          <Button onClick={() => setFishing(true)}>Start with fish</Button>
          <Button tone="main" onClick={() => setAdding(true)}>
            Add tank
          </Button>
        </>
      }
    >
      <div className="grid gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
        {aside > 0 && (
          <p className="border-l-2 border-lamp pl-3 lg:col-span-2">
            {aside === 1 ? '1 record could not be read' : `${aside} records could not be read`}.{' '}
            <Link href="/files" className="text-deep underline">
              See damaged records under Files
            </Link>
            ; the rest of the room works without.
          </p>
        )}
        <div>
          <RunningWatch />
          <DueList />
        </div>
        {room.loose.length > 0 && (
          <Section
            title="Entries that do not fit"
            className="order-last lg:col-span-2"
            aside="they stay in the journal and in every saved file"
          >
            <ul className="fig text-[13px]">
              {room.loose.slice(0, 8).map((entry) => (
                <li key={entry.id + entry.on}>{sayLoose(entry)}</li>
              ))}
            </ul>
          </Section>
        )}
        <Section title="Problems" aside="in the tank and planned">
          <ul>
            {tanks.map((tank) => (
              <Problems key={tank.id} tank={tank} />
            ))}
          </ul>
        </Section>
      </div>
      {dialogs}
    </Screen>
  );
}
