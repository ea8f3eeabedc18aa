'use client';

import { format, parseISO } from 'date-fns';
import Link from 'next/link';
import { useState } from 'react';
import {
  CLEAR_DAYS,
  ILLNESS,
  QUARANTINE_DAYS,
  QUARANTINE_LONG_DAYS,
  quarantineState,
} from '@/core/arrivals/quarantine';
import { describeEvent } from '@/core/journal/describeEvent';
import { QUARANTINE_CHECKS, type Dated, type QuarantineCheck, type Sign } from '@/core/journal/events';
import { NEW_TANK_LIFE } from '@/core/journal/room';
import { daysBetween } from '@/core/units/days';
import { DRYING_DAYS } from '@/core/arrivals/waves';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { SignButtons } from '@/ui/SignButtons';

const day = (iso: string): string => format(parseISO(iso), 'd MMM');
const SIGNS_HERE: readonly Sign[] = [...ILLNESS, 'eating'];
const LASTING = [QUARANTINE_DAYS, 35, QUARANTINE_LONG_DAYS] as const;
const SHOWN = 14;

/** Days as ticks on a line, today marked; what is past is filled. */
function DayLine({ at, days }: { readonly at: number; readonly days: number }) {
  return (
    <svg
      viewBox={`0 0 ${days * 10} 22`}
      className="h-6 w-full max-w-[42rem]"
      preserveAspectRatio="none"
      role="img"
      aria-label={`Day ${at} of ${days}`}
    >
      {Array.from({ length: days }, (_, index) => (
        <rect
          key={index}
          x={index * 10 + 1}
          y={index % 7 === 0 ? 2 : 6}
          width={8}
          height={index % 7 === 0 ? 18 : 12}
          fill={index < at ? 'var(--deep)' : 'var(--water)'}
          stroke="var(--line)"
        />
      ))}
    </svg>
  );
}

function Begin({
  lane,
  onDo,
}: {
  readonly lane: TankView;
  readonly onDo: (label: string, event: Dated) => void;
}) {
  const { session } = useCommands();
  const [ticked, setTicked] = useState<readonly QuarantineCheck[]>([]);
  const [days, setDays] = useState<number>(QUARANTINE_DAYS);
  return (
    <Section title={`Begin a quarantine in ${lane.body.name}`} aside="each must be ticked">
      {QUARANTINE_CHECKS.map((check) => (
        <label key={check} className="flex min-h-11 items-center gap-3 border-b border-line">
          <input
            type="checkbox"
            className="size-5 accent-(--deep)"
            checked={ticked.includes(check)}
            onChange={(event) =>
              setTicked(event.target.checked ? [...ticked, check] : ticked.filter((one) => one !== check))
            }
          />
          {check}
        </label>
      ))}
      <div className="mt-2 flex items-end gap-3">
        <SelectField
          label="To last"
          value={String(days)}
          onChange={(event) => setDays(Number(event.target.value))}
        >
          {LASTING.map((one) => (
            <option key={one} value={one}>
              {one / 7} weeks
            </option>
          ))}
        </SelectField>
        <Button
          tone="main"
          large
          disabled={ticked.length < QUARANTINE_CHECKS.length}
          onClick={() =>
            onDo('Quarantine begun', {
              type: 'quarantine',
              on: session.stamp.now(),
              tank: lane.id,
              what: 'begun',
              days,
              checked: [...ticked],
              note: '',
            })
          }
        >
          Begin
        </Button>
      </div>
      <Caution>
        Forgetting the dechlorinator kills the whole batch. A filter that is not seeded poisons it more
        slowly.
      </Caution>
    </Section>
  );
}

function Running({
  lane,
  since,
  onDo,
}: {
  readonly lane: TankView;
  readonly since: string;
  readonly onDo: (label: string, event: Dated) => void;
}) {
  const { session } = useCommands();
  const life = useRoomState((state) => state.room.tanks[lane.id]?.quarantine) ?? NEW_TANK_LIFE.quarantine;
  const [signs, setSigns] = useState<readonly Sign[]>([]);
  const [given, setGiven] = useState('');
  const { day: at, days, freeOn, why } = quarantineState(life, since, todayIso());
  const left = daysBetween(todayIso(), freeOn);
  const base = { on: session.stamp.now(), tank: lane.id, note: '' };
  return (
    <>
      <Section title={`Day ${at}`} aside={left > 0 ? `may leave from ${day(freeOn)}` : 'may leave'}>
        <DayLine
          at={Math.min(at, Math.max(days, at))}
          days={Math.max(days, daysBetween(since.slice(0, 10), freeOn))}
        />
        {why && <p className="text-lamp">Longer than was set: {why}.</p>}
        <div className="mt-2 flex flex-wrap gap-2">
          <Button
            tone={left <= 0 ? 'main' : 'plain'}
            disabled={left > 0}
            onClick={() => onDo('Quarantine passed', { ...base, type: 'quarantine', what: 'passed' })}
          >
            Passed
          </Button>
          <Button
            onClick={() =>
              onDo('Quarantine extended', {
                ...base,
                type: 'quarantine',
                what: 'extended',
                days: Math.max(days, at) + CLEAR_DAYS,
              })
            }
          >
            Two weeks more
          </Button>
          <Button
            tone="warn"
            onClick={() =>
              onDo('Quarantine given up', {
                ...base,
                type: 'quarantine',
                what: 'given up',
                note: 'Whatever they carry goes with them.',
              })
            }
          >
            Give it up
          </Button>
        </div>
      </Section>
      <Section title="Seen today" aside="illness makes it longer by two clear weeks">
        <SignButtons offered={SIGNS_HERE} chosen={signs} onChange={setSigns} />
        <Button
          className="mt-2"
          disabled={signs.length === 0}
          onClick={() => {
            for (const what of signs)
              onDo(`Seen: ${what}`, { ...base, type: 'saw', resident: null, what, place: '' });
            setSigns([]);
          }}
        >
          Record what you see
        </Button>
      </Section>
      <Section title="Given" aside="a record, not advice">
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (given.trim() === '') return;
            onDo('Treatment recorded', { ...base, type: 'treated', what: given.trim() });
            setGiven('');
          }}
        >
          <TextField
            label="What was given, and how much"
            value={given}
            onChange={(event) => setGiven(event.target.value)}
          />
          <Button type="submit" disabled={given.trim() === ''}>
            Record it
          </Button>
        </form>
        <Caution>
          Follow the label; ask a vet or an aquatic animal health professional. Antibiotics are
          prescription-only in many places. Remove carbon. Scaleless fish, rays, loaches, shrimp and snails
          are sensitive. Keep it away from people and other animals.
        </Caution>
      </Section>
    </>
  );
}

function Afterwards({
  lane,
  onDo,
}: {
  readonly lane: TankView;
  readonly onDo: (label: string, event: Dated) => void;
}) {
  const { session } = useCommands();
  const life = useRoomState((state) => state.room.tanks[lane.id]) ?? NEW_TANK_LIFE;
  const { passedOn } = life.quarantine ?? NEW_TANK_LIFE.quarantine;
  const down = life.filter?.downOn ?? null;
  const step = (what: 'torn down' | 'dried' | 'seeded', label: string): void =>
    onDo(label, { type: 'filter', on: session.stamp.now(), tank: lane.id, what, note: '' });
  if (!passedOn && !down) return null;
  const dry = down ? daysBetween(down.slice(0, 10), todayIso()) : null;
  return (
    <Section title="After the batch" aside={`${DRYING_DAYS} days dry`}>
      {dry === null ? (
        <p>
          The batch has passed. Tear the tank down, wipe it, drain it and let it dry before the next one.{' '}
          <Button onClick={() => step('torn down', 'Torn down')}>Torn down</Button>
        </p>
      ) : dry < DRYING_DAYS ? (
        <p>
          Drying, day <span className="fig">{dry + 1}</span> of {DRYING_DAYS}. A dry tank is no spare tank:
          another must be wet.
        </p>
      ) : (
        <p>
          Dry for {dry} days.{' '}
          <Button onClick={() => step('seeded', 'Set up again, filter seeded')}>
            Set up again, filter seeded
          </Button>
        </p>
      )}
    </Section>
  );
}

/** A quarantine as it runs: start checks, days, signs, what was given, the end and the drying. */
export function QuarantinePart({ tank }: { readonly tank: TankView }) {
  const tanks = useTanks();
  const lanes = tanks.filter(({ body }) => body.purpose === 'quarantine' || body.purpose === 'hospital');
  const [chosen, setChosen] = useState<string | null>(null);
  const lane = lanes.find((one) => one.id === (chosen ?? tank.id)) ?? lanes[0];
  if (!lane)
    return (
      <Empty>
        No tank in the rack is for quarantine.{' '}
        <Link href="/" className="text-deep underline">
          Put a spare tank in the rack
        </Link>
        , wet and ripe: without one, whatever newcomers carry, all get.
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
  const names = useNames();
  const happenings = useHappenings();
  const life = useRoomState((state) => state.room.tanks[lane.id]?.quarantine) ?? NEW_TANK_LIFE.quarantine;
  const last = residents.reduce((latest, one) => (one.inTankSince > latest ? one.inTankSince : latest), '');
  const since = life.begunOn && life.begunOn > last ? life.begunOn : last;
  const sources = [...new Set(residents.map((one) => one.source).filter(Boolean))];
  const days = [...new Set(residents.map((one) => one.inTankSince.slice(0, 10)))];
  const onDo = (label: string, event: Dated): void => void run(label, [appendChange(session, event)]);
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
            <p>
              <strong>{lane.body.name}</strong>:{' '}
              {residents.map((one) => `${names.resident(one.id)} (${one.count})`).join(', ')}.
            </p>
            {(sources.length > 1 || days.length > 1) && (
              <Caution>
                Two batches share this tank{sources.length > 1 ? ` (${sources.join(', ')})` : ''}: what one
                carries the other gets, and the days count from the last that came.
              </Caution>
            )}
            {life.begunOn === null && life.passedOn === null && <Begin lane={lane} onDo={onDo} />}
            <Running lane={lane} since={since} onDo={onDo} />
            <p className="text-slate">
              Somebody died?{' '}
              <Link className="text-deep underline" href={`/leavers?tank=${lane.id}`}>
                Record it under Leavers
              </Link>
              . Own nets and hoses stay with this tank.
            </p>
          </>
        )}
        <Afterwards lane={lane} onDo={onDo} />
      </div>
      <Section title="What was seen and done">
        {story.length === 0 && <Empty>Nothing yet.</Empty>}
        <ol>
          {story.map((event) => (
            <li key={event.id} className="grid grid-cols-[4.5rem_1fr] gap-2 border-b border-line py-1">
              <time dateTime={event.on} className="fig text-slate">
                {day(event.on)}
              </time>
              <span>{describeEvent(event, names)}</span>
            </li>
          ))}
        </ol>
      </Section>
    </div>
  );
}
