import { type Dated, type Entry, type Room, roomAfter } from '../events';
import { type Fault, faultOf } from '../kernel';
import type { Catalogue } from '../model';
import type { RoomDocument } from '../records';
import type { Change } from './change';
import { judgeJournal, sense, worldOf, type Contradiction, type World } from './contradictions';
import { documentSense } from './documentSense';
import { readDocument, readEntry } from './readRecord';

/** The room that changes are to be made in. */
export interface GateRoom {
  readonly documents: Readonly<Record<string, RoomDocument>>;
  readonly room: Room;
  /** The latest moment that is in the room. */
  readonly lastOn: string;
  /** The species that a room of these documents knows. */
  readonly catalogueOf: (documents: GateRoom['documents']) => Catalogue;
  readonly now: string | null;
  /** Entries that contradict the others already: they are no reason to refuse what has nothing to do with them. */
  readonly known: ReadonlySet<string>;
}

/** Why changes are not made. Nothing was written. */
export interface Refusal {
  /** What is wrong with the changes themselves, by path: `lengthCm`, `members[0].count`. */
  readonly faults: readonly Fault[];
  /** Entries that could no longer be true: they depend on what would be changed. */
  readonly clashes: readonly Contradiction[];
}

export type Checked =
  | { readonly ok: true; readonly changes: readonly Change[] }
  | { readonly ok: false; readonly refusal: Refusal };

type Append = Extract<Change, { kind: 'append' }>;
type Put = Extract<Change, { kind: 'put' }>;

const refuse = (faults: readonly Fault[], clashes: readonly Contradiction[] = []): Checked => ({
  ok: false,
  refusal: { faults, clashes },
});

/** Every part of every change as the schemas want it, lifted where it came in an older shape. */
function readChanges(changes: readonly Change[]): Checked {
  const read: Change[] = [];
  const faults: Fault[] = [];
  for (const change of changes) {
    if (change.kind === 'append') {
      const entry = readEntry({ ...change.entry, seq: undefined });
      if (entry.ok) {
        const { seq: _seq, ...unplaced } = entry.value;
        read.push({ kind: 'append', entry: unplaced });
      } else faults.push(...entry.faults);
    } else {
      const document = readDocument({ ...change.document, rev: Math.max(1, change.document.rev) });
      if (document.ok) read.push({ ...change, document: document.value });
      else
        faults.push(
          ...document.faults.map((fault) => ({ ...fault, path: fault.path.replace(/^body\.?/, '') })),
        );
    }
  }
  return faults.length > 0 ? refuse(faults) : { ok: true, changes: read };
}

const withPuts = (
  documents: GateRoom['documents'],
  puts: readonly Put[],
): Readonly<Record<string, RoomDocument>> =>
  puts.length === 0
    ? documents
    : { ...documents, ...Object.fromEntries(puts.map(({ document }) => [document.id, document])) };

/** Whether the changes can be told from the room alone: nothing corrected, nothing before what is there. */
export function needsJournal(changes: readonly Change[], { lastOn }: Pick<GateRoom, 'lastOn'>): boolean {
  let last = lastOn;
  for (const change of changes) {
    if (change.kind === 'put') {
      // A species taken away may be spoken of anywhere.
      if (change.document.kind === 'species' && change.document.body === null) return true;
      continue;
    }
    if (change.entry.type === 'corrected' || change.entry.on < last) return true;
    last = change.entry.on;
  }
  return false;
}

/** Entries one after the other, each held against the room as the one before left it. */
function senseInOrder(
  appends: readonly Append[],
  at: GateRoom,
  world: World,
): { readonly faults: readonly Fault[]; readonly room: Room } {
  let room = at.room;
  let last = at.lastOn;
  const faults: Fault[] = [];
  for (const { entry } of appends) {
    faults.push(...sense(entry as unknown as Dated, room, world));
    room = roomAfter(room, last, { ...entry, seq: 0 }) ?? room;
    last = entry.on;
  }
  return { faults, room };
}

/** The whole journal with the new entries, held against itself. */
function* senseInJournal(
  appends: readonly Append[],
  entries: readonly Entry[],
  known: ReadonlySet<string>,
  world: World,
): Generator<
  undefined,
  { readonly faults: readonly Fault[]; readonly clashes: readonly Contradiction[]; readonly room: Room }
> {
  const start = entries.at(-1)?.seq ?? 0;
  const all = [...entries, ...appends.map(({ entry }, i) => ({ ...entry, seq: start + i + 1 }))];
  const { contradictions, room } = yield* judgeJournal(all, world);
  const own = new Set<string>(
    appends.flatMap(({ entry }) => [entry.id, ...(entry.type === 'corrected' ? [entry.target] : [])]),
  );
  const fresh = contradictions.filter(({ id }) => own.has(id) || !known.has(id));
  return {
    faults: fresh.filter(({ id }) => own.has(id)).flatMap(({ faults }) => faults),
    clashes: fresh.filter(({ id }) => !own.has(id)),
    room,
  };
}

/** Moments ahead of the clock by more than this are slips of the hand; zones and clocks differ by less. */
const AHEAD_MS = 36 * 3_600_000;

function futureFaults(appends: readonly Append[], now: string | null): readonly Fault[] {
  if (now === null) return [];
  const latest = Date.parse(now) + AHEAD_MS;
  return appends.flatMap(({ entry }) =>
    Date.parse(entry.on) > latest ? [faultOf('on', { is: 'not in the future' }, entry.on)] : [],
  );
}

/** Documents that would speak of what is no longer there: a list of a species, a picture of a fish that never came. */
function orphaned(at: GateRoom, puts: readonly Put[], room: Room, world: World): readonly Contradiction[] {
  const speciesGo = puts.some(({ document }) => document.kind === 'species' && document.body === null);
  const fishGo = Object.keys(at.room.residents).some((id) => !Object.hasOwn(room.residents, id));
  if (!speciesGo && !fishGo) return [];
  const put = new Set<string>(puts.map(({ document }) => document.id));
  const before = worldOf(at.documents, at.catalogueOf(at.documents));
  return Object.values(at.documents).flatMap((document): Contradiction[] => {
    if (put.has(document.id)) return [];
    const faults = documentSense(document, room, world, null);
    const had = new Set(documentSense(document, at.room, before, null).map(({ path }) => path));
    const fresh = faults.filter(({ path }) => !had.has(path));
    return fresh.length > 0 ? [{ id: document.id, type: document.kind, on: '', faults: fresh }] : [];
  });
}

/**
 * The one gate: whether changes may be written, in full, whoever asks: a screen, a table, a file, an undo or another tab.
 * What passes can be saved and opened again. `entries` is the whole journal, needed where `needsJournal` says so.
 *
 * Errors: faults by path, and the entries that would no longer be true. With pauses.
 */
export function* checkChanges(
  changes: readonly Change[],
  at: GateRoom,
  entries: readonly Entry[] | null,
): Generator<undefined, Checked> {
  const read = readChanges(changes);
  if (!read.ok) return read;
  const appends = read.changes.filter((change): change is Append => change.kind === 'append');
  const puts = read.changes.filter((change): change is Put => change.kind === 'put');
  const documents = withPuts(at.documents, puts);
  const world = worldOf(documents, at.catalogueOf(documents));
  const future = futureFaults(appends, at.now);
  if (future.length > 0) return refuse(future);
  const judged =
    entries === null
      ? { ...senseInOrder(appends, at, world), clashes: [] }
      : yield* senseInJournal(appends, entries, at.known, world);
  const faults = [
    ...judged.faults,
    ...puts.flatMap(({ document }) =>
      documentSense(document, judged.room, world, at.now).map((fault) => ({
        ...fault,
        path: fault.path.replace(/^body\.?/, ''),
      })),
    ),
  ];
  const clashes = [...judged.clashes, ...orphaned(at, puts, judged.room, world)];
  return faults.length > 0 || clashes.length > 0 ? refuse(faults, clashes) : read;
}
