import { canonicalJson } from '../kernel';
import type { ExperienceFile } from './experienceFile';
import type { Asked } from './outcomes';
import { monthsOf, type Stay } from './stay';

/** A stay as it counts: of which keeper, and for how many months. */
export interface Counting {
  readonly stay: Stay;
  /** One hand, as far as files can show: rooms that share a tank or a stay are one. */
  readonly keeper: string;
  /** The tank, whoever's file it came in. */
  readonly tank: string;
  readonly months: number;
}

/** Many files as one body of experience. */
export interface Pool {
  readonly stays: readonly Counting[];
  /** Stays that do not count: told again by a newer file, or struck in it. */
  readonly repeated: number;
  /** Rooms that bear several identifiers. */
  readonly joined: number;
}

/** Groups of names that belong together: each name leads to another of its group, and in the end to the first of it. */
class Groups {
  private readonly leads = new Map<string, string>();

  first(name: string): string {
    let at = name;
    for (let next = this.leads.get(at); next !== undefined && next !== at; next = this.leads.get(at))
      at = next;
    return at;
  }

  join(a: string, b: string): void {
    const [one, other] = [this.first(a), this.first(b)];
    if (one !== other) this.leads.set(one < other ? other : one, one < other ? one : other);
  }
}

/** Whether a file tells a room later than another: by its month, then by how much it tells, then by its text, so that no order of files decides. */
export function isLater(a: ExperienceFile, b: ExperienceFile): boolean {
  const told = ({ made, stays }: ExperienceFile): readonly (string | number)[] => [
    made,
    stays.length,
    stays.reduce((all, { minutesWatched }) => all + minutesWatched, 0),
  ];
  const [one, other] = [told(a), told(b)];
  const at = one.findIndex((value, i) => value !== other[i]);
  return at === -1
    ? canonicalJson(a.stays) > canonicalJson(b.stays)
    : (one[at] as string) > (other[at] as string);
}

/** Of each room the file that tells it last: a stay that its keeper struck since counts no more. The order of the files does not matter. */
export function latestOf(files: readonly ExperienceFile[]): readonly ExperienceFile[] {
  const latest = new Map<string, ExperienceFile>();
  for (const file of files) {
    const other = latest.get(file.room);
    if (!other || isLater(file, other)) latest.set(file.room, file);
  }
  return [...latest.values()];
}

/**
 * Files of many keepers as one: of each room the file that tells it last; a stay that stands in several counts once, as the newest tells
 * it; rooms that share a stay or a tank are one keeper's. The order of the files does not matter.
 */
export function poolOf(files: readonly ExperienceFile[]): Pool {
  const newest = new Map<string, { readonly file: ExperienceFile; readonly stay: Stay }>();
  const keepers = new Groups();
  const roomOf = new Map<string, string>();
  const latest = [...latestOf(files)].sort((a, b) =>
    a.made === b.made ? (a.room < b.room ? -1 : 1) : a.made < b.made ? -1 : 1,
  );
  for (const file of latest)
    for (const stay of file.stays) {
      for (const mark of [`stay ${stay.id}`, `tank ${stay.tank.id}`]) {
        const room = roomOf.get(mark);
        if (room === undefined) roomOf.set(mark, file.room);
        else keepers.join(room, file.room);
      }
      newest.set(stay.id, { file, stay });
    }
  const hands = new Set(latest.map(({ room }) => keepers.first(room)));
  return {
    stays: [...newest.values()].map(({ file, stay }) => ({
      stay,
      keeper: keepers.first(file.room),
      tank: stay.tank.id,
      months: monthsOf(stay, file.made),
    })),
    repeated: files.reduce((all, { stays }) => all + stays.length, 0) - newest.size,
    joined: latest.length - hands.size,
  };
}

/** A pool by species: what is asked about one looks at its stays only. */
export class Shelves {
  private readonly of = new Map<string, Counting[]>();
  private readonly together = new Map<string, readonly Counting[]>();

  constructor(readonly pool: Pool) {
    for (const one of pool.stays)
      for (const { species } of one.stay.fish) {
        const own = this.of.get(species);
        if (own) own.push(one);
        else this.of.set(species, [one]);
      }
  }

  /** The stays in which a species lived. */
  stays(species: string): readonly Counting[] {
    return this.of.get(species) ?? [];
  }

  /** The stays of those that are asked about; the same list whenever the same is asked. */
  about(asked: Pick<Asked, 'species' | 'with'>): readonly Counting[] {
    if (asked.with === undefined) return this.stays(asked.species);
    const { species: one, with: other } = asked;
    const key = `${one} ${other}`;
    const known =
      this.together.get(key) ??
      this.stays(one).filter(({ stay }) => stay.fish.some(({ species }) => species === other));
    this.together.set(key, known);
    return known;
  }
}

/** Every species that lived in these stays, with its tanks, the most first. */
export function tanksBySpecies(
  stays: readonly Counting[],
): readonly { readonly species: string; readonly tanks: number }[] {
  const tanks = new Map<string, Set<string>>();
  for (const { stay, tank } of stays)
    for (const { species } of stay.fish) {
      const own = tanks.get(species);
      if (own) own.add(tank);
      else tanks.set(species, new Set([tank]));
    }
  return [...tanks]
    .map(([species, own]) => ({ species, tanks: own.size }))
    .sort((a, b) => b.tanks - a.tanks || (a.species < b.species ? -1 : 1));
}
