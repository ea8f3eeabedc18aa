'use client';

import { TANK_PURPOSES } from '@/core/journal/documents';
import { PLANTS, SUBSTRATES, TANK_SCHOOLS, type Substrate } from '@/core/model/plan';
import type { QuantityKind } from '@/core/units/units';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { SelectField, TextField, options } from '@/ui/Field';
import { QuantityField } from '@/ui/QuantityField';
import { Section } from '@/ui/Screen';
import { useTankEdits } from './useTankEdits';

interface Row {
  readonly label: string;
  readonly part: 'tank' | 'water';
  readonly name: string;
  readonly kind: QuantityKind;
  readonly least: number;
  readonly most: number;
  readonly optional?: boolean;
  readonly hint?: string;
}

const MEASURES: readonly Row[] = [
  { label: 'Length', part: 'tank', name: 'lengthCm', kind: 'length', least: 1, most: 2000 },
  { label: 'Width', part: 'tank', name: 'widthCm', kind: 'length', least: 1, most: 1000 },
  { label: 'Height', part: 'tank', name: 'heightCm', kind: 'length', least: 1, most: 500 },
  { label: 'Water line', part: 'tank', name: 'waterLineCm', kind: 'length', least: 1, most: 500 },
  { label: 'Substrate depth', part: 'tank', name: 'substrateCm', kind: 'length', least: 0, most: 100 },
  {
    label: 'Filter, as its label says',
    part: 'tank',
    name: 'filterLph',
    kind: 'flow',
    least: 0,
    most: 200_000,
  },
];

const WATER: readonly Row[] = [
  {
    label: 'Temperature',
    part: 'water',
    name: 'temperatureC',
    kind: 'temperature',
    least: 0,
    most: 40,
    optional: true,
  },
  {
    label: 'General hardness',
    part: 'water',
    name: 'ghDh',
    kind: 'hardness',
    least: 0,
    most: 60,
    optional: true,
  },
  {
    label: 'Carbonate hardness',
    part: 'water',
    name: 'khDh',
    kind: 'hardness',
    least: 0,
    most: 60,
    optional: true,
  },
  {
    label: 'Nitrate in the tap',
    part: 'water',
    name: 'nitrateTapMgL',
    kind: 'concentration',
    least: 0,
    most: 200,
    optional: true,
  },
  {
    label: 'Salinity',
    part: 'water',
    name: 'salinityPpt',
    kind: 'salinity',
    least: 0,
    most: 45,
    optional: true,
  },
];

function unitFor(kind: QuantityKind, settings: ReturnType<typeof useSettings>): string {
  switch (kind) {
    case 'length':
      return settings.length;
    case 'temperature':
      return settings.temperature;
    case 'hardness':
      return settings.hardness;
    case 'volume':
      return settings.volume;
    case 'flow':
      return 'L/h';
    case 'concentration':
      return 'mg/L';
    case 'mass':
      return 'kg';
    case 'salinity':
      return 'ppt';
  }
}

function Measures({ tank, rows }: { readonly tank: TankView; readonly rows: readonly Row[] }) {
  const settings = useSettings();
  const { measure } = useTankEdits(tank);
  const entered = (tank.body.entered ?? {}) as Record<string, string>;
  return rows.map((row) => (
    <QuantityField
      key={row.name}
      label={row.label}
      kind={row.kind}
      unit={unitFor(row.kind, settings)}
      value={(tank.body[row.part] as Record<string, number | undefined>)[row.name]}
      entered={entered[row.name]}
      optional={row.optional ?? false}
      refuse={(core) =>
        core < row.least || core > row.most
          ? `Expected ${row.label.toLowerCase()} from ${row.least} to ${row.most} (in core units).`
          : null
      }
      onChange={(core, text) => measure(row.label.toLowerCase(), row.part, row.name, core, text)}
    />
  ));
}

/** pH has no unit: a plain number. */
function PhField({ tank }: { readonly tank: TankView }) {
  const { measure } = useTankEdits(tank);
  return (
    <TextField
      key={tank.body.water.ph ?? 'none'}
      label="pH"
      inputMode="decimal"
      className="fig min-h-8 w-full rounded-xs border border-line bg-panel px-2 py-1"
      defaultValue={tank.body.water.ph ?? ''}
      onBlur={(event) => {
        const typed = event.target.value.trim().replace(',', '.');
        const ph = typed === '' ? undefined : Number(typed);
        if (ph !== undefined && !(ph >= 3 && ph <= 11)) {
          event.target.setCustomValidity('Expected a pH from 3 to 11.');
          event.target.reportValidity();
          return;
        }
        event.target.setCustomValidity('');
        if (ph !== tank.body.water.ph) measure('pH', 'water', 'ph', ph, typed);
      }}
    />
  );
}

/** Everything about a tank that the keeper can set. */
export function TankForm({ tank }: { readonly tank: TankView }) {
  const { save } = useTankEdits(tank);
  const { body } = tank;
  const set = (part: Partial<typeof body.tank>, label: string): void =>
    save(label, (old) => ({ ...old, tank: { ...old.tank, ...part } }));
  const rename = (name: string): void => save('name', (old) => ({ ...old, name }));
  const setPurpose = (purpose: (typeof TANK_PURPOSES)[number]): void =>
    save('purpose', (old) => ({ ...old, purpose }));
  const setSchool = (tankSize: (typeof TANK_SCHOOLS)[number]): void =>
    save('school', (old) => ({ ...old, practice: { ...old.practice, tankSize } }));
  return (
    <div className="grid gap-5">
      <Section title="Measures" aside="any unit; what you type stays">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
          <Measures tank={tank} rows={MEASURES} />
          <SelectField
            label="Measured"
            value={body.tank.inside ? 'inside' : 'outside'}
            onChange={(event) => set({ inside: event.target.value === 'inside' }, 'inside or outside')}
          >
            {options(['outside', 'inside'])}
          </SelectField>
          <SelectField
            label="Substrate"
            value={body.tank.substrate ?? 'sand'}
            onChange={(event) => set({ substrate: event.target.value as Substrate }, 'substrate')}
          >
            {options(SUBSTRATES)}
          </SelectField>
          <SelectField
            label="Top"
            value={body.tank.lid === false ? 'open' : 'lid'}
            onChange={(event) => set({ lid: event.target.value === 'lid' }, 'lid')}
          >
            {options(['lid', 'open'])}
          </SelectField>
          <SelectField
            label="Plants"
            value={body.tank.plants ?? 'some'}
            onChange={(event) => set({ plants: event.target.value as (typeof PLANTS)[number] }, 'plants')}
          >
            {options(PLANTS)}
          </SelectField>
          <TextField
            key={body.name}
            label="Name"
            defaultValue={body.name}
            onBlur={(event) =>
              event.target.value.trim() &&
              event.target.value.trim() !== body.name &&
              rename(event.target.value.trim())
            }
          />
          <SelectField
            label="What it is for"
            value={body.purpose}
            onChange={(event) => setPurpose(event.target.value as (typeof TANK_PURPOSES)[number])}
          >
            {options(TANK_PURPOSES)}
          </SelectField>
        </div>
      </Section>
      <Section title="Water" aside="leave blank what you do not know">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
          <PhField tank={tank} />
          <Measures tank={tank} rows={WATER} />
        </div>
      </Section>
      <Section title="Routine and practice" aside="the practice decides which school a verdict follows">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
          <SelectField
            label="Water changed"
            value={`${body.routine.changeFraction ?? 0.5}/${body.routine.everyDays ?? 7}`}
            onChange={(event) => {
              const [changeFraction, everyDays] = event.target.value.split('/').map(Number) as [
                number,
                number,
              ];
              save('routine', (old) => ({ ...old, routine: { ...old.routine, changeFraction, everyDays } }));
            }}
          >
            {[
              ...new Set([
                '0.5/7',
                '0.25/3',
                '0.25/7',
                '0.3/7',
                '0.4/7',
                '0.5/4',
                '0.5/14',
                `${body.routine.changeFraction ?? 0.5}/${body.routine.everyDays ?? 7}`,
              ]),
            ].map((routine) => {
              const [fraction, days] = routine.split('/').map(Number) as [number, number];
              return (
                <option key={routine} value={routine}>
                  {Math.round(fraction * 100)} % every {days} days
                </option>
              );
            })}
          </SelectField>
          <SelectField
            label="School of tank size"
            value={body.practice.tankSize ?? 'middle'}
            onChange={(event) => setSchool(event.target.value as (typeof TANK_SCHOOLS)[number])}
          >
            {options(TANK_SCHOOLS)}
          </SelectField>
        </div>
      </Section>
    </div>
  );
}
