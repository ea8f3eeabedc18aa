'use client';

import { dayWords, sayHeadCount } from '@/words/en';
import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type Dated, eventFields, RECOUNTS, type Resident } from '@/core/events';
import { headCount, type HeadCount } from '@/core/departures';
import type { ResidentId } from '@/core/kernel';
import { commonName, type SpeciesProfile } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { PastDay } from '@/session/react/PastDay';
import { useHeadCount } from '@/session/react/useHeadCount';
import { useHappenings, useResidentName } from '@/session/react/useNames';
import { useRoomForm } from '@/session/react/useRoomForm';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso, whenNow } from '@/session/today';
import { Button } from '@/ui/Button';
import { INPUT, SelectField, TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { Caution, Empty } from '@/ui/Screen';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';

const POINTS = 6;

/** Who was seen, ticked by name. */
function CountByName({
  residents,
  onCount,
  onLeave,
}: {
  readonly residents: readonly Resident[];
  readonly onCount: (who: readonly ResidentId[]) => Promise<boolean>;
  readonly onLeave: () => void;
}) {
  const nameOf = useResidentName();
  const [seen, setSeen] = useState<ReadonlySet<ResidentId>>(new Set());
  const toggle = (id: ResidentId): void => {
    const next = new Set(seen);
    if (!next.delete(id)) next.add(id);
    setSeen(next);
  };
  return (
    <div className="col-span-full flex flex-wrap items-center gap-1.5" role="group" aria-label="Who was seen">
      {residents.map((one) => (
        <Button key={one.id} large aria-pressed={seen.has(one.id)} onClick={() => toggle(one.id)}>
          {seen.has(one.id) && <Check size={14} aria-hidden="true" />}
          {nameOf(one)}
        </Button>
      ))}
      <Button large onClick={() => setSeen(new Set(residents.map((one) => one.id)))}>
        All
      </Button>
      <Button large tone="main" onClick={() => onCount([...seen]).then((isKept) => isKept && onLeave())}>
        Save {seen.size} of {residents.length} seen
      </Button>
    </div>
  );
}

/** The last counts, each with its day. */
function LastCounts({ count }: { readonly count: HeadCount }) {
  const points = count.counts.slice(-POINTS);
  if (points.length < 2) return null;
  return (
    <span className="fig block text-[0.75rem] text-slate">
      {points.map((one) => `${dayWords(one.on)}: ${one.seen}`).join(' · ')}
    </span>
  );
}

/** Brings the record to what was counted, with the reason why it was wrong. */
function PutRight({
  group,
  seen,
  day,
  onDone,
}: {
  readonly group: Resident;
  readonly seen: number;
  readonly day: string;
  readonly onDone: () => void;
}) {
  const { session, run } = useCommands();
  const [why, setWhy] = useState<(typeof RECOUNTS)[number]>(seen > group.count ? 'born here' : 'lost unseen');
  const fitting = RECOUNTS.filter((one) =>
    seen > group.count ? one !== 'lost unseen' : one !== 'born here',
  );
  const event: Dated = {
    type: 'recounted',
    on: momentOn(day),
    resident: group.id,
    count: seen,
    why,
    note: '',
  };
  return (
    <div className="flex items-end gap-2">
      <SelectField
        label="Reason"
        value={why}
        onChange={(change) => setWhy(change.target.value as typeof why)}
      >
        {fitting.map((one) => (
          <option key={one} value={one}>
            {one}
          </option>
        ))}
      </SelectField>
      <Button
        disabled={day > todayIso()}
        onClick={() =>
          run(`On record: ${seen}`, [appendChange(session, event)]).then((done) => done && onDone())
        }
      >
        Correct record: {seen}
      </Button>
    </div>
  );
}

function SpeciesCount({
  tank,
  profile,
  residents,
  day,
  count,
}: {
  readonly tank: TankView;
  readonly profile: SpeciesProfile;
  readonly residents: readonly Resident[];
  /** The day that is counted for. */
  readonly day: string;
  readonly count: HeadCount;
}) {
  const record = useHeadCount(tank.id);
  const nameOf = useResidentName();
  const form = useRoomForm({
    unfinished: `count.${tank.id}.${profile.id}`,
    fields: { seen: eventFields('counted').seen },
    start: { seen: '' },
    save: async ({ seen }) => day <= todayIso() && record(profile, seen, undefined, momentOn(day)),
  });
  const [mending, setMending] = useState(false);
  const name = commonName(profile);
  const groups = residents.filter((one) => !one.individual);
  const last = count.counts.at(-1);
  const only = groups.length === 1 && residents.length === 1 ? groups[0] : undefined;
  const open = count.unaccounted ?? 0;
  const isNamed = groups.length === 0 && residents.length > 1;
  const [isByName, setIsByName] = useState(false);
  return (
    <li className="grid grid-cols-1 gap-x-4 gap-y-1 border-b border-line py-2 sm:grid-cols-[11rem_1fr_9rem_auto] sm:items-center">
      <span>
        <FishName profile={profile} href={profileHref(profile.id)}>
          <strong>{name}</strong>
        </FishName>
        <span className="fig block text-[0.75rem] text-slate">
          {count.onRecord} on record{count.hidden ? ', hides' : ''}
        </span>
      </span>
      <span className={count.dwindling || (count.unaccounted ?? 0) < 0 ? 'text-lamp' : ''}>
        {sayHeadCount(count, (id) => nameOf(residents.find((one) => one.id === id)))}
        {only && last && open !== 0 && !mending && (
          <>
            {' '}
            <Button tone="quiet" onClick={() => setMending(true)}>
              correct record
            </Button>
          </>
        )}
        {only && last && mending && open !== 0 && (
          <PutRight
            group={only}
            seen={Math.max(0, only.count - open)}
            day={day}
            onDone={() => setMending(false)}
          />
        )}
        {isNamed && !isByName && (
          <>
            {' '}
            <Button tone="quiet" onClick={() => setIsByName(true)}>
              count by name
            </Button>
          </>
        )}
        {!only && residents.length > 1 && (
          <span className="block text-[0.75rem] text-slate">
            {residents.map((one) => nameOf(one)).join(', ')}
          </span>
        )}
        <LastCounts count={count} />
      </span>
      <Form form={form} className="flex items-start gap-1.5">
        <TextField
          label={`${name} seen`}
          labelHidden
          wrap="w-28"
          placeholder={String(count.onRecord)}
          className={`${INPUT} min-h-11 max-w-20 text-[1rem]`}
          {...form.part('seen')}
        />
        <Button large type="submit" waiting={form.waiting} aria-label={`Save the count of ${name} seen`}>
          Count
        </Button>
      </Form>
      {isNamed && isByName && (
        <CountByName
          residents={residents}
          onCount={async (who) => day <= todayIso() && record(profile, who.length, who, momentOn(day))}
          onLeave={() => setIsByName(false)}
        />
      )}
    </li>
  );
}

/** Head counts by species: record against what is seen, last seen, what dwindles, what hides by nature. */
export function CountsPart({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const happenings = useHappenings();
  const catalogue = useCatalogue();
  const [day, setDay] = useState(todayIso());
  const counted = useMemo(
    () =>
      [...new Set(residents.map((one) => one.species))].flatMap((species) => {
        const profile = catalogue.byId.get(species);
        const own = residents.filter((one) => one.species === species);
        return profile && happenings
          ? [{ profile, own, count: headCount(profile, own, happenings, tank.id, whenNow().daysSince) }]
          : [];
      }),
    [residents, catalogue, happenings, tank.id],
  );
  if (residents.length === 0) return <Empty>No fish in {tank.body.name}.</Empty>;
  return (
    <div className="flex max-w-[70rem] flex-col gap-3">
      <PastDay value={day} onChange={setDay} wrap="w-40" />
      <p className="text-slate">
        Counts do not change the record. Hidden fish show by torchlight after lights out. Correct the record
        for young and losses.
      </p>
      <ul>
        {counted.map(({ profile, own, count }) => (
          <SpeciesCount
            key={profile.id}
            tank={tank}
            profile={profile}
            residents={own}
            day={day}
            count={count}
          />
        ))}
      </ul>
      {counted.some(({ count }) => (count.unaccounted ?? 0) > 0 && !count.hidden) && (
        <Caution>
          Check behind the background, in hollow decor, in the filter and on the floor behind the tank.
        </Caution>
      )}
    </div>
  );
}
