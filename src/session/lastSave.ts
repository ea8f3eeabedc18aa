import { daysBetween } from '@/core/kernel';
import { recall, remember } from './browserMemory';

/** When a room was last saved as a file from this browser, and how long its journal was then. */
export interface LastSave {
  /** ISO date. */
  readonly on: string;
  readonly entries: number;
}

/** After so many days or so many entries a save is due. */
const WEEK = 7;
const MANY_ENTRIES = 200;

const keyOf = (room: string): string => `lomvik.saved.${room}`;

export const rememberSave = (room: string, save: LastSave): void =>
  remember('localStorage', keyOf(room), JSON.stringify(save));

/** The last save; null where there was none, or nobody remembers. */
export function lastSaveOf(room: string): LastSave | null {
  try {
    const { on, entries } = JSON.parse(recall('localStorage', keyOf(room)) ?? '{}') as Partial<LastSave>;
    return typeof on === 'string' && typeof entries === 'number' ? { on, entries } : null;
  } catch {
    return null;
  }
}

/** Whether the room should be saved again: `begunOn` is the day of its first entry, for a room that never was. */
export function isSaveDue(
  last: LastSave | null,
  { today, entries, begunOn }: { readonly today: string; readonly entries: number; readonly begunOn: string },
): boolean {
  const since = entries - (last?.entries ?? 0);
  return since >= MANY_ENTRIES || (since > 0 && daysBetween(last?.on ?? begunOn, today) >= WEEK);
}
