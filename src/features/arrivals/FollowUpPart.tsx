'use client';

import { HOUR_MS } from '@/core/kernel';
import { useState } from 'react';
import { LOOK_HOURS, type Sign } from '@/core/events';
import { PastDay } from '@/session/react/PastDay';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { countOf } from '@/words/en';
import { SignButtons } from '@/ui/SignButtons';

const DAY = 24;
const LOOKS_SIGNS: readonly Sign[] = [
  'eating',
  'hiding',
  'not eating',
  'torn',
  'gasping',
  'panic',
  'dark',
  'flashing',
];
const words = (hours: number): string =>
  hours < DAY ? countOf(hours, 'hour') : hours < 2 * DAY ? 'a day' : `${Math.floor(hours / DAY)} days`;

/** The minute's look some hours after a release: how many are seen, what shows. */
export function FollowUpPart({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const life = useRoomState((state) => state.room.tanks[tank.id]);
  const residents = useResidents(tank.id);
  const [signs, setSigns] = useState<readonly Sign[]>([]);
  const [seen, setSeen] = useState('');
  const [note, setNote] = useState('');
  const [day, setDay] = useState(todayIso());
  const now = Date.parse(momentOn(day));
  if (!life?.lastArrival)
    return <Empty>No fish has arrived in {tank.body.name} yet: no newcomers to check.</Empty>;
  const came = life.lastArrival;
  const hours = (now - Date.parse(came)) / HOUR_MS;
  const newcomers = residents.filter((one) => one.inTankSince === came);
  const heads = newcomers.reduce((sum, one) => sum + one.count, 0);
  const taken = new Set(life.looks ?? []);
  const due = LOOK_HOURS.filter((one) => hours >= one && !taken.has(one)).pop();
  const amount = seen.trim() === '' ? null : Number(seen);
  const wrong = amount !== null && !(Number.isInteger(amount) && amount >= 0 && amount <= 10_000);
  const save = async (): Promise<void> => {
    if (wrong) return;
    const done = await run('Newcomers checked', [
      appendChange(session, {
        type: 'looked',
        on: momentOn(day),
        tank: tank.id,
        hours: due ?? Math.max(0, Math.round(hours)),
        seen: amount,
        signs: [...signs],
        note: note.trim(),
      }),
    ]);
    if (done) {
      setSigns([]);
      setSeen('');
      setNote('');
    }
  };
  return (
    <div className="flex max-w-[46rem] flex-col gap-4">
      <p>
        Last arrival <span className="fig">{words(Math.max(0, Math.round(hours)))}</span> ago. Checks are due
        after{' '}
        {LOOK_HOURS.map((one, index) => (
          <span
            key={one}
            className={
              taken.has(one) ? 'text-slate line-through' : one === due ? 'font-semibold text-deep' : ''
            }
          >
            {index > 0 && ', '}
            {words(one)}
          </span>
        ))}
        . Fish are dazed on day one.
      </p>
      <Section title="Signs" aside="tap all that apply">
        <SignButtons offered={LOOKS_SIGNS} chosen={signs} onChange={setSigns} />
        <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
          <PastDay value={day} onChange={setDay} />
          <TextField
            label="Newcomers seen"
            inputMode="numeric"
            placeholder={heads > 0 ? `of ${heads}` : ''}
            value={seen}
            error={wrong ? 'A whole number from 0' : undefined}
            onChange={(event) => setSeen(event.target.value)}
          />
          <TextField label="Note" value={note} onChange={(event) => setNote(event.target.value)} />
        </div>
        <Button
          tone="main"
          large
          className="mt-3"
          onClick={() => save()}
          disabled={wrong || day > todayIso() || now < Date.parse(came)}
        >
          Save check
        </Button>
      </Section>
      {signs.includes('gasping') && (
        <Caution>
          Gasping at the surface: test ammonia, nitrite and temperature now, and move the water.
        </Caution>
      )}
      {signs.includes('torn') && (
        <Caution>
          Torn fins already: get the divider or the spare tank ready, and watch for the attacker.
        </Caution>
      )}
    </div>
  );
}
