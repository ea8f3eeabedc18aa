'use client';

import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { useState } from 'react';
import { type Dated, NEW_TANK_LIFE } from '@/core/events';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useTell } from '@/session/react/useTell';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { dayOf } from '@/session/today';
import { SelectField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { Afterwards, Begin, Running } from './QuarantineSteps';
import { FishName } from '@/ui/plates/FishName';
import { useCatalogue } from '@/session/react/RoomProvider';

const day = (iso: string): string => format(parseISO(iso), 'd MMM');
const SHOWN = 14;

/** A quarantine as it runs: start checks, days, signs, what was given, the end and the drying. */
export function QuarantinePart({ tank }: { readonly tank: TankView }) {
  const tanks = useTanks();
  const lanes = tanks.filter(({ body }) => body.purpose === 'quarantine' || body.purpose === 'hospital');
  const [chosen, setChosen] = useState<string | null>(null);
  const lane = lanes.find((one) => one.id === (chosen ?? tank.id)) ?? lanes[0];
  if (!lane)
    return (
      <Empty>
        No quarantine tank.{' '}
        <Link href="/" className="text-deep underline">
          Add a spare tank
        </Link>
        with a proven filter: without one, any disease newcomers carry reaches the others.
      </Empty>
    );
  return (
    <div className="flex flex-col gap-4">
      {lanes.length > 1 && (
        <SelectField
          label="Quarantine tank"
          wrap="max-w-60"
          value={lane.id}
          onChange={(event) => setChosen(event.target.value)}
        >
          {lanes.map((one) => (
            <option key={one.id} value={one.id}>
              {one.body.name}
            </option>
          ))}
        </SelectField>
      )}
      <Run key={lane.id} lane={lane} />
    </div>
  );
}

function Run({ lane }: { readonly lane: TankView }) {
  const { session, run } = useCommands();
  const residents = useResidents(lane.id);
  const catalogue = useCatalogue();
  const names = useNames();
  const tell = useTell();
  const happenings = useHappenings();
  const life = useRoomState((state) => state.room.tanks[lane.id]?.quarantine) ?? NEW_TANK_LIFE.quarantine;
  const sources = [...new Set(residents.map((one) => one.source).filter(Boolean))];
  const days = [...new Set(residents.map((one) => dayOf(one.inTankSince)))];
  const onDo = (label: string, ...events: readonly Dated[]): Promise<boolean> =>
    run(
      label,
      events.map((event) => appendChange(session, event)),
    );
  const story = (happenings ?? [])
    .filter(
      (event) =>
        'tank' in event &&
        event.tank === lane.id &&
        ['came', 'saw', 'treated', 'quarantine', 'tested', 'filter', 'looked', 'noted'].includes(event.type),
    )
    .slice(-SHOWN)
    .reverse();
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div className="flex flex-col gap-5">
        {residents.length === 0 ? (
          <>
            <p className="text-slate">Nobody is in {lane.body.name}.</p>
            <Begin lane={lane} onDo={onDo} />
          </>
        ) : (
          <>
            <p className="font-semibold">{lane.body.name}</p>
            <ul className="flex flex-wrap gap-x-5 gap-y-1">
              {residents.map((one) => (
                <li key={one.id}>
                  <FishName profile={catalogue.byId.get(one.species)}>
                    {names.resident(one.id)} <span className="fig text-slate">{one.count}</span>
                  </FishName>
                </li>
              ))}
            </ul>
            {(sources.length > 1 || days.length > 1) && (
              <Caution>
                Two batches share this tank{sources.length > 1 ? ` (${sources.join(', ')})` : ''}: disease
                passes between them, and the days count from the last arrival.
              </Caution>
            )}
            {life.begunOn === null && life.passedOn === null && <Begin lane={lane} onDo={onDo} />}
            <Running lane={lane} onDo={onDo} />
            <p className="text-slate">
              Did a fish die?{' '}
              <Link className="text-deep underline" href={`/departures?tank=${lane.id}`}>
                Record it under Departures
              </Link>
              . Keep nets and hoses for this tank alone.
            </p>
          </>
        )}
        <Afterwards lane={lane} onDo={onDo} />
      </div>
      <Section title="History">
        {story.length === 0 && <Empty>Nothing yet.</Empty>}
        <ol>
          {story.map((event) => (
            <li key={event.id} className="grid grid-cols-[4.5rem_1fr] gap-2 border-b border-line py-1">
              <time dateTime={event.on} className="fig text-slate">
                {day(event.on)}
              </time>
              <span>{tell(event)}</span>
            </li>
          ))}
        </ol>
      </Section>
    </div>
  );
}
