import { atOnce, type EntryId } from '../kernel';
import { byMoment, type Correction, type EntryOf, type Happened, type Loose, type StandingOf } from './entry';

/** What a journal says, and why some of its entries cannot be read. */
export interface Read<H extends Happened> {
  readonly standing: readonly StandingOf<H>[];
  readonly faults: readonly Loose[];
}

/** So many entries are read before the reading can pause. */
const ENTRIES_A_STEP = 1500;

type Correcting<H extends Happened> = Correction<H> & { readonly seq: number };
type Happening<H extends Happened> = H & {
  readonly id: EntryId;
  readonly seq: number;
  readonly recorded: string;
};

/** What stands when some entries are corrected; the last correction recorded counts, `null` strikes out. */
function corrected<H extends Happened>(
  happenings: readonly StandingOf<H>[],
  corrections: readonly Correcting<H>[],
): StandingOf<H>[] {
  const said = new Map<EntryId, H | null>();
  for (const { target, replacement } of [...corrections].sort((a, b) => a.seq - b.seq))
    said.set(target, replacement);
  return happenings.flatMap((event): StandingOf<H>[] => {
    const replacement = said.get(event.id);
    if (replacement === undefined) return [event];
    if (replacement === null) return [];
    const { id, seq, recorded } = event;
    return [{ ...replacement, id, seq, recorded, corrected: true }];
  });
}

/** Ways to read a journal of one kind of happenings. */
export interface Reader<H extends Happened> {
  /** Reads a journal with pauses, so that no screen waits for a long one; at once when it has been read before. */
  readonly effectiveInSteps: (entries: readonly EntryOf<H>[]) => Generator<undefined, Read<H>>;
  /**
   * What the journal says after corrections, in the order it happened. Struck-out and unreadable entries are left out.
   * Complexity: n, and n log n where entries were not written down in the order in which they happened.
   */
  readonly effective: (entries: readonly EntryOf<H>[]) => readonly StandingOf<H>[];
  /**
   * Tells that a list is another with these entries after it: what it says need not be worked out anew, when nothing is
   * corrected and nothing happened before what is there.
   */
  readonly readOn: (
    before: readonly EntryOf<H>[],
    after: readonly EntryOf<H>[],
    fresh: readonly EntryOf<H>[],
  ) => void;
}

/** A reader of journals. `unreadable` says why an entry cannot be read, or null. */
export function journalReader<H extends Happened>(
  unreadable: (entry: EntryOf<H>) => Loose | null,
): Reader<H> {
  /** A journal only grows, as a new list each time: what a list says is worked out once. */
  const readings = new WeakMap<readonly EntryOf<H>[], Read<H>>();

  function* effectiveInSteps(entries: readonly EntryOf<H>[]): Generator<undefined, Read<H>> {
    const known = readings.get(entries);
    if (known) return known;
    const faults: Loose[] = [];
    const happenings: Happening<H>[] = [];
    const corrections: Correcting<H>[] = [];
    let ordered = true;
    for (const [i, entry] of entries.entries()) {
      const why = unreadable(entry);
      if (why !== null) faults.push(why);
      else if (entry.type === 'corrected') corrections.push(entry as Correcting<H>);
      else {
        const before = happenings.at(-1);
        if (before && byMoment(before, entry) > 0) ordered = false;
        happenings.push(entry as Happening<H>);
      }
      if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
    }
    const standing: StandingOf<H>[] =
      corrections.length > 0 ? corrected<H>(happenings, corrections) : happenings;
    if (!ordered || corrections.length > 0) standing.sort(byMoment);
    const read = { standing, faults };
    readings.set(entries, read);
    return read;
  }

  return {
    effectiveInSteps,
    effective: (entries) => atOnce(effectiveInSteps(entries)).standing,
    readOn: (before, after, fresh) => {
      const known = readings.get(before);
      if (!known) return;
      const standing = [...known.standing];
      for (const entry of fresh) {
        const last = standing.at(-1);
        if (entry.type === 'corrected' || unreadable(entry) !== null || (last && byMoment(last, entry) > 0))
          return;
        standing.push(entry as Happening<H>);
      }
      readings.set(after, { standing, faults: known.faults });
    },
  };
}
