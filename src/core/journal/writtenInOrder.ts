/**
 * Entries with moments of writing that only go up: where a clock stood still or went back, an entry counts as written a millisecond
 * after the one before it. Journals of two devices are put in one order by these moments; an older Lomvik let several be the same.
 *
 * They are written to the millisecond, so that they sort as text. Entries in the order of their places. What is no entry, or has no moment that can be read, stays as it is. The same objects where
 * nothing has to be changed.
 */
export function writtenInOrder<T>(entries: readonly T[]): readonly T[] {
  let last = -Infinity;
  return entries.map((entry) => {
    const recorded = recordedOf(entry);
    const ms = recorded === undefined ? Number.NaN : Date.parse(recorded);
    if (Number.isNaN(ms)) return entry;
    const moment = Math.max(ms, last + 1);
    last = moment;
    const text = new Date(moment).toISOString();
    return text === recorded ? entry : { ...entry, recorded: text };
  });
}

function recordedOf(entry: unknown): string | undefined {
  if (entry === null || typeof entry !== 'object' || !('recorded' in entry)) return undefined;
  return typeof entry.recorded === 'string' ? entry.recorded : undefined;
}
