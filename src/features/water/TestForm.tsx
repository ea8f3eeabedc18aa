'use client';

import { useWords } from '@/session/react/useWords';
import { ammoniaFraction, TOXIC_AMMONIA_MGL } from '@/core/water';
import { fixed, tenth } from '@/words/en';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { pastDay } from '@/ui/form/dayFields';
import { Section } from '@/ui/Screen';
import { READING_FIELDS, READINGS } from './waterFields';

const BLANK = Object.fromEntries(READING_FIELDS.map(({ name }) => [name, '']));

/** A water test at the tank: what was read, in any unit, with the part of the ammonia that burns. */
export function TestForm({ tank }: { readonly tank: TankView }) {
  const words = useWords();
  const { session, keep } = useCommands();
  const form = useRoomForm({
    unfinished: `test.${tank.id}`,
    fields: { ...READINGS, on: pastDay(todayIso) },
    start: { ...BLANK, on: todayIso() },
    check: ({ on: _on, ...values }) =>
      Object.values(values).every((value) => value === undefined) ? { '': 'Fill in one reading.' } : {},
    save: ({ on, ...values }) =>
      keep('Test saved', [
        appendChange(session, {
          type: 'tested',
          on: momentOn(on),
          tank: tank.id,
          by: 'kit',
          note: '',
          ...values,
        }),
      ]),
  });
  const ammonia = form.numberIn('ammoniaMgL');
  const ph = form.numberIn('ph') ?? tank.body.water?.ph;
  const warmth = form.numberIn('temperatureC') ?? tank.body.water?.temperatureC;
  const toxic =
    ammonia !== undefined && ph !== undefined && warmth !== undefined
      ? ammonia * ammoniaFraction(warmth, ph)
      : null;
  return (
    <Section title="Water test" aside="optional">
      <Form form={form}>
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
          {READING_FIELDS.map(({ name, label }) => (
            <TextField
              key={name}
              label={label}
              className="min-h-11 w-full rounded-xs border border-line bg-panel px-2 text-[1rem] aria-[invalid=true]:border-buoy"
              {...form.part(name)}
            />
          ))}
        </div>
        {toxic !== null && (
          <p className={`mt-2 ${toxic >= TOXIC_AMMONIA_MGL ? 'text-buoy' : 'text-slate'}`} aria-live="polite">
            Of it{' '}
            <span className="fig">
              {fixed(toxic, 3)} {words.unit('concentration')}
            </span>{' '}
            is toxic ammonia at pH {tenth(ph ?? 7)} and {words.fine('temperature', warmth ?? 25)}
            {toxic >= TOXIC_AMMONIA_MGL ? ': it burns gills. Change water today and stop feeding.' : '.'}
          </p>
        )}
        {ammonia !== undefined && ammonia > 0 && toxic === null && (
          <p className="mt-2 text-slate">Add pH and temperature to see how much ammonia is toxic.</p>
        )}
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <TextField label="Day" max={todayIso()} {...form.part('on')} />
          <Button type="submit" tone="main" large waiting={form.waiting}>
            Save test
          </Button>
        </div>
      </Form>
    </Section>
  );
}
