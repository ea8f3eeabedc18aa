'use client';

import { useWords } from '@/session/react/useWords';
import { dayOfYear, dayWords, sayPossibility } from '@/words/en';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { lifeHref } from '@/ui/hrefs';
import { Link } from '@/ui/Link';
import { useMemo, useState } from 'react';
import type { Standing } from '@/core/events';
import { BEFORE_DAYS, beforeDeath } from '@/core/departures';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useTell } from '@/session/react/useTell';
import type { TankView } from '@/session/react/useTanks';
import { dayOf } from '@/session/today';
import { Button } from '@/ui/Button';

type Departed = Extract<Standing, { type: 'died' | 'rehomed' }>;

/** The fortnight before a death, gathered by itself, with what may have been behind it. */
function Before({
  event,
  tank,
  happenings,
}: {
  readonly event: Extract<Standing, { type: 'died' }>;
  readonly tank: TankView;
  readonly happenings: readonly Standing[];
}) {
  const words = useWords();
  const tell = useTell();
  const catalogue = useCatalogue();
  const resident = useRoomState((state) => state.room.residents[event.resident]);
  const told = useMemo(
    () =>
      beforeDeath({
        happenings,
        resident: event.resident,
        tank: tank.id,
        on: event.on,
        body: tank.body,
        oldYears: (resident && catalogue.byId.get(resident.species)?.size.lifeYears[0]) ?? null,
        cameOn: resident?.cameOn ?? event.on,
        dayOf,
      }),
    [happenings, event, tank, resident, catalogue],
  );
  return (
    <div className="mt-1 border-l-2 border-line pl-3">
      {told.possible.length === 0 ? (
        <p className="text-slate">Nothing in the {BEFORE_DAYS} days before stands out.</p>
      ) : (
        <ul>
          {told.possible.map((one) => (
            <li key={JSON.stringify(one)}>Possible cause: {sayPossibility(one, words)}.</li>
          ))}
        </ul>
      )}
      <p className="text-[0.8125rem] text-slate">From the record; no diagnosis.</p>
      {told.story.length > 0 && (
        <ol className="mt-1 text-[0.8125rem]">
          {told.story.map((one) => (
            <li key={one.id} className="grid grid-cols-[4rem_1fr] gap-2 py-0.5">
              <time dateTime={one.on} className="fig text-slate">
                {dayWords(one.on)}
              </time>
              <span>{tell(one)}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}

/** One that has gone, with the days it was here; a death opens the fortnight before it. */
export function DeathItem({
  event,
  tank,
  happenings,
}: {
  readonly event: Departed;
  readonly tank: TankView;
  readonly happenings: readonly Standing[];
}) {
  const tell = useTell();
  const resident = useRoomState((state) => state.room.residents[event.resident]);
  const [open, setOpen] = useState(false);
  const days = differenceInCalendarDays(parseISO(event.on), parseISO(resident?.cameOn ?? event.on));
  return (
    <li className="border-b border-line py-1.5">
      <div className="grid grid-cols-[6.5rem_1fr] gap-2">
        <time dateTime={event.on} className="fig text-slate">
          {dayOfYear(event.on)}
        </time>
        <span>
          {tell(event)}{' '}
          <span className="text-[0.8125rem] text-slate">
            After <span className="fig">{days}</span> days here
            {event.type === 'died' && event.incident ? `; incident: ${event.incident}` : ''}
            {event.type === 'died' && event.signs && event.signs.length > 0
              ? `; seen: ${event.signs.join(', ')}`
              : ''}
            .
          </span>{' '}
          <Link className="text-[0.8125rem] text-deep underline" href={lifeHref(tank.id, event.resident)}>
            history
          </Link>
          {event.type === 'died' && (
            <>
              {' · '}
              <Button tone="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
                14 days before
              </Button>
            </>
          )}
        </span>
      </div>
      {open && event.type === 'died' && <Before event={event} tank={tank} happenings={happenings} />}
    </li>
  );
}
