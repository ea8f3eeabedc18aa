'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { FORTNIGHT_DAYS, sumCredits } from '@/core/departures';
import { countOf, fixed } from '@/words/en';
import { useRoomState } from '@/session/react/RoomProvider';
import { useHappenings } from '@/session/react/useNames';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { NoTank } from '@/ui/NoTank';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { Empty, Screen, Section } from '@/ui/Screen';
import { CountsPart } from './CountsPart';
import { DeathItem } from './DeathItem';
import { DepartureForm } from './DepartureForm';
import { LossesPart } from './LossesPart';
import { SortPart } from './SortPart';
import { ToGoList } from './ToGoList';

const PARTS = [
  ['go', 'Leaving and gone'],
  ['losses', 'Losses'],
  ['counts', 'Head counts'],
  ['several', 'Several at once'],
] as const;

export function DeparturesScreen() {
  const tank = useTank();
  return tank ? <Departures key={tank.id} tank={tank} /> : <NoTank title="Departures" />;
}

/** Those who leave and those who have left, what the losses teach, and who is still there. */
function Departures({ tank }: { readonly tank: TankView }) {
  const part = usePart(PARTS);
  return (
    <Screen title={`Departures of ${tank.body.name}`}>
      <PartNav
        label="Parts of Departures"
        parts={PARTS}
        current={part}
        href={(id) => `/departures?tank=${tank.id}${id === 'go' ? '' : `&part=${id}`}`}
      />
      {part === 'go' && <GoPart tank={tank} />}
      {part === 'losses' && <LossesPart tank={tank} />}
      {part === 'counts' && <CountsPart tank={tank} />}
      {part === 'several' && <SortPart key={tank.id} tank={tank} />}
    </Screen>
  );
}

function GoPart({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const room = useRoomState((state) => state.room);
  const happenings = useHappenings();
  const wanted = useSearchParams().get('species');
  const first = residents.find((resident) => resident.species === wanted) ?? residents[0];
  const gone = useMemo(
    () =>
      (happenings ?? [])
        .flatMap((event) => (event.type === 'rehomed' || event.type === 'died' ? [event] : []))
        .filter((event) => room.residents[event.resident]?.tank === tank.id)
        .reverse(),
    [happenings, room, tank.id],
  );
  const died = gone.filter((event) => event.type === 'died');
  const early = died.filter(
    (event) =>
      differenceInCalendarDays(
        parseISO(event.on),
        parseISO(room.residents[event.resident]?.cameOn ?? event.on),
      ) <= FORTNIGHT_DAYS,
  );
  const credits = sumCredits(gone);
  const waiting = residents.filter((resident) => resident.toGo);
  const heads = (events: readonly { readonly count: number }[]): number =>
    events.reduce((sum, event) => sum + event.count, 0);
  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
      <div className="flex flex-col gap-6">
        {waiting.length > 0 && (
          <Section title="To rehome" aside="still here and in every sum">
            <ToGoList residents={waiting} />
          </Section>
        )}
        <Section title="Record a departure">
          {first ? <DepartureForm residents={residents} first={first} /> : <Empty>No fish here.</Empty>}
        </Section>
      </div>
      <Section
        title="Gone"
        aside={
          gone.length > 0
            ? `${heads(gone.filter((event) => event.type === 'rehomed'))} rehomed, ${heads(died)} died, ${heads(early)} of them within ${FORTNIGHT_DAYS} days of arrival`
            : undefined
        }
      >
        {gone.length === 0 && <Empty>No fish has left.</Empty>}
        {credits.counted > 0 && (
          <p className="mb-1">
            In return so far: <span className="fig">{fixed(credits.total, 2)}</span> for{' '}
            {countOf(credits.counted, 'departure')}
            {credits.other > 0 ? `, and ${countOf(credits.other, 'swap')} or the like` : ''}.
          </p>
        )}
        <ol>
          {gone.map((event) => (
            <DeathItem key={event.id} event={event} tank={tank} happenings={happenings ?? []} />
          ))}
        </ol>
      </Section>
    </div>
  );
}
