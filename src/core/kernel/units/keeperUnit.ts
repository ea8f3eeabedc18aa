import type { KeptUnit } from './quantities';
import { UNITS, type QuantityKind, type UnitDefinition } from './units';

/** The units that a keeper chose, by their ids. */
export interface UnitChoice {
  readonly length: string;
  readonly volume: string;
  readonly temperature: string;
  readonly hardness: string;
}

/** What a kind is measured in where there is no choice. */
const ONLY: Readonly<Record<Exclude<QuantityKind, keyof UnitChoice>, string>> = {
  concentration: 'mg/L',
  mass: 'kg',
  flow: 'L/h',
  salinity: 'ppt',
};

/** The unit in which a keeper reads a kind, and in which his bare numbers are. */
export const keeperUnit = (kind: QuantityKind, choice: UnitChoice): string =>
  kind in ONLY ? ONLY[kind as keyof typeof ONLY] : choice[kind as keyof UnitChoice];

/** The definition of the unit that a file keeps; undefined for areas, which nobody types. */
export const keptUnit = (unit: KeptUnit): UnitDefinition | undefined =>
  UNITS.find(({ label }) => label === unit);
