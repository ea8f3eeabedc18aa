import { HOUR_MS } from '../kernel';
import type { Standing } from '../events';
import { chiSquareTail, exactLimits, rateRatio, type RateRatio, studentQuantile } from '../stats';
import { type Bundle, bundlesOf } from './bundles';
import { movedTo } from './movedTo';
import { tally, type Tally, type Watch, watchesOf } from './watches';

/** Fish look calmer, or dazed, for two days after any change: that time is left out (common practice). */
export const SETTLE_HOURS = 48;
/** Watches that scatter more than chance does this seldom are called uneven. */
const UNEVEN_P = 0.1;
/** With fewer watches than this on both sides nothing can be said of their scatter. */
const LEAST_WATCHES = 4;
/** Beyond so many more minutes a question is not worth asking further. */
const MOST_MINUTES = 3000;
const MINUTES_A_STEP = 10;

/** What a step did to the rate of aggression. */
export interface StepEffect {
  readonly bundle: Bundle;
  readonly before: Tally;
  /** While a fish was put aside; null for a step that lasts by itself. */
  readonly during: Tally | null;
  /** After it; where a fish was put aside, after it came back. */
  readonly after: Tally;
  /** The exact comparison, or, where watches scatter more than chance, one with wider limits. */
  readonly ratio: RateRatio;
  /** Scatter between watches over that of chance; null with too few watches to say. */
  readonly scatter: number | null;
  readonly uneven: boolean;
  /** Ratio of the rates per possible pair; null where it is the same, or cannot be told. */
  readonly perPair: number | null;
  readonly verdict: 'helped' | 'worse' | 'open' | 'nothing to go by' | 'lasts';
  /** Minutes of watching that would settle it if things go on as they are; null when it is settled, or never would be. */
  readonly moreMinutes: number | null;
  /** When watching counts again. */
  readonly countsFrom: string;
  /** That day has not come yet. */
  readonly settling: boolean;
}

/** Pearson's scatter of counts about one rate in each of two spans, over its degrees of freedom. */
function scatterOf(
  before: readonly Watch[],
  after: readonly Watch[],
): { readonly phi: number; readonly p: number; readonly df: number } | null {
  const df = before.length + after.length - 2;
  if (before.length + after.length < LEAST_WATCHES || df < 1) return null;
  let chi = 0;
  for (const span of [before, after]) {
    const { events, minutes } = tally(span);
    if (events === 0) continue;
    for (const { contests, minutes: own } of span) {
      const expected = (events / minutes) * own;
      chi += (contests.length - expected) ** 2 / expected;
    }
  }
  return { phi: chi / df, p: chiSquareTail(chi, df), df };
}

type Limits = RateRatio['interval'];

/** Wider limits for counts that scatter: log ratio ± t sqrt(phi (1/x1 + 1/x2)) (quasi-Poisson; Wedderburn 1974). */
function widened([low, high]: Limits, before: Tally, after: Tally, phi: number, df: number): Limits {
  if (low === null || high === null || after.events === 0) return [low, high];
  const ratio = after.events / after.minutes / (before.events / before.minutes);
  const error = Math.sqrt(phi * (1 / before.events + 1 / after.events));
  const reach = studentQuantile(0.975, df) * error;
  // Never narrower than the exact limits.
  return [Math.min(low, ratio * Math.exp(-reach)), Math.max(high, ratio * Math.exp(reach))];
}

const excludesOne = ([low, high]: Limits): boolean =>
  (low !== null && low > 1) || (high !== null && high < 1);

/** Minutes of further watching after which the limits would leave out 1, if both rates and their scatter stay as they are. */
function minutesToSettle(
  before: Tally,
  after: Tally,
  limits: (before: Tally, after: Tally) => Limits,
): number | null {
  const settles = (steps: number): boolean => {
    const minutes = after.minutes + steps * MINUTES_A_STEP;
    const events = Math.round((after.events / after.minutes) * minutes);
    return excludesOne(limits(before, { ...after, events, minutes }));
  };
  // By halving: each look at the limits of a long record takes some milliseconds.
  let [open, settled] = [0, MOST_MINUTES / MINUTES_A_STEP];
  if (!settles(settled)) return null;
  while (settled - open > 1) {
    const middle = Math.floor((open + settled) / 2);
    if (settles(middle)) settled = middle;
    else open = middle;
  }
  return settled * MINUTES_A_STEP;
}

const pairs = (fish: number): number => (fish * (fish - 1)) / 2;

/**
 * Whether a step worked: contests an hour of watching from the step before it (or the first watch) until it, against those
 * from two days after it until the next step. Where a fish was put aside, only what was seen after its return says whether that
 * worked; until then the step lasts. Exact rate ratio with its limits; wider ones where watches scatter more than
 * chance; the rate per possible pair, since fewer fish quarrel less by themselves.
 */
export function stepEffect(
  bundle: Bundle,
  watches: readonly Watch[],
  previous: string | null,
  next: string | null,
  now: string,
  watchesAfter = watches,
): StepEffect {
  const later = (on: string): string => new Date(Date.parse(on) + SETTLE_HOURS * HOUR_MS).toISOString();
  const from = previous === null ? '' : later(previous);
  const { aside } = bundle;
  const isAway = aside?.is === 'away';
  const countsFrom = later(aside?.to ?? bundle.on);
  // One that is gone for good was taken out by the step: all that followed came after it.
  const during =
    aside && aside.is !== 'gone'
      ? tally(watches.filter((watch) => watch.on > bundle.on && (aside.to === null || watch.on <= aside.to)))
      : null;
  const earlier = watches.filter((watch) => watch.on >= from && watch.on <= bundle.on);
  const since = isAway
    ? []
    : watchesAfter.filter((watch) => watch.on >= countsFrom && (next === null || watch.on <= next));
  const [before, after] = [tally(earlier), tally(since)];
  const said = before.minutes > 0 && after.minutes > 0;
  const scatter = said ? scatterOf(earlier, since) : null;
  const uneven = scatter !== null && scatter.phi > 1 && scatter.p < UNEVEN_P;
  const limits = (was: Tally, is: Tally): Limits => {
    const exact = exactLimits(was, is);
    return uneven ? widened(exact, was, is, scatter.phi, scatter.df) : exact;
  };
  const ratio: RateRatio = said
    ? { ...rateRatio(before, after), interval: limits(before, after) }
    : {
        beforePerHour: NaN,
        afterPerHour: NaN,
        ratio: null,
        interval: [null, null],
        midInterval: [null, null],
        p: 1,
      };
  const settled = said && excludesOne(ratio.interval);
  const [was, is] = [pairs(before.fish), pairs(after.fish)];
  return {
    bundle,
    before,
    during,
    after,
    ratio,
    scatter: scatter?.phi ?? null,
    uneven,
    perPair:
      ratio.ratio !== null && was > 0 && is > 0 && Math.abs(was - is) > 0.5 ? ratio.ratio * (was / is) : null,
    verdict: isAway
      ? 'lasts'
      : !said
        ? 'nothing to go by'
        : settled
          ? (ratio.interval[0] ?? 0) > 1
            ? 'worse'
            : 'helped'
          : 'open',
    moreMinutes: said && !settled ? minutesToSettle(before, after, limits) : null,
    countsFrom,
    settling: now < countsFrom,
  };
}

/** Every step of a tank with its effect, the last first; a move to a larger tank is judged by what is seen in that one. */
export function effectsIn(happenings: readonly Standing[], tank: string, now: string): readonly StepEffect[] {
  const bundles = bundlesOf(happenings, tank);
  // Watches are read from the whole journal: not for a tank in which nobody stepped in.
  if (bundles.length === 0) return [];
  const watches = watchesOf(happenings, tank);
  return bundles
    .map((bundle, i) => {
      const to = bundle.steps.includes('larger tank') ? movedTo(happenings, tank, bundle.on) : null;
      const next = to === null ? bundles[i + 1] : bundlesOf(happenings, to).find(({ on }) => on > bundle.on);
      return stepEffect(
        bundle,
        watches,
        bundles[i - 1]?.aside?.to ?? bundles[i - 1]?.on ?? null,
        next?.on ?? null,
        now,
        to === null ? watches : watchesOf(happenings, to),
      );
    })
    .reverse();
}
