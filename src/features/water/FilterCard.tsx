'use client';

import type { MgL } from '@/core/kernel';
import { format, parseISO } from 'date-fns';
import { type FILTER_STEPS, NEW_TANK_LIFE } from '@/core/events';
import { ripeness, type Ripeness } from '@/core/water';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';

const WORDS: Readonly<Record<Ripeness['state'], string>> = {
  ripe: 'Proven: a test dose was gone within a day.',
  'lived-in': 'Fish have lived here for weeks: taken as ripe, though no dose has proven it.',
  proving: 'A dose is in. Test ammonia and nitrite a day after it: both must read nothing.',
  ripening: 'Not ripe yet. No fish before a test dose is gone within a day.',
  'nothing known': 'Nothing is known of this filter. Say when it was started, or prove it with a dose.',
  down: 'Torn down to dry. Start it anew, best with a sponge from a running tank.',
};
const DOSE_MGL = 2;

/** How far the filter is, and what is done with it. */
export function FilterCard({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const life = useRoomState((state) => state.room.tanks[tank.id]) ?? NEW_TANK_LIFE;
  const residents = useResidents(tank.id);
  const since = residents.reduce<string | null>(
    (first, one) => (first === null || one.inTankSince < first ? one.inTankSince : first),
    null,
  );
  const { state, expected } = ripeness(life.filter ?? NEW_TANK_LIFE.filter, since, todayIso());
  const step = (label: string, what: (typeof FILTER_STEPS)[number], doseMgL?: MgL): void =>
    void run(label, [
      appendChange(session, {
        type: 'filter',
        on: momentOn(todayIso()),
        tank: tank.id,
        what,
        note: '',
        ...(doseMgL === undefined ? {} : { doseMgL }),
      }),
    ]);
  return (
    <Section title="The filter" aside={state}>
      <p className={state === 'ripe' || state === 'lived-in' ? '' : 'text-lamp'}>
        {WORDS[state]}
        {expected && (
          <span className="text-slate">
            {' '}
            Perhaps ripe about <span className="fig">{format(parseISO(expected), 'd MMM')}</span>; a test
            decides.
          </span>
        )}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => step('Filter started', 'started')}>Started</Button>
        <Button onClick={() => step('Filter seeded', 'seeded')}>Seeded from a running tank</Button>
        <Button onClick={() => step('Dose given', 'dosed', DOSE_MGL)}>Dosed to {DOSE_MGL} mg/L</Button>
        <Button onClick={() => step('Filter cleaned', 'cleaned')}>Cleaned</Button>
        <Button onClick={() => step('Torn down', 'torn down')}>Torn down to dry</Button>
      </div>
    </Section>
  );
}
