import type { EntryId } from '../kernel/schema/ids';
import type { Dated, Entry } from '../events/events';
import { atOnce } from '../kernel/steps/atOnce';
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

/** By the moment it happened, then by the order in which it was written down. */
export const byMoment = (a: { on: string; seq: number }, b: { on: string; seq: number }): number =>
  a.on < b.on ? -1 : a.on > b.on ? 1 : a.seq - b.seq;

/** What a journal says, and why some of its entries cannot be read. */
interface Read {
  readonly standing: readonly Standing[];
  readonly faults: readonly string[];
}

/** A journal only grows, as a new list each time: what a list says is worked out once. */
const readings = new WeakMap<readonly Entry[], Read>();

/** So many entries are read before the reading can pause. */
const ENTRIES_A_STEP = 1500;

type Correcting = Extract<Entry, { type: 'corrected' }>;

/** What stands when some entries are corrected; the last correction recorded counts, `null` strikes out. */
function corrected(happenings: readonly Standing[], corrections: readonly Correcting[]): Standing[] {
  const said = new Map<EntryId, Dated | null>();
  for (const { target, replacement } of [...corrections].sort((a, b) => a.seq - b.seq))
    said.set(target, replacement);
  return happenings.flatMap((event): Standing[] => {
    const replacement = said.get(event.id);
    if (replacement === undefined) return [event];
    if (replacement === null) return [];
    const { id, seq, recorded } = event;
    return [{ ...replacement, id, seq, recorded, corrected: true }];
  });
}

/** Reads a journal with pauses, so that no screen waits for a long one; at once when it has been read before. */
export function* effectiveInSteps(entries: readonly Entry[]): Generator<undefined, Read> {
  const known = readings.get(entries);
  if (known) return known;
  const faults: string[] = [];
  const happenings: Standing[] = [];
  const corrections: Correcting[] = [];
  let ordered = true;
  for (const [i, entry] of entries.entries()) {
    const why = unreadable(entry);
    if (why !== null) faults.push(why);
    else if (!isHappening(entry)) corrections.push(entry);
    else {
      const before = happenings.at(-1);
      if (before && byMoment(before, entry) > 0) ordered = false;
      happenings.push(entry);
    }
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  const standing = corrections.length > 0 ? corrected(happenings, corrections) : happenings;
  if (!ordered || corrections.length > 0) standing.sort(byMoment);
  const read = { standing, faults };
  readings.set(entries, read);
  return read;
}

/**
 * What the journal says after corrections, in the order it happened. Struck-out and unreadable entries are left out.
 * Complexity: n, and n log n where entries were not written down in the order in which they happened.
 */
export const effective = (entries: readonly Entry[]): readonly Standing[] =>
  atOnce(effectiveInSteps(entries)).standing;

/**
 * Tells that a list is another with these entries after it: what it says need not be worked out anew, when nothing is
 * corrected and nothing happened before what is there.
 */
export function readOn(before: readonly Entry[], after: readonly Entry[], fresh: readonly Entry[]): void {
  const known = readings.get(before);
  if (!known) return;
  const standing = [...known.standing];
  for (const entry of fresh) {
    const last = standing.at(-1);
    if (!isHappening(entry) || unreadable(entry) !== null || (last && byMoment(last, entry) > 0)) return;
    standing.push(entry);
  }
  readings.set(after, { standing, faults: known.faults });
}
