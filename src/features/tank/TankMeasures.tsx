'use client';

import { useState } from 'react';
import type { QuantityKind } from '@/core/kernel';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { INPUT, TextField } from '@/ui/Field';
import { QuantityField } from '@/ui/QuantityField';
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

export const MEASURES: readonly Row[] = [
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

export const WATER: readonly Row[] = [
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

export function Measures({ tank, rows }: { readonly tank: TankView; readonly rows: readonly Row[] }) {
  const settings = useSettings();
  const { measure } = useTankEdits(tank);
  const entered = tank.body.entered ?? {};
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
export function PhField({ tank }: { readonly tank: TankView }) {
  const { measure } = useTankEdits(tank);
  return (
    <TextField
      key={tank.body.water.ph ?? 'none'}
      label="pH"
      inputMode="decimal"
      className={`${INPUT} fig`}
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

/** How far a bow front stands out, asked only of bow fronts. */
export const BOW: readonly Row[] = [
  { label: 'Bow, within the width', part: 'tank', name: 'bowCm', kind: 'length', least: 0, most: 300 },
];

/** A whole or decimal number without a unit, blank when nobody knows. */
export function PlainNumber({
  label,
  value,
  least,
  most,
  whole = false,
  hint,
  onKeep,
}: {
  readonly label: string;
  readonly value: number | undefined;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
  readonly hint?: string;
  readonly onKeep: (value: number | undefined) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = (typed ?? '').trim().replace(',', '.');
  const number = text === '' ? undefined : Number(text);
  const fine =
    number === undefined || (number >= least && number <= most && (!whole || Number.isInteger(number)));
  const leave = (): void => {
    if (typed === null || !fine) return;
    if (number !== value) onKeep(number);
    setTyped(null);
  };
  return (
    <TextField
      label={label}
      hint={hint}
      inputMode="decimal"
      value={typed ?? (value === undefined ? '' : String(value))}
      error={
        typed !== null && !fine
          ? `Expected ${whole ? 'a whole number' : 'a number'} from ${least} to ${most}`
          : undefined
      }
      onChange={(event) => setTyped(event.target.value)}
      onBlur={leave}
      onKeyDown={(event) => {
        if (event.key === 'Enter') leave();
        if (event.key === 'Escape') setTyped(null);
      }}
    />
  );
}
