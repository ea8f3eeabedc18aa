import { DAY_MS, type MgL } from '../kernel';
import { studentQuantile } from '../stats';

/** A nitrate test or a water change, with its ISO moment. */
export type WaterMark =
  | { readonly kind: 'test'; readonly on: string; readonly nitrateMgL: MgL }
  | { readonly kind: 'change'; readonly on: string; readonly fraction: number };

/** What two tests and the changes between them say of the nitrate made: what rose, and over how many days it counts. */
export interface Rise {
  readonly from: string;
  readonly to: string;
  /** mg/L that the second test reads above what was left of the first and came with the tap. */
  readonly riseMgL: MgL;
  /** Days, each worth the share of it that the later changes leave. */
  readonly days: number;
}

/** The nitrate that a tank makes, measured. mg/L a day, with the limits of the 95 % interval; infinite from one rise alone. */
export interface NitrateRate {
  readonly perDay: number;
  readonly low: number;
  readonly high: number;
  /** Pairs of tests that it rests on, and those set aside as far off. */
  readonly rises: number;
  readonly setAside: number;
}

const LEVEL = 0.95;
/** Huber's constant and rounds of reweighting (Huber 1981): 95 % efficient on normal errors. */
const HUBER = 1.345;
const ROUNDS = 30;
/** A weight under this says that a rise is far off. */
const FAR_OFF = 0.5;
/** Median absolute deviation of a normal distribution over its standard deviation. */
const MAD = 0.6745;
/** Two tests within this much of a day say nothing of a rate. */
const LEAST_DAYS = 0.5;

interface Running {
  /** When the last test was. */
  readonly on: string;
  readonly left: number;
  readonly days: number;
  readonly at: string;
}

/**
 * The rises between consecutive tests. A test N1, changes of fraction f of water with tap value c, then a test N2:
 * N2 = a N1 + b + r k, where each change multiplies what is there by (1 - f) and adds f c, and k are the days each worth
 * what the later changes leave of it. Exact for a constant rate r.
 */
export function risesOf(marks: readonly WaterMark[], tapMgL: MgL): readonly Rise[] {
  const ordered = [...marks].sort((a, b) => Date.parse(a.on) - Date.parse(b.on));
  const rises: Rise[] = [];
  let last = null as Running | null;
  ordered.forEach((mark) => {
    const passed = last ? (Date.parse(mark.on) - Date.parse(last.at)) / DAY_MS : 0;
    if (mark.kind === 'test') {
      if (last && last.days + passed >= LEAST_DAYS)
        rises.push({
          from: last.on,
          to: mark.on,
          riseMgL: mark.nitrateMgL - last.left,
          days: last.days + passed,
        });
      last = { on: mark.on, left: mark.nitrateMgL, days: 0, at: mark.on };
    } else if (last) {
      const keep = 1 - mark.fraction;
      last = {
        on: last.on,
        left: last.left * keep + mark.fraction * tapMgL,
        days: (last.days + passed) * keep,
        at: mark.on,
      };
    }
  });
  return rises;
}

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1
    ? (sorted[half] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
};

const throughOrigin = (rises: readonly Rise[], weights: readonly number[]): number => {
  let xy = 0;
  let xx = 0;
  rises.forEach(({ riseMgL, days }, i) => {
    const weight = weights[i] as number;
    xy += weight * days * riseMgL;
    xx += weight * days * days;
  });
  return xy / xx;
};

/** Weights after Huber: one for what lies near, less for what is far off. */
function robust(rises: readonly Rise[]): { readonly rate: number; readonly weights: readonly number[] } {
  let rate = median(rises.map(({ riseMgL, days }) => riseMgL / days));
  let weights: readonly number[] = rises.map(() => 1);
  for (let round = 0; round < ROUNDS; round += 1) {
    const off = rises.map(({ riseMgL, days }) => Math.abs(riseMgL - rate * days));
    const scale = median(off) / MAD;
    weights = off.map((one) => (scale === 0 || one <= HUBER * scale ? 1 : (HUBER * scale) / one));
    rate = throughOrigin(rises, weights);
  }
  return { rate, weights };
}

/**
 * The rate that fits the rises: least squares through the origin, reweighted after Huber so that one misread strip does not
 * carry it away; interval by Student's t. Null without two tests. Units: mg/L a day. Sources: Huber 1981, Robust
 * Statistics; ordinary least squares where no rise is far off.
 */
export function nitrateRate(rises: readonly Rise[]): NitrateRate | null {
  if (rises.length === 0) return null;
  const even = rises.map(() => 1);
  const { rate, weights } =
    rises.length > 2 ? robust(rises) : { rate: throughOrigin(rises, even), weights: even };
  const degrees = rises.length - 1;
  if (degrees === 0) return { perDay: rate, low: -Infinity, high: Infinity, rises: 1, setAside: 0 };
  let squares = 0;
  let xx = 0;
  rises.forEach(({ riseMgL, days }, i) => {
    const weight = weights[i] as number;
    squares += weight * (riseMgL - rate * days) ** 2;
    xx += weight * days * days;
  });
  const reach = studentQuantile((1 + LEVEL) / 2, degrees) * Math.sqrt(squares / degrees / xx);
  return {
    perDay: rate,
    low: rate - reach,
    high: rate + reach,
    rises: rises.length,
    setAside: weights.filter((weight) => weight < FAR_OFF).length,
  };
}

/**
 * What a wave did: the rate after a moment less the rate before it, mg/L a day, with a 95 % interval (the half widths add as
 * squares). Null while either side has fewer than two rises.
 */
export function waveEffect(
  rises: readonly Rise[],
  wave: string,
): Pick<NitrateRate, 'perDay' | 'low' | 'high'> | null {
  const before = nitrateRate(rises.filter((rise) => rise.to <= wave));
  const after = nitrateRate(rises.filter((rise) => rise.from >= wave));
  if (!before || !after || before.rises < 2 || after.rises < 2) return null;
  const perDay = after.perDay - before.perDay;
  const half = Math.hypot(before.high - before.perDay, after.high - after.perDay);
  return { perDay, low: perDay - half, high: perDay + half };
}
