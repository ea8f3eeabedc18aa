import { weightOf } from '../aggression';
import { atOnce } from '../kernel';
import { readSomebody, type Resident, type Standing } from '../events';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { eloRanking, eloTrace, type Contest, type EloStep, type Return, type Ranked } from './eloRanking';

/** Fewer contests a fish than this and a ranking is a guess; from memory. */
export const FEW_A_FISH = 10;

/** Away for more days than this, a fish comes back as a newcomer; from memory ("some days" in common practice). */
export const AWAY_DAYS = 3;

/** The order among the fish of one tank, from its contests. */
export interface Ranking {
  readonly ranked: readonly Ranked[];
  readonly contests: readonly Contest[];
  readonly trace: readonly EloStep[];
  /** Fish that live here and were in no contest. */
  readonly unmet: readonly string[];
  readonly few: boolean;
  /** Wins of the row fish over the column fish. */
  readonly wins: PairCounts;
  /** Contests of two that neither won; each pair stands both ways. */
  readonly undecided: PairCounts;
}

/** How often, by the one and the other of a pair. */
type PairCounts = ReadonlyMap<string, ReadonlyMap<string, number>>;

function pairCounts(pairs: readonly (readonly [one: string, other: string])[]): PairCounts {
  const counts = new Map<string, Map<string, number>>();
  for (const [one, other] of pairs) {
    const row = counts.get(one) ?? new Map<string, number>();
    row.set(other, (row.get(other) ?? 0) + 1);
    counts.set(one, row);
  }
  return counts;
}

/** Which contests are asked for. */
export interface CourseAsked {
  readonly tank: string;
  /** From a moment on, and until one; ISO. */
  readonly from?: string;
  readonly to?: string;
  /** By what was done and how bad it was; 1 each otherwise. */
  readonly weighted?: boolean;
  /** Fish whose contests with one another count wherever they lived: what is known of them from before. */
  readonly together?: ReadonlySet<string>;
}

/** So many happenings are walked through before the walk can pause. */
const HAPPENINGS_A_STEP = 5000;

/** Contests of a tank, and who came back to it after days elsewhere, in the order of time. */
export const courseOf = (
  happenings: readonly Standing[],
  asked: CourseAsked,
): readonly (Contest | Return)[] => atOnce(courseInSteps(happenings, asked));

const NOBODY: ReadonlySet<string> = new Set();

/** The same walk with pauses in it, so that a screen can be drawn meanwhile. */
export function* courseInSteps(
  happenings: readonly Standing[],
  { tank, from = '', to, weighted = false, together = NOBODY }: CourseAsked,
): Generator<undefined, readonly (Contest | Return)[]> {
  const awaySince = new Map<string, string>();
  const inTank = new Set<string>();
  const course: (Contest | Return)[] = [];
  for (const [i, event] of happenings.entries()) {
    if (i % HAPPENINGS_A_STEP === HAPPENINGS_A_STEP - 1) yield;
    if (event.type === 'chased') {
      const isBefore = event.tank !== tank;
      if (event.winner === event.loser || event.on < from || (to !== undefined && event.on > to)) continue;
      if (isBefore && !(together.has(event.winner) && together.has(event.loser))) continue;
      // "A male of this species" has no place of its own; the contest counts in the rates.
      if (readSomebody(event.winner) || readSomebody(event.loser)) continue;
      inTank.add(event.winner).add(event.loser);
      const { winner, loser, on, undecided } = event;
      course.push({
        winner,
        loser,
        on,
        ...(weighted && { weight: weightOf(event) }),
        ...(undecided && { undecided }),
        ...(isBefore && { isBefore }),
      });
    } else if (
      event.type === 'moved' ||
      event.type === 'rehomed' ||
      (event.type === 'back-again' && event.what === 'returned')
    ) {
      const who = event.resident;
      if (event.type === 'rehomed' || event.tank !== tank) {
        if (inTank.has(who) && !awaySince.has(who)) awaySince.set(who, event.on);
        continue;
      }
      const left = awaySince.get(who);
      awaySince.delete(who);
      if (left !== undefined && differenceInCalendarDays(parseISO(event.on), parseISO(left)) > AWAY_DAYS)
        course.push({ back: who, on: event.on });
    }
  }
  return course;
}

/**
 * The ranking of a tank from what happened there, in the order of time. Only those who still live there stand on it.
 *
 * A fish that was in another tank for more than AWAY_DAYS starts again at the mean when it comes back.
 * Groups take part as one. Contests within a group, winner and loser the same, say nothing of an order and are left out.
 */
export const rankingOf = (
  happenings: readonly Standing[],
  tank: string,
  residents: readonly Resident[],
): Ranking =>
  rankingFrom(
    courseOf(happenings, { tank }),
    residents.map((resident) => resident.id),
  );

/** The ranking of those who live in a tank, from its course. */
export function rankingFrom(course: readonly (Contest | Return)[], ids: readonly string[]): Ranking {
  const contests = course.filter((one): one is Contest => 'winner' in one);
  const here = new Set<string>(ids);
  const trace = eloTrace(course);
  const ranked = eloRanking(course, trace).filter((one) => here.has(one.id));
  const standing = new Set(ranked.map((one) => one.id));
  return {
    ranked,
    contests,
    trace,
    unmet: ids.filter((id) => !standing.has(id)),
    few: ranked.length > 0 && contests.length < ranked.length * FEW_A_FISH,
    wins: pairCounts(contests.flatMap((one) => (one.undecided ? [] : [[one.winner, one.loser] as const]))),
    undecided: pairCounts(
      contests.flatMap(({ winner, loser, undecided }) =>
        undecided ? [[winner, loser] as const, [loser, winner] as const] : [],
      ),
    ),
  };
}
