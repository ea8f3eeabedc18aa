import { registersOfDocument } from '../gate';
import type { RoomDocument } from '../records';
import { byId, type RoomContents } from './mergeRooms';
import type { Contradiction, Settled } from './settle';

/** One part that the two rooms say differently. */
export interface PartThatDiffers {
  readonly kind: RoomDocument['kind'];
  /** What the document is called, where it has a name. */
  readonly name: string;
  /** What the tank is called that it is about; empty where it is about none. */
  readonly tank: string;
  /** The species that the part is about; empty where it is about none. */
  readonly species: string;
  /** As `tank.lengthCm`; empty where one of the two has no such document. */
  readonly path: string;
  readonly mine: unknown;
  readonly theirs: unknown;
  /** Whose saying stands. */
  readonly stands: 'mine' | 'theirs';
}

/** What a merge brings, before anything is touched. */
export interface MergeLook {
  /** Entries of the file that this room does not have, and the other way round. */
  readonly entriesIn: number;
  readonly entriesOut: number;
  readonly documentsIn: number;
  readonly parts: readonly PartThatDiffers[];
  readonly aside: readonly Contradiction[];
  /** The file has nothing that this room does not have. */
  readonly nothingNew: boolean;
  /** This room holds nothing yet, and nothing is set aside in it. */
  readonly emptyHere: boolean;
  /** Nothing in the file is of this room: it is another room altogether. */
  readonly stranger: boolean;
}

const nameIn = ({ body }: RoomDocument): string =>
  body !== null && 'name' in body && typeof body.name === 'string' ? body.name : '';

/** A path of registers as a path of values: `groups/@k/count` as `groups[k].count`. */
const written = (path: string): string =>
  path
    .split('/')
    .map((step) => (step.startsWith('@') ? `[${step.slice(1)}]` : `.${step}`))
    .join('')
    .replace(/^\./, '');

const tankOf = ({ body }: RoomDocument): string =>
  body !== null && 'tank' in body && typeof body.tank === 'string' ? body.tank : '';

type Registers = ReturnType<typeof registersOfDocument>;

/** The species of the group that a part is of, or that is the part: `groups/@k/group/species` for `groups/@k/group/count`. */
function speciesAt(path: string, ...rooms: readonly Registers[]): string {
  const [group] = /^.*@[^/]*/.exec(path) ?? [];
  if (group === undefined) return '';
  for (const registers of rooms)
    for (const [place, { value }] of registers)
      if (place.startsWith(`${group}/`) && place.endsWith('/species') && typeof value === 'string')
        return value;
  return '';
}

function partsThatDiffer(
  mine: RoomDocument,
  theirs: RoomDocument,
  merged: RoomDocument,
  tank: string,
): PartThatDiffers[] {
  const [a, b, c] = [registersOfDocument(mine), registersOfDocument(theirs), registersOfDocument(merged)];
  const text = (value: unknown): string => JSON.stringify(value) ?? '';
  return [...new Set([...a.keys(), ...b.keys()])].flatMap((path): PartThatDiffers[] => {
    const [one, other, now] = [a.get(path)?.value, b.get(path)?.value, c.get(path)?.value];
    if (path.endsWith('#') || text(one) === text(other)) return [];
    const stands = text(now) === text(one) ? 'mine' : 'theirs';
    const about = { name: nameIn(merged), tank, species: speciesAt(path, c, a, b) };
    return [{ kind: merged.kind, ...about, path: written(path), mine: one, theirs: other, stands }];
  });
}

/** What merging a file into this room would bring. */
export function mergeLook(mine: RoomContents, theirs: RoomContents, settled: Settled): MergeLook {
  const [here, after] = [byId(mine.documents), byId(settled.documents)];
  const [own, other] = [byId(mine.entries), byId(theirs.entries)];
  const entriesIn = theirs.entries.filter(({ id }) => !own.has(id)).length;
  const parts = theirs.documents.flatMap((one) => {
    const [known, now] = [here.get(one.id), after.get(one.id)];
    if (!known || !now || known.kind !== one.kind) return [];
    const tank = after.get(tankOf(now));
    return partsThatDiffer(known, one, now, tank ? nameIn(tank) : '');
  });
  const documentsIn = theirs.documents.filter(({ id, body }) => body !== null && !here.has(id)).length;
  return {
    entriesIn,
    entriesOut: mine.entries.filter(({ id }) => !other.has(id)).length,
    documentsIn,
    parts,
    aside: settled.aside,
    nothingNew: entriesIn === 0 && documentsIn === 0 && parts.every(({ stands }) => stands === 'mine'),
    emptyHere:
      mine.entries.length === 0 &&
      (mine.aside ?? []).length === 0 &&
      mine.documents.every(({ kind, body }) => kind === 'settings' || body === null),
    stranger:
      own.size > 0 &&
      entriesIn === theirs.entries.length &&
      theirs.documents.every(({ id, kind }) => kind === 'settings' || !here.has(id)),
  };
}
