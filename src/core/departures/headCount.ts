import { applyEvent, EMPTY_ROOM, type Resident, type Room, type Standing } from '../events';
import type { SpeciesProfile } from '../model';

/** A count of a species on a day, with the number on record then. */
export interface Count {
  readonly on: string;
  readonly seen: number;
  readonly onRecord: number;
}

/** How a species of a tank stands between the record and what is seen. */
export interface HeadCount {
  readonly species: string;
  /** How many are on record. */
  readonly onRecord: number;
  readonly counts: readonly Count[];
  /** The last time that any of it was seen, by a count above nothing or by name. */
  readonly lastSeen: string | null;
  /** On record and not in the last count; negative when more were seen than there should be. */
  readonly unaccounted: number | null;
  readonly hidden: boolean;
  /** Share of the record of the day that is seen in a usual count, from the counts before the last; null with fewer than two. */
  readonly usuallySeen: number | null;
  /** Chance that all on record are still there, given how few were seen in the last counts; null when nobody can say. */
  readonly allThere: number | null;
  /** The counts fall, count after count. */
  readonly dwindling: boolean;
  /** Days since any of them was seen last; null when none was. */
  readonly lastSeenDays: number | null;
}

/** So many counts, none above the one before and in all fallen by so much, are a trend (from memory). */
const TREND_COUNTS = 3;
const FALLEN = 0.15;
/** Without any other knowledge a species that hides is seen by half, one in the open by nearly all (from memory). */
const SEEN_HIDDEN = 0.5;
const SEEN_OPEN = 0.9;
const HIDING = 2;
/** Nobody is sure to be seen (from memory). */
const MOST_SEEN = 0.98;

/** Chance of at most k seen out of n when each is seen with chance p. */
function atMost(n: number, k: number, p: number): number {
  let term = (1 - p) ** n;
  let sum = term;
  for (let i = 1; i <= k; i += 1) {
    term *= ((n - i + 1) / i) * (p / (1 - p));
    sum += term;
  }
  return Math.min(1, sum);
}

const COUNTS = new WeakMap<readonly Standing[], Map<string, ReadonlyMap<string, readonly Count[]>>>();

/** All counts of a tank by species, in the order of time, each with the record of its day; worked out once for all species. */
function countsIn(happenings: readonly Standing[], tank: string): ReadonlyMap<string, readonly Count[]> {
  const known = COUNTS.get(happenings) ?? new Map<string, ReadonlyMap<string, readonly Count[]>>();
  const before = known.get(tank);
  if (before) return before;
  const counts = new Map<string, Count[]>();
  let room: Room = EMPTY_ROOM;
  for (const event of happenings) {
    if (event.type === 'counted' && event.tank === tank) {
      const { on, seen, species } = event;
      const heads = Object.values(room.residents).filter(
        (one) => one.tank === tank && one.species === species,
      );
      const onRecord = heads.reduce((sum, one) => sum + one.count, 0);
      counts.set(species, [...(counts.get(species) ?? []), { on, seen, onRecord }]);
    }
    // A contest moves nobody.
    if (event.type !== 'chased') room = applyEvent(room, event);
  }
  COUNTS.set(happenings, known.set(tank, counts));
  return counts;
}

/** Species that are seldom seen by day: shy, or out at night. */
export const hidesByNature = (profile: SpeciesProfile): boolean =>
  profile.habits.shyness >= HIDING || profile.habits.nightActive;

/**
 * A species of a tank, record against what is seen. `residents` are those of the species that live there now; `happenings` of the tank.
 *
 * The chance that all are there takes each as seen with the same chance, that of earlier counts or, without any, one half for
 * a species that hides: a rough figure, said to be so.
 */
export function headCount(
  profile: SpeciesProfile,
  residents: readonly Resident[],
  happenings: readonly Standing[],
  tank: string,
  daysSince: (moment: string) => number,
): HeadCount {
  const ids = new Set<string>(residents.map((one) => one.id));
  const onRecord = residents.reduce((sum, one) => sum + one.count, 0);
  const counts = countsIn(happenings, tank).get(profile.id) ?? [];
  const byName = happenings.filter(
    (event) =>
      (event.type === 'saw' && event.resident !== null && ids.has(event.resident)) ||
      (event.type === 'chased' && (ids.has(event.winner) || ids.has(event.loser))) ||
      (event.type === 'measured' && ids.has(event.resident)),
  );
  const seenOn = [...counts.filter((one) => one.seen > 0), ...byName].map((one) => one.on).sort();
  const last = counts.at(-1);
  const hidden = hidesByNature(profile);
  const earlier = counts.slice(0, -1);
  const expected = earlier.reduce((sum, one) => sum + Math.max(one.onRecord, one.seen), 0);
  const usuallySeen =
    earlier.length >= 2 && expected > 0
      ? Math.min(MOST_SEEN, earlier.reduce((sum, one) => sum + one.seen, 0) / expected)
      : null;
  const chance = usuallySeen ?? (hidden ? SEEN_HIDDEN : SEEN_OPEN);
  const unaccounted = last ? onRecord - last.seen : null;
  const allThere = last && last.seen < onRecord ? atMost(onRecord, last.seen, chance) : last ? 1 : null;
  const tail = counts.slice(-(TREND_COUNTS + 1));
  // What left with a record is off the record too: only fish that are missed are a trend.
  const dwindling =
    (unaccounted ?? 0) > 0 &&
    tail.length >= TREND_COUNTS &&
    tail.every((one, i) => i === 0 || one.seen <= tail[i - 1]!.seen) &&
    tail.at(-1)!.seen <= tail[0]!.seen * (1 - FALLEN);
  const lastSeen = seenOn.at(-1) ?? null;
  return {
    species: profile.id,
    onRecord,
    counts,
    lastSeen,
    unaccounted,
    hidden,
    usuallySeen,
    allThere,
    dwindling,
    lastSeenDays: lastSeen === null ? null : daysSince(lastSeen),
  };
}
