import { openDocuments } from '@/store/openRecords';
import type { Committed, RoomStore } from '@/store/port';
import { type LogFiles, type Lost, type Mirror, type MirroredRoom, mirrorOf } from '@/store/mirror/mirror';

/**
 * What the mirror's worker does for one room: writes on what was committed, holds the room against its mirror, begins anew. Plain
 * functions, so that a test can call them without a worker. Without private files nothing is kept, and nothing is missed.
 */
export function mirrorWork(
  storeOf: (room: string) => RoomStore,
  filesOf: (room: string) => Promise<LogFiles | null>,
  now: () => number,
  page: string,
) {
  const rooms = new Map<string, { readonly store: RoomStore; readonly mirror: Promise<Mirror | null> }>();
  /** Rooms whose mirror lacks something that could not be written. */
  const behind = new Set<string>();
  let turn: Promise<unknown> = Promise.resolve();
  const of = (room: string) => {
    const known = rooms.get(room) ?? {
      store: storeOf(room),
      mirror: filesOf(room).then(
        (files) => files && mirrorOf(files, now, page),
        () => null,
      ),
    };
    rooms.set(room, known);
    return known;
  };
  /** One after the other: a log has one pen. */
  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const next = turn.then(work);
    turn = next.catch(() => {});
    return next;
  };
  const seenBy = (store: RoomStore): MirroredRoom => ({
    counts: () => store.counts(),
    contents: async () => ({
      documents: openDocuments((await store.open()).documents, new Date(now()).toISOString()).documents,
      entries: await store.entries(),
    }),
  });
  return {
    append: (room: string, committed: Pick<Committed, 'entries' | 'documents'>): Promise<void> =>
      inTurn(async () => {
        const { store, mirror } = of(room);
        // What could not be written on stands in the room: the next time the whole is written anew.
        const wasBehind = behind.has(room);
        behind.add(room);
        if (!wasBehind) await (await mirror)?.append(committed);
        else if ((await (await mirror)?.catchUp(seenBy(store))) ?? null) return;
        behind.delete(room);
      }),
    compare: (room: string): Promise<Lost | null> =>
      inTurn(async () => {
        const { store, mirror } = of(room);
        return (await (await mirror)?.compare(seenBy(store))) ?? null;
      }),
    /** The room as it is becomes the mirror: after a file took its place, or when the keeper does without what is lost. */
    anew: (room: string): Promise<void> =>
      inTurn(async () => {
        const { store, mirror } = of(room);
        await (await mirror)?.anew(await seenBy(store).contents());
      }),
  };
}
export type MirrorWork = ReturnType<typeof mirrorWork>;
