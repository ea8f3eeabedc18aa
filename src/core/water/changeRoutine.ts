import type { MgL } from '../kernel';

/** A steady routine of water changes. */
export interface ChangeRoutine {
  /** Share of the water changed each time, above 0 and at most 1. */
  readonly fraction: number;
  readonly everyDays: number;
}

export interface SteadyState {
  /** Just after a change, mg/L. */
  readonly after: number;
  /** Just before a change, the peak, mg/L. */
  readonly before: number;
}

/**
 * Where a substance settles that is made at `ratePerDay` mg/L a day when the routine is kept for ever.
 *
 * With g made between changes and fraction f: after = tap + g (1 - f)/f, before = tap + g/f.
 * Units: mg/L, days. Domain: 0 < fraction <= 1. Source: geometric series of repeated dilution (exact).
 * @example steadyState({ fraction: 0.5, everyDays: 8 }, 2.5, 0) // { after: 20, before: 40 }
 */
export function steadyState(routine: ChangeRoutine, ratePerDay: number, tapMgL: MgL): SteadyState {
  const made = ratePerDay * routine.everyDays;
  const { fraction } = routine;
  return { after: tapMgL + (made * (1 - fraction)) / fraction, before: tapMgL + made / fraction };
}

/**
 * Days until a substance reaches a limit when changes stop; null when it never does, 0 when it is already there.
 *
 * Units: mg/L, mg/L a day. Linear: limit = now + rate x days.
 * @example daysUntil(40, 20, 2) // 10
 */
export function daysUntil(limitMgL: MgL, nowMgL: MgL, ratePerDay: number): number | null {
  if (nowMgL >= limitMgL) return 0;
  return ratePerDay > 0 ? (limitMgL - nowMgL) / ratePerDay : null;
}
