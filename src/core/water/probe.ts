import type { Celsius } from '../kernel';

/** A probe reads these; made up, so that everything around a probe can be tried without one. */
export interface ProbeReading {
  /** Minutes since it was switched on. */
  readonly minute: number;
  readonly temperatureC: Celsius;
  readonly ph: number;
  readonly tdsPpm: number;
}

export interface ProbeSetting {
  readonly temperatureC: Celsius;
  readonly ph: number;
  readonly tdsPpm: number;
  readonly roomC: Celsius;
  /** The minute in which the heater fails; null for never. */
  readonly heaterFailsAt: number | null;
}

/** The tank cools toward the room by a half in so many minutes without its heater (from memory: some hours for 200 L). */
const COOLING_HALF_MINUTES = 480;
/** Probes drift; this one reads so much more pH in a day. */
const PH_DRIFT_A_DAY = 0.03;
const DAY_MINUTES = 1440;

/** What the simulated probe reads in a minute: a swing by day, some drift, and cooling when the heater has failed. Deterministic. */
export function probeReading(setting: ProbeSetting, minute: number): ProbeReading {
  const { temperatureC, ph, tdsPpm, roomC, heaterFailsAt } = setting;
  const swing = 0.15 * Math.sin((2 * Math.PI * minute) / DAY_MINUTES);
  const off = heaterFailsAt === null ? 0 : Math.max(0, minute - heaterFailsAt);
  const cooled = (temperatureC - roomC) * (1 - 0.5 ** (off / COOLING_HALF_MINUTES));
  return {
    minute,
    temperatureC: Number((temperatureC + swing - cooled).toFixed(2)),
    ph: Number((ph + (PH_DRIFT_A_DAY * minute) / DAY_MINUTES).toFixed(2)),
    tdsPpm: Math.round(tdsPpm + (2 * minute) / DAY_MINUTES),
  };
}

/** Further than this from where it should be, or falling this fast for an hour, a heater is looked at (from memory). */
const OFF_C = 2;
const FALL_C_AN_HOUR = 0.5;

/** What is wrong with the temperature, °C. */
export type WarmthFact =
  | { readonly says: 'off'; readonly temperatureC: Celsius; readonly targetC: Celsius }
  | { readonly says: 'falling'; readonly fromC: Celsius; readonly toC: Celsius };

/** What is wrong with the temperature; null when nothing is. Readings in the order of time. */
export function warmthAlarm(readings: readonly ProbeReading[], targetC: Celsius): WarmthFact | null {
  const last = readings.at(-1);
  if (!last) return null;
  if (Math.abs(last.temperatureC - targetC) > OFF_C)
    return { says: 'off', temperatureC: last.temperatureC, targetC };
  const hourAgo = readings.filter((reading) => reading.minute <= last.minute - 60).at(-1);
  const fell = hourAgo ? hourAgo.temperatureC - last.temperatureC : 0;
  return hourAgo && fell > FALL_C_AN_HOUR
    ? { says: 'falling', fromC: hourAgo.temperatureC, toC: last.temperatureC }
    : null;
}
