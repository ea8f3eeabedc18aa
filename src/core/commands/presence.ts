import { MINUTE_MS } from '../kernel';
import type { Watching } from './watch';

/** Minutes away from the screen of a watch after which it asks whether somebody still watches (from memory). */
export const UNSEEN_MINUTES = 5;
/** Minutes of watching after which it asks in any case (from memory). */
export const LONG_MINUTES = 45;

/** When somebody was last known to be at the glass, ISO moments; null where nothing is known. */
export interface Presence {
  /** The screen of the watch was in view. */
  readonly seenOn: string | null;
  /** It was touched, or a key was pressed. */
  readonly touchedOn: string | null;
  /** "Still watching" was said. */
  readonly confirmedOn: string | null;
}

export const NOBODY: Presence = { seenOn: null, touchedOn: null, confirmedOn: null };

const latest = (...moments: readonly (string | null)[]): string =>
  moments.reduce<string>((last, one) => (one !== null && one > last ? one : last), '');

const minutesBetween = (from: string, to: string): number => (Date.parse(to) - Date.parse(from)) / MINUTE_MS;

/** From when on nobody has been asked; null while the clock stands. */
const askedFrom = ({ runningSince }: Watching, { confirmedOn }: Presence): string | null =>
  runningSince && latest(runningSince, confirmedOn);

/**
 * Whether to ask "still watching?", and why: the screen lay open too long, or was out of sight. Null while there is no doubt.
 *
 * @param lastEntryOn when something was last logged in this watch
 */
export function doubtOf(
  watching: Watching,
  presence: Presence,
  lastEntryOn: string | null,
  now: string,
): 'long' | 'unseen' | null {
  const from = askedFrom(watching, presence);
  if (from === null) return null;
  const seen = latest(from, presence.seenOn, lastEntryOn);
  if (minutesBetween(from, seen) > LONG_MINUTES) return 'long';
  return minutesBetween(seen, now) > UNSEEN_MINUTES ? 'unseen' : null;
}

/**
 * When a watch ended of which nobody ended the clock: at the last thing that was logged or touched, or, where its screen was
 * left, when it was last in view. A screen that lay open for hours proves nothing.
 */
export function lastWatchedOn(watching: Watching, presence: Presence, lastEntryOn: string | null): string {
  const from = askedFrom(watching, presence) ?? watching.startedOn;
  const wasLong = minutesBetween(from, latest(from, presence.seenOn)) > LONG_MINUTES;
  return latest(from, lastEntryOn, presence.touchedOn, wasLong ? null : presence.seenOn);
}
