import { type Contest, eloTrace, type Return } from './eloRanking';

/** How the rating of one fish moved. */
export interface OwnRating {
  /** The place of each of its contests in the course. */
  readonly at: readonly number[];
  /** Its rating after each. */
  readonly ratings: readonly number[];
  readonly won: number;
  readonly lost: number;
}

/**
 * The rating of one fish, contest by contest; contests that neither won are in it, and count as neither won nor lost.
 * Complexity: one walk over the course.
 * @example ownRating([{ winner: 'a', loser: 'b', on: '0' }], 'a') // { at: [0], ratings: [1050], won: 1, lost: 0 }
 */
export function ownRating(course: readonly (Contest | Return)[], id: string): OwnRating {
  const placed = course.flatMap((one, place) => ('back' in one ? [] : [place]));
  const own = eloTrace(course)
    .map((step, i) => ({ ...step, place: placed[i]! }))
    .filter((step) => step.winner === id || step.loser === id);
  return {
    at: own.map(({ place }) => place),
    ratings: own.map((step) => (step.winner === id ? step.winnerAfter : step.loserAfter)),
    won: own.filter((step) => !step.undecided && step.winner === id).length,
    lost: own.filter((step) => !step.undecided && step.loser === id).length,
  };
}
