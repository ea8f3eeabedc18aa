'use client';

import { useState } from 'react';
import { addCare, doneCare, dropCare, ofTank } from '@/core/commands';
import { careFields } from '@/core/records';
import { addDays, daysBetween } from '@/core/kernel';
import { countOf, sayLateness } from '@/words/en';
import { PastDay } from '@/session/react/PastDay';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { Section } from '@/ui/Screen';

/** What most tanks want, with how often (common practice). */
const USUAL: readonly (readonly [string, number])[] = [
  ['Rinse the sponge in tank water', 30],
  ['Deep clean and rearrange', 42],
  ['Check cables and drip loops', 30],
];

/** Maintenance: done is one press, and it comes due again by itself. */
export function CareCard({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const id = ofTank('care', tank.id);
  const document = useRoomState((state) => state.documents[id]);
  const items = document?.kind === 'care' && document.body ? document.body.items : [];
  const today = todayIso();
  const [day, setDay] = useState(today);
  const add = (what: string, everyDays: number) =>
    run(`${what}: every ${everyDays} days`, ({ documents }) =>
      addCare(documents, tank.id, { what, everyDays, today }),
    );
  const form = useRoomForm({
    fields: { what: careFields.what, everyDays: careFields.everyDays },
    start: { what: '', everyDays: 30 },
    stays: ['everyDays'],
    save: ({ what, everyDays }) => add(what, everyDays),
  });
  const offered = USUAL.filter(([name]) => !items.some((one) => one.what === name));
  return (
    <Section title="Maintenance">
      {items.length > 0 && <PastDay label="Done on" value={day} onChange={setDay} wrap="w-40" />}
      <ul>
        {items.map((item) => {
          const left = daysBetween(today, addDays(item.lastOn, item.everyDays));
          return (
            <li key={item.what} className="flex items-center justify-between gap-2 border-b border-line py-1">
              <span>
                {item.what}{' '}
                <span className={left < 0 ? 'text-buoy' : 'text-slate'}>
                  every {countOf(item.everyDays, 'day')}; {sayLateness(-left).toLowerCase()}
                </span>
              </span>
              <span className="flex gap-1">
                <Button
                  disabled={day > today}
                  onClick={() =>
                    run(`Done: ${item.what}`, ({ documents }) =>
                      doneCare(
                        documents,
                        tank.id,
                        { what: item.what, on: momentOn(day), day },
                        session.stamp,
                      ),
                    )
                  }
                  aria-label={`Done: ${item.what}`}
                >
                  Done
                </Button>
                <Button
                  tone="quiet"
                  aria-label={`Remove: ${item.what}`}
                  onClick={() =>
                    run(`Removed: ${item.what}`, ({ documents }) => dropCare(documents, tank.id, item.what))
                  }
                >
                  remove
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
      <Form form={form} className="mt-2 grid grid-cols-[1fr_6rem_auto] items-end gap-2">
        <TextField label="Something else" {...form.part('what')} />
        <TextField label="Every, days" {...form.part('everyDays')} />
        <Button type="submit" waiting={form.waiting}>
          Add
        </Button>
      </Form>
    </Section>
  );
}
