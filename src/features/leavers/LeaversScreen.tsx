'use client';

import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import { describeEvent } from '@/core/journal/describeEvent';
import { useRoomState } from '@/session/react/RoomProvider';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { LeaveForm } from './LeaveForm';
import { ToGoList } from './ToGoList';

/** Losses this soon after an introduction are counted apart (the trade's first fortnight). */
const FORTNIGHT = 14;

export function LeaversScreen() {
  const tank = useTank();
  return tank ? <Leavers key={tank.id} tank={tank} /> : <NoTank title="Leavers" />;
}

/** Those who leave and those who have left a tank, with what was known. */
function Leavers({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const room = useRoomState((state) => state.room);
  const happenings = useHappenings();
  const names = useNames();
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
      ) <= FORTNIGHT,
  );
  const waiting = residents.filter((resident) => resident.toGo);
  const heads = (events: readonly { readonly count: number }[]): number =>
    events.reduce((sum, event) => sum + event.count, 0);
  return (
    <Screen title={`Leavers of ${tank.body.name}`}>
      <div className="grid gap-6 lg:grid-cols-2">
        <div className="flex flex-col gap-6">
          {waiting.length > 0 && (
            <Section title="To rehome" aside="still here, and in every sum">
              <ToGoList residents={waiting} />
            </Section>
          )}
          <Section title="Somebody leaves">
            {first ? <LeaveForm residents={residents} first={first} /> : <Empty>Nobody lives here.</Empty>}
          </Section>
        </div>
        <Section
          title="Gone"
          aside={
            gone.length > 0
              ? `${heads(gone.filter((event) => event.type === 'rehomed'))} rehomed, ${heads(died)} died, ${heads(early)} of them within ${FORTNIGHT} days of coming`
              : undefined
          }
        >
          {gone.length === 0 && <Empty>Nobody has left this tank.</Empty>}
          <ol>
            {gone.map((event) => (
              <li key={event.id} className="grid grid-cols-[6.5rem_1fr] gap-2 border-b border-line py-1.5">
                <time dateTime={event.on} className="fig text-slate">
                  {format(parseISO(event.on), 'd MMM yyyy')}
                </time>
                <span>
                  {describeEvent(event, names)}{' '}
                  <span className="text-[13px] text-slate">
                    After{' '}
                    <span className="fig">
                      {differenceInCalendarDays(
                        parseISO(event.on),
                        parseISO(room.residents[event.resident]?.cameOn ?? event.on),
                      )}
                    </span>{' '}
                    days here.
                  </span>
                </span>
              </li>
            ))}
          </ol>
        </Section>
      </div>
    </Screen>
  );
}
