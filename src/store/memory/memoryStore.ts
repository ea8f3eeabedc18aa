import type { Change } from '@/core/gate/change';
import type { RoomDocument } from '@/core/records/documents';
import type { Entry } from '@/core/events/events';
import { StoreError, type Announcement, type Committed, type RoomStore, type Snapshot } from '../port';

/** A place in memory that several stores share, as tabs share a database. */
export interface MemoryPlace {
  documents: Map<string, RoomDocument>;
  entries: Entry[];
  snapshot: Snapshot | null;
  listeners: Set<(announcement: Announcement, from: RoomStore) => void>;
}

export const memoryPlace = (): MemoryPlace => ({
  documents: new Map(),
  entries: [],
  snapshot: null,
  listeners: new Set(),
});

/** The memory twin of the real store, for tests and for browsers that refuse storage. Same contract. */
export function memoryStore(place: MemoryPlace = memoryPlace()): RoomStore {
  const announce = (announcement: Announcement): void => {
    for (const listener of place.listeners) listener(announcement, store);
  };
  const store: RoomStore = {
    open: async () => ({
      documents: [...place.documents.values()],
      snapshot: place.snapshot,
    }),
    entries: async (after = 0) => place.entries.filter((entry) => entry.seq > after),
    commit: async (changes) => {
      const committed = apply(place, changes);
      announce({ kind: 'committed', committed });
      return committed;
    },
    saveSnapshot: async (snapshot) => {
      place.snapshot = snapshot;
    },
    replaceAll: async (documents, entries) => {
      place.documents = new Map(documents.map((document) => [document.id, document]));
      place.entries = [...entries];
      place.snapshot = null;
      announce({ kind: 'replaced' });
    },
    onAnnouncement: (listener) => {
      const mine = (announcement: Announcement, from: RoomStore): void => {
        if (from !== store) listener(announcement);
      };
      place.listeners.add(mine);
      return () => place.listeners.delete(mine);
    },
    close: () => {},
  };
  return store;
}

function apply(place: MemoryPlace, changes: readonly Change[]): Committed {
  const ids = new Set(place.entries.map((entry) => entry.id));
  const entries: Entry[] = [];
  const documents: RoomDocument[] = [];
  for (const change of changes) {
    if (change.kind === 'append') {
      if (ids.has(change.entry.id))
        throw new StoreError('conflict', 'That entry is already in the journal. Nothing was written.');
      ids.add(change.entry.id);
      entries.push({ ...change.entry, seq: place.entries.length + entries.length + 1 } as Entry);
    } else {
      const rev = (place.documents.get(change.document.id)?.rev ?? 0) + 1;
      documents.push({ ...change.document, rev } as RoomDocument);
    }
  }
  place.entries.push(...entries);
  for (const document of documents) place.documents.set(document.id, document);
  return { entries, documents };
}
