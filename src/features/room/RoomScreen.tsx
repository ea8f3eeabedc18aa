'use client';

import Link from 'next/link';
import { useState } from 'react';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Screen, Section } from '@/ui/Screen';
import { DueList } from './DueList';
import { FromFish } from './FromFish';
import { TankDialog } from './TankDialog';
import { TankWrongs } from './TankWrongs';

/** The first screen of the room: what is due, and what is wrong. */
export function RoomScreen() {
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const aside = useRoomState((state) => state.aside.length);
  const { goTo, name } = useRooms();
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
      <Screen title="Where do you begin?">
        <div className="grid max-w-3xl gap-6 md:grid-cols-2">
          <section className="border-t-2 border-deep pt-3">
            <h2 className="text-[16px] font-semibold">From the fish</h2>
            <p className="mt-1 mb-3 text-slate">
              You know which fish you want. Lomvik says what tank carries them, by three schools of keepers,
              before you buy it.
            </p>
            <Button tone="main" onClick={() => setFishing(true)}>
              I want these fish
            </Button>
          </section>
          <section className="border-t-2 border-deep pt-3">
            <h2 className="text-[16px] font-semibold">From the tank</h2>
            <p className="mt-1 mb-3 text-slate">
              You have a tank. Measure it, then draft its stock list and read what speaks for and against it.
            </p>
            <Button tone="main" onClick={() => setAdding(true)}>
              I have this tank
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
      title="What is due, and what is wrong"
      actions={
        <>
          <Button onClick={() => setFishing(true)}>From the fish</Button>
          <Button tone="main" onClick={() => setAdding(true)}>
            New tank
          </Button>
        </>
      }
    >
      <div className="grid gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
        {aside > 0 && (
          <p className="border-l-2 border-lamp pl-3 lg:col-span-2">
            {aside === 1 ? '1 record could not be read' : `${aside} records could not be read`}.{' '}
            <Link href="/files" className="text-deep underline">
              See what is set aside under Files
            </Link>
            ; the rest of the room works without.
          </p>
        )}
        <DueList />
        {room.loose.length > 0 && (
          <Section
            title="Entries that do not fit"
            className="order-last lg:col-span-2"
            aside="they stay in the journal and in every file you save"
          >
            <ul className="fig text-[13px]">
              {room.loose.slice(0, 8).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </Section>
        )}
        <Section title="Wrong" aside="who lives there, and what is listed">
          <ul>
            {tanks.map((tank) => (
              <TankWrongs key={tank.id} tank={tank} />
            ))}
          </ul>
        </Section>
      </div>
      {dialogs}
    </Screen>
  );
}
