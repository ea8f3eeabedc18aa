'use client';

import { useState } from 'react';
import { type Batch, DRYING_DAYS } from '@/core/arrivals';
import {
  CLEAR_DAYS,
  type Dated,
  eventFields,
  ILLNESS,
  NEW_TANK_LIFE,
  QUARANTINE_CHECKS,
  QUARANTINE_DAYS,
  QUARANTINE_LONG_DAYS,
  type QuarantineCheck,
  type Sign,
} from '@/core/events';
import { daysBetween, type ResidentId } from '@/core/kernel';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { dayOf, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { Caution, Section } from '@/ui/Screen';
import { SignButtons } from '@/ui/SignButtons';
import { TickList } from '@/ui/TickList';
import { dayWords } from '@/words/en';
const idsOf = ({ residents }: Batch): ResidentId[] => residents.map(({ id }) => id);
/** Records what was done; false when it was refused. */
type OnDo = (label: string, ...events: readonly Dated[]) => Promise<boolean>;

const SIGNS_HERE: readonly Sign[] = [...ILLNESS, 'eating'];
const LASTING = [QUARANTINE_DAYS, 35, QUARANTINE_LONG_DAYS] as const;

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

interface BeginProps {
  readonly lane: TankView;
  /** Whom it begins for; null while the tank waits for them. */
  readonly batch: Batch | null;
  readonly onDo: OnDo;
}

/** The checks before a quarantine, ticked for each batch anew. */
export function Begin({ lane, batch, onDo }: BeginProps) {
  const { session } = useCommands();
  const [ticked, setTicked] = useState<readonly QuarantineCheck[]>([]);
  const [days, setDays] = useState<number>(QUARANTINE_DAYS);
  return (
    <Section
      title={batch === null ? `Start a quarantine in ${lane.body.name}` : 'Start its quarantine'}
      aside="tick each"
    >
      <TickList items={QUARANTINE_CHECKS} ticked={ticked} words={(check) => check} onChange={setTicked} />
      <div className="mt-2 flex items-end gap-3">
        <SelectField
          label="Length"
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
            onDo('Quarantine started', {
              type: 'quarantine',
              on: session.stamp.now(),
              tank: lane.id,
              what: 'begun',
              days,
              ...(batch === null ? {} : { residents: idsOf(batch) }),
              checked: [...ticked],
              note: '',
            })
          }
        >
          Begin
        </Button>
      </div>
      <Caution>
        Without dechlorinator the whole batch dies; an unseeded filter poisons it more slowly.
      </Caution>
    </Section>
  );
}

/** The quarantine of one batch: its day, its end, and what can be done with it. */
export function Running({
  lane,
  batch,
  onDo,
}: {
  readonly lane: TankView;
  readonly batch: Batch;
  readonly onDo: OnDo;
}) {
  const { session } = useCommands();
  const { day: at, days, freeOn, signOn } = batch;
  const left = daysBetween(todayIso(), freeOn);
  const base = { on: session.stamp.now(), tank: lane.id, residents: idsOf(batch), note: '' };
  if (batch.passed)
    return <p className="text-slate">Quarantine finished. Release them, or move them on when you like.</p>;
  return (
    <Section
      title={`Day ${at}`}
      aside={left > 0 ? `ends ${dayWords(freeOn)} if all stay well` : 'ready to finish'}
    >
      <DayLine
        at={Math.min(at, Math.max(days, at))}
        days={Math.max(days, daysBetween(dayOf(batch.since), freeOn))}
      />
      {signOn !== null && (
        <p className="text-lamp">
          Signs on {dayWords(signOn)}: extended to {dayWords(freeOn)}.
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          tone={left <= 0 ? 'main' : 'plain'}
          disabled={left > 0}
          onClick={() => onDo('Quarantine finished', { ...base, type: 'quarantine', what: 'passed' })}
        >
          Finish quarantine
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
          Two more weeks
        </Button>
        <Button
          tone="warn"
          onClick={() =>
            onDo('Quarantine cancelled', {
              ...base,
              type: 'quarantine',
              what: 'given up',
              note: 'Any disease they carry goes with them.',
            })
          }
        >
          Cancel quarantine
        </Button>
      </div>
    </Section>
  );
}

/** What shows and what is given touches every batch in the water. */
export function SeenAndGiven({ lane, onDo }: { readonly lane: TankView; readonly onDo: OnDo }) {
  const { session } = useCommands();
  const [signs, setSigns] = useState<readonly Sign[]>([]);
  const base = { on: session.stamp.now(), tank: lane.id, note: '' };
  const treatment = useRoomForm({
    unfinished: `treatment.${lane.id}`,
    fields: { what: eventFields('treated').what },
    start: { what: '' },
    save: ({ what }) => onDo('Treatment recorded', { ...base, type: 'treated', what }),
  });
  return (
    <>
      <Section title="Seen today" aside="signs of illness add two clear weeks">
        <SignButtons offered={SIGNS_HERE} chosen={signs} onChange={setSigns} />
        <Button
          className="mt-2"
          disabled={signs.length === 0}
          onClick={() => {
            void onDo(
              `Seen: ${signs.join(', ')}`,
              ...signs.map((what): Dated => ({ ...base, type: 'saw', resident: null, what, place: '' })),
            ).then((done) => done && setSigns([]));
          }}
        >
          Save signs
        </Button>
      </Section>
      <Section title="Treatment" aside="a record, not advice">
        <Form form={treatment} className="flex items-end gap-2">
          <TextField label="Product and dose" {...treatment.part('what')} />
          <Button type="submit" waiting={treatment.waiting}>
            Save
          </Button>
        </Form>
        <Caution>
          Follow the label; ask a vet or an aquatic animal health professional. Antibiotics are
          prescription-only in many places. Remove carbon. Scaleless fish, rays, loaches, shrimp and snails
          are sensitive. Keep it away from people and other animals.
        </Caution>
      </Section>
    </>
  );
}

export function Afterwards({ lane, onDo }: { readonly lane: TankView; readonly onDo: OnDo }) {
  const { session } = useCommands();
  const life = useRoomState((state) => state.room.tanks[lane.id]) ?? NEW_TANK_LIFE;
  const { passedOn } = life.quarantine ?? NEW_TANK_LIFE.quarantine;
  const down = life.filter?.downOn ?? null;
  const step = (what: 'torn down' | 'dried' | 'seeded', label: string): void =>
    void onDo(label, { type: 'filter', on: session.stamp.now(), tank: lane.id, what, note: '' });
  if (!passedOn && !down) return null;
  const dry = down ? daysBetween(dayOf(down), todayIso()) : null;
  return (
    <Section title="After the batch" aside={`${DRYING_DAYS} days dry`}>
      {dry === null ? (
        <p>
          The batch has finished. Drain the tank, wipe it and let it dry before the next one.{' '}
          <Button onClick={() => step('torn down', 'Drained')}>Drained</Button>
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
