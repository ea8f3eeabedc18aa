/** To ask takes a browser half a millisecond; who travels waits so long for the new zone, ms. */
const HOLDS_MS = 60_000;

let known = { zone: '', until: 0 };

/** The time zone of this browser: "Europe/Oslo". */
export function zoneHere(): string {
  const now = Date.now();
  if (now >= known.until || now < known.until - HOLDS_MS)
    known = { zone: Intl.DateTimeFormat().resolvedOptions().timeZone, until: now + HOLDS_MS };
  return known.zone;
}
