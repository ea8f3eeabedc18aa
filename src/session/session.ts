import {
  type Change,
  checkChanges,
  type Checked,
  type CommandRecord,
  datedOf,
  judgeJournal,
  needsJournal,
  takeBack,
  worldOf,
} from '@/core/gate';
import { type Dated, effective } from '@/core/events';
import type { EntryId } from '@/core/kernel';
import { StoreError } from '@/store/port';
import { rememberCatalogue } from './rememberCatalogue';
import { roomView } from './roomView';
import { pressOf } from './samePress';
import { showAhead } from './shownDocuments';
import type { Outcome, Session, SessionState, Surroundings, TakenBack } from './types';
import { SILENT_MS, withDeadline } from './withDeadline';
import { withPauses } from '@/workers/withPauses';

const SILENT =
  'The browser’s storage does not answer. What you typed is still here. It may yet be written: look before you save it again.';

const NONE_KNOWN: ReadonlySet<string> = new Set();

/** Opens a room: what is shown of it, and the commands that change it, each through the gate. */
export function openSession({ store, catalogue, stamp, tab = 'tab' }: Surroundings): Session {
  let turn: Promise<unknown> = Promise.resolve();
  let done: readonly CommandRecord[] = [];
  let undone: readonly CommandRecord[] = [];
  /** Contradictions that the journal had when they were first asked for: no command makes new ones. */
  let known: Promise<ReadonlySet<string>> | null = null;
  const pressed = new Set<{ press: string | null; outcome: Outcome | null }>();
  const speciesOf = rememberCatalogue(catalogue);
  const catalogueOf = (documents: SessionState['documents']) => speciesOf(documents).catalogue;

  const view = roomView(store, stamp, (commands) => {
    const mine = commands.filter((one) => one.tab === tab).sort((a, b) => (a.at < b.at ? -1 : 1));
    done = mine.filter(({ stack }) => stack === 'done');
    undone = mine.filter(({ stack }) => stack === 'undone');
    known = null;
    showStacks();
  });
  const { state, journal, show } = view;
  const showStacks = (): void =>
    view.state.setState({ undoLabel: done.at(-1)?.label ?? null, redoLabel: undone.at(-1)?.label ?? null });

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
    const at = { documents, room, lastOn: view.last().on, catalogueOf, now: stamp.now(), known: NONE_KNOWN };
    const entries = needsJournal(changes, { lastOn: view.last().on }) ? await journal() : null;
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
    const takeBackShown = showAhead(state, changes);
    try {
      const writing = store.commit(changes, { command, drops, knownSeq: view.last().seq });
      const committed = await withDeadline(writing, SILENT_MS, () => {
        // What is written after all is shown then.
        void writing.then(show, () => {});
        return new StoreError('silent', SILENT);
      });
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
      takeBackShown();
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

  void view.open().catch(view.fail);

  return {
    state,
    get catalogue() {
      return catalogueOf(state.getState().documents);
    },
    catalogueOf,
    ownSpeciesOf: (documents) => speciesOf(documents).own,
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
        await view.open();
      }),
    dropAside: async (key) => {
      await store.dropAside(key);
      state.setState((before) => ({ aside: before.aside.filter((one) => one.key !== key) }));
    },
    raw: () => store.raw(),
    close: () => {
      view.stopListening();
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
  return dated;
}
