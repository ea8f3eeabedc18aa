'use client';

import { useState } from 'react';
import { decideToGo, rehome } from '@/core/commands';
import type { Resident, ToGo } from '@/core/events';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { KeptText } from '@/ui/KeptText';
import { Caution } from '@/ui/Screen';
import { PastDay } from '@/session/react/PastDay';
import { lifeHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';
import { useCatalogue } from '@/session/react/RoomProvider';
import { dayOfYear } from '@/words/en';

function Waiting({ resident, toGo }: { readonly resident: Resident; readonly toGo: ToGo }) {
  const { session, run, keepTyped } = useCommands();
  const nameOf = useResidentName();
  const catalogue = useCatalogue();
  const name = `${toGo.count < resident.count || toGo.count > 1 ? `${toGo.count} of ` : ''}${nameOf(resident)}`;
  const [day, setDay] = useState(todayIso());
  const on = (): string => momentOn(day);
  const decide = async (label: string, how: Partial<ToGo>): Promise<string | null> => {
    const { count, reason, note } = { ...toGo, ...how };
    return keepTyped(
      label,
      [
        decideToGo(
          { on: on(), resident: resident.id, count, reason, taker: how.taker ?? toGo.taker, note },
          session.stamp,
        ),
      ],
      false,
    );
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
        <FishName profile={catalogue.byId.get(resident.species)} href={lifeHref(resident.tank, resident.id)}>
          <strong>{name}</strong>: {toGo.reason}.
        </FishName>{' '}
        <span className="text-slate">
          {toGo.note} Since {dayOfYear(toGo.since)}.
        </span>
      </p>
      <div className="flex flex-wrap items-center gap-1">
        <KeptText
          label={`New keeper of ${name}`}
          labelHidden
          placeholder="new keeper"
          wrap="w-48"
          value={toGo.taker}
          onKeep={(taker) =>
            decide(taker === '' ? `${name} needs a new keeper again` : `${name} has a new keeper`, { taker })
          }
        />
        <PastDay label={`Day ${name} leaves`} value={day} onChange={setDay} wrap="w-40" />
        {toGo.taker ? (
          <Button disabled={day > todayIso()} onClick={gone}>
            Record rehoming
          </Button>
        ) : (
          <span className="text-[0.8125rem] text-slate">no new keeper yet</span>
        )}
        <Button
          tone="quiet"
          disabled={day > todayIso()}
          onClick={() => void decide(`${name} stays`, { count: 0, note: '' })}
        >
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
