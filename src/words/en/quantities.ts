import {
  CM_PER_INCH,
  fromCore,
  keeperUnit,
  type QuantityKind,
  type UnitChoice,
  unitById,
} from '@/core/kernel';
import { grouped, upTo } from './locale';

/** The units that files and the command line speak. */
export const METRIC: UnitChoice = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' };
/** The units of a keeper in the United States. */
export const US: UnitChoice = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' };

/** The units of a keeper in Britain: fish and tanks in inches and feet, water in litres (common practice). */
export const UK: UnitChoice = { length: 'in', volume: 'L', temperature: 'C', hardness: 'dH' };

/** The choices that are made with one press. */
export const UNIT_SYSTEMS: readonly (readonly [string, UnitChoice])[] = [
  ['Metric', METRIC],
  ['US', US],
  ['UK', UK],
];

/** The units of a choice in one line: "in, US gal, °F, ppm". */
export const unitsLine = (choice: UnitChoice): string =>
  (['length', 'volume', 'temperature', 'hardness'] as const)
    .map((kind) => unitById(kind, choice[kind]).label)
    .join(', ');

/** What a figure of a unit is rounded to where nobody typed it: what it means, not what it was computed to. */
const STEP: Readonly<Record<string, number>> = {
  cm: 0.5,
  in: 0.25,
  C: 1,
  F: 1,
  dH: 1,
  ppmCaCO3: 5,
  'mg/L': 1,
  ppm: 1,
  ppt: 0.5,
  kg: 1,
  lb: 1,
  'L/h': 10,
  gph: 5,
};

/** Digits behind the point of what was read off a kit or typed in another unit; two where nothing is said. */
const READ: Readonly<Record<string, number>> = { ppmCaCO3: 0, F: 1 };

/** Tanks are measured more roughly than fish. */
const TANK_STEP: Readonly<Record<string, number>> = { cm: 1, in: 0.5 };

/** A plain number for reading: at most one decimal. */
export const tenth = (value: number): string => upTo(value, 1);

/** Three figures: 102, 54.5, 5.25. */
const threeFigures = (value: number): number => Number(value.toPrecision(3));

/**
 * Feet that are even but for rounding, and from which on a tank is told in feet. Makers and keepers call 180 cm six feet, as figures in
 * whole decimetres are meant.
 */
const EVEN = 0.005;
const NOMINAL = 0.02;
const DECIMETRE_CM = 10;
const LEAST_FEET = 2;

/** The fractions of an inch that keepers read. */
const QUARTERS: Readonly<Record<number, string>> = { 0.25: '1/4', 0.5: '1/2', 0.75: '3/4' };

function written(value: number, unitId: string): string {
  if (unitId !== 'in') return upTo(value, 2);
  const whole = Math.floor(value);
  const part = QUARTERS[Number((value - whole).toFixed(2))];
  return part === undefined ? String(whole) : whole === 0 ? part : `${whole} ${part}`;
}

/** A value in the keeper's unit, rounded for reading, without the unit. */
function figureOf(
  kind: QuantityKind,
  core: number,
  choice: UnitChoice,
  steps: Readonly<Record<string, number>> = STEP,
): string {
  const unit = keeperUnit(kind, choice);
  const value = fromCore(kind, core, unit);
  const step = steps[unit];
  return written(step === undefined ? threeFigures(value) : Math.round(value / step) * step, unit);
}

/** Steps that rulers have, and how many of them one ruler takes. */
const TICKS = [1, 2, 5, 10, 20];
const MOST_TICKS = 15;

export interface Quantities {
  /** The label of the keeper's unit: "°F". */
  readonly unit: (kind: QuantityKind) => string;
  /** A value in the keeper's unit, for axes. */
  readonly value: (kind: QuantityKind, core: number) => number;
  /** The same rounded for reading, without the unit. */
  readonly figure: (kind: QuantityKind, core: number) => string;
  /** "28 °C", "82 °F" */
  readonly quantity: (kind: QuantityKind, core: number) => string;
  /** What somebody typed or read off a kit: as it is, to a hundredth of the keeper's unit. */
  readonly reading: (kind: QuantityKind, core: number) => string;
  /** From one to another, both as they were typed: "75 to 82 °F". */
  readonly readings: (kind: QuantityKind, range: readonly [number, number]) => string;
  /** A figure to one place more: where two figures would round to one. */
  readonly fine: (kind: QuantityKind, core: number) => string;
  /** A measure or a volume of a tank: to the centimetre or the half inch, feet where they come out even. */
  readonly tank: (kind: 'length' | 'volume', core: number) => string;
  /** How far apart the ticks of a ruler of so many cm stand, and what that is called: "5 cm", "2 in". */
  readonly tick: (cm: number) => { readonly cm: number; readonly label: string };
  /** "700 cm²", "110 sq in" */
  readonly area: (cm2: number) => string;
  /** "24 to 28 °C"; one figure where both round to the same. */
  readonly range: (kind: QuantityKind, range: readonly [number, number]) => string;
}

/** Figures for sentences, in the units of a keeper. */
export function quantitiesIn(choice: UnitChoice): Quantities {
  const label = (kind: QuantityKind): string => unitById(kind, keeperUnit(kind, choice)).label;
  const read = (kind: QuantityKind, core: number): string => {
    const unit = keeperUnit(kind, choice);
    return upTo(fromCore(kind, core, unit), READ[unit] ?? 2);
  };
  return {
    unit: label,
    value: (kind, core) => fromCore(kind, core, keeperUnit(kind, choice)),
    figure: (kind, core) => figureOf(kind, core, choice),
    quantity: (kind, core) => `${figureOf(kind, core, choice)} ${label(kind)}`,
    reading: (kind, core) => `${read(kind, core)} ${label(kind)}`,
    readings: (kind, [low, high]) => `${read(kind, low)} to ${read(kind, high)} ${label(kind)}`,
    fine: (kind, core) => `${upTo(fromCore(kind, core, keeperUnit(kind, choice)), 1)} ${label(kind)}`,
    tank: (kind, core) => {
      const feet = kind === 'length' && choice.length === 'in' ? fromCore('length', core, 'ft') : Number.NaN;
      const off = Math.abs(feet - Math.round(feet));
      const even = off < EVEN || (core % DECIMETRE_CM === 0 && off < feet * NOMINAL);
      return even && Math.round(feet) > LEAST_FEET
        ? `${Math.round(feet)} ft`
        : `${figureOf(kind, core, choice, TANK_STEP)} ${label(kind)}`;
    },
    tick: (cm) => {
      const each = keeperUnit('length', choice);
      const length = fromCore('length', cm, each);
      const ticks = TICKS.find((step) => length / step <= MOST_TICKS) ?? 50;
      return { cm: ticks * (cm / length), label: `${ticks} ${label('length')}` };
    },
    area: (cm2) =>
      choice.length === 'in'
        ? `${grouped(threeFigures(cm2 / CM_PER_INCH ** 2))} sq in`
        : `${grouped(threeFigures(cm2))} cm²`,
    range: (kind, [low, high]) => {
      const [from, to] = [figureOf(kind, low, choice), figureOf(kind, high, choice)];
      return `${from === to ? from : `${from} to ${to}`} ${label(kind)}`;
    },
  };
}

/** A share, 0 to 1, in percent: 0.256 is "26%". */
export const percent = (share: number): string => `${Math.round(share * 100)}%`;
