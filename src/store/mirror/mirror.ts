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

/** Lines of a log. A line that was cut off in the middle of writing ends it: what was acknowledged stands before it. */
function linesOf(text: string): readonly Line[] {
  const lines: Line[] = [];
  for (const line of text.split('\n')) {
    if (line === '') continue;
    try {
      lines.push(JSON.parse(line) as Line);
    } catch {
      break;
    }
  }
  return lines;
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

  /** Everything that the last generation holds; a document of a later line is the later one. */
  const contents = async (): Promise<RoomContents> => {
    const all = await list();
    const generation = last(all);
    let room: RoomContents = { documents: [], entries: [] };
    for (const file of all.filter((one) => one.generation === generation)) {
      const lines = linesOf(await files.read(file.name));
      const documents = new Map(lines.flatMap((line) => line.documents.map((one) => [one.id, one] as const)));
      room = mergeRooms(room, {
        documents: [...documents.values()],
        entries: lines.flatMap((line) => line.entries),
      });
    }
    return room;
  };

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

  return {
    contents,
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
    /**
     * Holds the room against its mirror: what the mirror has and the room lacks; null where it lacks nothing. A mirror that is missing or
     * has grown long is then written anew.
     */
    compare: async (room: MirroredRoom): Promise<Lost | null> => {
      const all = await list();
      const generation = last(all);
      const mine = all.filter((one) => one.generation === generation);
      const base = mine.find((one) => one.base !== null);
      if (!base?.base) {
        await anew(await room.contents());
        return null;
      }
      const logs = mine.filter((one) => one.base === null);
      const lines = (await Promise.all(logs.map(({ name }) => files.read(name)))).flatMap(linesOf);
      const inLogs = lines.reduce((sum, line) => sum + line.entries.length, 0);
      const counts = await room.counts();
      // The first line of a base holds its documents.
      const [papers] = linesOf((await files.read(base.name)).split('\n', 1).join(''));
      const known = new Set(
        [...(papers?.documents ?? []), ...lines.flatMap((line) => line.documents)].map(({ id }) => id),
      );
      const isShorter = counts.entries < base.base.entries + inLogs || counts.documents < known.size;
      if (!isShorter) {
        if (inLogs > MOST_IN_LOGS || logs.length > MOST_LOGS) await anew(await room.contents());
        return null;
      }
      const [here, kept] = [await room.contents(), await contents()];
      const entries = new Set<string>(here.entries.map(({ id }) => id));
      const documents = new Set<string>(here.documents.map(({ id }) => id));
      const lostEntries = kept.entries.filter(({ id }) => !entries.has(id));
      const lostDocuments = kept.documents.filter(({ id, body }) => body !== null && !documents.has(id));
      if (lostEntries.length + lostDocuments.length === 0) {
        // A commit that stands in the base and in a log was counted twice.
        await anew(here);
        return null;
      }
      return {
        entries: lostEntries.length,
        documents: lostDocuments.length,
        lastOn: lostEntries.reduce((latest, { on }) => (on > latest ? on : latest), ''),
        isWhole: counts.entries + counts.documents === 0,
      };
    },
  };
}
export type Mirror = ReturnType<typeof mirrorOf>;
