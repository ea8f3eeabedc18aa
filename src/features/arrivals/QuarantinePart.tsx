'use client';

import { Link } from '@/ui/Link';
import { useMemo, useState } from 'react';
import { type Batch, batchesOf, protocolFor } from '@/core/arrivals';
import type { Dated } from '@/core/events';
import { PastDay } from '@/session/react/PastDay';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useTell } from '@/session/react/useTell';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso, whenNow } from '@/session/today';
import { SelectField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { Afterwards, Begin, Running, SeenAndGiven } from './QuarantineSteps';
import { RuseTanks } from './RuseTanks';
import { useReleasable } from './useReleasable';
import { lifeHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';
import { useCatalogue } from '@/session/react/RoomProvider';
import { dayWords } from '@/words/en';
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
      <Run key={lane.id} lane={lane} tank={tank} />
    </div>
  );
}

/** A batch of one fish that is to go to aggressive residents: the plan for a single newcomer, offered before its release. */
function Alone({
  lane,
  tank,
  batch,
}: {
  readonly lane: TankView;
  readonly tank: TankView;
  readonly batch: Batch;
}) {
  const catalogue = useCatalogue();
  const here = useResidents(tank.id);
  const releasable = useReleasable(tank);
  const [only] = batch.residents;
  const newcomer = releasable.find(({ resident }) => resident === only?.id);
  if (lane.id === tank.id || batch.residents.length !== 1 || !newcomer) return null;
  const residents = here.flatMap(({ species }) => catalogue.byId.get(species) ?? []);
  return protocolFor([newcomer], residents) === 'single newcomer' ? (
    <RuseTanks tank={tank} newcomer={newcomer} />
  ) : null;
}

function Run({ lane, tank }: { readonly lane: TankView; readonly tank: TankView }) {
  const { session, run } = useCommands();
  const residents = useResidents(lane.id);
  const catalogue = useCatalogue();
  const names = useNames();
  const tell = useTell();
  const happenings = useHappenings();
  const room = useRoomState((state) => state.room);
  const [on, setOn] = useState(todayIso());
  const batches = useMemo(() => batchesOf(room, lane.id, whenNow()), [room, lane.id]);
  // Nothing is recorded of a day to come: the field says so.
  const onDo = async (label: string, ...events: readonly Dated[]): Promise<boolean> =>
    on <= todayIso() &&
    run(
      label,
      events.map((event) => appendChange(session, { ...event, on: momentOn(on) })),
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
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div className="flex flex-col gap-5">
        <PastDay value={on} onChange={setOn} wrap="w-40" />
        {residents.length === 0 ? (
          <>
            <p className="text-slate">Nobody is in {lane.body.name}.</p>
            <Begin lane={lane} batch={null} onDo={onDo} />
          </>
        ) : (
          <>
            {batches.length > 1 && (
              <Caution>
                {batches.length} batches share this tank: disease passes between them, and a sign in one holds
                all back.
              </Caution>
            )}
            {batches.map((batch) => (
              <div key={batch.key} className="flex flex-col gap-3 border-l-2 border-line pl-3">
                <div>
                  <ul className="flex flex-wrap gap-x-5 gap-y-1">
                    {batch.residents.map((one) => (
                      <li key={one.id}>
                        <FishName profile={catalogue.byId.get(one.species)} href={lifeHref(lane.id, one.id)}>
                          {names.resident(one.id)} <span className="fig text-slate">{one.count}</span>
                        </FishName>
                      </li>
                    ))}
                  </ul>
                  <p className="text-slate">
                    in {lane.body.name} since {dayWords(batch.came)}
                    {batch.source && `, from ${batch.source}`}
                  </p>
                </div>
                {!batch.begun && <Begin lane={lane} batch={batch} onDo={onDo} />}
                <Running lane={lane} batch={batch} onDo={onDo} />
                <Alone lane={lane} tank={tank} batch={batch} />
              </div>
            ))}
            <SeenAndGiven lane={lane} onDo={onDo} />
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
                {dayWords(event.on)}
              </time>
              <span>{tell(event)}</span>
            </li>
          ))}
        </ol>
      </Section>
    </div>
  );
}
