import type { DocumentBodies } from '@/core/records/documents';
import type { DocumentId } from '@/core/kernel/schema/ids';

type Watching = DocumentBodies['watching'];

/** One watch runs at a time in a room. */
export const WATCHING = 'watching' as DocumentId;

/** Seconds watched so far, `now` in ms since the epoch. */
export function watchedSeconds(watching: Watching, now: number): number {
  const running =
    watching.runningSince === null ? 0 : Math.max(0, now - Date.parse(watching.runningSince)) / 1000;
  return watching.countedSeconds + running;
}

/** The clock stopped; the seconds counted so far stay. */
export function paused(watching: Watching, now: number): Watching {
  return { ...watching, countedSeconds: watchedSeconds(watching, now), runningSince: null };
}

/** The clock going again. */
export const resumed = (watching: Watching, nowIso: string): Watching => ({
  ...watching,
  runningSince: nowIso,
});

/** `12:05` */
export function clockFace(seconds: number): string {
  const whole = Math.floor(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
