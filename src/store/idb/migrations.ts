import type { IDBPDatabase, IDBPTransaction, StoreNames } from 'idb';
import type { Entry } from '@/core/events';
import { writtenInOrder } from '@/core/journal';
import type { RoomSchema } from './schema';

type Upgrading = IDBPTransaction<RoomSchema, StoreNames<RoomSchema>[], 'versionchange'>;

/** So many entries are read at a time. */
const A_PIECE = 2000;

/** Moments of writing that go up strictly: only entries that change are written. */
async function orderEntries(tx: Upgrading): Promise<void> {
  const journal = tx.objectStore('entries');
  let last: Entry | undefined;
  for (;;) {
    const piece: readonly Entry[] = await journal.getAll(
      last && IDBKeyRange.lowerBound(last.seq, true),
      A_PIECE,
    );
    if (piece.length === 0) return;
    const ordered = writtenInOrder(last ? [last, ...piece] : piece).slice(last ? 1 : 0);
    for (const [i, entry] of ordered.entries()) if (entry !== piece[i]) await journal.put(entry);
    last = ordered.at(-1);
  }
}

/** One step of the database upward. Data and version change in one transaction: all of it, or nothing. */
interface DatabaseMigration {
  readonly to: number;
  readonly name: string;
  readonly up: (db: IDBPDatabase<RoomSchema>, tx: Upgrading) => void | Promise<void>;
}

/** Steps in order from an empty database. A step once shipped is never changed. */
export const DATABASE_MIGRATIONS: readonly DatabaseMigration[] = [
  {
    to: 1,
    name: 'journal, documents and snapshot',
    up: (db) => {
      db.createObjectStore('entries', { keyPath: 'seq' }).createIndex('id', 'id', { unique: true });
      db.createObjectStore('documents', { keyPath: 'id' });
      db.createObjectStore('snapshots');
    },
  },
  {
    to: 2,
    name: 'commands to take back, records set aside, the room before a file',
    up: (db) => {
      db.createObjectStore('commands', { keyPath: 'id' });
      db.createObjectStore('aside', { keyPath: 'key' });
      db.createObjectStore('previous');
    },
  },
  { to: 3, name: 'entries are written strictly one after the other', up: (_db, tx) => orderEntries(tx) },
];

export const DATABASE_VERSION = DATABASE_MIGRATIONS.length;

DATABASE_MIGRATIONS.forEach((step, index) => {
  if (step.to !== index + 1)
    throw new Error(`The database step "${step.name}" leads to ${step.to}, expected ${index + 1}`);
});
