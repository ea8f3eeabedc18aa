import type { Entry } from '@/core/events';
import type { RoomDocument } from '@/core/records';
import { mergeRooms, type RoomContents } from '@/core/merge';

/** Files of one folder: made, written on at their end, read and removed. */
export interface LogFiles {
  readonly names: () => Promise<readonly string[]>;
  readonly read: (name: string) => Promise<string>;
  /** Writes on at the end of a file, made where there is none; what is written is durable when it settles. */
  readonly append: (name: string, text: string) => Promise<void>;
  readonly remove: (name: string) => Promise<void>;
}

/** One line of a log: what a commit wrote. */
interface Line {
  readonly entries: readonly Entry[];
  readonly documents: readonly RoomDocument[];
}

/** What a room lacks that its mirror has. */
export interface Lost {
  readonly entries: number;
  readonly documents: number;
  /** The moment of the last entry that is lost, ISO; empty where only documents are. */
  readonly lastOn: string;
  /** Whether the room is there at all. */
  readonly isWhole: boolean;
}

/** What must be known of the room to hold it against its mirror. */
export interface MirroredRoom {
  readonly counts: () => Promise<{ readonly entries: number; readonly documents: number }>;
  readonly contents: () => Promise<RoomContents>;
}

/** `0000001764460800000.base.1234.56`, `0000001764460800000.log.x7Kd`: the generation, what it is, and of a base how much is in it. */
const NAME = /^(\d{19})\.(?:base\.(\d+)\.(\d+)|log\.([\w-]+))$/;
const DIGITS = 19;
/** So many entries in logs, or so many logs, and the mirror is written anew. */
const MOST_IN_LOGS = 2000;
const MOST_LOGS = 20;

interface Named {
  readonly name: string;
  readonly generation: string;
  readonly base: { readonly entries: number; readonly documents: number } | null;
}

function named(name: string): Named | null {
  const found = NAME.exec(name);
  if (!found) return null;
  const [, generation = '', entries, documents] = found;
  return {
    name,
    generation,
    base: entries === undefined ? null : { entries: Number(entries), documents: Number(documents) },
  };
}

const last = (files: readonly Named[]): string =>
  files.reduce((latest, { generation }) => (generation > latest ? generation : latest), '');

/** Lines of a log. One that cannot be read, cut off in the middle of writing or damaged, is passed over. */
function linesOf(text: string): readonly Line[] {
  const lines: Line[] = [];
  for (const line of text.split('\n')) {
    if (line === '') continue;
    try {
      const read = JSON.parse(line) as Partial<Line> | null;
      if (Array.isArray(read?.entries) && Array.isArray(read.documents)) lines.push(read as Line);
    } catch {
      // The others are no worse for it.
    }
  }
  return lines;
}

const entriesIn = (lines: readonly Line[]): number =>
  lines.reduce((sum, line) => sum + line.entries.length, 0);

const documentsIn = (lines: readonly Line[]): number =>
  new Set(lines.flatMap((line) => line.documents.map(({ id }) => id))).size;

/** What a copy has and a room lacks; null where that is nothing. A document that was deleted is not lacking. */
function lostBetween(here: RoomContents, copy: RoomContents): Lost | null {
  const [entries, documents] = [idsOf(here.entries), idsOf(here.documents)];
  const lostEntries = copy.entries.filter(({ id }) => !entries.has(id));
  const lostDocuments = copy.documents.filter(({ id, body }) => body !== null && !documents.has(id));
  if (lostEntries.length + lostDocuments.length === 0) return null;
  return {
    entries: lostEntries.length,
    documents: lostDocuments.length,
    lastOn: lostEntries.reduce((latest, { on }) => (on > latest ? on : latest), ''),
    isWhole: entries.size + documents.size === 0,
  };
}
const idsOf = (all: readonly { readonly id: string }[]): ReadonlySet<string> =>
  new Set(all.map(({ id }) => id));

/** Whether a base holds as much as its name says. */
const isWhole = ({ base }: Named, lines: readonly Line[]): boolean =>
  base?.entries === entriesIn(lines) &&
  base.documents === lines.reduce((sum, line) => sum + line.documents.length, 0);

/** What of the files counts. */
interface Standing {
  /** The lines of each file. */
  readonly lines: readonly (readonly Line[])[];
  readonly logs: number;
  readonly inLogs: number;
  /** There is a base, and the newest is whole. */
  readonly isSound: boolean;
}

/** So many entries stand in one line of a base. */
const A_LINE = 1000;

/**
 * A second copy of a room in a store of another kind: logs that are only written on at their end, one for each page, over a base that holds
 * the whole. A base and its logs are a generation; a newer one takes the place of the older, as when a file took the place of the room.
 *
 * `now` gives milliseconds; `page` tells this page's log from others.
 */
export function mirrorOf(files: LogFiles, now: () => number, page: string) {
  const list = async (): Promise<readonly Named[]> =>
    (await files.names()).flatMap((name) => named(name) ?? []);

  /**
   * What counts: the newest generation whose base is whole, and all after it; everything where none is. A base that was cut off while it
   * was written must not hide the one before it.
   */
  const standing = async (): Promise<Standing> => {
    const all = await list();
    const read = new Map<string, readonly Line[]>();
    const linesIn = async ({ name }: Named): Promise<readonly Line[]> => {
      const lines = read.get(name) ?? linesOf(await files.read(name));
      read.set(name, lines);
      return lines;
    };
    let from = '';
    const newestFirst = all.filter(({ base }) => base !== null).sort((a, b) => (a.name < b.name ? 1 : -1));
    for (const one of newestFirst)
      if (isWhole(one, await linesIn(one))) {
        from = one.generation;
        break;
      }
    const counting = all.filter(({ generation }) => generation >= from);
    const lines: Standing['lines'][number][] = [];
    for (const one of counting) lines.push(await linesIn(one));
    return {
      lines,
      logs: counting.filter(({ base }) => base === null).length,
      inLogs: counting.reduce((sum, { base }, i) => sum + (base === null ? entriesIn(lines[i] ?? []) : 0), 0),
      isSound: from !== '' && newestFirst[0]?.generation === from,
    };
  };

  /** Everything that counts; a document of a later line is the later one. */
  const together = ({ lines }: Standing): RoomContents =>
    lines.reduce<RoomContents>(
      (room, some) => {
        const documents = new Map(
          some.flatMap((line) => line.documents.map((one) => [one.id, one] as const)),
        );
        return mergeRooms(room, {
          documents: [...documents.values()],
          entries: some.flatMap((line) => line.entries),
        });
      },
      { documents: [], entries: [] },
    );

  /** Begins anew with a room as it is; what older generations hold is of no use any more. */
  const anew = async (room: RoomContents): Promise<void> => {
    const before = await list();
    const generation = String(Math.max(now(), Number(last(before) || 0) + 1)).padStart(DIGITS, '0');
    const name = `${generation}.base.${room.entries.length}.${room.documents.length}`;
    const lines: Line[] = [{ entries: [], documents: room.documents }];
    for (let i = 0; i < room.entries.length; i += A_LINE)
      lines.push({ entries: room.entries.slice(i, i + A_LINE), documents: [] });
    await files.append(name, `${lines.map((line) => JSON.stringify(line)).join('\n')}\n`);
    // A log that another page still holds stays: it is passed over, and goes at the next opening.
    for (const one of before) await files.remove(one.name).catch(() => {});
  };

  /** Begins anew with the room, unless it lacks something that is kept: then nothing is written, and that is told. */
  const renewed = async (room: MirroredRoom, kept: Standing): Promise<Lost | null> => {
    const [here, copy] = [await room.contents(), together(kept)];
    const lost = lostBetween(here, copy);
    if (lost === null) await anew(here);
    return lost;
  };

  return {
    contents: async (): Promise<RoomContents> => together(await standing()),
    anew,
    /** Writes on what was committed. Nothing where there is no base yet: the next opening makes one. */
    append: async ({ entries, documents }: Line): Promise<void> => {
      const generation = last(await list());
      if (generation === '') return;
      await files.append(
        `${generation}.log.${page}`,
        `${JSON.stringify({ entries, documents } satisfies Line)}\n`,
      );
    },
    /** Writes the mirror anew after something could not be written on. What the room lacks, as `compare` says it; then nothing is written. */
    catchUp: async (room: MirroredRoom): Promise<Lost | null> => renewed(room, await standing()),
    /**
     * Holds the room against its mirror: what the mirror has and the room lacks; null where it lacks nothing. A mirror that is missing,
     * damaged, lacks something itself, or has grown long is then written anew.
     */
    compare: async (room: MirroredRoom): Promise<Lost | null> => {
      const kept = await standing();
      const [entries, documents] = [entriesIn(kept.lines.flat()), documentsIn(kept.lines.flat())];
      const counts = await room.counts();
      // A commit that stands in the base and in a log is counted twice: then both are read.
      const isSame = counts.entries === entries && counts.documents === documents;
      if (isSame && kept.isSound && kept.inLogs <= MOST_IN_LOGS && kept.logs <= MOST_LOGS) return null;
      return renewed(room, kept);
    },
  };
}
export type Mirror = ReturnType<typeof mirrorOf>;
