import { sayInstead, sayWishesMet } from './lineUps';

const wishes = [
  { species: 'a', weight: 5 },
  { species: 'b', weight: 4 },
  { species: 'c', weight: 2 },
  { species: 'd' },
];

describe('the worth of a line-up in words', () => {
  it.each([
    [['a', 'b', 'c'], 'All 2 favourites, 3 of 4 wishes'],
    [['a', 'd'], '1 of 2 favourites, 2 of 4 wishes'],
    [['a', 'b', 'c', 'd'], 'All 2 favourites, all 4 wishes'],
    [['x'], '0 of 2 favourites, 0 of 4 wishes'],
  ])('%s', (kept, said) => expect(sayWishesMet(new Set(kept), wishes)).toBe(said));
  it('knows no favourites where all weigh the same, and names one alone', () => {
    expect(sayWishesMet(new Set(['a']), [{ species: 'a' }, { species: 'b' }])).toBe('1 of 2 wishes');
    expect(sayWishesMet(new Set(['a']), [{ species: 'a', weight: 3 }, { species: 'b' }])).toBe(
      'The favourite, 1 of 2 wishes',
    );
  });
  it.each([
    [['a', 'c'], ['a', 'b'], 'Cs instead of bs'],
    [['a'], ['a', 'b'], 'Without bs'],
    [['a', 'b', 'c'], ['a', 'b'], 'With cs as well'],
    [['a', 'b'], ['b', 'a'], 'Other numbers'],
  ])('%s beside %s: %s', (here, best, said) => expect(sayInstead(here, best, (one) => `${one}s`)).toBe(said));
});
