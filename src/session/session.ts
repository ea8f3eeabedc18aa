import { createStore, type StoreApi } from 'zustand/vanilla';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import type { Conflict } from '@/core/kernel/schema/mergeThree';
import { datedOf, type Change, type Stamp } from '@/core/gate/change';
import { checkChanges, needsJournal, type Checked, type Refusal } from '@/core/gate/checkChanges';
import { takeBack, type CommandRecord } from '@/core/gate/command';
import { judgeJournal, worldOf } from '@/core/gate/contradictions';
import type { RoomDocument } from '@/core/records/documents';
import {
  effective,
  effectiveInSteps,
  foldInSteps,
  foldOnInSteps,
  readOn,
  roomAfter,
} from '@/core/events/roomAt';
import type { Dated, Entry } from '@/core/events/events';
import { EMPTY_ROOM, type Room } from '@/core/events/room';
import type { Catalogue } from '@/core/model/catalogue';
import type { EntryId } from '@/core/kernel/schema/ids';
import { GONE } from '@/store/landing';
import { StoreError, type Aside, type Committed, type Contents, type RoomStore } from '@/store/port';
import { damagedEntries, openDocuments, soundSnapshot } from '@/store/openRecords';
import { rememberCatalogue } from './rememberCatalogue';
import { pressOf } from './samePress';
import { withDeadline } from './withDeadline';
import { withPauses } from './withPauses';

export interface SessionState {
  readonly status: 'opening' | 'ready' | 'failed';
  /** Why the room cannot be used, in words; null when it can. */
  readonly failure: string | null;
  /** What has happened to the storage under the open page, in words; what is shown can still be saved. */
  readonly trouble: string | null;
  readonly documents: Readonly<Record<string, RoomDocument>>;
  readonly room: Room;
  /** The whole journal; null until it has been read behind the first picture. */
  readonly entries: readonly Entry[] | null;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  /** Records that could not be read. */
  readonly aside: readonly Aside[];
  /** When a file took the place of the room, while that can be taken back. */
  readonly replacedOn: string | null;
}

/** Everything a session needs of the world. */
export interface Surroundings {
  readonly store: RoomStore;
  readonly catalogue: Catalogue;
  readonly stamp: Stamp;
  /** Which tab this is: its undo is its own, also after a reload. */
  readonly tab?: string;
}

/** What to change, or how to tell it from the room as it stands. */
export type Changes = readonly Change[] | ChangesThen;
export type ChangesThen = (state: SessionState) => readonly Change[];

/** What became of a command. */
export type Outcome =
  /** Durable and shown; `id` names it for its own undo. Null when there was nothing to do. */
  | { readonly kind: 'done'; readonly id: string | null }
  /** The gate says no, and why. */
  | { readonly kind: 'refused'; readonly refusal: Refusal }
  /** The same part was changed in another tab meanwhile: nothing is written until the keeper says which one stays. */
  | {
      readonly kind: 'changed';
      readonly conflicts: readonly Conflict[];
      readonly document: RoomDocument;
      readonly keepMine: () => Promise<Outcome>;
    };

export type TakenBack =
  | { readonly kind: 'done'; readonly label: string }
  | { readonly kind: 'nothing' }
  /** Something in it was changed since: an entry corrected, a part of a document changed, or others hang on it. */
  | {
      readonly kind: 'refused';
      readonly label: string;
      readonly why: 'entry' | 'document' | 'gate';
      readonly refusal?: Refusal;
      readonly conflicts?: readonly Conflict[];
    };

export interface Session {
  readonly state: StoreApi<SessionState>;
  /** The shipped species with the keeper's own, as the room stands. */
  readonly catalogue: Catalogue;
  /** The same of given documents; the same object while no species of them changes. */
  readonly catalogueOf: (documents: SessionState['documents']) => Catalogue;
  readonly shipped: Catalogue;
  readonly stamp: Stamp;
  /**
   * Writes changes whole or not at all, after the gate has passed them; resolves once they are durable and shown, or with
   * the reason why not. Throws `StoreError` where the storage fails. Commands take turns: changes given as a function are
   * made from the room as it is when their turn comes. A press repeated while the same is being written is the same press.
   */
  readonly run: (label: string, changes: Changes) => Promise<Outcome>;
  /** Takes back the command of that identity, or the last one of this tab: that command and nothing else. */
  readonly undo: (id?: string) => Promise<TakenBack>;
  readonly redo: () => Promise<TakenBack>;
  /** The whole journal, read once. */
  readonly journal: () => Promise<readonly Entry[]>;
  /** Replaces the room; nothing of it is kept. */
  readonly replaceAll: (contents: Contents) => Promise<void>;
  /** Forgets a record that was set aside. */
  readonly dropAside: (key: string) => Promise<void>;
  /** Everything as it stands in the storage, for when nothing else works. */
  readonly raw: () => Promise<Readonly<Record<string, readonly unknown[]>>>;
  readonly close: () => void;
}

/** After so many entries since the last snapshot a new one is kept. */
const SNAPSHOT_EVERY = 100;
/** The journal is read again when something was committed meanwhile, so often at the most. */
const MOST_READINGS = 5;
const NONE_KNOWN: ReadonlySet<string> = new Set();
/** A storage that has said nothing for so long does not answer. */
const SILENT_MS = 20_000;

const SILENT =
  'The browser’s storage does not answer. Close other tabs of Lomvik and reload this page; nothing was changed.';

const byId = (documents: readonly RoomDocument[]): Record<string, RoomDocument> =>
  Object.fromEntries(documents.map((document) => [document.id, document]));
const latest = (entries: readonly Entry[], from: string): string =>
  entries.reduce((last, entry) => (entry.on > last ? entry.on : last), from);

/**
 * Opens a room: documents and the last snapshot first, the journal behind them. The snapshot is proven against the
 * journal once that is read, and made anew when it disagrees. What cannot be read is set aside, and the rest works.
 */
export function openSession({ store, catalogue, stamp, tab = 'tab' }: Surroundings): Session {
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
  let turn: Promise<unknown> = Promise.resolve();
  let showing: Promise<unknown> = Promise.resolve();
  let opening: Promise<void> = Promise.resolve();
  let done: readonly CommandRecord[] = [];
  let undone: readonly CommandRecord[] = [];
  /** Contradictions that the journal had when they were first asked for: no command makes new ones. */
  let known: Promise<ReadonlySet<string>> | null = null;
  const pressed = new Set<{ press: string | null; outcome: Outcome | null }>();

  const catalogueOf = rememberCatalogue(catalogue);

  const showStacks = (): void =>
    state.setState({ undoLabel: done.at(-1)?.label ?? null, redoLabel: undone.at(-1)?.label ?? null });

  /** The whole journal, read with pauses; what was committed meanwhile is in it. */
  const readJournal = async (): Promise<readonly Entry[]> => {
    for (let tries = 0; ; tries += 1) {
      const entries = await store.entries();
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

  /** Takes damaged entries out of the journal; they are kept, listed and can be saved. */
  const setDamagedAside = async (entries: readonly Entry[]): Promise<readonly Entry[]> => {
    const { aside, seqs } = damagedEntries(entries, stamp.now());
    if (aside.length === 0) return entries;
    const taken = new Set(seqs);
    const rest = entries.filter(({ seq }) => !taken.has(seq));
    state.setState((before) => ({
      entries: before.entries === entries ? rest : before.entries,
      aside: [...before.aside, ...aside],
    }));
    await store.setAside(aside, { documents: [], entries: seqs }).catch(() => {
      // They stay where they are, and are left out again at the next opening.
    });
    return rest;
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

  /** Shows the journal anew from the storage: something in it is not known here. */
  const showAnew = async (documents: readonly RoomDocument[]): Promise<void> => {
    const whole = await store.entries();
    const room = await withPauses(foldInSteps(whole));
    lastSeq = Math.max(lastSeq, whole.at(-1)?.seq ?? 0);
    lastOn = latest(whole, '');
    state.setState((before) => ({
      documents: { ...before.documents, ...byId(documents) },
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
      documents: { ...before.documents, ...byId(committed.documents) },
      entries: all,
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
    const snapshot = soundSnapshot(opened.snapshot);
    const tail = await store.entries(snapshot?.seq);
    const on = snapshot && (await withPauses(foldOnInSteps(snapshot.room, snapshot.lastOn, tail)));
    const whole = on ? null : snapshot ? await store.entries() : tail;
    const room = on ?? (await withPauses(foldInSteps(whole ?? [])));
    const read = whole ?? tail;
    lastSeq = read.at(-1)?.seq ?? snapshot?.seq ?? 0;
    lastOn = latest(read, snapshot?.lastOn ?? '');
    sinceSnapshot = tail.length;
    known = null;
    const mine = opened.commands
      .filter((command) => command.tab === tab)
      .sort((a, b) => (a.at < b.at ? -1 : 1));
    done = mine.filter(({ stack }) => stack === 'done');
    undone = mine.filter(({ stack }) => stack === 'undone');
    state.setState({
      documents: byId(documents),
      room,
      entries: whole,
      status: 'ready',
      failure: null,
      aside: [...opened.aside.filter(({ key }) => !aside.some((one) => one.key === key)), ...aside],
      replacedOn: opened.replacedOn,
    });
    showStacks();
    if (sinceSnapshot >= SNAPSHOT_EVERY) keepSnapshot();
  };

  /** Opens the room, then proves what is shown. What other tabs write meanwhile is told after it. */
  const open = async (): Promise<void> => {
    opening = opening.catch(() => {}).then(load);
    await opening;
    const folded = state.getState().entries !== null;
    const read = await journal();
    const entries = await setDamagedAside(read);
    if (!folded || entries !== read) await prove(entries);
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

  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const next = turn.then(work);
    turn = next.catch(() => {});
    return next;
  };

  /** What some entries say now, after all corrections. */
  const standingOf = async (ids: ReadonlySet<EntryId>): Promise<ReadonlyMap<EntryId, Dated>> =>
    ids.size === 0
      ? new Map()
      : new Map(
          effective(await journal()).flatMap((event) =>
            ids.has(event.id) ? [[event.id, plain(event)] as const] : [],
          ),
        );

  /** Each document with what it is made from, unless the command says so itself; each entry with the keeper's zone. */
  const stamped = (changes: readonly Change[], documents: SessionState['documents']): readonly Change[] => {
    const zone = stamp.zone?.();
    return changes.map((change): Change => {
      if (change.kind === 'put')
        return change.base === undefined
          ? { ...change, base: documents[change.document.id] ?? null }
          : change;
      return zone === undefined || change.entry.zone !== undefined
        ? change
        : { ...change, entry: { ...change.entry, zone } };
    });
  };

  const knownContradictions = (): Promise<ReadonlySet<string>> => {
    known ??= journal().then(async (entries) => {
      const { documents } = state.getState();
      const { contradictions } = await withPauses(
        judgeJournal(entries, worldOf(documents, catalogueOf(documents))),
      );
      return new Set(contradictions.map(({ id }) => id));
    });
    return known;
  };

  /** What the gate says. Contradictions that were there already are asked for only when there are any at all. */
  const check = async (changes: readonly Change[]): Promise<Checked> => {
    const { documents, room } = state.getState();
    const at = { documents, room, lastOn, catalogueOf, now: stamp.now(), known: NONE_KNOWN };
    const entries = needsJournal(changes, { lastOn }) ? await journal() : null;
    const first = await withPauses(checkChanges(changes, at, entries));
    if (first.ok || entries === null) return first;
    const before = await knownContradictions();
    return before.size === 0 ? first : withPauses(checkChanges(changes, { ...at, known: before }, entries));
  };

  interface Manner {
    readonly label: string;
    readonly stack: CommandRecord['stack'];
    readonly drops: readonly string[];
  }

  /** Passes the gate, lands in the storage, and is shown. */
  const perform = async (asked: readonly Change[], { label, stack, drops }: Manner): Promise<Outcome> => {
    const gate = await check(stamped(asked, state.getState().documents));
    if (!gate.ok) return { kind: 'refused', refusal: gate.refusal };
    const { changes } = gate;
    const entries = changes.flatMap((change) => (change.kind === 'append' ? [change.entry] : []));
    const targets = new Set(entries.flatMap((entry) => (entry.type === 'corrected' ? [entry.target] : [])));
    const standing = await standingOf(targets);
    const command: Omit<CommandRecord, 'puts'> = {
      id: stamp.id(),
      tab,
      label,
      at: stamp.now(),
      stack,
      appended: entries.flatMap((entry) =>
        entry.type === 'corrected' ? [] : [{ id: entry.id, on: entry.on, said: datedOf(entry) }],
      ),
      corrected: entries.flatMap((entry) =>
        entry.type === 'corrected'
          ? [
              {
                target: entry.target,
                on: entry.on,
                before: standing.get(entry.target) ?? null,
                after: entry.replacement,
              },
            ]
          : [],
      ),
    };
    try {
      const committed = await store.commit(changes, { command, drops, knownSeq: lastSeq });
      await show(committed);
      const record = committed.command;
      if (record) {
        done = done.filter(({ id }) => !drops.includes(id));
        undone = undone.filter(({ id }) => !drops.includes(id));
        if (stack === 'done') done = [...done, record];
        else undone = [...undone, record];
        showStacks();
      }
      return { kind: 'done', id: record?.id ?? null };
    } catch (error) {
      if (error instanceof StoreError && error.reason === 'gone') state.setState({ trouble: error.message });
      if (!(error instanceof StoreError) || error.reason !== 'changed' || !error.document) throw error;
      const { conflicts, document } = error;
      const mine = changes.map((change): Change =>
        change.kind === 'put' && change.document.id === document.id ? { ...change, base: document } : change,
      );
      return {
        kind: 'changed',
        conflicts,
        document,
        keepMine: () => inTurn(() => perform(mine, { label, stack, drops })),
      };
    }
  };

  const back = async (
    command: CommandRecord | undefined,
    stack: CommandRecord['stack'],
  ): Promise<TakenBack> => {
    if (!command) return { kind: 'nothing' };
    const { label } = command;
    const ids = new Set([
      ...command.appended.map(({ id }) => id),
      ...command.corrected.map(({ target }) => target),
    ]);
    const standing = await standingOf(ids);
    const changes = takeBack(command, { standing: (id) => standing.get(id) ?? null }, stamp);
    if (!changes.ok) return { kind: 'refused', label, why: changes.what };
    const outcome = await perform(changes.changes, { label, stack, drops: [command.id] });
    switch (outcome.kind) {
      case 'done':
        return { kind: 'done', label };
      case 'refused':
        return { kind: 'refused', label, why: 'gate', refusal: outcome.refusal };
      case 'changed':
        return { kind: 'refused', label, why: 'document', conflicts: outcome.conflicts };
    }
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

  void open().catch(fail);

  return {
    state,
    get catalogue() {
      return catalogueOf(state.getState().documents);
    },
    catalogueOf,
    shipped: catalogue,
    stamp,
    run: (label, changes) => {
      const before = [...pressed];
      const self: { press: string | null; outcome: Outcome | null } = { press: null, outcome: null };
      pressed.add(self);
      return inTurn(async () => {
        try {
          const list = typeof changes === 'function' ? changes(state.getState()) : changes;
          if (list.length === 0) return { kind: 'done', id: null } as const;
          self.press = pressOf(label, list);
          const same = before.find(({ press, outcome }) => press === self.press && outcome?.kind === 'done');
          self.outcome =
            same?.outcome ??
            (await perform(list, { label, stack: 'done', drops: undone.map(({ id }) => id) }));
          return self.outcome;
        } finally {
          pressed.delete(self);
        }
      });
    },
    undo: (id) =>
      inTurn(() => back(id === undefined ? done.at(-1) : done.find((one) => one.id === id), 'undone')),
    redo: () => inTurn(() => back(undone.at(-1), 'done')),
    journal,
    replaceAll: (contents) =>
      inTurn(async () => {
        await store.replaceAll(contents);
        await open();
      }),
    dropAside: async (key) => {
      await store.dropAside(key);
      state.setState((before) => ({ aside: before.aside.filter((one) => one.key !== key) }));
    },
    raw: () => store.raw(),
    close: () => {
      stopListening();
      store.close();
    },
  };
}

/** A standing event without what only the journal adds. */
function plain(event: Dated): Dated {
  const {
    id: _id,
    seq: _seq,
    recorded: _recorded,
    corrected: _corrected,
    zone: _zone,
    ...dated
  } = event as Dated & {
    readonly id?: unknown;
    readonly seq?: unknown;
    readonly recorded?: unknown;
    readonly corrected?: unknown;
    readonly zone?: unknown;
  };
  return dated as Dated;
}
