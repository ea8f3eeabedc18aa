import type { CommandRecord } from '@/core/gate';
import type { Entry } from '@/core/events';
import type { RoomDocument } from '@/core/records';
import { land } from '../landing';
import {
  StoreError,
  type Announcement,
  type Aside,
  type Previous,
  type RoomStore,
  type Snapshot,
} from '../port';

/** A place in memory that several stores share, as tabs share a database. */
export interface MemoryPlace {
  documents: Map<string, RoomDocument>;
  entries: Entry[];
  snapshot: Snapshot | null;
  commands: Map<string, CommandRecord>;
  aside: Map<string, Aside>;
  previous: Previous | null;
  listeners: Set<(announcement: Announcement, from: RoomStore) => void>;
}

export const memoryPlace = (): MemoryPlace => ({
  documents: new Map(),
  entries: [],
  snapshot: null,
  commands: new Map(),
  aside: new Map(),
  previous: null,
  listeners: new Set(),
});

/** The memory twin of the real store, for tests. Same contract. */
export function memoryStore(place: MemoryPlace = memoryPlace()): RoomStore {
  const announce = (announcement: Announcement): void => {
    for (const listener of place.listeners) listener(announcement, store);
  };
  const store: RoomStore = {
    open: async () => ({
      documents: [...place.documents.values()],
      snapshot: place.snapshot,
      commands: [...place.commands.values()],
      aside: [...place.aside.values()],
      replacedOn: place.previous?.at ?? null,
    }),
    counts: async () => ({ entries: place.entries.length, documents: place.documents.size }),
    entries: async (after = 0) => place.entries.filter((entry) => entry.seq > after),
    commit: async (changes, note = {}) => {
      const first = note.command && place.commands.get(note.command.id);
      if (first) return { entries: [], documents: [], command: first };
      const committed = land(changes, note, place.entries.at(-1), (id) => place.documents.get(id));
      const ids = new Set(place.entries.map((entry) => entry.id));
      for (const { id } of committed.entries) {
        if (ids.has(id))
          throw new StoreError('conflict', 'That entry is already in the journal. Nothing was written.');
        ids.add(id);
      }
      place.entries.push(...committed.entries);
      for (const document of committed.documents) place.documents.set(document.id, document);
      for (const id of note.drops ?? []) place.commands.delete(id);
      if (committed.command) place.commands.set(committed.command.id, committed.command);
      if (committed.entries.length + committed.documents.length === 0) return committed;
      await note.beforeTold?.(committed);
      announce({ kind: 'committed', committed });
      return committed;
    },
    saveSnapshot: async (snapshot) => {
      place.snapshot = snapshot;
    },
    replaceAll: async ({ documents, entries }, keep) => {
      const before = { documents: [...place.documents.values()], entries: place.entries };
      const file = { documents, entryIds: entries.map(({ id }) => id) };
      place.previous = keep ? { ...keep, before, file } : null;
      place.documents = new Map(documents.map((document) => [document.id, document]));
      place.entries = [...entries];
      place.snapshot = null;
      place.commands = new Map();
      announce({ kind: 'replaced' });
    },
    previous: async () => place.previous,
    setAside: async (asides, from) => {
      for (const one of asides) place.aside.set(one.key, one);
      for (const id of from.documents) place.documents.delete(id);
      place.entries = place.entries.filter(({ seq }) => !from.entries.includes(seq));
      if (from.entries.length === 0) return;
      place.snapshot = null;
      announce({ kind: 'replaced' });
    },
    dropAside: async (key) => void place.aside.delete(key),
    raw: async () => ({
      entries: place.entries,
      documents: [...place.documents.values()],
      aside: [...place.aside.values()],
      previous: place.previous ? [place.previous] : [],
    }),
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
