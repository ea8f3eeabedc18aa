import type { ExperienceFile } from './experienceFile';
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
  /** Stays that stood in several files, and count once, as the newest file tells them. */
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

/**
 * Files of many keepers as one: a stay that stands in several counts once, as the newest tells it; rooms that share a stay or
 * a tank are one keeper's. The order of the files does not matter.
 */
export function poolOf(files: readonly ExperienceFile[]): Pool {
  const newest = new Map<string, { readonly file: ExperienceFile; readonly stay: Stay }>();
  const keepers = new Groups();
  const roomOf = new Map<string, string>();
  let repeated = 0;
  const ordered = [...files].sort((a, b) =>
    a.made === b.made ? (a.room < b.room ? -1 : 1) : a.made < b.made ? -1 : 1,
  );
  for (const file of ordered)
    for (const stay of file.stays) {
      for (const mark of [`stay ${stay.id}`, `tank ${stay.tank.id}`]) {
        const room = roomOf.get(mark);
        if (room === undefined) roomOf.set(mark, file.room);
        else keepers.join(room, file.room);
      }
      if (newest.has(stay.id)) repeated += 1;
      newest.set(stay.id, { file, stay });
    }
  const rooms = new Set(files.map(({ room }) => room));
  const hands = new Set([...rooms].map((room) => keepers.first(room)));
  return {
    stays: [...newest.values()].map(({ file, stay }) => ({
      stay,
      keeper: keepers.first(file.room),
      tank: stay.tank.id,
      months: monthsOf(stay, file.made),
    })),
    repeated,
    joined: rooms.size - hands.size,
  };
}
