import type { EntryId } from '../model/ids';
import type { Dated, Entry } from './events';
import { unreadable } from './readable';

/** A happening as it stands after all corrections, with the entry it came from. */
export type Standing = Dated & {
  readonly id: EntryId;
  readonly seq: number;
  /** Whether a correction says what stands here; an entry that nobody corrected stands as it was written. */
  readonly corrected?: boolean;
  /** When the first entry was written down. */
  readonly recorded?: string;
};

const isHappening = (entry: Entry): entry is Extract<Entry, Dated> => entry.type !== 'corrected';

/** Corrections by the entry they correct; the last one recorded counts. */
function corrections(entries: readonly Entry[]): ReadonlyMap<EntryId, Dated | null> {
  const map = new Map<EntryId, Dated | null>();
  for (const entry of entries) if (entry.type === 'corrected') map.set(entry.target, entry.replacement);
  return map;
}

/** By the moment it happened, then by the order in which it was written down. */
export const byMoment = (a: { on: string; seq: number }, b: { on: string; seq: number }): number =>
  a.on < b.on ? -1 : a.on > b.on ? 1 : a.seq - b.seq;

function isOrdered(events: readonly { on: string; seq: number }[]): boolean {
  for (let i = 1; i < events.length; i += 1) if (byMoment(events[i - 1]!, events[i]!) > 0) return false;
  return true;
}

/**
 * What the journal says after corrections, in the order it happened. Struck-out and unreadable entries are left out; why an
 * entry cannot be read is told to `onUnreadable`.
 * Complexity: n, and n log n where entries were not written down in the order in which they happened.
 */
export function effective(
  entries: readonly Entry[],
  onUnreadable?: (why: string) => void,
): readonly Standing[] {
  const bySeq = entries.every((entry, i) => i === 0 || entries[i - 1]!.seq <= entry.seq);
  const corrected = corrections(bySeq ? entries : [...entries].sort((a, b) => a.seq - b.seq));
  const standing: Standing[] = [];
  for (const entry of entries) {
    const why = unreadable(entry);
    if (why !== null) onUnreadable?.(why);
    if (why !== null || !isHappening(entry)) continue;
    const replacement = corrected.size === 0 ? undefined : corrected.get(entry.id);
    if (replacement === null) continue;
    if (replacement === undefined) standing.push(entry);
    else {
      const { id, seq, recorded } = entry;
      standing.push({ ...replacement, id, seq, recorded, corrected: true });
    }
  }
  return isOrdered(standing) ? standing : standing.sort(byMoment);
}
