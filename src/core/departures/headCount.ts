import type { Resident, Standing } from '../events';
import type { SpeciesProfile } from '../model';
import { type Count, countHistory } from './countHistory';

/** How a species of a tank stands between the record and what is seen. */
export interface HeadCount {
  readonly species: string;
  /** How many are on record. */
  readonly onRecord: number;
  readonly counts: readonly Count[];
  /** The last time that any of it was seen, by a count above nothing or by name. */
  readonly lastSeen: string | null;
  /**
   * On record at the last count, not seen in it, and not accounted for since; negative when more were seen than were on record.
   * Null before the first count.
   */
  readonly unaccounted: number | null;
  /** Those of a count by name that were not seen in it and are still here. */
  readonly unseen: readonly string[];
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

const shareSeen = ({ seen, onRecord }: Count): number => seen / Math.max(1, onRecord);

/** Species that are seldom seen by day: shy, or out at night. */
export const hidesByNature = (profile: SpeciesProfile): boolean =>
  profile.habits.shyness >= HIDING || profile.habits.nightActive;

/**
 * A species of a tank, record against what is seen. `residents` are those of the species that live there now; `happenings` of the tank.
 *
 * The chance that all are there takes each as seen with the same chance, that of earlier counts or, without any, one half for
 * a species that hides: a rough figure, said to be so. Every count is held against the record of its own moment; what happened
 * since carries it on.
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
  const { counts, open: unaccounted } = countHistory(happenings, tank, profile.id);
  const byName = happenings.filter(
    (event) =>
      (event.type === 'saw' && event.resident !== null && ids.has(event.resident)) ||
      (event.type === 'chased' && (ids.has(event.winner) || ids.has(event.loser))) ||
      (event.type === 'measured' && ids.has(event.resident)) ||
      (event.type === 'counted' && event.who?.some((id) => ids.has(id))),
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
  const isShort = last !== undefined && (unaccounted ?? 0) > 0;
  const allThere = isShort
    ? atMost(last.onRecord, Math.min(last.seen, last.onRecord), chance)
    : last
      ? 1
      : null;
  const ticked = isShort && last.who ? new Set(last.who) : null;
  const tail = counts.slice(-(TREND_COUNTS + 1));
  // What left with a record is off the record too: only fish that are missed are a trend.
  const dwindling =
    (unaccounted ?? 0) > 0 &&
    tail.length >= TREND_COUNTS &&
    tail.every((one, i) => i === 0 || shareSeen(one) <= shareSeen(tail[i - 1]!)) &&
    shareSeen(tail.at(-1)!) <= shareSeen(tail[0]!) * (1 - FALLEN);
  const lastSeen = seenOn.at(-1) ?? null;
  return {
    species: profile.id,
    onRecord,
    counts,
    lastSeen,
    unaccounted,
    unseen: ticked
      ? residents
          .filter((one) => one.individual && one.cameOn <= last!.on && !ticked.has(one.id))
          .map(({ id }) => id)
      : [],
    hidden,
    usuallySeen,
    allThere,
    dwindling,
    lastSeenDays: lastSeen === null ? null : daysSince(lastSeen),
  };
}
