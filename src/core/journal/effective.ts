import type { EntryId } from '../model/ids';
import type { Dated, Entry } from './events';
import { unreadable } from './readable';

/** A happening as it stands after all corrections, with the entry it came from. */
export type Standing = Dated & {
  readonly id: EntryId;
  readonly seq: number;
  readonly corrected: boolean;
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

/**
 * What the journal says after corrections, in the order it happened. Struck-out and unreadable entries are left out.
 * Complexity: n log n.
 */
export function effective(entries: readonly Entry[]): readonly Standing[] {
  const corrected = corrections([...entries].sort((a, b) => a.seq - b.seq));
  const standing: Standing[] = [];
  for (const entry of entries) {
    if (!isHappening(entry) || unreadable(entry) !== null) continue;
    const replacement = corrected.get(entry.id);
    if (replacement === null) continue;
    const { id, seq, recorded } = entry;
    standing.push(
      replacement === undefined
        ? { ...entry, corrected: false }
        : { ...replacement, id, seq, recorded, corrected: true },
    );
  }
  return standing.sort(byMoment);
}
