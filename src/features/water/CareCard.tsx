'use client';

import { putChange } from '@/core/commands/documentChanges';
import { useState } from 'react';
import type { DocumentId } from '@/core/kernel/schema/ids';
import { addDays, daysBetween } from '@/core/kernel/time/days';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Section } from '@/ui/Screen';

/** What most tanks want, with how often (common practice). */
const USUAL: readonly (readonly [string, number])[] = [
  ['Rinse the sponge in tank water', 30],
  ['Deep clean and rearrange', 42],
  ['Look over cables and drip loops', 30],
];
const MOST_DAYS = 730;

/** Care that comes round: done is one press, and it comes due again by itself. */
export function CareCard({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const id = `care-${tank.id}` as DocumentId;
  const document = useRoomState((state) => state.documents[id]);
  const items = document?.kind === 'care' && document.body ? document.body.items : [];
  const [what, setWhat] = useState('');
  const [every, setEvery] = useState('30');
  const today = todayIso();
  const days = Number(every);
  const sound = Number.isInteger(days) && days >= 1 && days <= MOST_DAYS;
  const put = (label: string, next: typeof items, note?: string): void =>
    void run(label, [
      putChange('care', id, { tank: tank.id, items: [...next] }),
      ...(note
        ? [appendChange(session, { type: 'noted', on: momentOn(today), tank: tank.id, text: note })]
        : []),
    ]);
  const add = (name: string, everyDays: number): void =>
    put(`${name}: every ${everyDays} days`, [
      ...items.filter((one) => one.what !== name),
      { what: name, everyDays, lastOn: today },
    ]);
  const offered = USUAL.filter(([name]) => !items.some((one) => one.what === name));
  return (
    <Section title="Care that comes round">
      <ul>
        {items.map((item) => {
          const left = daysBetween(today, addDays(item.lastOn, item.everyDays));
          return (
            <li key={item.what} className="flex items-center justify-between gap-2 border-b border-line py-1">
              <span>
                {item.what}{' '}
                <span className={left < 0 ? 'text-buoy' : 'text-slate'}>
                  every {item.everyDays} days,{' '}
                  {left < 0 ? `${-left} d late` : left === 0 ? 'today' : `in ${left} d`}
                </span>
              </span>
              <span className="flex gap-1">
                <Button
                  onClick={() =>
                    put(
                      `Done: ${item.what}`,
                      items.map((one) => (one === item ? { ...one, lastOn: today } : one)),
                      `${item.what}.`,
                    )
                  }
                  aria-label={`Done: ${item.what}`}
                >
                  Done
                </Button>
                <Button
                  tone="quiet"
                  aria-label={`No longer: ${item.what}`}
                  onClick={() =>
                    put(
                      `No longer: ${item.what}`,
                      items.filter((one) => one !== item),
                    )
                  }
                >
                  no longer
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
      {offered.length > 0 && (
        <div className="mt-2 flex flex-wrap gap-2">
          {offered.map(([name, everyDays]) => (
            <Button key={name} onClick={() => add(name, everyDays)}>
              {name}, every {everyDays} days
            </Button>
          ))}
        </div>
      )}
      <form
        className="mt-2 grid grid-cols-[1fr_6rem_auto] items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (what.trim() === '' || !sound) return;
          add(what.trim(), days);
          setWhat('');
        }}
      >
        <TextField label="Something else" value={what} onChange={(event) => setWhat(event.target.value)} />
        <TextField
          label="Every, days"
          inputMode="numeric"
          value={every}
          error={sound ? undefined : `1 to ${MOST_DAYS}`}
          onChange={(event) => setEvery(event.target.value)}
        />
        <Button type="submit" disabled={what.trim() === '' || !sound}>
          Add
        </Button>
      </form>
    </Section>
  );
}
