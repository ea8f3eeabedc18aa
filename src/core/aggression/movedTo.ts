import type { Standing } from '../events';
import { DAY_MS } from '../kernel';

/** Moved so close to the step, the fish moved because of it. */
const SAME_MOVE_MS = 2 * DAY_MS;

/**
 * The tank to which most of the fish of a tank went about a moment: a larger tank is judged by what is seen there. Null where
 * none moved.
 */
export function movedTo(happenings: readonly Standing[], tank: string, on: string): string | null {
  const whereIs = new Map<string, string>();
  const gone = new Map<string, number>();
  for (const event of happenings) {
    if (event.type === 'came') for (const { id } of event.members) whereIs.set(id, event.tank);
    else if (event.type === 'split') {
      const from = whereIs.get(event.resident);
      if (from !== undefined) for (const { id } of event.into) whereIs.set(id, from);
    } else if (event.type === 'moved') {
      const isThen = Math.abs(Date.parse(event.on) - Date.parse(on)) <= SAME_MOVE_MS;
      if (isThen && whereIs.get(event.resident) === tank && event.tank !== tank)
        gone.set(event.tank, (gone.get(event.tank) ?? 0) + 1);
      whereIs.set(event.resident, event.tank);
    }
  }
  return [...gone].sort(([, a], [, b]) => b - a)[0]?.[0] ?? null;
}
