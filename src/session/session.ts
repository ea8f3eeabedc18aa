import { createStore, type StoreApi } from 'zustand/vanilla';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { datedOf, invert, type Before, type Change, type Stamp } from '@/core/gate/change';
import type { RoomDocument } from '@/core/records/documents';
import { effective, effectiveInSteps, readOn } from '@/core/events/roomAt';
import type { Dated, Entry } from '@/core/events/events';
import { EMPTY_ROOM, type Room } from '@/core/events/room';
import { foldInSteps, foldOnInSteps, roomAfter, roomAt } from '@/core/events/roomAt';
import type { Catalogue } from '@/core/model/catalogue';
import type { EntryId } from '@/core/kernel/schema/ids';
import { StoreError, type Committed, type RoomStore } from '@/store/port';
import { rememberCatalogue } from './rememberCatalogue';
import { withPauses } from './withPauses';

/** A thing done, with what is needed to take it back. */
interface Command {
  readonly label: string;
  readonly changes: readonly Change[];
  readonly before: Before;
}

export interface SessionState {
  readonly status: 'opening' | 'ready' | 'failed';
  /** Why the room cannot be used, in words; null when it can. */
  readonly failure: string | null;
  readonly documents: Readonly<Record<string, RoomDocument>>;
  readonly room: Room;
  /** The whole journal; null until it has been read behind the first picture. */
  readonly entries: readonly Entry[] | null;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
}

/** Everything a session needs of the world. */
export interface Surroundings {
  readonly store: RoomStore;
  readonly catalogue: Catalogue;
  readonly stamp: Stamp;
}

/** What to change, or how to tell it from the room as it stands. */
export type Changes = readonly Change[] | ChangesThen;
export type ChangesThen = (state: SessionState) => readonly Change[];

export interface Session {
  readonly state: StoreApi<SessionState>;
  /** The shipped species with the keeper's own, as the room stands. */
  readonly catalogue: Catalogue;
  /** The same of given documents; the same object while no species of them changes. */
  readonly catalogueOf: (documents: SessionState['documents']) => Catalogue;
  readonly shipped: Catalogue;
  readonly stamp: Stamp;
  /**
   * Writes changes whole or not at all; resolves once they are durable and shown. Throws `StoreError`. Commands take
   * turns: changes given as a function are made from the room as it is when their turn comes, so that two quick presses
   * never overwrite one another.
   */
  readonly run: (label: string, changes: Changes) => Promise<void>;
  readonly undo: () => Promise<string | null>;
  readonly redo: () => Promise<string | null>;
  /** The whole journal, read once. */
  readonly journal: () => Promise<readonly Entry[]>;
  /** Replaces the room by what a file holds. Not undone by `undo`: the screen offers an export first. */
  readonly replaceAll: (documents: readonly RoomDocument[], entries: readonly Entry[]) => Promise<void>;
  readonly close: () => void;
}

/** After so many entries since the last snapshot a new one is kept. */
const SNAPSHOT_EVERY = 100;
/** The journal is read again when something was committed meanwhile, so often at the most. */
const MOST_READINGS = 5;

const byId = (documents: readonly RoomDocument[]): Record<string, RoomDocument> =>
  Object.fromEntries(documents.map((document) => [document.id, document]));
const latest = (entries: readonly Entry[], from: string): string =>
  entries.reduce((last, entry) => (entry.on > last ? entry.on : last), from);

/**
 * Opens a room: documents and the last snapshot first, the journal behind them. The snapshot is proven against the
 * journal once that is read, and made anew when it disagrees.
 */
export function openSession({ store, catalogue, stamp }: Surroundings): Session {
  const state = createStore<SessionState>(() => ({
    status: 'opening',
    failure: null,
    documents: {},
    room: EMPTY_ROOM,
    entries: null,
    undoLabel: null,
    redoLabel: null,
  }));
  let lastOn = '';
  let lastSeq = 0;
  let sinceSnapshot = 0;
  let reading: Promise<readonly Entry[]> | null = null;
  let turn: Promise<unknown> = Promise.resolve();
  let opening: Promise<void> = Promise.resolve();
  const done: Command[] = [];
  const undone: Command[] = [];

  const showStacks = (): void =>
    state.setState({
      undoLabel: done[done.length - 1]?.label ?? null,
      redoLabel: undone[undone.length - 1]?.label ?? null,
    });

  /** The whole journal, read with pauses; what was committed meanwhile is in it. */
  const readJournal = async (): Promise<readonly Entry[]> => {
    for (let tries = 0; ; tries += 1) {
      const entries = await store.entries();
      await withPauses(effectiveInSteps(entries));
      if (tries === MOST_READINGS || (entries.at(-1)?.seq ?? 0) >= lastSeq) return entries;
    }
  };

  const journal = async (): Promise<readonly Entry[]> => {
    const known = state.getState().entries;
    if (known) return known;
    reading ??= readJournal().then((entries) => {
      reading = null;
      const shown = state.getState().entries ?? entries;
      state.setState({ entries: shown });
      return shown;
    });
    return reading;
  };

  const keepSnapshot = (): void => {
    sinceSnapshot = 0;
    store.saveSnapshot({ seq: lastSeq, lastOn, room: state.getState().room }).catch(() => {
      // A snapshot only saves time; the journal is what counts.
    });
  };

  /** Folds the journal anew behind the screen, with pauses, and holds the result against what is shown. */
  const prove = async (entries: readonly Entry[]): Promise<void> => {
    const proven = await withPauses(foldInSteps(entries));
    // What was written meanwhile is not in this fold: the next opening proves it.
    if (state.getState().entries !== entries) return;
    const trusted = canonicalJson(proven) === canonicalJson(state.getState().room);
    if (!trusted) state.setState({ room: proven });
    if (!trusted || sinceSnapshot >= SNAPSHOT_EVERY) keepSnapshot();
  };

  const show = async (committed: Committed): Promise<void> => {
    const { documents, entries, room } = state.getState();
    const fresh = committed.entries.filter((entry) => entry.seq > lastSeq);
    // An entry of another tab that has not been told yet leaves a gap: then the journal is read anew.
    const gap = fresh.length > 0 && fresh[0]?.seq !== lastSeq + 1;
    let next: Room | null = gap ? null : room;
    for (const entry of fresh) {
      if (next !== null) next = roomAfter(next, lastOn, entry);
      lastOn = latest([entry], lastOn);
      lastSeq = Math.max(lastSeq, entry.seq);
    }
    sinceSnapshot += fresh.length;
    const all = entries ? [...entries, ...fresh] : null;
    if (entries && all) readOn(entries, all, fresh);
    state.setState({
      documents: { ...documents, ...byId(committed.documents) },
      entries: all,
      ...(next === null ? {} : { room: next }),
    });
    if (next === null) {
      const whole = gap || !all ? await store.entries() : all;
      state.setState({ entries: whole, room: roomAt(whole) });
    }
    if (sinceSnapshot >= SNAPSHOT_EVERY) keepSnapshot();
  };

  /** Shows the room from its snapshot and what came after it, or, where that cannot be, from the whole journal. */
  const load = async (): Promise<void> => {
    const { documents, snapshot } = await store.open();
    const tail = await store.entries(snapshot?.seq);
    const on = snapshot && (await withPauses(foldOnInSteps(snapshot.room, snapshot.lastOn, tail)));
    const whole = on ? null : snapshot ? await store.entries() : tail;
    const room = on ?? (await withPauses(foldInSteps(whole ?? [])));
    const read = whole ?? tail;
    lastSeq = read.at(-1)?.seq ?? snapshot?.seq ?? 0;
    lastOn = latest(read, snapshot?.lastOn ?? '');
    sinceSnapshot = tail.length;
    state.setState({ documents: byId(documents), room, entries: whole, status: 'ready', failure: null });
    if (sinceSnapshot >= SNAPSHOT_EVERY) keepSnapshot();
  };

  /** Opens the room, then proves what is shown. What other tabs write meanwhile is told after it. */
  const open = async (): Promise<void> => {
    opening = opening.catch(() => {}).then(load);
    await opening;
    const folded = state.getState().entries !== null;
    const entries = await journal();
    if (!folded) await prove(entries);
  };

  const fail = (error: unknown): void => {
    const failure =
      error instanceof StoreError
        ? error.message
        : 'The room could not be opened. Reload the page; nothing was changed.';
    state.setState({ status: 'failed', failure });
  };

  /** What a command needs to be taken back, as things stand now. */
  const remember = async (changes: readonly Change[]): Promise<Before> => {
    const { documents } = state.getState();
    const corrects = changes.some((change) => change.kind === 'append' && change.entry.type === 'corrected');
    const standing = corrects
      ? new Map(effective(await journal()).map((event) => [event.id, event] as const))
      : new Map<EntryId, Dated>();
    const appended = new Map(
      changes.flatMap((change) =>
        change.kind === 'append' ? [[change.entry.id, datedOf(change.entry)] as const] : [],
      ),
    );
    return {
      document: (id) => documents[id],
      standing: (id) => plain(standing.get(id)) ?? appended.get(id) ?? null,
    };
  };

  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const next = turn.then(work);
    turn = next.catch(() => {});
    return next;
  };

  const perform = async (label: string, changes: readonly Change[], onto: Command[]): Promise<void> => {
    const before = await remember(changes);
    await show(await store.commit(changes));
    onto.push({ label, changes, before });
    showStacks();
  };

  const back = async (from: Command[], onto: Command[]): Promise<string | null> => {
    const command = from[from.length - 1];
    if (!command) return null;
    await perform(command.label, invert(command.changes, command.before, stamp), onto);
    from.pop();
    showStacks();
    return command.label;
  };

  const stopListening = store.onAnnouncement((announcement) => {
    const { kind } = announcement;
    if (kind === 'committed') void opening.then(() => show(announcement.committed)).catch(fail);
    else if (kind === 'replaced') void open().catch(fail);
    else
      state.setState({
        status: 'failed',
        failure: 'A newer Lomvik was opened in another tab. Reload this one; nothing was lost.',
      });
  });

  void open().catch(fail);

  const catalogueOf = rememberCatalogue(catalogue);

  return {
    state,
    get catalogue() {
      return catalogueOf(state.getState().documents);
    },
    catalogueOf,
    shipped: catalogue,
    stamp,
    run: (label, changes) =>
      inTurn(async () => {
        const list = typeof changes === 'function' ? changes(state.getState()) : changes;
        if (list.length === 0) return;
        await perform(label, list, done);
        undone.length = 0;
        showStacks();
      }),
    undo: () => inTurn(() => back(done, undone)),
    redo: () => inTurn(() => back(undone, done)),
    journal,
    replaceAll: async (documents, entries) => {
      await store.replaceAll(documents, entries);
      done.length = 0;
      undone.length = 0;
      showStacks();
      await open();
    },
    close: () => {
      stopListening();
      store.close();
    },
  };
}

/** A standing event without what only the journal adds. */
function plain(
  event:
    | (Dated & {
        readonly id?: unknown;
        readonly seq?: unknown;
        readonly recorded?: unknown;
        readonly corrected?: unknown;
      })
    | undefined,
): Dated | null {
  if (!event) return null;
  const { id: _id, seq: _seq, recorded: _recorded, corrected: _corrected, ...dated } = event;
  return dated as Dated;
}
