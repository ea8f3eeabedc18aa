import { applyEvent, EMPTY_ROOM, type Room, type Standing } from '../events';
import { DAY_MS } from '../kernel';

/** Moved so close to the step, the fish moved because of it. */
const SAME_MOVE_MS = 2 * DAY_MS;

/**
 * The tank to which most of the fish of a tank went about a moment: a larger tank is judged by what is seen there. Null where
 * none moved.
 */
export function movedTo(happenings: readonly Standing[], tank: string, on: string): string | null {
  const gone = new Map<string, number>();
  let room: Room = EMPTY_ROOM;
  for (const event of happenings) {
    if (event.type === 'chased') continue;
    if (event.type === 'moved' && Math.abs(Date.parse(event.on) - Date.parse(on)) <= SAME_MOVE_MS) {
      const one = room.residents[event.resident];
      if (one?.tank === tank && event.tank !== tank)
        gone.set(event.tank, (gone.get(event.tank) ?? 0) + one.count);
    }
    room = applyEvent(room, event);
  }
  return [...gone].sort(([, a], [, b]) => b - a)[0]?.[0] ?? null;
}
