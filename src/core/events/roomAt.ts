import { type Folding, foldOne, foldOnSteps, foldSteps, journalReader, type StandingOf } from '../journal';
import { atOnce } from '../kernel';
import { applyEvent, type Dated, type Entry } from './events';
import { unreadable } from './readable';
import { EMPTY_ROOM, type Room } from './room';
import { loose } from './roomChanges';

/** A happening of a room as it stands after all corrections. */
export type Standing = StandingOf<Dated>;

const reader = journalReader<Dated>(unreadable);
export const { effective, effectiveInSteps, readOn } = reader;

const ROOM: Folding<Room, Dated> = { empty: EMPTY_ROOM, apply: applyEvent, loose, unreadable };

/**
 * The room as the journal has it at a moment; without a moment, after everything recorded.
 *
 * A damaged record is told as loose; what stands around it is not lost with it.
 * `until` is an ISO date or date and time; a date counts its whole day.
 */
export const roomAt = (entries: readonly Entry[], until?: string): Room =>
  atOnce(foldInSteps(entries, until));

/** The same fold with pauses in it. */
export const foldInSteps = (entries: readonly Entry[], until?: string): Generator<undefined, Room> =>
  foldSteps(ROOM, reader, entries, until);

/** The room after many more entries, with pauses; null when the journal must be folded anew. */
export const foldOnInSteps = (
  from: Room,
  lastOn: string,
  entries: readonly Entry[],
): Generator<undefined, Room | null> => foldOnSteps(ROOM, from, lastOn, entries);

/** The room after one more entry, if that can be told from the room alone. */
export const roomAfter = (room: Room, lastOn: string, entry: Entry): Room | null =>
  foldOne(ROOM, room, lastOn, entry);
