import { applyEvent, loose } from './applyEvent';
import { effective } from './effective';
import type { Entry } from './events';
import { unreadable } from './readable';
import { EMPTY_ROOM, type Room } from './room';

/**
 * The room as the journal has it at a moment; without a moment, after everything recorded.
 *
 * A damaged record is told as loose; what stands around it is not lost with it.
 * `until` is an ISO date or date and time; a date counts its whole day.
 */
export function roomAt(entries: readonly Entry[], until?: string): Room {
  const limit = until !== undefined && until.length === 10 ? `${until}T23:59:59.999Z` : until;
  const happened = effective(entries);
  const counted = limit === undefined ? happened : happened.filter((event) => event.on <= limit);
  const room = counted.reduce<Room>(applyEvent, EMPTY_ROOM);
  return entries.reduce<Room>((so, entry) => {
    const why = unreadable(entry);
    return why === null ? so : loose(so, why);
  }, room);
}

/**
 * The room after one more entry, if that can be told from the room alone; null when the journal must be folded anew
 * (a correction, or something that happened before what is already in).
 */
export function roomAfter(room: Room, lastOn: string, entry: Entry): Room | null {
  if (entry.type === 'corrected' || entry.on < lastOn) return null;
  return unreadable(entry) === null ? applyEvent(room, entry) : null;
}
