'use client';

import { useState } from 'react';
import { ammoniaFraction, TOXIC_AMMONIA_MGL } from '@/core/water/ammonia';
import { figure } from '@/core/wording/words';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Section } from '@/ui/Screen';
import { READING_FIELDS, readReading, type Reading } from './waterFields';

/** A water test at the tank: what was read, in any unit, with the part of the ammonia that burns. */
export function TestForm({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const units = useSettings();
  const [texts, setTexts] = useState<Partial<Record<Reading, string>>>({});
  const [day, setDay] = useState(todayIso());
  const [tried, setTried] = useState(false);
  const read = new Map(
    READING_FIELDS.map((field) => [field.name, readReading(field, texts[field.name] ?? '', units)]),
  );
  const valueOf = (name: Reading): number | undefined => {
    const one = read.get(name);
    return one && 'value' in one ? one.value : undefined;
  };
  const errorOf = (name: Reading): string | undefined => {
    const one = read.get(name);
    return one && 'error' in one ? one.error : undefined;
  };
  const empty = READING_FIELDS.every(({ name }) => (texts[name] ?? '').trim() === '');
  const wrong = READING_FIELDS.some(({ name }) => errorOf(name) !== undefined);
  const late = day > todayIso();
  const ammonia = valueOf('ammoniaMgL');
  const ph = valueOf('ph') ?? tank.body.water?.ph;
  const warmth = valueOf('temperatureC') ?? tank.body.water?.temperatureC;
  const toxic =
    ammonia !== undefined && ph !== undefined && warmth !== undefined
      ? ammonia * ammoniaFraction(warmth, ph)
      : null;
  const save = async (): Promise<void> => {
    setTried(true);
    if (empty || wrong || late) return;
    const values = Object.fromEntries(
      READING_FIELDS.flatMap(({ name }) => {
        const value = valueOf(name);
        return value === undefined ? [] : [[name, value]];
      }),
    );
    const done = await run('Test kept', [
      appendChange(session, {
        type: 'tested',
        on: momentOn(day),
        tank: tank.id,
        by: 'kit',
        note: '',
        ...values,
      }),
    ]);
    if (done) {
      setTexts({});
      setTried(false);
    }
  };
  return (
    <Section title="A test" aside="any unit; leave blank what was not measured">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
          {READING_FIELDS.map(({ name, label, unit }) => (
            <TextField
              key={name}
              label={label}
              inputMode="decimal"
              autoComplete="off"
              placeholder={unit}
              className="min-h-11 w-full rounded-xs border border-line bg-panel px-2 text-[16px] aria-[invalid=true]:border-buoy"
              value={texts[name] ?? ''}
              error={errorOf(name)}
              onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
            />
          ))}
        </div>
        {toxic !== null && (
          <p className={`mt-2 ${toxic >= TOXIC_AMMONIA_MGL ? 'text-buoy' : 'text-slate'}`} aria-live="polite">
            Of it <span className="fig">{toxic.toFixed(3)} mg/L</span> is un-ionised at pH {figure(ph ?? 7)}{' '}
            and {figure(warmth ?? 25)} °C
            {toxic >= TOXIC_AMMONIA_MGL ? ': it burns gills. Change water today and stop feeding.' : '.'}
          </p>
        )}
        {ammonia !== undefined && ammonia > 0 && toxic === null && (
          <p className="mt-2 text-slate">
            With pH and temperature Lomvik says how much of the ammonia is toxic.
          </p>
        )}
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <TextField
            label="Day"
            type="date"
            max={todayIso()}
            value={day}
            error={late ? 'Not in the future' : undefined}
            onChange={(event) => setDay(event.target.value || todayIso())}
          />
          <Button type="submit" tone="main" large>
            Keep the test
          </Button>
          {tried && empty && (
            <span role="alert" className="text-buoy">
              Nothing is filled in.
            </span>
          )}
        </div>
      </form>
    </Section>
  );
}
