import { createStore, type StoreApi } from 'zustand/vanilla';
import type { CommandRecord, Stamp } from '@/core/gate';
import {
  effectiveInSteps,
  EMPTY_ROOM,
  type Entry,
  foldInSteps,
  foldOnInSteps,
  readOn,
  type Room,
  roomAfter,
} from '@/core/events';
import { saysSame } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import { GONE } from '@/store/landing';
import { damagedEntries, openDocuments, soundSnapshot } from '@/store/openRecords';
import { StoreError, type Committed, type RoomStore } from '@/store/port';
import { byId, withDocuments } from './shownDocuments';
import type { SessionState } from './types';
import { SILENT_MS, withDeadline } from './withDeadline';
import { withPauses } from '@/workers/withPauses';

/** After so many entries since the last snapshot a new one is kept. */
const SNAPSHOT_EVERY = 100;
/** The journal is read again when something was committed meanwhile, so often at the most. */
const MOST_READINGS = 5;

const SILENT =
  'The browser’s storage does not answer. Close other tabs of Lomvik and reload this page; nothing was changed.';

/** The latest moment that an entry speaks of: a correction may say that something happened later. */
const momentOf = (entry: Entry): string => {
  const said = entry.type === 'corrected' ? entry.replacement?.on : undefined;
  return said !== undefined && said > entry.on ? said : entry.on;
};
const latest = (entries: readonly Entry[], from: string): string =>
  entries.reduce((last, entry) => (momentOf(entry) > last ? momentOf(entry) : last), from);

/** What is shown of a room, kept in step with its storage. */
export interface RoomView {
  readonly state: StoreApi<SessionState>;
  /** The latest moment that is in the room, and the place of the last entry that is known. */
  readonly last: () => { readonly on: string; readonly seq: number };
  readonly journal: () => Promise<readonly Entry[]>;
  /** What was committed here or elsewhere is shown one after the other. */
  readonly show: (committed: Committed) => Promise<void>;
  /** Reads everything anew. */
  readonly open: () => Promise<void>;
  readonly fail: (error: unknown) => void;
  readonly stopListening: () => void;
}

/**
 * Shows a room: documents and the last snapshot first, the journal behind them. The snapshot is proven against the
 * journal once that is read, and made anew when it disagrees. What cannot be read is set aside, and the rest works.
 * `onLoad` is told of the commands that the storage keeps, each time everything is read anew.
 */
export function roomView(
  store: RoomStore,
  stamp: Stamp,
  onLoad: (commands: readonly CommandRecord[]) => void,
): RoomView {
  const state = createStore<SessionState>(() => ({
    status: 'opening',
    failure: null,
    trouble: null,
    documents: {},
    room: EMPTY_ROOM,
    entries: null,
    undoLabel: null,
    redoLabel: null,
    aside: [],
    replacedOn: null,
  }));
  let lastOn = '';
  let lastSeq = 0;
  let sinceSnapshot = 0;
  let reading: Promise<readonly Entry[]> | null = null;
  let showing: Promise<unknown> = Promise.resolve();
  let opening: Promise<void> = Promise.resolve();
  /** Takes damaged entries out of a journal that was read; they are kept, listed and can be saved. */
  const withoutDamaged = async (entries: readonly Entry[]): Promise<readonly Entry[]> => {
    const { aside, seqs } = await withPauses(damagedEntries(entries, stamp.now()));
    if (aside.length === 0) return entries;
    const taken = new Set(seqs);
    const rest = entries.filter(({ seq }) => !taken.has(seq));
    // The next entry takes the place after the last that is left.
    if (taken.has(lastSeq)) lastSeq = rest.at(-1)?.seq ?? 0;
    const keys = new Set(aside.map(({ key }) => key));
    state.setState((before) => ({ aside: [...before.aside.filter(({ key }) => !keys.has(key)), ...aside] }));
    await store.setAside(aside, { documents: [], entries: seqs }).catch(() => {
      // They stay where they are, and are left out again at the next opening.
    });
    return rest;
  };

  /** The whole journal, read with pauses; what was committed meanwhile is in it. */
  const readJournal = async (): Promise<readonly Entry[]> => {
    for (let tries = 0; ; tries += 1) {
      const entries = await withoutDamaged(await store.entries());
      await withPauses(effectiveInSteps(entries));
      if (tries === MOST_READINGS || (entries.at(-1)?.seq ?? 0) >= lastSeq) return entries;
    }
  };

  const journal = async (): Promise<readonly Entry[]> => {
    const read = state.getState().entries;
    if (read) return read;
    reading ??= readJournal().then(
      (entries) => {
        reading = null;
        const shown = state.getState().entries ?? entries;
        state.setState({ entries: shown });
        return shown;
      },
      (error: unknown) => {
        reading = null;
        throw error;
      },
    );
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
    const trusted = saysSame(proven, state.getState().room);
    if (!trusted) state.setState({ room: proven });
    if (!trusted || sinceSnapshot >= SNAPSHOT_EVERY) keepSnapshot();
  };

  /** Shows the journal anew from the storage: something in it is not known here. */
  const showAnew = async (documents: readonly RoomDocument[]): Promise<void> => {
    const whole = await withoutDamaged(await store.entries());
    const room = await withPauses(foldInSteps(whole));
    lastSeq = Math.max(lastSeq, whole.at(-1)?.seq ?? 0);
    lastOn = latest(whole, '');
    state.setState((before) => ({
      documents: withDocuments(before.documents, documents),
      entries: whole,
      room,
    }));
  };

  const showCommitted = async (committed: Committed): Promise<void> => {
    const { entries, room } = state.getState();
    const fresh = committed.entries.filter((entry) => entry.seq > lastSeq);
    sinceSnapshot += fresh.length;
    // An entry of another tab that has not been told yet leaves a gap: then the journal is read anew, and told once.
    if (fresh.length > 0 && fresh[0]?.seq !== lastSeq + 1) return showAnew(committed.documents);
    let next: Room | null = room;
    for (const entry of fresh) {
      if (next !== null) next = roomAfter(next, lastOn, entry);
      lastOn = latest([entry], lastOn);
    }
    lastSeq = fresh.at(-1)?.seq ?? lastSeq;
    const all = entries && fresh.length > 0 ? [...entries, ...fresh] : entries;
    if (entries && all && all !== entries) readOn(entries, all, fresh);
    // A correction, or something that happened earlier: folded anew.
    const folded = next ?? (await withPauses(foldInSteps(all ?? (await store.entries()))));
    state.setState((before) => ({
      documents: withDocuments(before.documents, committed.documents),
      entries: all ?? before.entries,
      room: folded,
    }));
    if (sinceSnapshot >= SNAPSHOT_EVERY) keepSnapshot();
  };

  /** What was committed here or elsewhere is shown one after the other. */
  const show = (committed: Committed): Promise<void> => {
    const next = showing.then(() => showCommitted(committed));
    showing = next.catch(() => {});
    return next;
  };

  /** Shows the room from its snapshot and what came after it, or, where that cannot be, from the whole journal. */
  const load = async (): Promise<void> => {
    const opened = await withDeadline(store.open(), SILENT_MS, () => new StoreError('silent', SILENT));
    const { documents, aside, ids } = openDocuments(opened.documents, stamp.now());
    if (aside.length > 0)
      await store.setAside(aside, { documents: ids, entries: [] }).catch(() => {
        // They stay where they are, and are left out again at the next opening.
      });
    state.setState({
      aside: [...opened.aside.filter(({ key }) => !aside.some((one) => one.key === key)), ...aside],
    });
    const snapshot = soundSnapshot(opened.snapshot);
    const tail = await store.entries(snapshot?.seq);
    const on = snapshot && (await withPauses(foldOnInSteps(snapshot.room, snapshot.lastOn, tail)));
    const whole = on ? null : await withoutDamaged(snapshot ? await store.entries() : tail);
    const room = on ?? (await withPauses(foldInSteps(whole ?? [])));
    const read = whole ?? tail;
    lastSeq = read.at(-1)?.seq ?? snapshot?.seq ?? 0;
    lastOn = latest(read, snapshot?.lastOn ?? '');
    sinceSnapshot = tail.length;
    state.setState({
      documents: byId(documents),
      room,
      entries: whole,
      status: 'ready',
      failure: null,
      replacedOn: opened.replacedOn,
    });
    onLoad(opened.commands);
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
    // What is shown already stays, and can be saved.
    if (state.getState().status === 'ready') state.setState({ trouble: failure });
    else state.setState({ status: 'failed', failure });
  };

  const stopListening = store.onAnnouncement((announcement) => {
    switch (announcement.kind) {
      case 'committed':
        void opening.then(() => show(announcement.committed)).catch(fail);
        return;
      case 'replaced':
        void open().catch(fail);
        return;
      case 'gone':
        fail(new StoreError('gone', GONE));
        return;
      case 'closing':
        fail(
          new StoreError(
            'newer',
            'A newer Lomvik was opened in another tab. Reload this one; nothing was lost.',
          ),
        );
    }
  });

  return { state, last: () => ({ on: lastOn, seq: lastSeq }), journal, show, open, fail, stopListening };
}
