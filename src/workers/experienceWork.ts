import { effective } from '@/core/events';
import {
  type Asked,
  type Choice,
  type Counting,
  experienceOn,
  type ExperienceSum,
  isLater,
  type KeptHere,
  keptHere,
  type Kept,
  poolOf,
  predictionsIn,
  readExperience,
  Shelves,
  staysOf,
  type OutcomeName,
  tanksBySpecies,
} from '@/core/evidence';
import { type Fault, faultOf, parseJson } from '@/core/kernel';
import type { ExperienceStore, HeldFile } from '@/store/experience/experienceStore';
import { type OwnRecord, experienceOfRoom, ownNameOf } from './experienceOfRoom';

/** A file that was not taken in, and why. */
interface Refused {
  readonly name: string;
  readonly faults: readonly Fault[];
  /** Faults that are not told. */
  readonly more: number;
}

/** What became of files that were handed in. */
export interface TakenIn {
  /** Rooms that are new, and such as were there and are told later now. */
  readonly fresh: number;
  readonly newer: number;
  /** Left out: the same is there already, or something later. */
  readonly known: number;
  /** Left out: the keeper's own room, which speaks for itself. */
  readonly own: number;
  readonly refused: readonly Refused[];
  /** Refused ones that are not told. */
  readonly moreRefused: number;
}

/** What of other keepers is held. */
export interface Held {
  readonly files: readonly {
    readonly room: string;
    readonly name: string;
    readonly made: string;
    readonly stays: number;
  }[];
  readonly keepers: number;
  readonly tanks: number;
  readonly stays: number;
  readonly species: readonly { readonly species: string; readonly tanks: number }[];
}

export interface Answer {
  readonly sum: ExperienceSum;
  /** The stays themselves, the longest first. */
  readonly cases: readonly Counting[];
  readonly more: number;
  /** Who lived in these tanks besides, the most often first. */
  readonly beside: readonly { readonly species: string; readonly tanks: number }[];
}

/** "club-2" before "club-10". */
const byName = new Intl.Collator('en', { numeric: true });
/** So many files are handed to the worker and read at a time. */
const FILES_A_PIECE = 100;
/** So many refused files, and so many faults of each, are told. */
const TOLD_FILES = 20;
const TOLD_FAULTS = 3;
/** So many stays are told one by one. */
const CASES = 200;
/** A file of the most stays there may be is smaller. */
const MOST_LETTERS = 64_000_000;

/** This room's own record as experience, as it stood at a mark. */
interface Own {
  readonly mark: string;
  readonly shelves: Shelves;
  readonly kept: readonly Kept[];
}

type Read =
  { readonly ok: true; readonly held: HeldFile } | { readonly ok: false; readonly refused: Refused };

/**
 * What the experience worker does: files of other keepers are read, deduplicated and summed beside the screen, and the keeper's own record
 * is asked alike. Plain functions, so that a test can call them without a worker.
 */
export function experienceWork(
  storeOf: (room: string) => ExperienceStore,
  recordOf: (room: string) => Promise<OwnRecord>,
  now: () => string,
) {
  const stores = new Map<string, ExperienceStore>();
  const open = (room: string): ExperienceStore => {
    const store = stores.get(room) ?? storeOf(room);
    stores.set(room, store);
    return store;
  };
  const others = new Map<
    string,
    { readonly changes: number; readonly held: readonly HeldFile[]; readonly shelves: Shelves }
  >();
  const owns = new Map<string, Own>();

  const readOthers = async (room: string) => {
    const store = open(room);
    const changes = await store.changes();
    const known = others.get(room);
    if (known?.changes === changes) return known;
    const held = await store.all();
    const read = { changes, held, shelves: new Shelves(poolOf(held.map(({ file }) => file))) };
    others.set(room, read);
    return read;
  };
  const ownNow = async (room: string): Promise<Own> => {
    const record = await recordOf(room);
    const known = owns.get(room);
    if (known?.mark === record.mark) return known;
    const entries = await record.entries();
    const own = {
      mark: record.mark,
      shelves: new Shelves(poolOf([experienceOfRoom(record.documents, entries, now())])),
      kept: predictionsIn(effective(entries), now()),
    };
    owns.set(room, own);
    return own;
  };
  const reading = new Map<string, Promise<Own>>();
  /** This room's own record; questions of the same moment share one look at it. */
  const readOwn = (room: string): Promise<Own> => {
    const begun = reading.get(room) ?? ownNow(room).finally(() => reading.delete(room));
    reading.set(room, begun);
    return begun;
  };

  const readOne = async (file: File): Promise<Read> => {
    const refused = (faults: readonly Fault[]): Read => ({
      ok: false,
      refused: {
        name: file.name,
        faults: faults.slice(0, TOLD_FAULTS),
        more: Math.max(0, faults.length - TOLD_FAULTS),
      },
    });
    // A file that is taken away meanwhile reads as an empty one.
    const text = file.size > MOST_LETTERS ? null : await file.text().catch(() => '');
    if (text === null) return refused([faultOf('', { is: 'text', most: MOST_LETTERS }, file.size)]);
    const parsed = parseJson(text);
    if (!parsed.ok) return refused(parsed.faults);
    const read = readExperience(parsed.value);
    return read.ok
      ? { ok: true, held: { file: read.value, name: file.name, takenOn: now() } }
      : refused(read.faults);
  };

  return {
    /**
     * Takes so many files in: of each room the one that tells it last. Files that are wrong anywhere are refused whole, the others are
     * taken. `piece` hands out those from one place to before another: thousands at once would keep the screen waiting.
     */
    takeIn: async (
      room: string,
      count: number,
      piece: (from: number, to: number) => Promise<readonly File[]>,
    ): Promise<TakenIn> => {
      const own = ownNameOf(await (await recordOf(room)).entries());
      const there = new Map((await open(room).all()).map((one) => [one.file.room, one]));
      const before = new Set(there.keys());
      const refused: Refused[] = [];
      const taken = new Map<string, HeldFile>();
      let [known, ownFiles] = [0, 0];
      const take = (read: Read): void => {
        if (!read.ok) return void refused.push(read.refused);
        const { held } = read;
        const name = held.file.room;
        const other = there.get(name);
        if (name === own) ownFiles += 1;
        else if (other && !isLater(held.file, other.file)) known += 1;
        else {
          if (taken.has(name)) known += 1;
          there.set(name, held);
          taken.set(name, held);
        }
      };
      const handed = (from: number) => (from < count ? piece(from, from + FILES_A_PIECE) : []);
      let coming = handed(0);
      for (let from = FILES_A_PIECE; from - FILES_A_PIECE < count; from += FILES_A_PIECE) {
        const files = await coming;
        // The next piece is on its way while this one is read.
        coming = handed(from);
        for (const read of await Promise.all(files.map(readOne))) take(read);
      }
      if (taken.size > 0) await open(room).put([...taken.values()]);
      const newer = [...taken.keys()].filter((name) => before.has(name)).length;
      return {
        fresh: taken.size - newer,
        newer,
        known,
        own: ownFiles,
        refused: refused.slice(0, TOLD_FILES),
        moreRefused: Math.max(0, refused.length - TOLD_FILES),
      };
    },
    /** What is held of other keepers. */
    held: async (room: string): Promise<Held> => {
      const { held, shelves } = await readOthers(room);
      const { stays } = shelves.pool;
      return {
        files: held
          .map(({ file: { room: of, made, stays: own }, name }) => ({
            room: of,
            name,
            made,
            stays: own.length,
          }))
          .sort((a, b) => byName.compare(a.name, b.name)),
        keepers: new Set(stays.map(({ keeper }) => keeper)).size,
        tanks: new Set(stays.map(({ tank }) => tank)).size,
        stays: stays.length,
        species: tanksBySpecies(stays),
      };
    },
    /** Who kept a species, or one beside another, in tanks that are like what is chosen, and how it went. */
    ask: async (room: string, asked: Asked, choice: Choice): Promise<Answer> => {
      const { shelves } = await readOthers(room);
      const cases = [...staysOf(shelves.about(asked), asked, choice)].sort((a, b) => b.months - a.months);
      return {
        sum: experienceOn(shelves, asked, { choice }),
        cases: cases.slice(0, CASES),
        more: Math.max(0, cases.length - CASES),
        beside: tanksBySpecies(cases).filter(
          ({ species }) => species !== asked.species && species !== asked.with,
        ),
      };
    },
    /** What other keepers say of an outcome, and this room's own record of all of them, for several questions at once. */
    about: async (
      room: string,
      asked: readonly (Asked & { readonly outcome: OutcomeName })[],
    ): Promise<readonly { readonly others: ExperienceSum; readonly own: ExperienceSum }[]> => {
      const [{ shelves }, own] = await Promise.all([readOthers(room), readOwn(room)]);
      return asked.map(({ outcome, ...one }) => ({
        others: experienceOn(shelves, one, { outcomes: [outcome], rates: false }),
        own: experienceOn(own.shelves, one),
      }));
    },
    /** Every species that lived in this room. */
    keptHere: async (room: string): Promise<readonly KeptHere[]> =>
      keptHere((await readOwn(room)).shelves.pool.stays),
    /** The warnings that this room keeps score of. */
    predictions: async (room: string): Promise<readonly Kept[]> => (await readOwn(room)).kept,
    /** Forgets the files of these rooms, or all. The keeper's own record is not touched. */
    remove: (room: string, which: readonly string[] | 'all'): Promise<void> => open(room).remove(which),
  };
}
export type ExperienceWork = ReturnType<typeof experienceWork>;
