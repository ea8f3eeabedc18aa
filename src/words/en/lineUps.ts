import { favouritesOf, type Wish } from '@/core/model';
import { capital, everyOf, listed } from './names';

/** "All 5 favourites, 9 of 12 wishes", "4 of 5 favourites, 9 of 12 wishes", "9 of 12 wishes" where all weigh the same. */
export function sayWishesMet(
  kept: ReadonlySet<string>,
  wishes: readonly Pick<Wish, 'species' | 'weight'>[],
): string {
  const dear = favouritesOf(wishes);
  const met = (some: typeof wishes): number => some.filter(({ species }) => kept.has(species)).length;
  const share = (some: typeof wishes, name: string): string =>
    met(some) === some.length ? `all ${some.length} ${name}` : `${met(some)} of ${some.length} ${name}`;
  return capital(
    [
      ...(dear.length > 0 && dear.length < wishes.length
        ? [
            dear.length === 1
              ? met(dear) === 1
                ? 'the favourite'
                : 'not the favourite'
              : share(dear, 'favourites'),
          ]
        : []),
      share(wishes, 'wishes'),
    ].join(', '),
  );
}

/** How a line-up differs from the best: "Pearl gouramis instead of bettas"; the same species with other numbers say so. */
export function sayInstead(
  here: readonly string[],
  best: readonly string[],
  many: (species: string) => string,
): string {
  const fresh = here.filter((species) => !best.includes(species)).map(many);
  const lost = best.filter((species) => !here.includes(species)).map(many);
  if (fresh.length === 0 && lost.length === 0) return 'Other numbers';
  if (fresh.length === 0) return `Without ${everyOf(lost)}`;
  return lost.length === 0
    ? `With ${listed(fresh)} as well`
    : capital(`${listed(fresh)} instead of ${everyOf(lost)}`);
}
