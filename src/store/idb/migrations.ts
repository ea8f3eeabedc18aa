import type { IDBPDatabase } from 'idb';
import type { RoomSchema } from './schema';

/** One step of the database upward. Data and version change in one transaction: all of it, or nothing. */
interface DatabaseMigration {
  readonly to: number;
  readonly name: string;
  readonly up: (db: IDBPDatabase<RoomSchema>) => void;
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
];

export const DATABASE_VERSION = DATABASE_MIGRATIONS.length;

DATABASE_MIGRATIONS.forEach((step, index) => {
  if (step.to !== index + 1)
    throw new Error(`The database step "${step.name}" leads to ${step.to}, expected ${index + 1}`);
});
