import { openDB, type IDBPDatabase } from 'idb';
import type { Change, CommandRecord } from '@/core/gate';
import type { Entry } from '@/core/events';
import type { RoomDocument } from '@/core/records';
import { GONE, land } from '../landing';
import {
  MOST_COMMANDS,
  StoreError,
  type Announcement,
  type Committed,
  type CommitNote,
  type Contents,
  type RoomStore,
} from '../port';
import { DATABASE_MIGRATIONS, DATABASE_VERSION } from './migrations';
import type { RoomSchema } from './schema';

/** The key of stores of one row. */
const ROOM = 'room';
/** When the room was replaced last. */
const ON = 'on';
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

interface Happenings {
  readonly blocked: () => void;
  readonly closing: () => void;
  readonly gone: () => void;
}

async function upgraded(
  db: IDBPDatabase<RoomSchema>,
  tx: Parameters<(typeof DATABASE_MIGRATIONS)[number]['up']>[1],
  from: number,
): Promise<void> {
  for (const step of DATABASE_MIGRATIONS) if (step.to > from) await step.up(db, tx);
}

function openDatabase(
  name: string,
  { blocked, closing, gone }: Happenings,
): Promise<IDBPDatabase<RoomSchema>> {
  return openDB<RoomSchema>(name, DATABASE_VERSION, {
    upgrade: (db, oldVersion, _newVersion, tx) => {
      // A step that fails takes the transaction with it: the database stays as it was.
      void upgraded(db, tx, oldVersion).catch(() => abort(tx));
    },
    blocked,
    blocking: (_current, blockedVersion, event) => {
      // No version: somebody deletes the database.
      if (blockedVersion === null) gone();
      else closing();
      (event.target as IDBDatabase).close();
    },
    terminated: gone,
  });
}

async function lastEntry(store: {
  openCursor(range: null, direction: 'prev'): Promise<{ value: Entry } | null>;
}): Promise<Entry | undefined> {
  return (await store.openCursor(null, 'prev'))?.value;
}

/** Commands beyond those that are kept, oldest first. */
const tooMany = (commands: readonly CommandRecord[]): readonly CommandRecord[] =>
  [...commands].sort((a, b) => (a.at < b.at ? -1 : 1)).slice(0, Math.max(0, commands.length - MOST_COMMANDS));

/** What the database may be asked for while it lands: only these documents, read before anything is written. */
async function currentDocuments(
  papers: { get(id: string): Promise<RoomDocument | undefined> },
  changes: readonly Change[],
): Promise<ReadonlyMap<string, RoomDocument>> {
  const current = new Map<string, RoomDocument>();
  for (const change of changes) {
    if (change.kind !== 'put' || current.has(change.document.id)) continue;
    const document = await papers.get(change.document.id);
    if (document) current.set(document.id, document);
  }
  return current;
}

async function write(
  db: IDBPDatabase<RoomSchema>,
  changes: readonly Change[],
  note: CommitNote,
): Promise<Committed> {
  const tx = db.transaction(['entries', 'documents', 'commands'], 'readwrite', STRICT);
  try {
    const journal = tx.objectStore('entries');
    const papers = tx.objectStore('documents');
    const done = tx.objectStore('commands');
    const first = note.command && (await done.get(note.command.id));
    if (first) {
      await tx.done;
      return { entries: [], documents: [], command: first };
    }
    const current = await currentDocuments(papers, changes);
    const committed = land(changes, note, await lastEntry(journal), (id) => current.get(id));
    for (const entry of committed.entries) await journal.add(entry);
    for (const document of committed.documents) await papers.put(document);
    for (const id of note.drops ?? []) await done.delete(id);
    if (committed.command) {
      await done.put(committed.command);
      if ((await done.count()) > MOST_COMMANDS)
        for (const { id } of tooMany(await done.getAll())) await done.delete(id);
    }
    await tx.done;
    return committed;
  } catch (error) {
    tx.done.catch(() => {});
    abort(tx);
    throw error;
  }
}

/** So many places are read at a time: a long journal must not hold up the screen. */
const PLACES_A_PIECE = 1500;

/**
 * The journal after a place. It only grows, so that pieces read one after the other fit together. While one piece is taken
 * over, the storage reads the next.
 */
async function readInPieces(db: IDBPDatabase<RoomSchema>, start: number): Promise<readonly Entry[]> {
  const last = (await db.transaction('entries').store.openKeyCursor(null, 'prev'))?.key ?? 0;
  const isLast = (from: number): boolean => from + PLACES_A_PIECE >= last;
  const ask = (from: number): Promise<Entry[]> => {
    const asked = db.getAll(
      'entries',
      // The last piece is open: what was written since is in it.
      isLast(from)
        ? IDBKeyRange.lowerBound(from, true)
        : IDBKeyRange.bound(from, from + PLACES_A_PIECE, true),
    );
    // A failure is told when its turn comes.
    asked.catch(() => {});
    return asked;
  };
  const all: Entry[] = [];
  let next = ask(start);
  for (let from = start; ; from += PLACES_A_PIECE) {
    const piece = next;
    if (!isLast(from)) next = ask(from + PLACES_A_PIECE);
    for (const entry of await piece) all.push(entry);
    if (isLast(from)) return all;
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
  let lost = false;
  const gone = (): void => {
    lost = true;
    tell({ kind: 'gone' });
  };
  const db = (): Promise<IDBPDatabase<RoomSchema>> => {
    // Opening again would make an empty room without a word.
    if (lost) return Promise.reject(new StoreError('gone', GONE));
    database ??= new Promise((resolve, reject) => {
      const blocked = (): void =>
        reject(
          new StoreError(
            'blocked',
            'Another tab holds an older version of this room. Close the other Lomvik tabs, then reload; nothing was lost.',
          ),
        );
      openDatabase(name, { blocked, closing: () => tell({ kind: 'closing' }), gone }).then(resolve, reject);
    });
    return database;
  };

  return {
    open: () =>
      guarded(async () => {
        const tx = (await db()).transaction(['documents', 'snapshots', 'commands', 'aside', 'previous']);
        const snapshot = (await tx.objectStore('snapshots').get(ROOM)) ?? null;
        const documents = await tx.objectStore('documents').getAll();
        const commands = await tx.objectStore('commands').getAll();
        const aside = await tx.objectStore('aside').getAll();
        const replacedOn = await tx.objectStore('previous').get(ON);
        await tx.done;
        return {
          documents,
          snapshot,
          commands,
          aside,
          replacedOn: typeof replacedOn === 'string' ? replacedOn : null,
        };
      }),
    counts: () =>
      guarded(async () => {
        const database = await db();
        return { entries: await database.count('entries'), documents: await database.count('documents') };
      }),
    entries: (after = 0) => guarded(async () => readInPieces(await db(), after)),
    commit: (changes, note = {}) =>
      guarded(async () => {
        const committed = await write(await db(), changes, note);
        if (committed.entries.length + committed.documents.length === 0) return committed;
        await note.beforeTold?.(committed);
        // How to take it back is this tab's own.
        channel?.postMessage({
          kind: 'committed',
          committed: { ...committed, command: null },
        } satisfies Announcement);
        return committed;
      }),
    saveSnapshot: (snapshot) =>
      guarded(async () => void (await (await db()).put('snapshots', snapshot, ROOM))),
    replaceAll: (contents, keep) =>
      guarded(async () => {
        await replace(await db(), contents, keep);
        channel?.postMessage({ kind: 'replaced' } satisfies Announcement);
      }),
    previous: () =>
      guarded(async () => {
        const kept = await (await db()).get('previous', ROOM);
        return kept === undefined || typeof kept === 'string' ? null : kept;
      }),
    setAside: (asides, from) =>
      guarded(async () => {
        const tx = (await db()).transaction(
          ['aside', 'documents', 'entries', 'snapshots'],
          'readwrite',
          STRICT,
        );
        for (const one of asides) await tx.objectStore('aside').put(one);
        for (const id of from.documents) await tx.objectStore('documents').delete(id);
        for (const seq of from.entries) await tx.objectStore('entries').delete(seq);
        if (from.entries.length > 0) await tx.objectStore('snapshots').delete(ROOM);
        await tx.done;
        // Other tabs counted on those entries: they read anew.
        if (from.entries.length > 0) channel?.postMessage({ kind: 'replaced' } satisfies Announcement);
      }),
    dropAside: (key) => guarded(async () => (await db()).delete('aside', key)),
    raw: () =>
      guarded(async () => {
        const open = await db();
        const stores = ['entries', 'documents', 'aside', 'previous'] as const;
        return Object.fromEntries(
          await Promise.all(stores.map(async (store) => [store, await open.getAll(store)] as const)),
        );
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

/** Puts contents in the place of everything, in one transaction; what was there by then is kept if that is asked. */
async function replace(
  db: IDBPDatabase<RoomSchema>,
  { documents, entries }: Contents,
  keep: { readonly label: string; readonly at: string } | undefined,
): Promise<void> {
  const tx = db.transaction(
    ['entries', 'documents', 'snapshots', 'commands', 'previous'],
    'readwrite',
    STRICT,
  );
  try {
    const previous = tx.objectStore('previous');
    if (keep) {
      const before = {
        documents: await tx.objectStore('documents').getAll(),
        entries: await tx.objectStore('entries').getAll(),
      };
      const file = { documents, entryIds: entries.map(({ id }) => id) };
      await previous.put({ ...keep, before, file }, ROOM);
      await previous.put(keep.at, ON);
    } else await previous.clear();
    const [journal, papers] = [tx.objectStore('entries'), tx.objectStore('documents')];
    await journal.clear();
    await papers.clear();
    await tx.objectStore('snapshots').clear();
    await tx.objectStore('commands').clear();
    for (const document of documents) void papers.put(document);
    for (const entry of entries) void journal.put(entry);
    await tx.done;
  } catch (error) {
    tx.done.catch(() => {});
    abort(tx);
    throw error;
  }
}
