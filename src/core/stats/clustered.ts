import { type Interval, rateLimits, shareLimits } from './experience';
import { midGamma, midShare, NORMAL_975, studentQuantile } from './quantiles';

const [LOW, HIGH] = [0.025, 0.975];

/** What one keeper, or one tank, adds. */
export interface Counted {
  /** How many of `of` had it: whole numbers from 0. */
  readonly k: number;
  readonly of: number;
}

/** What one tank adds: contests, and hours of watching times the pairs that were there. */
export interface Observed {
  readonly events: number;
  readonly hours: number;
}

export interface Limited {
  /** Null where nothing was counted. */
  readonly value: number | null;
  readonly limits: Interval | null;
  /** Where the limits come from. */
  readonly by: 'Clopper-Pearson' | 'Garwood' | 'resampled';
}

const sum = <T>(list: readonly T[], of: (one: T) => number): number =>
  list.reduce((all, one) => all + of(one), 0);

/** How much of a share of all each group brings in excess of its size, squared and summed: what leaving out one group after the other shows (Tukey's jackknife of a ratio). */
const scatter = (groups: readonly (readonly [part: number, all: number])[], ratio: number): number => {
  const m = groups.length;
  return (m / (m - 1)) * sum(groups, ([part, all]) => (part - ratio * all) ** 2);
};

/** Student's reach over that of the normal curve: few groups say little of their scatter. */
const reachOf = (groups: number): number => studentQuantile(HIGH, groups - 1) / NORMAL_975;

/**
 * The share of tanks that had an outcome, where some keepers have several of them. A keeper's tanks are alike, so that ten of
 * one say less than ten of ten. Limits: exact where each keeper has one tank, or all are one keeper's; else exact ones of as many tanks
 * as would scatter so much by chance, found by leaving out one keeper after the other. Without any scatter a keeper counts as one.
 *
 * Sources: Clopper and Pearson 1934; Korn and Graubard 1998 (effective number); Tukey 1958.
 * @example clusteredShare([{ k: 1, of: 1 }, { k: 0, of: 1 }]).value // 0.5
 */
export function clusteredShare(keepers: readonly Counted[]): Limited {
  const some = keepers.filter(({ of }) => of > 0);
  const [k, n] = [sum(some, (one) => one.k), sum(some, (one) => one.of)];
  if (n === 0) return { value: null, limits: null, by: 'Clopper-Pearson' };
  const value = k / n;
  const m = some.length;
  if (m === n || m === 1) return { value, limits: shareLimits(k, n).clopperPearson, by: 'Clopper-Pearson' };
  const squares = scatter(
    some.map((one) => [one.k, one.of]),
    value,
  );
  const alike = squares === 0 ? m : (value * (1 - value) * n ** 2) / squares / reachOf(m) ** 2;
  const size = Math.max(1, Math.min(n, alike));
  const x = value * size;
  return {
    value,
    limits: [k === 0 ? 0 : midShare(LOW, x, size), k === n ? 1 : midShare(HIGH, x, size)],
    by: 'resampled',
  };
}

/**
 * Contests an hour and pair over several tanks. Limits: Garwood's for one tank; else Garwood's of as many contests as would
 * scatter so much by chance, found by leaving out one tank after the other.
 *
 * Sources: Garwood 1936; Tukey 1958. Null where nobody watched.
 * @example clusteredRate([{ events: 3, hours: 1.5 }]).value // 2
 */
export function clusteredRate(tanks: readonly Observed[]): Limited {
  const some = tanks.filter(({ hours }) => hours > 0);
  const [events, hours] = [sum(some, (one) => one.events), sum(some, (one) => one.hours)];
  if (hours === 0) return { value: null, limits: null, by: 'Garwood' };
  const value = events / hours;
  if (some.length === 1 || events === 0) return { value, limits: rateLimits(events, hours), by: 'Garwood' };
  const squares = scatter(
    some.map((one) => [one.events, one.hours]),
    value,
  );
  const spread = Math.max(1, (squares / events) * reachOf(some.length) ** 2);
  const size = events / spread;
  return {
    value,
    limits: [(midGamma(LOW, size) / size) * value, (midGamma(HIGH, size) / size) * value],
    by: 'resampled',
  };
}
