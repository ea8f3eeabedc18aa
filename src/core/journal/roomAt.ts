import { applyEvent, loose } from '../events/applyEvent';
import { effectiveInSteps } from './effective';
import { atOnce } from '../kernel/steps/atOnce';
import type { Entry } from '../events/events';
import { unreadable } from './readable';
import { EMPTY_ROOM, type Room } from '../events/room';

/**
 * The room as the journal has it at a moment; without a moment, after everything recorded.
 *
 * A damaged record is told as loose; what stands around it is not lost with it.
 * `until` is an ISO date or date and time; a date counts its whole day.
 */
export const roomAt = (entries: readonly Entry[], until?: string): Room =>
  atOnce(foldInSteps(entries, until));

/** So many entries are folded before the fold can pause. */
const ENTRIES_A_STEP = 1500;

/** The same fold with pauses in it, so that a screen can be drawn meanwhile. */
export function* foldInSteps(entries: readonly Entry[], until?: string): Generator<undefined, Room> {
  const limit = until !== undefined && until.length === 10 ? `${until}T23:59:59.999Z` : until;
  const { standing: happened, faults } = yield* effectiveInSteps(entries);
  yield;
  let room: Room = EMPTY_ROOM;
  for (const [i, event] of happened.entries()) {
    if (limit === undefined || event.on <= limit) room = applyEvent(room, event);
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  return faults.reduce<Room>(loose, room);
}

/** The room after many more entries, as `roomAfter` for each, with pauses; null when the journal must be folded anew. */
export function* foldOnInSteps(
  from: Room,
  lastOn: string,
  entries: readonly Entry[],
): Generator<undefined, Room | null> {
  let room: Room | null = from;
  let last = lastOn;
  for (const [i, entry] of entries.entries()) {
    room = roomAfter(room, last, entry);
    if (room === null) return null;
    last = entry.on;
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  return room;
}

/**
 * The room after one more entry, if that can be told from the room alone; null when the journal must be folded anew
 * (a correction, or something that happened before what is already in).
 */
export function roomAfter(room: Room, lastOn: string, entry: Entry): Room | null {
  if (entry.type === 'corrected' || entry.on < lastOn) return null;
  return unreadable(entry) === null ? applyEvent(room, entry) : null;
}
