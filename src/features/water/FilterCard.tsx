'use client';

import { useWords } from '@/session/react/useWords';
import type { MgL } from '@/core/kernel';
import { type FILTER_STEPS, NEW_TANK_LIFE } from '@/core/events';
import { ripeness, type Ripeness } from '@/core/water';
import { useState } from 'react';
import { PastDay } from '@/session/react/PastDay';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import { dayWords } from '@/words/en';

const WORDS: Readonly<Record<Ripeness['state'], string>> = {
  ripe: 'Cycled: a test dose was gone within a day.',
  'lived-in': 'Established; no test dose yet.',
  proving: 'Dosed. Test ammonia and nitrite a day after it: both should be 0.',
  ripening: 'Not cycled yet. No fish before a test dose is gone within a day.',
  'nothing known': 'Unknown. Log when it was started, or test it with a dose.',
  down: 'Drained and dried. Start it again, best with a sponge from a running tank.',
};
const DOSE_MGL = 2;

/** How far the filter is, and what is done with it. */
export function FilterCard({ tank }: { readonly tank: TankView }) {
  const words = useWords();
  const { session, run } = useCommands();
  const [day, setDay] = useState(todayIso());
  const life = useRoomState((state) => state.room.tanks[tank.id]) ?? NEW_TANK_LIFE;
  const residents = useResidents(tank.id);
  const since = residents.reduce<string | null>(
    (first, one) => (first === null || one.inTankSince < first ? one.inTankSince : first),
    null,
  );
  const { state, expected } = ripeness(life.filter ?? NEW_TANK_LIFE.filter, since, todayIso());
  const step = (label: string, what: (typeof FILTER_STEPS)[number], doseMgL?: MgL): void =>
    void (
      day <= todayIso() &&
      run(label, [
        appendChange(session, {
          type: 'filter',
          on: momentOn(day),
          tank: tank.id,
          what,
          note: '',
          ...(doseMgL === undefined ? {} : { doseMgL }),
        }),
      ])
    );
  return (
    <Section title="Filter" aside={state}>
      <p className={state === 'ripe' || state === 'lived-in' ? '' : 'text-lamp'}>
        {WORDS[state]}
        {expected && (
          <span className="text-slate">
            {' '}
            Perhaps cycled about <span className="fig">{dayWords(expected)}</span>; test to be sure.
          </span>
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <PastDay value={day} onChange={setDay} wrap="w-40" />
        <Button onClick={() => step('Filter started', 'started')}>Started</Button>
        <Button onClick={() => step('Filter seeded', 'seeded')}>Seeded from a running tank</Button>
        <Button onClick={() => step('Dose given', 'dosed', DOSE_MGL)}>
          Dosed to {words.quantity('concentration', DOSE_MGL)}
        </Button>
        <Button onClick={() => step('Filter cleaned', 'cleaned')}>Cleaned</Button>
        <Button onClick={() => step('Drained', 'torn down')}>Drain and dry</Button>
      </div>
    </Section>
  );
}
