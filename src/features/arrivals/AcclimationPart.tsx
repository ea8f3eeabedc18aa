'use client';

import { useState } from 'react';
import { acclimation, ACCLIMATION_WAYS, type AcclimationWay } from '@/core/water';
import { useWords } from '@/session/react/useWords';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { keeperUnit } from '@/core/kernel';
import { SelectField, TextField, options } from '@/ui/Field';
import { QuantityField } from '@/ui/QuantityField';
import { Caution, Ledger, Section } from '@/ui/Screen';
import { capital, countOf, plain, sayAcclimation } from '@/words/en';
import { RoundTimer } from './RoundTimer';

/** Plain numbers of the two waters and the bag, with the least and the most that they can be. */
const NUMBERS = {
  bagTds: [0, 5000, 'Bag, TDS in ppm'],
  tankTds: [0, 5000, 'Tank, TDS in ppm'],
  bagPh: [3, 11, 'Bag, pH'],
  tankPh: [3, 11, 'Tank, pH'],
  hours: [0, 240, 'Hours in the bag'],
} as const;
type NumberName = keyof typeof NUMBERS;

/** A number typed with either decimal sign; null when blank, undefined when it cannot be. */
function read(text: string, [low, high]: readonly [number, number, string]): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Number(text.trim().replace(',', '.'));
  return Number.isFinite(value) && value >= low && value <= high ? value : undefined;
}

interface Measured {
  readonly value: number | undefined;
  readonly entered?: string;
}
const MEASURES = {
  bagC: ['temperature', 'Bag, temperature', 0, 45],
  tankC: ['temperature', 'Tank, temperature', 0, 45],
  litres: ['volume', 'Water in the bag', 0.05, 200],
} as const;
type MeasureName = keyof typeof MEASURES;

/** Acclimation: from the bag into the tank, by the measured difference and the hours in the bag. */
export function AcclimationPart({ tank }: { readonly tank: TankView }) {
  const settings = useSettings();
  const words = useWords();
  const { temperatureC, ph } = tank.body.water ?? {};
  const [texts, setTexts] = useState<Record<NumberName, string>>({
    bagTds: '',
    tankTds: '',
    bagPh: '',
    tankPh: ph === undefined ? '' : plain(ph),
    hours: '1',
  });
  const [measured, setMeasured] = useState<Record<MeasureName, Measured>>({
    bagC: { value: undefined },
    tankC: { value: temperatureC },
    litres: { value: 2 },
  });
  const [sensitive, setSensitive] = useState(false);
  const [way, setWay] = useState<AcclimationWay | null>(null);
  const numbers = Object.fromEntries(
    Object.entries(NUMBERS).map(([name, bounds]) => [name, read(texts[name as NumberName], bounds)]),
  ) as Record<NumberName, number | null | undefined>;
  const wrong = Object.values(numbers).includes(undefined);
  const { bagC, tankC, litres } = measured;
  const plan = wrong
    ? null
    : acclimation(
        {
          bag: {
            temperatureC: bagC.value ?? tankC.value ?? 25,
            tdsPpm: numbers.bagTds ?? null,
            ph: numbers.bagPh ?? null,
          },
          tank: {
            temperatureC: tankC.value ?? bagC.value ?? 25,
            tdsPpm: numbers.tankTds ?? null,
            ph: numbers.tankPh ?? null,
          },
          hoursInBag: numbers.hours ?? 0,
          bagLitres: litres.value ?? 2,
          sensitive,
        },
        way,
      );
  const field = (name: NumberName) => {
    const [low, high, label] = NUMBERS[name];
    return (
      <TextField
        label={label}
        inputMode="decimal"
        placeholder={name === 'hours' ? '1' : 'not measured'}
        value={texts[name]}
        error={
          numbers[name] === undefined ? `type ${low} to ${high}. You typed "${texts[name]}".` : undefined
        }
        onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
      />
    );
  };
  const measure = (name: MeasureName) => {
    const [kind, label, low, high] = MEASURES[name];
    const of = (core: number): string => words.quantity(kind, core);
    return (
      <QuantityField
        label={label}
        kind={kind}
        unit={keeperUnit(kind, settings)}
        value={measured[name].value}
        entered={measured[name].entered}
        optional
        refuse={(core) => (core < low || core > high ? `Type ${of(low)} to ${of(high)}.` : null)}
        onChange={(value, entered) => setMeasured({ ...measured, [name]: { value, entered } })}
      />
    );
  };
  return (
    <div className="grid grid-cols-1 max-w-[64rem] gap-6 lg:grid-cols-2">
      <Section title="The two waters" aside="leave blank what you did not measure">
        <div className="grid grid-cols-2 gap-3">
          {measure('bagC')}
          {measure('tankC')}
          {field('bagTds')}
          {field('tankTds')}
          {field('bagPh')}
          {field('tankPh')}
          {field('hours')}
          {measure('litres')}
        </div>
        <label className="mt-2 flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-(--deep)"
            checked={sensitive}
            onChange={(event) => setSensitive(event.target.checked)}
          />
          Shrimp, wild fish or another sensitive species
        </label>
        <SelectField
          label="Method"
          wrap="mt-2 max-w-72"
          value={way ?? ''}
          onChange={(event) => setWay(ACCLIMATION_WAYS.find((one) => one === event.target.value) ?? null)}
        >
          <option value="">recommended</option>
          {options(ACCLIMATION_WAYS)}
        </SelectField>
      </Section>
      <Section title="How to acclimate">
        {plan ? (
          <>
            <p className="text-[1.125rem] font-semibold">{capital(plan.method)}</p>
            <p className="mb-2">{sayAcclimation(plan)}</p>
            <Ledger
              rows={[
                ['Total minutes', plain(plan.minutes)],
                ...(plan.rounds > 0
                  ? ([
                      ['Rounds', plain(plan.rounds)],
                      ['Tank water per round', words.fine('volume', plan.addLitres)],
                    ] as const)
                  : []),
                ['Tank water needed', words.fine('volume', plan.tankWaterLitres)],
                ['Remaining difference', `${Math.round(plan.remaining * 100)}%`],
              ]}
            />
            {plan.rounds > 0 && (
              <div className="my-2">
                <RoundTimer rounds={plan.rounds} add={words.fine('volume', plan.addLitres)} />
              </div>
            )}
            <Caution>
              Temperature and TDS mix evenly, pH does not. Cover cuts, and wash your hands after.
            </Caution>
          </>
        ) : (
          <p className="text-slate">
            Correct {countOf(Object.values(numbers).filter((one) => one === undefined).length, 'field')}{' '}
            first.
          </p>
        )}
      </Section>
    </div>
  );
}
