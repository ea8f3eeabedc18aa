import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { ExperienceFile } from '@/core/evidence';

/** An experience file that was taken in, with the name it came under. */
export interface HeldFile {
  readonly file: ExperienceFile;
  readonly name: string;
  /** ISO moment. */
  readonly takenOn: string;
}

interface ExperienceSchema extends DBSchema {
  /** One file a room: the one that tells it last. */
  files: { key: string; value: HeldFile };
  /** One row, `changes`: how often anything was written, so that other tabs and workers notice. */
  counts: { key: string; value: number };
}

/** Where the experience of other keepers is kept: apart from the keeper's own record, so that it can be removed without touching it. */
export interface ExperienceStore {
  all(): Promise<readonly HeldFile[]>;
  /** Grows with every write. */
  changes(): Promise<number>;
  put(files: readonly HeldFile[]): Promise<void>;
  /** Removes the files of these rooms, or all. */
  remove(rooms: readonly string[] | 'all'): Promise<void>;
}

const CHANGES = 'changes';

/** The experience that is held beside a room. */
export function experienceStore(room: string): ExperienceStore {
  let opened: Promise<IDBPDatabase<ExperienceSchema>> | null = null;
  const open = (): Promise<IDBPDatabase<ExperienceSchema>> => {
    opened ??= openDB<ExperienceSchema>(`lomvik-${room}-experience`, 1, {
      upgrade: (db) => {
        db.createObjectStore('files');
        db.createObjectStore('counts');
      },
      // Somebody deletes it, or a newer Lomvik lifts it: nobody is kept waiting.
      blocking: (_current, _blocked, event) => {
        opened = null;
        (event.target as IDBDatabase).close();
      },
      terminated: () => (opened = null),
    });
    opened.catch(() => (opened = null));
    return opened;
  };
  type Files = { put(value: HeldFile, key: string): unknown; delete(key: string): unknown; clear(): unknown };
  const write = async (how: (files: Files) => void): Promise<void> => {
    const tx = (await open()).transaction(['files', 'counts'], 'readwrite');
    how(tx.objectStore('files'));
    const counts = tx.objectStore('counts');
    await counts.put(((await counts.get(CHANGES)) ?? 0) + 1, CHANGES);
    await tx.done;
  };
  return {
    all: async () => (await open()).getAll('files'),
    changes: async () => (await (await open()).get('counts', CHANGES)) ?? 0,
    put: (held) =>
      write((files) => {
        for (const one of held) files.put(one, one.file.room);
      }),
    remove: (rooms) =>
      write((files) => {
        if (rooms === 'all') files.clear();
        else for (const room of rooms) files.delete(room);
      }),
  };
}
