import { betaQuantile, midShare } from './quantiles';

/** Events counted over a time of watching. Minutes above 0, events a whole number from 0. */
export interface Watched {
  readonly events: number;
  readonly minutes: number;
}

/** The second rate over the first. */
export interface RateRatio {
  readonly beforePerHour: number;
  readonly afterPerHour: number;
  /** Null without an estimate: nothing seen before, or nothing on either side. */
  readonly ratio: number | null;
  /** Exact central 95 % limits; null for one without bound. */
  readonly interval: readonly [number | null, number | null];
  /**
   * Narrower limits that hold in about 95 of 100 comparisons, where the exact ones hold in at least 95, and in more where
   * counts are small. Null for one without bound.
   */
  readonly midInterval: readonly [number | null, number | null];
  /** Central p-value: the one that agrees with the interval. */
  readonly p: number;
}

const HALF = 0.025;
const MINUTES_AN_HOUR = 60;

/** Logarithms of 0! .. n!, grown as they are needed. */
const logFactorials: number[] = [0];
function logFactorial(n: number): number {
  for (let i = logFactorials.length; i <= n; i += 1) logFactorials.push(logFactorials[i - 1]! + Math.log(i));
  return logFactorials[n]!;
}

/** Chance of exactly k out of n, by logarithms. */
function binomialAt(n: number, k: number, p: number): number {
  if (p <= 0) return k === 0 ? 1 : 0;
  if (p >= 1) return k === n ? 1 : 0;
  return Math.exp(
    logFactorial(n) - logFactorial(k) - logFactorial(n - k) + k * Math.log(p) + (n - k) * Math.log1p(-p),
  );
}

/** Chances of at most, and of at least, k out of n; the smaller tail is summed. */
function tails(n: number, k: number, p: number): readonly [number, number] {
  let below = 0;
  let above = 0;
  for (let i = 0; i <= k; i += 1) below += binomialAt(n, i, p);
  for (let i = k; i <= n; i += 1) above += binomialAt(n, i, p);
  return [Math.min(1, below), Math.min(1, above)];
}

/** How many times as likely the second share is as the first, where both are watched for so long. */
const oddsOf = (share: number, before: Watched, after: Watched): number =>
  (share / (1 - share)) * (before.minutes / after.minutes);

/**
 * The exact central 95 % limits of the second rate over the first: those of Clopper and Pearson 1934 for the share, turned into
 * a ratio. Both null where nothing was seen on either side.
 *
 * @example exactLimits({ events: 0, minutes: 60 }, { events: 0, minutes: 60 }) // [null, null]
 */
export function exactLimits(before: Watched, after: Watched): RateRatio['interval'] {
  if (before.events + after.events === 0) return [null, null];
  return [
    after.events === 0 ? 0 : oddsOf(betaQuantile(HALF, after.events, before.events + 1), before, after),
    before.events === 0
      ? null
      : oddsOf(betaQuantile(1 - HALF, after.events + 1, before.events), before, after),
  ];
}

/**
 * Compares two rates: given all that was seen, what was seen after is binomial. Interval: the limits of Clopper and
 * Pearson 1934 for the share, turned into a ratio; p: twice the smaller tail, at most 1, so that it never contradicts the
 * interval (the p of R's poisson.test goes by another rule; its interval is the same). Mid-P limits: Lancaster 1961.
 *
 * Units: minutes in, events an hour out. 0 against 0 says nothing: no ratio, no limits, p 1.
 */
export function rateRatio(before: Watched, after: Watched): RateRatio {
  const beforePerHour = (before.events / before.minutes) * MINUTES_AN_HOUR;
  const afterPerHour = (after.events / after.minutes) * MINUTES_AN_HOUR;
  const n = before.events + after.events;
  const rates = { beforePerHour, afterPerHour };
  if (n === 0) return { ...rates, ratio: null, interval: [null, null], midInterval: [null, null], p: 1 };
  const mid = (p: number): number => oddsOf(midShare(p, after.events, n), before, after);
  const [below, above] = tails(n, after.events, after.minutes / (before.minutes + after.minutes));
  return {
    ...rates,
    ratio: before.events === 0 ? null : afterPerHour / beforePerHour,
    interval: exactLimits(before, after),
    midInterval: [after.events === 0 ? 0 : mid(HALF), before.events === 0 ? null : mid(1 - HALF)],
    p: Math.min(1, 2 * Math.min(below, above)),
  };
}
