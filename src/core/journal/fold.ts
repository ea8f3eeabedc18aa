import type { EntryOf, Happened, Loose } from './entry';
import type { Reader } from './reading';

/** How a state comes about from what happened. */
export interface Folding<S, H extends Happened> {
  readonly empty: S;
  readonly apply: (state: S, event: H) => S;
  /** Says of an entry that it could not be read; the state stays as it is. */
  readonly loose: (state: S, entry: Loose) => S;
  readonly unreadable: (entry: EntryOf<H>) => Loose | null;
}

/** The state after one happening. One that breaks the fold is told as loose, and the rest is folded. */
function step<S, H extends Happened>({ apply, loose }: Folding<S, H>, state: S, event: H): S {
  try {
    return apply(state, event);
  } catch {
    const { id = '', type, on } = event as H & { readonly id?: string };
    return loose(state, { id, type, on, why: 'damaged' });
  }
}

/** So many entries are folded before the fold can pause. */
const ENTRIES_A_STEP = 1500;

/**
 * The state after a journal, with pauses in it, so that a screen can be drawn meanwhile. `until` is an ISO date or moment;
 * a date counts its whole day; without it everything counts.
 */
export function* foldSteps<S, H extends Happened>(
  folding: Folding<S, H>,
  reader: Reader<H>,
  entries: readonly EntryOf<H>[],
  until?: string,
): Generator<undefined, S> {
  const limit = until !== undefined && until.length === 10 ? `${until}T23:59:59.999Z` : until;
  const { standing, faults } = yield* reader.effectiveInSteps(entries);
  yield;
  let state = folding.empty;
  for (const [i, event] of standing.entries()) {
    if (limit === undefined || event.on <= limit) state = step(folding, state, event);
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  return faults.reduce<S>(folding.loose, state);
}

/**
 * The state after one more entry, if that can be told from the state alone; null when the journal must be folded anew
 * (a correction, or something that happened before what is already in).
 */
export function foldOne<S, H extends Happened>(
  folding: Folding<S, H>,
  state: S,
  lastOn: string,
  entry: EntryOf<H>,
): S | null {
  if (entry.type === 'corrected' || entry.on < lastOn) return null;
  return folding.unreadable(entry) === null ? step(folding, state, entry as EntryOf<H> & H) : null;
}

/** The state after many more entries, as `foldOne` for each, with pauses; null when the journal must be folded anew. */
export function* foldOnSteps<S, H extends Happened>(
  folding: Folding<S, H>,
  from: S,
  lastOn: string,
  entries: readonly EntryOf<H>[],
): Generator<undefined, S | null> {
  let state: S | null = from;
  let last = lastOn;
  for (const [i, entry] of entries.entries()) {
    state = foldOne(folding, state, last, entry);
    if (state === null) return null;
    last = entry.on;
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  return state;
}
