'use client';

import { format, parseISO } from 'date-fns';
import { useState } from 'react';
import { decideToGo, rehome } from '@/core/commands';
import type { Resident, ToGo } from '@/core/events';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { INPUT } from '@/ui/Field';
import { Caution } from '@/ui/Screen';

function Waiting({ resident, toGo }: { readonly resident: Resident; readonly toGo: ToGo }) {
  const { session, run } = useCommands();
  const nameOf = useResidentName();
  const [taker, setTaker] = useState(toGo.taker);
  const name = `${toGo.count < resident.count || toGo.count > 1 ? `${toGo.count} of ` : ''}${nameOf(resident)}`;
  const on = (): string => momentOn(todayIso());
  const decide = (label: string, how: Partial<ToGo>): void => {
    const { count, reason, note } = { ...toGo, ...how };
    void run(label, [
      decideToGo(
        { on: on(), resident: resident.id, count, reason, taker: how.taker ?? toGo.taker, note },
        session.stamp,
      ),
    ]);
  };
  const gone = (): void =>
    void run(`${name} rehomed`, [
      rehome(
        {
          on: on(),
          resident: resident.id,
          count: toGo.count,
          reason: toGo.reason,
          taker: toGo.taker,
          credit: '',
          note: '',
        },
        session.stamp,
      ),
    ]);
  return (
    <li className="flex flex-col gap-1 border-b border-line py-2">
      <p>
        <strong>{name}</strong>: {toGo.reason}.{' '}
        <span className="text-slate">
          {toGo.note} Since {format(parseISO(toGo.since), 'd MMM yyyy')}.
        </span>
      </p>
      <div className="flex flex-wrap items-center gap-1">
        <input
          aria-label={`New keeper of ${name}`}
          placeholder="new keeper"
          className={`${INPUT} max-w-48`}
          value={taker}
          onChange={(event) => setTaker(event.target.value)}
          onBlur={() =>
            taker.trim() !== toGo.taker &&
            decide(taker.trim() ? `${name} has a new keeper` : `${name} needs a new keeper again`, {
              taker: taker.trim(),
            })
          }
          onKeyDown={(event) => {
            if (event.key === 'Enter') event.currentTarget.blur();
            if (event.key === 'Escape') setTaker(toGo.taker);
          }}
        />
        {toGo.taker ? (
          <Button onClick={gone}>Record rehoming</Button>
        ) : (
          <span className="text-[13px] text-slate">no new keeper yet</span>
        )}
        <Button tone="quiet" onClick={() => decide(`${name} stays`, { count: 0, note: '' })}>
          Keep after all
        </Button>
      </div>
    </li>
  );
}

/** Those that are to leave: still here, with the reason, until somebody takes them. */
export function ToGoList({ residents }: { readonly residents: readonly Resident[] }) {
  return (
    <>
      <ul aria-label="To rehome">
        {residents.map(
          (resident) =>
            resident.toGo && (
              <Waiting
                key={`${resident.id}${resident.toGo.taker}${resident.toGo.count}`}
                resident={resident}
                toGo={resident.toGo}
              />
            ),
        )}
      </ul>
      <Caution>
        Never release fish into the wild; ask the local authority about restricted species. Tell the new
        keeper size, temperament and tank mates.
      </Caution>
    </>
  );
}
