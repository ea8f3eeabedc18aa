import { expose } from 'comlink';
import { experienceStore } from '@/store/experience/experienceStore';
import { idbStore } from '@/store/idb/idbStore';
import type { RoomStore } from '@/store/port';
import { openDocuments } from '@/store/openRecords';
import { experienceWork } from './experienceWork';

const now = (): string => new Date().toISOString();

const rooms = new Map<string, RoomStore>();
function roomOf(room: string): RoomStore {
  const store = rooms.get(room) ?? idbStore(`lomvik-${room}`);
  rooms.set(room, store);
  return store;
}

expose(
  experienceWork(
    experienceStore,
    async (room) => {
      const store = roomOf(room);
      const [opened, counts] = await Promise.all([store.open(), store.counts()]);
      const { documents } = openDocuments(opened.documents, now());
      return {
        documents,
        entries: () => store.entries(),
        mark: [counts.entries, opened.replacedOn, ...documents.map(({ id, rev }) => `${id}:${rev}`)].join(
          ' ',
        ),
      };
    },
    now,
  ),
);
