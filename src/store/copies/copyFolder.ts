import { isDay } from '@/core/kernel';
import { copiesToDrop } from './generations';

/** A folder that copies of a room are written into: on a disk, or in a test. */
export interface CopyFolder {
  readonly names: () => Promise<readonly string[]>;
  /** Writes a file whole or not at all. */
  readonly write: (name: string, blob: Blob) => Promise<void>;
  readonly remove: (name: string) => Promise<void>;
}

export type Ending = '.lomvik.json' | '.lomvik.zip';
const ENDINGS: readonly Ending[] = ['.lomvik.json', '.lomvik.zip'];

const stemOf = (room: string): string => `lomvik-${room}-`;
export const copyName = (room: string, day: string, ending: Ending): string =>
  `${stemOf(room)}${day}${ending}`;

/** The day of a copy of this room by the name of its file; null for any other file, which is never touched. */
function dayOfCopy(room: string, name: string): string | null {
  const ending = ENDINGS.find((one) => name.endsWith(one));
  if (!ending || !name.startsWith(stemOf(room))) return null;
  const day = name.slice(stemOf(room).length, -ending.length);
  return isDay(day) ? day : null;
}

/** The copies of a room in a folder, the oldest first. */
export const copiesIn = (room: string, names: readonly string[]): readonly string[] =>
  names
    .flatMap((name) => {
      const day = dayOfCopy(room, name);
      return day === null ? [] : [{ name, day }];
    })
    .sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : a.name < b.name ? -1 : 1))
    .map(({ name }) => name);

/**
 * Writes the copy of today, then thins the older ones; gives how many copies there are then. `today` is an ISO date.
 *
 * Errors: those of the folder. The copies that were there stay, as nothing is removed before the new one is written.
 */
export async function keepCopy(
  folder: CopyFolder,
  room: string,
  today: string,
  { blob, ending }: { readonly blob: Blob; readonly ending: Ending },
): Promise<number> {
  const written = copyName(room, today, ending);
  await folder.write(written, blob);
  const names = copiesIn(room, await folder.names());
  const days = new Set(names.map((name) => dayOfCopy(room, name) as string));
  const dropped = new Set(copiesToDrop([...days], today));
  const isStale = (name: string): boolean => {
    const day = dayOfCopy(room, name) as string;
    // The room of today in its other form: with or without pictures.
    return dropped.has(day) || (day === today && name !== written);
  };
  const stale = names.filter(isStale);
  for (const name of stale) await folder.remove(name);
  return names.length - stale.length;
}
