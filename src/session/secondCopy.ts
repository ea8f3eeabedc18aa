import type { RoomStore } from '@/store/port';
import type { Lost } from '@/store/mirror/mirror';
import { startMirror } from '@/workers/startMirror';
import { workerLine } from '@/workers/workerLine';

/** The second copy of a room, kept by a worker of its own. A browser that has no place for it keeps none, and nothing waits for it. */
export interface SecondCopy {
  /** What it has and the room lacks. */
  readonly compare: () => Promise<Lost | null>;
  /** Begins anew with the room as it is. */
  readonly anew: () => Promise<void>;
  readonly append: (
    committed: Pick<Awaited<ReturnType<RoomStore['commit']>>, 'entries' | 'documents'>,
  ) => void;
  readonly stop: () => void;
}

/** A long room takes a while to be read and written once more. */
const PATIENCE_MS = 180_000;

export function secondCopy(room: string): SecondCopy {
  const line = workerLine(startMirror);
  return {
    compare: async () => {
      const answer = await line.ask((remote) => remote.compare(room), PATIENCE_MS);
      return answer.ok ? answer.value : null;
    },
    anew: async () => void (await line.ask((remote) => remote.anew(room), PATIENCE_MS)),
    append: ({ entries, documents }) =>
      void line.ask((remote) => remote.append(room, { entries, documents })),
    stop: line.stop,
  };
}

/** A store whose commits are written on in the second copy too, after they are durable. */
export function withCopy(store: RoomStore, copy: SecondCopy): RoomStore {
  const stop = store.onAnnouncement((announcement) => {
    if (announcement.kind === 'replaced') void copy.anew();
  });
  return {
    ...store,
    commit: async (changes, note) => {
      const committed = await store.commit(changes, note);
      if (committed.entries.length + committed.documents.length > 0) copy.append(committed);
      return committed;
    },
    replaceAll: async (contents, keep) => {
      await store.replaceAll(contents, keep);
      void copy.anew();
    },
    close: () => {
      stop();
      copy.stop();
      store.close();
    },
  };
}
