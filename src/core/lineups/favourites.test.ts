import { file, wish } from '@/testing/lineups/asked';
import { WISH_LISTS } from '@/testing/lineups/wishLists';
import { catalogue, TODAY } from '@/testing/plans';
import { favouriteLineUps, favouriteWishes, type FavouriteLineUp } from './favourites';
import { lineUps } from './lineUps';
import type { WishesFile } from './wishes';

const MBUNA = WISH_LISTS['mbuna rock, 16 wishes']!;
const speciesOf = (groups: readonly { readonly species: string }[]) =>
  groups.map(({ species }) => species).sort();

/** The value of the best list that holds these favourites and no other, by the plain search. */
function plainly(asked: WishesFile, inside: readonly string[]): number | undefined {
  const favourites = favouriteWishes(asked).map((index) => asked.wishes[index]!.species);
  const out = favourites.filter((species) => !inside.includes(species));
  if (asked.wishes.some(({ species, mustHave }) => mustHave && out.includes(species))) return undefined;
  const wishes = asked.wishes
    .filter(({ species }) => !out.includes(species))
    .map((one) => (inside.includes(one.species) ? { ...one, mustHave: true } : one));
  return lineUps({ ...asked, wishes }, catalogue, TODAY).lineUps[0]?.value;
}

describe('favourites', () => {
  const weighing = (...weights: readonly (number | undefined)[]) =>
    favouriteWishes(file(weights.map((weight, i) => wish(`w${i}`, weight === undefined ? {} : { weight }))));
  it('are the wishes that weigh most, in the order of the list', () => {
    expect(weighing(5, 1, 4, 3)).toEqual([0, 2]);
    expect(weighing(2, 1, 2, undefined)).toEqual([0, 2]);
    // A wish that says nothing weighs one.
    expect(weighing(undefined, 1)).toEqual([0, 1]);
  });
  it('are eight at most: the heaviest, of those that weigh alike the first', () => {
    expect(weighing(4, 4, 4, 4, 4, 4, 4, 4, 4, 5)).toEqual([0, 1, 2, 3, 4, 5, 6, 9]);
    expect(weighing(5, 4, 4, 4, 4, 4, 4, 4, 4, 4)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  });
});

describe('line-ups around favourites', () => {
  const favourites = favouriteWishes(MBUNA).map((index) => MBUNA.wishes[index]!.species);
  let around: readonly FavouriteLineUp[];
  beforeAll(() => {
    around = favouriteLineUps(MBUNA, catalogue, TODAY);
  });
  it('are each around another set, and the first is the best of all', () => {
    const sets = around.map((one) => [...one.favourites].sort().join());
    expect(new Set(sets).size).toBe(sets.length);
    expect(around[0]!.value).toBeCloseTo(lineUps(MBUNA, catalogue, TODAY).lineUps[0]!.value, 9);
    const values = around.map((one) => one.value);
    expect(values).toEqual([...values].sort((a, b) => b - a));
  });
  it('hold their favourites, no other, and no stop; what they leave out is told', () => {
    for (const one of around) {
      const inside = speciesOf(one.groups);
      expect(inside.filter((species) => favourites.includes(species))).toEqual([...one.favourites].sort());
      expect(one.assessment.verdict).not.toBe('stop');
      expect([...inside, ...speciesOf(one.leftOut)].sort()).toEqual(speciesOf(MBUNA.wishes));
    }
  });

  it.each([
    ['as they are', MBUNA],
    ['where problems count', { ...MBUNA, trouble: 0.3 }],
    [
      'where one must be there',
      { ...MBUNA, wishes: MBUNA.wishes.map((one, i) => ({ ...one, mustHave: i === 4 })) },
    ],
  ])('are the best of their sets, and the best sets of all: %s', (_how, asked: WishesFile) => {
    const named = favouriteWishes(asked).map((index) => asked.wishes[index]!.species);
    const all = Array.from({ length: 2 ** named.length }, (__, bits) =>
      plainly(
        asked,
        named.filter((___, i) => (bits >> i) & 1),
      ),
    ).filter((value) => value !== undefined && value > 0);
    const best = all.sort((a, b) => b! - a!).slice(0, 3);
    const found = favouriteLineUps({ ...asked, best: 3 }, catalogue, TODAY);
    expect(found).toHaveLength(best.length);
    found.forEach(({ value }, i) => expect(value).toBeCloseTo(best[i]!, 9));
    for (const one of found) expect(plainly(asked, one.favourites)).toBeCloseTo(one.value, 9);
  });

  it('part favourites that trouble each other where the list is to be calm', () => {
    const barbs = wish('pethia-padamya', { weight: 5, counts: [8] });
    const wishes = [barbs, wish('trichogaster-chuna', { weight: 4, counts: [2] }), wish('danio-rerio')];
    const sets = (calm: boolean) =>
      favouriteLineUps(file(wishes, { calm }), catalogue, TODAY).map((one) => one.favourites.length);
    expect(sets(false)).toContain(2);
    expect(sets(true)).toEqual([1, 1, 0]);
  });

  it('are none where no list has anything', () =>
    expect(favouriteLineUps(file([wish('potamotrygon-leopoldi')]), catalogue, TODAY)).toEqual([]));
});
