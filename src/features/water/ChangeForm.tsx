'use client';

import { useState } from 'react';
import { USUAL_ROUTINE } from '@/core/tank';
import { CHANGE_CHECKS, type ChangeCheck, eventFields } from '@/core/events';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { pastDay } from '@/ui/form/dayFields';
import { Form } from '@/ui/form/Form';
import { Caution, Section } from '@/ui/Screen';
import { TickList } from '@/ui/TickList';

const WORDS: Readonly<Record<ChangeCheck, string>> = {
  dechlorinated: 'New water dechlorinated',
  'temperature matched': 'Temperature matched',
  'heater on again': 'Heater and filter plugged in again',
  'lid closed': 'Lid closed',
};
/** What a forgotten step does, and what to look for (common practice). */
const FORGOTTEN: Readonly<Record<ChangeCheck, string>> = {
  dechlorinated: 'No dechlorinator: dose it now, watch for gasping, and record losses together.',
  'temperature matched': 'Temperature not matched: watch for fish that lie down or shimmy.',
  'heater on again': 'Heater or filter still off: plug them in, and test the temperature in an hour.',
  'lid closed': 'Lid open: look behind and under the tank for a fish that jumped.',
};
const fields = eventFields('water-changed');

/** A water change with the steps that kill fish when they are forgotten. */
export function ChangeForm({ tank }: { readonly tank: TankView }) {
  const { session, keep } = useCommands();
  const usual = tank.body.routine?.changeFraction ?? USUAL_ROUTINE.changeFraction;
  const form = useRoomForm({
    unfinished: `change.${tank.id}`,
    fields: { fraction: fields.fraction, checked: fields.checked, on: pastDay(todayIso) },
    start: { fraction: usual, checked: [], on: todayIso() },
    stays: ['fraction'],
    save: ({ fraction, checked, on }) =>
      keep('Water change logged', [
        appendChange(session, {
          type: 'water-changed',
          on: momentOn(on),
          tank: tank.id,
          fraction,
          checked,
          note: '',
        }),
      ]).then((kept) => {
        setIsAsked(false);
        return kept;
      }),
  });
  const [isAsked, setIsAsked] = useState(false);
  const ticked = form.typed('checked') as readonly ChangeCheck[];
  const open = CHANGE_CHECKS.filter((check) => !ticked.includes(check));
  return (
    <Section title="Water change">
      <Caution>
        Unplug heater and pumps before your hands go in or the level falls. Never start a siphon by mouth.
      </Caution>
      <Form form={form}>
        <div className="mt-2 grid grid-cols-1 gap-x-6 gap-y-1 sm:grid-cols-[8rem_1fr]">
          <div className="grid content-start gap-2">
            <TextField label="Share changed" {...form.part('fraction')} />
            <TextField label="Day" max={todayIso()} {...form.part('on')} />
          </div>
          <fieldset>
            <legend className="text-[0.75rem] font-medium text-slate">
              Tick each that was done; what was forgotten stays open
            </legend>
            <TickList
              items={CHANGE_CHECKS}
              ticked={ticked}
              words={(check) => WORDS[check]}
              onChange={(checked) => form.put('checked', checked)}
            />
          </fieldset>
        </div>
        <div className="mt-2 flex flex-wrap items-center gap-3">
          {/* Two buttons, not one that changes: a press that asks must not send the form. */}
          {open.length > 0 && !isAsked ? (
            <Button key="ask" tone="main" large onClick={() => setIsAsked(true)}>
              Log water change
            </Button>
          ) : (
            <Button
              key="log"
              tone={open.length > 0 ? 'warn' : 'main'}
              large
              type="submit"
              waiting={form.waiting}
            >
              {open.length > 0 ? `Log with ${open.length} not done` : 'Log water change'}
            </Button>
          )}
        </div>
        {open.length > 0 && isAsked && (
          <div role="alert">
            <p className="mt-2 font-semibold">Tick what was done. What was forgotten, see to it now:</p>
            {open.map((check) => (
              <Caution key={check}>{FORGOTTEN[check]}</Caution>
            ))}
          </div>
        )}
      </Form>
    </Section>
  );
}
