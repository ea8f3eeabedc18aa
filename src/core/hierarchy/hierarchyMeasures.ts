import {
  bradleyTerry,
  type BradleyTerry,
  type Chance,
  circularTriads,
  type CircularTriads,
  davidsScore,
  linearity,
  type Linearity,
  steepness,
  unknownPairs,
  type Win,
  winTable,
} from '../stats';
import { ELO_START, eloTrace } from './eloRanking';

/** One fish by every measure. */
export interface Measured {
  readonly id: string;
  /** Weighted, where contests have weights. */
  readonly wins: number;
  readonly losses: number;
  /** Contests that neither won, weighted likewise. */
  readonly undecided: number;
  readonly davidsScore: number;
  readonly normalisedDavidsScore: number;
  /** By contests in the order given, whatever their weight. */
  readonly elo: number;
}

export interface HierarchyMeasures {
  readonly contests: number;
  readonly unknownPairs: number;
  /** All pairs of these fish. */
  readonly pairs: number;
  /** Contests that the one with the lower score won, and all that somebody won; weighted, where contests have weights. */
  readonly upsets: number;
  readonly decided: number;
  /** Contests that neither won. */
  readonly undecided: number;
  /** Highest normalised David's score first. */
  readonly fish: readonly Measured[];
  readonly steepness: number | null;
  readonly linearity: Linearity;
  readonly kendall: CircularTriads;
  readonly bradleyTerry: BradleyTerry;
}

/**
 * An order by every measure. Pairs that never met count as 0 both ways in David's scores and the steepness, one half in
 * the linearity and the triads. What neither won is half a win for each in David's scores and in Elo's ratings, leaves open
 * who of the two dominates, and is a result of its own in Bradley and Terry's model (Davidson 1970). Contests in the order of time; those of a fish against itself are left out.
 */
export function hierarchyMeasures(
  contests: readonly Win[],
  chance: Chance,
  among?: readonly string[],
): HierarchyMeasures {
  const table = winTable(contests, among);
  const { score, normalised } = davidsScore(table);
  const elo = new Map<string, number>();
  const counted = contests.filter(({ winner, loser }) => winner !== loser);
  for (const step of eloTrace(counted.map((one) => ({ ...one, on: '' })))) {
    elo.set(step.winner, step.winnerAfter);
    elo.set(step.loser, step.loserAfter);
  }
  const fish = table.ids.map((id, i): Measured => ({
    id,
    wins: table.wins[i]!.reduce((sum, one) => sum + one, 0),
    losses: table.wins.reduce((sum, row) => sum + row[i]!, 0),
    undecided: table.ties?.[i]!.reduce((sum, one) => sum + one, 0) ?? 0,
    davidsScore: score[i]!,
    normalisedDavidsScore: normalised[i]!,
    elo: elo.get(id) ?? ELO_START,
  }));
  let upsets = 0;
  let decided = 0;
  table.wins.forEach((row, i) =>
    row.forEach((won, j) => {
      decided += won;
      if (normalised[i]! < normalised[j]!) upsets += won;
    }),
  );
  const n = table.ids.length;
  return {
    contests: counted.length,
    unknownPairs: unknownPairs(table),
    pairs: (n * (n - 1)) / 2,
    upsets,
    decided,
    undecided: counted.filter((one) => one.undecided).length,
    fish: fish.sort((a, b) => b.normalisedDavidsScore - a.normalisedDavidsScore || (a.id < b.id ? -1 : 1)),
    steepness: steepness(normalised),
    linearity: linearity(table, chance),
    kendall: circularTriads(table),
    bradleyTerry: bradleyTerry(table),
  };
}
