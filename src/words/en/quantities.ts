import { fromCore, keeperUnit, type QuantityKind, type UnitChoice, unitById } from '@/core/kernel';

/** The units that files and the command line speak. */
export const METRIC: UnitChoice = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' };
/** The units of a keeper in the United States. */
export const US: UnitChoice = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' };

/** What a figure of a unit is rounded to where nobody typed it: what it means, not what it was computed to. */
const STEP: Readonly<Record<string, number>> = {
  cm: 0.5,
  in: 0.25,
  C: 1,
  F: 1,
  dH: 1,
  ppmCaCO3: 5,
  'mg/L': 1,
  ppt: 0.5,
  kg: 1,
  lb: 1,
  'L/h': 10,
  gph: 5,
};

/** Three figures: 102, 54.5, 5.25. */
const threeFigures = (value: number): number => Number(value.toPrecision(3));

/** The fractions of an inch that keepers read. */
const QUARTERS: Readonly<Record<number, string>> = { 0.25: '1/4', 0.5: '1/2', 0.75: '3/4' };

function written(value: number, unitId: string): string {
  if (unitId !== 'in') return String(Number(value.toFixed(2)));
  const whole = Math.floor(value);
  const part = QUARTERS[Number((value - whole).toFixed(2))];
  return part === undefined ? String(whole) : whole === 0 ? part : `${whole} ${part}`;
}

/** A value in the keeper's unit, rounded for reading, without the unit. */
function figureOf(kind: QuantityKind, core: number, choice: UnitChoice): string {
  const unit = keeperUnit(kind, choice);
  const value = fromCore(kind, core, unit);
  const step = STEP[unit];
  return written(step === undefined ? threeFigures(value) : Math.round(value / step) * step, unit);
}

export interface Quantities {
  /** "28 °C", "82 °F" */
  readonly quantity: (kind: QuantityKind, core: number) => string;
  /** "24 to 28 °C"; one figure where both round to the same. */
  readonly range: (kind: QuantityKind, range: readonly [number, number]) => string;
}

/** Figures for sentences, in the units of a keeper. */
export function quantitiesIn(choice: UnitChoice): Quantities {
  const label = (kind: QuantityKind): string => unitById(kind, keeperUnit(kind, choice)).label;
  return {
    quantity: (kind, core) => `${figureOf(kind, core, choice)} ${label(kind)}`,
    range: (kind, [low, high]) => {
      const [from, to] = [figureOf(kind, low, choice), figureOf(kind, high, choice)];
      return `${from === to ? from : `${from} to ${to}`} ${label(kind)}`;
    },
  };
}
