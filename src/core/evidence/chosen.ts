import type { Asked } from './outcomes';
import type { Counting } from './pool';
import { HIDE_CLASSES, type Stay } from './stay';

/** How the species that is asked about was kept: by its males. */
export const MALES = ['no male', 'one male', 'several males', 'not said'] as const;

/** Which stays count: those like the tank that is planned. What is left out does not matter. */
export interface Choice {
  /** Length of the tank, cm. */
  readonly leastCm?: number | undefined;
  readonly mostCm?: number | undefined;
  readonly hides?: (typeof HIDE_CLASSES)[number] | undefined;
  /** Of the species that is asked about. */
  readonly males?: (typeof MALES)[number] | undefined;
  readonly leastFish?: number | undefined;
  readonly mostFish?: number | undefined;
  /** Together for so many months. */
  readonly leastMonths?: number | undefined;
}

const within = (value: number, least = -Infinity, most = Infinity): boolean =>
  value >= least && value <= most;

const malesOf = (fish: Stay['fish'][number]): (typeof MALES)[number] =>
  fish.males === undefined
    ? 'not said'
    : fish.males === 0
      ? 'no male'
      : fish.males === 1
        ? 'one male'
        : 'several males';

/** The stays in which those lived that are asked about, as far as they are like what is chosen. */
export const staysOf = (
  stays: readonly Counting[],
  { species, with: other }: Asked,
  { leastCm, mostCm, hides, males, leastFish, mostFish, leastMonths }: Choice,
): readonly Counting[] =>
  stays.filter(({ stay: { fish, tank }, months }) => {
    let own: Stay['fish'][number] | undefined;
    let isBeside = other === undefined;
    for (const one of fish) {
      if (one.species === species) own = one;
      if (one.species === other) isBeside = true;
    }
    return (
      own !== undefined &&
      isBeside &&
      within(tank.lengthCm, leastCm, mostCm) &&
      (hides === undefined || tank.hides === hides) &&
      (males === undefined || malesOf(own) === males) &&
      within(own.count, leastFish, mostFish) &&
      within(months, leastMonths)
    );
  });
