import { DAY_MS } from '../kernel';

/** What a light timer was told. Moments are ISO. */
export interface LightRamp {
  readonly offOn: string;
  readonly rampFrom: string;
  readonly rampMinutes: number;
}

/** A plain release keeps the light off for the night and raises it within the hour (common practice). */
const PLAIN = { darkHours: 12, rampMinutes: 60 };
/** Skittish shoals stay in the dark for two days and a half and see it raised over half a day (common practice: two to three days). */
const SKITTISH = { darkHours: 60, rampMinutes: 720 };

/** What to tell the timer at a release. */
export function rampFor(protocol: 'plain' | 'single newcomer' | 'skittish', now: string): LightRamp {
  const { darkHours, rampMinutes } = protocol === 'skittish' ? SKITTISH : PLAIN;
  return {
    offOn: now,
    rampFrom: new Date(Date.parse(now) + (darkHours * DAY_MS) / 24).toISOString(),
    rampMinutes,
  };
}

/** How bright it is, 0 to 1, at a moment in ms: full before it was told, dark, then raised in a straight line. */
export function lightLevel(ramp: LightRamp, nowMs: number): number {
  if (nowMs < Date.parse(ramp.offOn)) return 1;
  const since = (nowMs - Date.parse(ramp.rampFrom)) / 60_000;
  return Math.max(0, Math.min(1, since / ramp.rampMinutes));
}
