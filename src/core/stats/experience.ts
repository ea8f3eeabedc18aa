import { betaQuantile, gammaQuantile, midShare } from './quantiles';

/** Two limits between which a figure lies in 95 of 100 cases. */
export type Interval = readonly [low: number, high: number];

const HALF = 0.025;
const [LOW, HIGH] = [HALF, 1 - HALF];

export interface ShareLimits {
  /** Exact: they hold in at least 95 of 100 cases. */
  readonly clopperPearson: Interval;
  /** Narrower: they hold in about 95 of 100, where the exact ones hold in more. */
  readonly midP: Interval;
}

/**
 * The limits of a share of which k of n were seen. Sources: Clopper and Pearson 1934; mid-P after Lancaster 1961.
 *
 * Domain: k and n whole, 0 <= k <= n, n above 0.
 * @example shareLimits(0, 3).clopperPearson[0] // 0
 */
export const shareLimits = (k: number, n: number): ShareLimits => ({
  clopperPearson: [
    k === 0 ? 0 : betaQuantile(LOW, k, n - k + 1),
    k === n ? 1 : betaQuantile(HIGH, k + 1, n - k),
  ],
  midP: [k === 0 ? 0 : midShare(LOW, k, n), k === n ? 1 : midShare(HIGH, k, n)],
});

/**
 * The limits of a rate an hour, of which so many events were seen in so many hours (Garwood 1936).
 *
 * Domain: events whole, 0 or more; hours above 0.
 * @example rateLimits(0, 2.5)[0] // 0
 */
export const rateLimits = (events: number, hours: number): Interval => [
  events === 0 ? 0 : gammaQuantile(LOW, events) / hours,
  gammaQuantile(HIGH, events + 1) / hours,
];

/** What is believed of a figure after looking: its mean, and limits that hold in 95 of 100 cases if the belief before was right. */
export interface Posterior {
  readonly mean: number;
  readonly limits: Interval;
}

/**
 * A rate an hour from what was believed of it (gamma: shape, and rate in hours) and what was seen.
 *
 * Domain: shape, rate and hours above 0; events whole, 0 or more. Source: the conjugate pair gamma and Poisson (Gelman and others 2013).
 * @example posteriorRate({ shape: 1, rate: 1 }, { events: 1, hours: 1 }).mean // 1
 */
export function posteriorRate(
  before: { readonly shape: number; readonly rate: number },
  seen: { readonly events: number; readonly hours: number },
): Posterior {
  const shape = before.shape + seen.events;
  const rate = before.rate + seen.hours;
  return {
    mean: shape / rate,
    limits: [gammaQuantile(LOW, shape) / rate, gammaQuantile(HIGH, shape) / rate],
  };
}

/**
 * A share from what was believed of it (beta: a for, b against) and what was seen: k of n.
 *
 * Domain: a and b above 0; k and n whole, 0 <= k <= n. Source: the conjugate pair beta and binomial (Gelman and others 2013).
 * @example posteriorShare({ a: 1, b: 1 }, { k: 1, n: 2 }).mean // 0.5
 */
export function posteriorShare(
  before: { readonly a: number; readonly b: number },
  seen: { readonly k: number; readonly n: number },
): Posterior {
  const a = before.a + seen.k;
  const b = before.b + seen.n - seen.k;
  return { mean: a / (a + b), limits: [betaQuantile(LOW, a, b), betaQuantile(HIGH, a, b)] };
}

/**
 * How far forecasts lay off, 0 to 1: the mean square of chance said less what happened. 0.25 is what a half said of everything comes to. Null without a forecast.
 * Source: Brier 1950.
 * @example brierScore([{ said: 1, happened: true }, { said: 0.5, happened: false }]) // 0.125
 */
export const brierScore = (
  forecasts: readonly { readonly said: number; readonly happened: boolean }[],
): number | null =>
  forecasts.length === 0
    ? null
    : forecasts.reduce((sum, { said, happened }) => sum + (said - Number(happened)) ** 2, 0) /
      forecasts.length;
