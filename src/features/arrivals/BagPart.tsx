'use client';

import { useState } from 'react';
import { figure } from '@/core/wording';
import { acclimation, ACCLIMATION_WAYS, type AcclimationWay } from '@/core/water';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { parseQuantity } from '@/core/kernel';
import { SelectField, TextField, options } from '@/ui/Field';
import { Caution, Ledger, Section } from '@/ui/Screen';
import { RoundTimer } from './RoundTimer';

interface Texts {
  readonly bagC: string;
  readonly bagTds: string;
  readonly bagPh: string;
  readonly tankC: string;
  readonly tankTds: string;
  readonly tankPh: string;
  readonly hours: string;
  readonly litres: string;
}

const number = (text: string): number | null | undefined => {
  if (text.trim() === '') return null;
  const value = Number(text.trim().replace(',', '.'));
  return Number.isFinite(value) && value >= 0 ? value : undefined;
};

const METHODS = {
  'temperature only': 'Match the warmth, then let them go',
  'mixing rounds': 'Mix by rounds',
  'slow drip': 'Drip slowly',
  'straight in': 'Straight in',
} as const;

/** From the bag into the tank: the method by the measured difference and the hours in the bag. */
export function BagPart({ tank }: { readonly tank: TankView }) {
  const settings = useSettings();
  const [texts, setTexts] = useState<Texts>({
    bagC: '',
    bagTds: '',
    bagPh: '',
    tankC: String(tank.body.water?.temperatureC ?? 25),
    tankTds: '',
    tankPh: tank.body.water?.ph === undefined ? '' : String(tank.body.water.ph),
    hours: '1',
    litres: '2',
  });
  const [sensitive, setSensitive] = useState(false);
  const [way, setWay] = useState<AcclimationWay | null>(null);
  const warmth = (text: string): number | null | undefined => {
    if (text.trim() === '') return null;
    const parsed = parseQuantity('temperature', text, settings.temperature);
    return parsed.ok && parsed.quantity.core >= 0 && parsed.quantity.core <= 45
      ? parsed.quantity.core
      : undefined;
  };
  const within = (value: number | null | undefined, low: number, high: number) =>
    value === null || value === undefined || (value >= low && value <= high) ? value : undefined;
  const read = {
    bagC: warmth(texts.bagC),
    tankC: warmth(texts.tankC),
    bagTds: within(number(texts.bagTds), 0, 5000),
    tankTds: within(number(texts.tankTds), 0, 5000),
    bagPh: within(number(texts.bagPh), 3, 11),
    tankPh: within(number(texts.tankPh), 3, 11),
    hours: within(number(texts.hours), 0, 240),
    litres: within(number(texts.litres), 0.05, 200),
  };
  const errors: Record<keyof Texts, string> = {
    bagC: 'A temperature',
    tankC: 'A temperature',
    bagTds: 'From 0 to 5000 ppm',
    tankTds: 'From 0 to 5000 ppm',
    bagPh: 'From 3 to 11',
    tankPh: 'From 3 to 11',
    hours: 'From 0 to 240 hours',
    litres: 'From 0.05 to 200 L',
  };
  const wrong = Object.values(read).some((value) => value === undefined);
  const plan = wrong
    ? null
    : acclimation(
        {
          bag: {
            temperatureC: read.bagC ?? read.tankC ?? 25,
            tdsPpm: read.bagTds ?? null,
            ph: read.bagPh ?? null,
          },
          tank: { temperatureC: read.tankC ?? 25, tdsPpm: read.tankTds ?? null, ph: read.tankPh ?? null },
          hoursInBag: read.hours ?? 0,
          bagLitres: read.litres ?? 2,
          sensitive,
        },
        way,
      );
  const field = (name: keyof Texts, label: string, placeholder: string) => (
    <TextField
      label={label}
      inputMode="decimal"
      placeholder={placeholder}
      value={texts[name]}
      error={read[name] === undefined ? errors[name] : undefined}
      onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
    />
  );
  return (
    <div className="grid max-w-[64rem] gap-6 lg:grid-cols-2">
      <Section title="The two waters" aside="blank: not measured">
        <div className="grid grid-cols-2 gap-3">
          {field('bagC', 'Bag, temperature', 'not measured')}
          {field('tankC', 'Tank, temperature', 'not measured')}
          {field('bagTds', 'Bag, TDS in ppm', 'not measured')}
          {field('tankTds', 'Tank, TDS in ppm', 'not measured')}
          {field('bagPh', 'Bag, pH', 'not measured')}
          {field('tankPh', 'Tank, pH', 'not measured')}
          {field('hours', 'Hours in the bag', '1')}
          {field('litres', 'Water in the bag, L', '2')}
        </div>
        <label className="mt-2 flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-(--deep)"
            checked={sensitive}
            onChange={(event) => setSensitive(event.target.checked)}
          />
          Shrimp, wild fish or another sensitive kind
        </label>
        <SelectField
          label="Way"
          wrap="mt-2 max-w-72"
          value={way ?? ''}
          onChange={(event) => setWay(ACCLIMATION_WAYS.find((one) => one === event.target.value) ?? null)}
        >
          <option value="">by the difference and the hours</option>
          {options(ACCLIMATION_WAYS)}
        </SelectField>
      </Section>
      <Section title="How">
        {plan ? (
          <>
            <p className="text-[18px] font-semibold">{METHODS[plan.method]}</p>
            <p className="mb-2">{plan.why}</p>
            <Ledger
              rows={[
                ['Minutes in all', String(plan.minutes)],
                ...(plan.rounds > 0
                  ? ([
                      ['Rounds', String(plan.rounds)],
                      ['Tank water a round', `${figure(plan.addLitres)} L`],
                    ] as const)
                  : []),
                ['Tank water needed', `${figure(plan.tankWaterLitres)} L`],
                ['Left of the difference', `${Math.round(plan.remaining * 100)} %`],
              ]}
            />
            {plan.rounds > 0 && (
              <div className="my-2">
                <RoundTimer rounds={plan.rounds} addLitres={plan.addLitres} />
              </div>
            )}
            <Caution>
              Warmth and dissolved matter mix in a straight line; pH does not. Cover cuts, and wash your hands
              after.
            </Caution>
          </>
        ) : (
          <p className="text-slate">Mend what is marked.</p>
        )}
      </Section>
    </div>
  );
}
