import { NORMAL_975 } from './quantiles';

/** One animal under watch: from when, until when, and whether it died then. `start < end`, in days. */
export interface Span {
  readonly start: number;
  readonly end: number;
  readonly died: boolean;
}

/** A curve with a row for each day on which somebody died or was last known alive. */
export interface SurvivalCurve {
  readonly time: readonly number[];
  readonly atRisk: readonly number[];
  readonly events: readonly number[];
  readonly survival: readonly number[];
  /** 95 % limits; null while nobody has died and once nobody is left. */
  readonly lower: readonly (number | null)[];
  readonly upper: readonly (number | null)[];
  /** Null when fewer than half died. */
  readonly median: number | null;
  /** Everybody at risk died while others had not come yet: the curve is 0 from there on, whatever comes. */
  readonly wipedOut: boolean;
}

/** Sums of many small fractions: equal within this counts as equal. */
const SAME = 1e-9;

/**
 * Kaplan and Meier's curve with Greenwood's variance and log-log limits; those who left alive and those still here are
 * censored on that day, and still at risk on it; a fish that comes at t is not at risk at t (delayed entry).
 *
 * Median: the first day with half or fewer alive; the middle of the step where exactly half are.
 * Sources: Kaplan and Meier 1958; Greenwood 1926; conventions as in R's package survival.
 */
export function kaplanMeier(spans: readonly Span[]): SurvivalCurve {
  const exits = [...spans].sort((a, b) => a.end - b.end);
  const entries = spans.map((span) => span.start).sort((a, b) => a - b);
  const time = [...new Set(exits.map((span) => span.end))];
  const atRisk: number[] = [];
  const events: number[] = [];
  const survival: number[] = [];
  const lower: (number | null)[] = [];
  const upper: (number | null)[] = [];
  let alive = 1;
  let variance = 0;
  let gone = 0;
  let come = 0;
  let wipedOut = false;
  for (const t of time) {
    while (come < entries.length && entries[come]! < t) come += 1;
    const risk = come - gone;
    let deaths = 0;
    let leave = 0;
    while (gone + leave < exits.length && exits[gone + leave]!.end === t) {
      if (exits[gone + leave]!.died) deaths += 1;
      leave += 1;
    }
    gone += leave;
    if (deaths > 0) {
      alive *= 1 - deaths / risk;
      if (deaths === risk) {
        alive = 0;
        wipedOut ||= come < entries.length;
      } else variance += deaths / (risk * (risk - deaths));
    }
    atRisk.push(risk);
    events.push(deaths);
    survival.push(alive);
    const limits = logLogLimits(alive, variance);
    lower.push(limits[0]);
    upper.push(limits[1]);
  }
  return { time, atRisk, events, survival, lower, upper, median: medianOf(time, survival), wipedOut };
}

/** exp(-exp(log(-log S) ± z se / log S)); none at S = 1 or 0. */
function logLogLimits(alive: number, variance: number): readonly [number | null, number | null] {
  if (alive <= 0 || alive >= 1) return [null, null];
  const log = Math.log(alive);
  const reach = (NORMAL_975 * Math.sqrt(variance)) / log;
  const centre = Math.log(-log);
  return [Math.exp(-Math.exp(centre - reach)), Math.exp(-Math.exp(centre + reach))];
}

function medianOf(time: readonly number[], survival: readonly number[]): number | null {
  const at = survival.findIndex((one) => one <= 0.5 + SAME);
  if (at < 0) return null;
  if (Math.abs(survival[at]! - 0.5) > SAME) return time[at]!;
  const next = survival.findIndex((one, index) => index > at && one < 0.5 - SAME);
  return next < 0 ? time[at]! : (time[at]! + time[next]!) / 2;
}
