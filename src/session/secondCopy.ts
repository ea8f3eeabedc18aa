import type { Committed, RoomStore } from '@/store/port';
import type { Lost } from '@/store/mirror/mirror';
import { startMirror } from '@/workers/startMirror';
import { workerLine } from '@/workers/workerLine';
import { withDeadline } from './withDeadline';

/** The second copy of a room, kept by a worker of its own. A browser that has no place for it keeps none, and nothing waits for it. */
export interface SecondCopy {
  /** What it has and the room lacks. */
  readonly compare: () => Promise<Lost | null>;
  /** Begins anew with the room as it is. */
  readonly anew: () => Promise<void>;
  /** Writes on what was committed; settles when it stands there, or when that takes too long. */
  readonly append: (committed: Pick<Committed, 'entries' | 'documents'>) => Promise<void>;
  readonly stop: () => void;
}

/** A long room takes a while to be read and written once more. */
const PATIENCE_MS = 180_000;
/** A commit waits for its second copy no longer than this. */
const COMMIT_PATIENCE_MS = 2000;

export function secondCopy(room: string): SecondCopy {
  const line = workerLine(startMirror);
  /** It did not answer in time: nothing waits for it until it has answered again. */
  let isSilent = false;
  return {
    compare: async () => {
      const answer = await line.ask((remote) => remote.compare(room), PATIENCE_MS);
      return answer.ok ? answer.value : null;
    },
    anew: async () => void (await line.ask((remote) => remote.anew(room), PATIENCE_MS)),
    append: async ({ entries, documents }) => {
      const written = line.ask((remote) => remote.append(room, { entries, documents }));
      void written.then(({ ok }) => {
        if (ok) isSilent = false;
      });
      if (isSilent) return;
      await withDeadline(
        written,
        COMMIT_PATIENCE_MS,
        () => new Error('The second copy does not answer.'),
      ).catch(() => {
        isSilent = true;
      });
    },
    stop: line.stop,
  };
}

/**
 * A store whose commits are written on in the second copy too, after they are durable. Nobody is told of a commit before it stands in both:
 * a browser that dies and then has lost its database has lost nothing that was said to be saved.
 */
export function withCopy(store: RoomStore, copy: SecondCopy): RoomStore {
  const stop = store.onAnnouncement((announcement) => {
    if (announcement.kind === 'replaced') void copy.anew();
  });
  return {
    ...store,
    commit: (changes, note) => store.commit(changes, { ...note, beforeTold: copy.append }),
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
