import type { Happening } from '@/core/events/events';
import { parseQuantity } from '@/core/kernel/units/parseQuantity';
import type { QuantityKind } from '@/core/kernel/units/units';

export type Reading = Exclude<
  Extract<keyof Extract<Happening, { type: 'tested' }>, string>,
  'type' | 'tank' | 'note' | 'by'
>;

interface ReadingField {
  readonly name: Reading;
  readonly label: string;
  readonly unit: string;
  readonly kind: QuantityKind | null;
  readonly low: number;
  readonly high: number;
}

/** What a test may read, in the order in which kits are used; limits in the unit that is kept. */
export const READING_FIELDS: readonly ReadingField[] = [
  { name: 'temperatureC', label: 'Temperature', unit: '°C', kind: 'temperature', low: 0, high: 45 },
  { name: 'ph', label: 'pH', unit: '', kind: null, low: 3, high: 11 },
  { name: 'ammoniaMgL', label: 'Ammonia', unit: 'mg/L', kind: 'concentration', low: 0, high: 50 },
  { name: 'nitriteMgL', label: 'Nitrite', unit: 'mg/L', kind: 'concentration', low: 0, high: 50 },
  { name: 'nitrateMgL', label: 'Nitrate', unit: 'mg/L', kind: 'concentration', low: 0, high: 500 },
  { name: 'ghDh', label: 'Hardness', unit: '°dH', kind: 'hardness', low: 0, high: 60 },
  { name: 'khDh', label: 'Carbonate', unit: '°dH', kind: 'hardness', low: 0, high: 60 },
  { name: 'tdsPpm', label: 'TDS', unit: 'ppm', kind: null, low: 0, high: 5000 },
];

const BARE: Partial<Record<QuantityKind, string>> = { concentration: 'mg/L' };

export type Read = { readonly value: number | undefined } | { readonly error: string };

/** A reading as typed, in the unit that is kept; blank is not measured. Bare figures are in the keeper's unit. */
export function readReading(
  { kind, low, high, unit, label }: ReadingField,
  text: string,
  units: { readonly temperature: string; readonly hardness: string },
): Read {
  if (text.trim() === '') return { value: undefined };
  const bare =
    kind === 'temperature'
      ? units.temperature
      : kind === 'hardness'
        ? units.hardness
        : ((kind && BARE[kind]) ?? '');
  let value: number;
  if (kind === null) value = Number(text.trim().replace(',', '.'));
  else {
    const parsed = parseQuantity(kind, text, bare);
    if (!parsed.ok) return { error: `${label}: expected ${parsed.expected}` };
    value = parsed.quantity.core;
  }
  return Number.isFinite(value) && value >= low && value <= high
    ? { value: Math.round(value * 1000) / 1000 }
    : { error: `${label}: expected ${low} to ${high}${unit && ` ${unit}`}` };
}
