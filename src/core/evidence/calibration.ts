import { PREDICTED_SEVERITIES } from '../events';
import { brierScore, type Interval, shareLimits } from '../stats';
import type { Kept } from './predictions';

/** How often a warning of a severity is taken to come true: what the words are worth if they are right (from memory). */
export const SAID_CHANCE: Readonly<Record<(typeof PREDICTED_SEVERITIES)[number], number>> = {
  stop: 0.7,
  caution: 0.4,
};

/** How warnings of one sort came out. */
export interface Calibration {
  readonly made: number;
  /** With a yes or no; and such as cannot be told. */
  readonly settled: number;
  readonly untold: number;
  readonly happened: number;
  /** Exact limits of the share that happened; null where none is settled. */
  readonly limits: Interval | null;
}

/** How the keeper's settled warnings came out. */
export const calibrationOf = (kept: readonly Kept[]): Calibration => {
  const outcomes = kept.flatMap(({ settled }) => (settled === null ? [] : [settled.outcome]));
  const count = (outcome: (typeof outcomes)[number]): number =>
    outcomes.filter((one) => one === outcome).length;
  const happened = count('happened');
  const settled = happened + count('did not happen');
  return {
    made: kept.length,
    settled,
    untold: count('cannot be told'),
    happened,
    limits: settled === 0 ? null : shareLimits(happened, settled).clopperPearson,
  };
};

/** The same by a property, the most settled first. */
export function calibrationBy(
  kept: readonly Kept[],
  property: (one: Kept) => string,
): readonly (Calibration & { readonly of: string })[] {
  const names = [...new Set(kept.map(property))];
  return names
    .map((of) => ({ of, ...calibrationOf(kept.filter((one) => property(one) === of)) }))
    .sort((a, b) => b.settled - a.settled || b.made - a.made || (a.of < b.of ? -1 : 1));
}

/** Brier's score of the warnings that named a month, by what their severity is taken to mean; null where none of them is settled. */
export const brierOf = (kept: readonly Kept[]): number | null =>
  brierScore(
    kept.flatMap(({ from, severity, settled }) =>
      from === null || settled === null || settled.outcome === 'cannot be told'
        ? []
        : [{ said: SAID_CHANCE[severity], happened: settled.outcome === 'happened' }],
    ),
  );
