import { openDB, type IDBPDatabase } from 'idb';
import type { Change } from '@/core/gate/change';
import type { RoomDocument } from '@/core/records/documents';
import type { Entry } from '@/core/events/events';
import { StoreError, type Announcement, type Committed, type RoomStore } from '../port';
import { DATABASE_VERSION, type RoomSchema } from './schema';

const SNAPSHOT = 'room';
/** A commit counts only when the disk has it. */
const STRICT = { durability: 'strict' } as const;

const nameOf = (error: unknown): string =>
  error !== null && typeof error === 'object' && 'name' in error ? String(error.name) : '';

/** What went wrong in the browser's storage, in words to act on. */
export function asStoreError(error: unknown): StoreError {
  if (error instanceof StoreError) return error;
  switch (nameOf(error)) {
    case 'VersionError':
      return new StoreError(
        'newer',
        'A newer Lomvik has written this room. Close this tab and open the newer one; nothing was changed.',
        { cause: error },
      );
    case 'QuotaExceededError':
      return new StoreError(
        'quota',
        'The browser has no room left to write. Nothing was lost: export the room under Files, free some space, then try again.',
        { cause: error },
      );
    case 'ConstraintError':
      return new StoreError('conflict', 'That entry is already in the journal. Nothing was written.', {
        cause: error,
      });
    case 'InvalidStateError':
    case 'SecurityError':
    case 'UnknownError':
      return new StoreError(
        'unavailable',
        'The browser does not let Lomvik store anything here, as in some private windows. Nothing was written.',
        { cause: error },
      );
    default:
      return new StoreError(
        'failed',
        'The room could not be written. Nothing was lost; try again, and export the room under Files if it keeps failing.',
        { cause: error },
      );
  }
}

async function guarded<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    throw asStoreError(error);
  }
}

function openDatabase(
  name: string,
  onBlocked: () => void,
  onClosing: () => void,
): Promise<IDBPDatabase<RoomSchema>> {
  return openDB<RoomSchema>(name, DATABASE_VERSION, {
    upgrade: (db, oldVersion) => {
      if (oldVersion < 1) {
        db.createObjectStore('entries', { keyPath: 'seq' }).createIndex('id', 'id', { unique: true });
        db.createObjectStore('documents', { keyPath: 'id' });
        db.createObjectStore('snapshots');
      }
    },
    blocked: onBlocked,
    blocking: (_current, _blocked, event) => {
      onClosing();
      (event.target as IDBDatabase).close();
    },
  });
}

async function lastSeq(store: {
  openCursor(range: null, direction: 'prev'): Promise<{ key: number } | null>;
}): Promise<number> {
  return (await store.openCursor(null, 'prev'))?.key ?? 0;
}

async function write(db: IDBPDatabase<RoomSchema>, changes: readonly Change[]): Promise<Committed> {
  const tx = db.transaction(['entries', 'documents'], 'readwrite', STRICT);
  const entries: Entry[] = [];
  const documents: RoomDocument[] = [];
  try {
    const journal = tx.objectStore('entries');
    const papers = tx.objectStore('documents');
    let seq = await lastSeq(journal);
    for (const change of changes) {
      if (change.kind === 'append') {
        seq += 1;
        const entry = { ...change.entry, seq } as Entry;
        await journal.add(entry);
        entries.push(entry);
      } else {
        const rev = ((await papers.get(change.document.id))?.rev ?? 0) + 1;
        const document = { ...change.document, rev } as RoomDocument;
        await papers.put(document);
        documents.push(document);
      }
    }
    await tx.done;
  } catch (error) {
    tx.done.catch(() => {});
    abort(tx);
    throw error;
  }
  return { entries, documents };
}

/** So many entries are read at a time: a long journal must not hold up the screen. */
const ENTRIES_A_PIECE = 1500;

/** The journal after a place. It only grows, so that pieces read one after the other fit together. */
async function readInPieces(db: IDBPDatabase<RoomSchema>, start: number): Promise<readonly Entry[]> {
  const all: Entry[] = [];
  for (;;) {
    const after = all.at(-1)?.seq ?? start;
    const piece = await db.getAll('entries', IDBKeyRange.lowerBound(after, true), ENTRIES_A_PIECE);
    for (const entry of piece) all.push(entry);
    if (piece.length < ENTRIES_A_PIECE) return all;
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
}

function abort(tx: { abort(): void }): void {
  try {
    tx.abort();
  } catch {
    // Already over: the failed request has taken the transaction with it.
  }
}

/**
 * A room in the browser's own database. Other tabs hear over a broadcast channel, after the commit.
 * `name` tells rooms apart.
 */
export function idbStore(name: string): RoomStore {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name);
  const listeners = new Set<(announcement: Announcement) => void>();
  const tell = (announcement: Announcement): void => listeners.forEach((listener) => listener(announcement));
  channel?.addEventListener('message', (event: MessageEvent<Announcement>) => tell(event.data));

  let database: Promise<IDBPDatabase<RoomSchema>> | null = null;
  const db = (): Promise<IDBPDatabase<RoomSchema>> => {
    database ??= new Promise((resolve, reject) => {
      const blocked = (): void =>
        reject(
          new StoreError(
            'blocked',
            'Another tab holds an older version of this room. Close the other Lomvik tabs, then reload; nothing was lost.',
          ),
        );
      openDatabase(name, blocked, () => tell({ kind: 'closing' })).then(resolve, reject);
    });
    return database;
  };

  return {
    open: () =>
      guarded(async () => {
        const tx = (await db()).transaction(['documents', 'snapshots']);
        const snapshot = (await tx.objectStore('snapshots').get(SNAPSHOT)) ?? null;
        const documents = await tx.objectStore('documents').getAll();
        await tx.done;
        return { documents, snapshot };
      }),
    entries: (after = 0) => guarded(async () => readInPieces(await db(), after)),
    commit: (changes) =>
      guarded(async () => {
        const committed = await write(await db(), changes);
        channel?.postMessage({ kind: 'committed', committed } satisfies Announcement);
        return committed;
      }),
    saveSnapshot: (snapshot) =>
      guarded(async () => void (await (await db()).put('snapshots', snapshot, SNAPSHOT))),
    replaceAll: (documents, entries) =>
      guarded(async () => {
        const tx = (await db()).transaction(['entries', 'documents', 'snapshots'], 'readwrite', STRICT);
        await Promise.all([
          tx.objectStore('entries').clear(),
          tx.objectStore('documents').clear(),
          tx.objectStore('snapshots').clear(),
          ...documents.map((document) => tx.objectStore('documents').put(document)),
          ...entries.map((entry) => tx.objectStore('entries').put(entry)),
          tx.done,
        ]);
        channel?.postMessage({ kind: 'replaced' } satisfies Announcement);
      }),
    onAnnouncement: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close: () => {
      channel?.close();
      void database?.then((open) => open.close()).catch(() => {});
      database = null;
    },
  };
}
