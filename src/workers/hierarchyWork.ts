import {
  type Certainty,
  ELO_START,
  type Ranking,
  rankingCertainty,
  rankingFrom,
  type Newcomer,
  type NewcomerPath,
  newcomerPaths,
  pairsToWatch,
  type PairToWatch,
  hierarchyMeasures,
  type OwnRating,
  ownRating,
  type HierarchyMeasures,
  type PackedCourse,
  ranksOf,
  unpackCourse,
} from '@/core/hierarchy';
import { davidsScore, seededChance, winTable } from '@/core/stats';

/** How a ranking moved, at the contests that are drawn. */
export interface Drawn {
  /** Places of the contests in the course. */
  readonly at: readonly number[];
  /** Ratings at each, by fish. */
  readonly ratings: Readonly<Record<string, readonly number[]>>;
}

export interface HierarchyAnswer {
  readonly ranking: Omit<Ranking, 'trace' | 'contests'>;
  readonly contests: number;
  readonly drawn: Drawn;
  readonly newcomers: readonly NewcomerPath[];
  readonly measures: HierarchyMeasures;
  /** The fish in the order in which `certainty` has them. */
  readonly ids: readonly string[];
  readonly certainty: Certainty;
  /** Names by rank, those that cannot be told apart together. */
  readonly ranks: readonly (readonly string[])[];
  /** Pairs whose order a watch would teach most. */
  readonly toWatch: readonly PairToWatch[];
  readonly tookMs: number;
}

/** The same contests give the same answer. */
const SEED = 20_261;
/** More points than this, of all fish together, take long to draw: every so many contests are drawn, the last always. */
const MOST_POINTS = 3000;
const POINTS_A_FISH = 240;

function drawnOf({ trace, ranked }: Ranking): Drawn {
  const points = Math.min(POINTS_A_FISH, Math.ceil(MOST_POINTS / Math.max(1, ranked.length)));
  const every = Math.max(1, Math.ceil(trace.length / points));
  const at: number[] = [];
  const now = new Map(ranked.map((one) => [one.id, ELO_START]));
  const ratings: Record<string, number[]> = Object.fromEntries(ranked.map((one) => [one.id, []]));
  trace.forEach((step, i) => {
    if (now.has(step.winner)) now.set(step.winner, step.winnerAfter);
    if (now.has(step.loser)) now.set(step.loser, step.loserAfter);
    if (i % every !== 0 && i !== trace.length - 1) return;
    at.push(Number(step.on));
    for (const [id, rating] of now) ratings[id]!.push(Math.round(rating));
  });
  return { at, ratings };
}

/** What the order worker does; plain functions, so that a test and a bench can call them without a worker. */
export const hierarchyWork = {
  /** The ranking of a tank with every measure of its order, and how sure it is. */
  order: (
    packed: PackedCourse,
    residents: readonly string[],
    newcomers: readonly Newcomer[],
    rounds?: number,
  ): HierarchyAnswer => {
    const started = performance.now();
    const course = unpackCourse(packed);
    const ranking = rankingFrom(course, residents);
    const among = ranking.ranked.map((one) => one.id);
    const standing = new Set(among);
    const contests = ranking.contests.filter(
      ({ winner, loser }) => standing.has(winner) && standing.has(loser),
    );
    const chance = seededChance(SEED);
    const table = winTable(contests, among);
    const certainty = rankingCertainty(table, chance, rounds);
    const { trace, contests: all, ...rest } = ranking;
    return {
      ranking: rest,
      contests: all.length,
      drawn: drawnOf(ranking),
      newcomers: newcomerPaths(trace, newcomers),
      measures: hierarchyMeasures(contests, chance, among),
      ids: table.ids,
      certainty,
      ranks: ranksOf(davidsScore(table).normalised, certainty.above).map((one) =>
        one.map((index) => table.ids[index] as string),
      ),
      toWatch: pairsToWatch(table, certainty),
      tookMs: performance.now() - started,
    };
  },
  /** How the rating of one fish moved. */
  own: (packed: PackedCourse, id: string): OwnRating => ownRating(unpackCourse(packed), id),
};
export type OrderWork = typeof hierarchyWork;
