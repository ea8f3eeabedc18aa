import type { KeptUnit } from './quantities';
import { UNITS, type QuantityKind, type UnitDefinition } from './units';

/** The units that a keeper chose, by their ids. */
export interface UnitChoice {
  readonly length: string;
  readonly volume: string;
  readonly temperature: string;
  readonly hardness: string;
}

/** Who measures water in US gallons weighs in pounds and reads gallons an hour. */
const isUs = ({ volume }: UnitChoice): boolean => volume === 'gal';

/** The unit in which a keeper reads a kind, and in which his bare numbers are. */
export function keeperUnit(kind: QuantityKind, choice: UnitChoice): string {
  switch (kind) {
    case 'length':
    case 'volume':
    case 'temperature':
    case 'hardness':
      return choice[kind];
    case 'area':
      return choice.length === 'in' ? 'sq in' : 'cm²';
    case 'mass':
      return isUs(choice) ? 'lb' : 'kg';
    case 'flow':
      return isUs(choice) ? 'gph' : 'L/h';
    case 'concentration':
      return isUs(choice) ? 'ppm' : 'mg/L';
    case 'salinity':
      return 'ppt';
  }
}

/** The definition of the unit that a file keeps. */
export const keptUnit = (unit: KeptUnit): UnitDefinition | undefined =>
  UNITS.find(({ label }) => label === unit);
