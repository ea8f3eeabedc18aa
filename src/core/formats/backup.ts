import type { Entry } from '../events';
import { placedInOrder } from '../journal';
import { documentSense, isTree, judgeJournal, readDocument, readEntry, type World, worldOf } from '../gate';
import { atOnce, canonicalJson, type Expected, type Fault, faultOf, type Outcome, under } from '../kernel';
import { BACKUP_MIGRATIONS, BACKUP_VERSION, migrate } from '../migrate';
import { type Catalogue, keeperSpeciesOf, withKeeperSpecies } from '../model';
import type { RoomDocument } from '../records';

/** A whole room in a file, `*.lomvik.json`. */
export interface Backup {
  readonly format: 'lomvik';
  readonly version: typeof BACKUP_VERSION;
  readonly exportedOn: string;
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
  /** Records that could not be read when the room was saved, as they stood. They are kept with the file. */
  readonly aside?: readonly unknown[];
}

/** A file read in parts: what is good, and what is not, by path. */
export interface BackupRead {
  /** The good parts. */
  readonly backup: Backup;
  /** What is wrong with the others, by path; they stay in the file. */
  readonly faults: readonly Fault[];
  /** How many documents and entries are left out for it. */
  readonly leftOut: number;
}

/** So many things are written in one piece. */
const A_PIECE = 500;

/** A value as it stands in a canonical text, so many levels in. */
const indented = (value: unknown, by: string): string =>
  canonicalJson(value).trimEnd().replace(/\n/g, `\n${by}`);

function* listPieces(name: string, list: readonly unknown[]): Generator<string> {
  if (list.length === 0) return yield `  "${name}": [],\n`;
  yield `  "${name}": [\n`;
  for (let i = 0; i < list.length; i += A_PIECE) {
    const piece = list.slice(i, i + A_PIECE).map((value) => `    ${indented(value, '    ')}`);
    yield `${piece.join(',\n')}${i + A_PIECE < list.length ? ',' : ''}\n`;
  }
  yield '  ],\n';
}

/**
 * The text of a backup in pieces, so that a room of any size can be written: documents by id, entries by place, keys in
 * order; the same room gives the same bytes.
 */
export function* backupPieces(
  documents: readonly RoomDocument[],
  entries: readonly Entry[],
  exportedOn: string,
  aside: readonly unknown[] = [],
): Generator<string> {
  yield '{\n';
  if (aside.length > 0) yield* listPieces('aside', aside);
  yield* listPieces(
    'documents',
    [...documents].sort((a, b) => (a.id < b.id ? -1 : 1)),
  );
  yield* listPieces('entries', placedInOrder([...entries].sort((a, b) => a.seq - b.seq)));
  yield `  "exportedOn": ${JSON.stringify(exportedOn)},\n  "format": "lomvik",\n  "version": ${BACKUP_VERSION}\n}\n`;
}

/** The whole text of a backup at once. */
export const writeBackup = (...room: Parameters<typeof backupPieces>): string =>
  [...backupPieces(...room)].join('');

const refused = (path: string, expected: Expected, found: unknown): Outcome<never> => ({
  ok: false,
  faults: [faultOf(path, expected, found)],
});

/** A foreign file lifted to the current version, or why it is none of ours. */
function liftFile(
  value: unknown,
): Outcome<Record<string, unknown> & { documents: unknown[]; entries: unknown[] }> {
  if (!isTree(value) || value.format !== 'lomvik')
    return refused('format', { is: 'format', of: ['lomvik'] }, isTree(value) ? value.format : value);
  const { version } = value;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refused('version', { is: 'version', to: BACKUP_VERSION, newer: false }, version);
  if (version > BACKUP_VERSION)
    return refused('version', { is: 'version', to: BACKUP_VERSION, newer: true }, version);
  const file = migrate(value, version, BACKUP_MIGRATIONS);
  const { documents, entries } = file;
  if (!Array.isArray(documents)) return refused('documents', { is: 'list' }, documents);
  if (!Array.isArray(entries)) return refused('entries', { is: 'list' }, entries);
  return { ok: true, value: { ...file, documents, entries } };
}

/** Something read, with its place in its list. */
interface At<T> {
  readonly thing: T;
  readonly at: number;
}

const DOCUMENTS = 'documents';
const ENTRIES = 'entries';
const pathOf = (name: string, at: number): string => `${name}[${at}]`;

/** So many are read before the reading can pause. */
const A_STEP = 1000;

/** Reads a list one by one: the good ones with their places, the faults of the others. */
function* readList<T extends { readonly id: string }>(
  list: readonly unknown[],
  name: string,
  read: (value: unknown) => Outcome<T>,
): Generator<undefined, { readonly good: readonly At<T>[]; readonly faults: readonly Fault[] }> {
  const good: At<T>[] = [];
  const faults: Fault[] = [];
  const seen = new Set<string>();
  for (const [at, value] of list.entries()) {
    const one = read(value);
    if (!one.ok) faults.push(...under(pathOf(name, at), one.faults));
    else if (seen.has(one.value.id))
      faults.push(faultOf(`${pathOf(name, at)}.id`, { is: 'unique' }, one.value.id));
    else {
      seen.add(one.value.id);
      good.push({ thing: one.value, at });
    }
    if (at % A_STEP === A_STEP - 1) yield;
  }
  return { good, faults };
}

/** Leaves out entries that contradict the others, with what corrects them; what is left agrees with itself. */
function* agreeing(
  entries: readonly At<Entry>[],
  world: World,
): Generator<
  undefined,
  { readonly good: readonly At<Entry>[]; readonly faults: readonly Fault[]; readonly room: RoomOf }
> {
  const { contradictions, room } = yield* judgeJournal(
    placedInOrder(entries.map(({ thing }) => thing)),
    world,
    { leaveOut: true },
  );
  if (contradictions.length === 0) return { good: entries, faults: [], room };
  const wrong = new Map(contradictions.map((one) => [one.id, one.faults]));
  const faults: Fault[] = [];
  const good = entries.filter(({ thing, at }) => {
    const found = wrong.get(thing.id);
    if (found) faults.push(...under(pathOf(ENTRIES, at), found));
    else if (thing.type === 'corrected' && wrong.has(thing.target))
      faults.push(faultOf(`${pathOf(ENTRIES, at)}.target`, { is: 'known', what: 'entry' }, thing.target));
    else return true;
    return false;
  });
  return { good, faults, room };
}
type RoomOf = Parameters<typeof documentSense>[1];

/** Documents that agree with the room; the faults of the others. */
function agreeingDocuments(
  documents: readonly At<RoomDocument>[],
  room: RoomOf,
  world: World,
  now: string | null,
): { readonly good: readonly At<RoomDocument>[]; readonly faults: readonly Fault[] } {
  const judged = documents.map((one) => ({ one, faults: documentSense(one.thing, room, world, now) }));
  return {
    good: judged.filter(({ faults }) => faults.length === 0).map(({ one }) => one),
    faults: judged.flatMap(({ one, faults }) => under(pathOf(DOCUMENTS, one.at), faults)),
  };
}

/**
 * A backup from foreign data, lifted to the current version and read in parts: good documents and entries are offered, bad
 * ones named by path. A part that makes no sense beside the others (a death before the arrival, a list of a tank that is not
 * there) counts as bad. With pauses; `now` is the present moment, if anybody knows it.
 *
 * Errors: a file that is none of ours, or newer, is refused whole. Nothing is imported by reading.
 */
export function* readBackupInSteps(
  value: unknown,
  catalogue: Catalogue,
  now: string | null = null,
): Generator<undefined, Outcome<BackupRead>> {
  const lifted = liftFile(value);
  if (!lifted.ok) return lifted;
  const { documents, entries, exportedOn, aside } = lifted.value;
  const readDocuments = yield* readList(documents, DOCUMENTS, readDocument);
  const readEntries = yield* readList(entries, ENTRIES, readEntry);
  // Species of the keeper's own travel with the room that they live in.
  const own = keeperSpeciesOf(readDocuments.good.map(({ thing }) => thing));
  const known = withKeeperSpecies(catalogue, own);
  const [tanks, others] = [
    readDocuments.good.filter(({ thing }) => thing.kind === 'tank'),
    readDocuments.good.filter(({ thing }) => thing.kind !== 'tank'),
  ];
  const soundTanks = agreeingDocuments(tanks, EMPTY, worldOf({}, known), now);
  const world = worldOf(Object.fromEntries(soundTanks.good.map(({ thing }) => [thing.id, thing])), known);
  const journal = yield* agreeing(readEntries.good, world);
  const rest = agreeingDocuments(others, journal.room, world, now);
  const kept = [...soundTanks.good, ...rest.good].sort((a, b) => a.at - b.at);
  return {
    ok: true,
    value: {
      backup: {
        format: 'lomvik',
        version: BACKUP_VERSION,
        exportedOn: typeof exportedOn === 'string' ? exportedOn : '',
        documents: kept.map(({ thing }) => thing),
        entries: placedInOrder(journal.good.map(({ thing }) => thing)),
        ...(Array.isArray(aside) && aside.length > 0 ? { aside } : {}),
      },
      faults: [
        ...readDocuments.faults,
        ...soundTanks.faults,
        ...rest.faults,
        ...readEntries.faults,
        ...journal.faults,
      ],
      leftOut: documents.length - kept.length + entries.length - journal.good.length,
    },
  };
}

const EMPTY: RoomOf = { residents: {}, tanks: {}, loose: [] };

/** At most this many faults are told: a foreign file has thousands of the same. */
const TOLD = 50;

/**
 * A backup from foreign data that is good as a whole.
 *
 * Errors: a newer version is its own answer; otherwise up to fifty faults with their paths.
 */
export function readBackup(value: unknown, catalogue: Catalogue, now: string | null = null): Outcome<Backup> {
  const read = atOnce(readBackupInSteps(value, catalogue, now));
  if (!read.ok) return read;
  const { backup, faults } = read.value;
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, TOLD) } : { ok: true, value: backup };
}
