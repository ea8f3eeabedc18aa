import { logRank } from '../stats';
import { GROUPINGS, livesBy, withoutIncidents, type Grouping, type Life } from './lives';

/** A group that loses more than the others. */
export interface LossWarning {
  readonly by: Grouping;
  readonly name: string;
  readonly died: number;
  readonly lives: number;
  readonly expected: number;
  readonly p: number;
  readonly few: boolean;
}

/** A difference is told from this p on, and called few data below so many deaths (from memory). */
const TOLD_P = 0.05;
const FEW_DEATHS = 8;
const LEAST_DEATHS = 3;

/**
 * Groups that lose more than all the others together, by the log-rank test, one against the rest. Incidents are left out,
 * lest a shop is blamed for a missing dechlorinator. Many groups are looked at: Holm's correction (1979) over all of them.
 */
export function lossWarnings(
  lives: readonly Life[],
  groupings: readonly Grouping[] = GROUPINGS,
): readonly LossWarning[] {
  const counted = withoutIncidents(lives);
  const tests = groupings.flatMap((by) => {
    const groups = [...livesBy(counted, by)];
    return groups.flatMap(([name, group]): LossWarning[] => {
      const others = groups.flatMap(([other, rest]) => (other === name ? [] : rest));
      const died = group.filter((life) => life.died).length;
      if (name === 'not known' || others.length === 0 || died < LEAST_DEATHS) return [];
      const test = logRank(
        new Map([
          ['one', group],
          ['rest', others],
        ]),
      );
      const expected = test?.expected[0] ?? 0;
      return test && died > expected
        ? [{ by, name, died, lives: group.length, expected, p: test.p, few: died < FEW_DEATHS }]
        : [];
    });
  });
  const ordered = [...tests].sort((a, b) => a.p - b.p);
  const told: LossWarning[] = [];
  for (const [i, one] of ordered.entries()) {
    if (one.p * (ordered.length - i) > TOLD_P) break;
    told.push(one);
  }
  return told;
}
