'use client';

import dynamic from 'next/dynamic';
import { type ReactNode, useState } from 'react';
import { useRoomState } from '@/session/react/RoomProvider';
import { SetAside } from './SetAside';
import { RunningWatch } from '@/session/react/RunningWatch';
import { useTanks } from '@/session/react/useTanks';
import { sayLoose } from '@/words/en';
import { Button } from '@/ui/Button';
import { Screen, Section } from '@/ui/Screen';
import { DueList } from './DueList';
import { LastSave } from './LastSave';

// The rules come after what is due: a page that is read at once.
const Problems = dynamic(() => import('./Problems').then((file) => file.Problems), {
  ssr: false,
  loading: () => <li className="py-2 text-slate">Checking…</li>,
});
// Forms are loaded when they are opened: most visits to this screen only read.
const FromFish = dynamic(() => import('./FromFish').then((file) => file.FromFish), { ssr: false });
const PredictionsDue = dynamic(() => import('./PredictionsDue').then((file) => file.PredictionsDue), {
  ssr: false,
});
const TankDialog = dynamic(() => import('./TankDialog').then((file) => file.TankDialog), { ssr: false });

/** The first screen of the room: what is due, and what is wrong. `empty` shows a room without tanks, with the longer ways to begin. */
export function TodayScreen({ empty }: { readonly empty?: (more: ReactNode) => ReactNode }) {
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const keepsScore = useRoomState(
    (state) => state.entries?.some(({ type }) => type === 'predicted') ?? false,
  );
  const [adding, setAdding] = useState(false);
  const [fishing, setFishing] = useState(false);

  const dialogs = (
    <>
      {adding && <TankDialog open onOpenChange={setAdding} />}
      {fishing && <FromFish open onOpenChange={setFishing} />}
    </>
  );

  if (tanks.length === 0) {
    const more = (
      <>
        <Button onClick={() => setAdding(true)}>Add tank</Button>
        <Button onClick={() => setFishing(true)}>Start with fish</Button>
      </>
    );
    return (
      <>
        <div className="px-4 pt-4 empty:hidden desk:px-6">
          <SetAside hasTanks={false} />
        </div>
        {empty ? empty(more) : <Screen title="Today">{more}</Screen>}
        {dialogs}
      </>
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
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
        <SetAside hasTanks />
        <div>
          <RunningWatch />
          <DueList />
          {keepsScore && <PredictionsDue />}
          <LastSave />
        </div>
        {room.loose.length > 0 && (
          <Section
            title="Entries that do not fit"
            className="order-last lg:col-span-2"
            aside="they stay in the journal and in every saved file"
          >
            <ul className="fig text-[0.8125rem]">
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
