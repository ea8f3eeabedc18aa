import type { MgL } from '../kernel';
import { NITRATE_BUDGET, NITRATE_EDGE } from '../rules';
import { daysUntil, steadyState, type ChangeRoutine } from './changeRoutine';
import type { NitrateRate } from './nitrateRate';

export interface OutlookPoint {
  readonly day: number;
  readonly nitrateMgL: MgL;
}

/** Nitrate in the days to come when the routine is kept from the next change on: a point before and one after each change. */
export function nitrateCourse(
  nowMgL: MgL,
  perDay: number,
  routine: ChangeRoutine,
  tapMgL: MgL,
  days: number,
): readonly OutlookPoint[] {
  const points: OutlookPoint[] = [{ day: 0, nitrateMgL: nowMgL }];
  let level = nowMgL;
  for (let day = routine.everyDays; day <= days; day += routine.everyDays) {
    level += perDay * routine.everyDays;
    points.push({ day, nitrateMgL: level });
    level = level * (1 - routine.fraction) + tapMgL * routine.fraction;
    points.push({ day, nitrateMgL: level });
  }
  const rest = days % routine.everyDays;
  if (rest > 0) points.push({ day: days, nitrateMgL: level + perDay * rest });
  return points;
}

export interface Outlook {
  /** Where the peak settles, mg/L. */
  readonly peakMgL: MgL;
  /** Days until the edge when changes stop now; null for never. */
  readonly missedDays: number | null;
  /** The smallest share to change each time that keeps the peak under the edge at the same rhythm; null when none does. */
  readonly leastFraction: number | null;
  /** What the budget still takes, mg/L a week; negative when it is spent. */
  readonly roomWeek: number;
}

/** What a rate means for a routine. Units: mg/L, days. The edge is 40 and the budget 20 a week (common practice). */
export function outlook(nowMgL: MgL, perDay: number, routine: ChangeRoutine, tapMgL: MgL): Outlook {
  const spare = NITRATE_EDGE - tapMgL;
  const least = spare > 0 ? (perDay * routine.everyDays) / spare : Infinity;
  return {
    peakMgL: steadyState(routine, perDay, tapMgL).before,
    missedDays: daysUntil(NITRATE_EDGE, nowMgL, perDay),
    leastFraction: least <= 1 ? Math.max(0, least) : null,
    roomWeek: NITRATE_BUDGET - perDay * 7,
  };
}

/** Beyond a quarter and four one of the two is wrong, the tests or the plan (from memory). */
const LEAST_FACTOR = 0.25;
const MOST_FACTOR = 4;

/**
 * What a tank makes over what was predicted of it: forecasts for the same tank are multiplied by this. Null when nothing
 * useful was measured, nothing predicted, or the two are too far apart to be of one tank.
 */
export function tankFactor(measured: NitrateRate | null, predictedPerDay: number): number | null {
  if (!measured || measured.rises < 2 || predictedPerDay <= 0) return null;
  const factor = measured.perDay / predictedPerDay;
  return factor >= LEAST_FACTOR && factor <= MOST_FACTOR ? factor : null;
}

/** A species that is to come, and what it would add, mg/L a week. */
export interface Coming {
  readonly key: string;
  readonly addsWeek: number;
}

/** Whether a routine carries each species that is to come, one after the other. */
export interface Afford {
  readonly key: string;
  readonly addsWeek: number;
  /** Where the peak settles once it is there with those before it, mg/L. */
  readonly peakMgL: MgL;
  /** Affordable by the budget and the edge as the routine is. */
  readonly now: boolean;
  /** Smallest share to change each time that keeps the peak under the edge then; null when none does. */
  readonly leastFraction: number | null;
}

/** Goes through those that are to come in their order, each on top of those before it. Units: mg/L, days. */
export function affordable(
  coming: readonly Coming[],
  perDay: number,
  routine: ChangeRoutine,
  tapMgL: MgL,
): readonly Afford[] {
  let rate = perDay;
  return coming.map(({ key, addsWeek }) => {
    rate += addsWeek / 7;
    const { peakMgL, leastFraction, roomWeek } = outlook(tapMgL, rate, routine, tapMgL);
    return { key, addsWeek, peakMgL, leastFraction, now: roomWeek >= 0 && peakMgL <= NITRATE_EDGE };
  });
}
