import { wish } from '@/testing/lineups/asked';
import { catalogue, TANKS } from '@/testing/plans';
import type { Wish } from '../model';
import { readWishes, wishesOfGroups } from './wishes';

const asked = (...wishes: readonly Wish[]) => ({ tank: TANKS.us29, wishes, best: 3 });
const read = (value: unknown) => readWishes(value, catalogue);
const faults = (value: unknown) => {
  const answer = read(value);
  return answer.ok ? [] : answer.faults.map(({ path, expected, received }) => ({ path, expected, received }));
};
const sexed = (males: number, females: number, counts?: readonly number[]) =>
  wish('betta-splendens', { males, females, ...(counts ? { counts: [...counts] } : {}) });

describe('readWishes', () => {
  it('takes what the format says, each species by its identifier', () =>
    expect(read(asked(wish('neon tetra', { counts: [6, 10] }), wish('Danio rerio')))).toEqual({
      ok: true,
      value: asked(wish('paracheirodon-innesi', { counts: [6, 10] }), wish('danio-rerio')),
    }));

  it.each([
    [asked(wish('neon tetr')), 'wishes[0].species'],
    [asked(wish('neon tetra', { weight: 9 })), 'wishes[0].weight'],
    [asked(wish('neon tetra', { counts: [0] })), 'wishes[0].counts[0]'],
    [{ ...asked(wish('neon tetra')), best: 0 }, 'best'],
    [{ ...asked(), tank: { lengthCm: 0, widthCm: 30, heightCm: 30 } }, 'tank.lengthCm'],
  ])('names what is wrong (%#)', (value, path) =>
    expect(faults(value).map((fault) => fault.path)).toEqual([path]),
  );

  it('takes one species once, whatever it is called, and says where it stands already', () => {
    const twice = asked(wish('danio-rerio'), wish('neon tetra'), wish('paracheirodon-innesi'));
    expect(faults(twice)).toEqual([
      {
        path: 'wishes[2].species',
        expected: { is: 'unique', holder: 'wishes[1]' },
        received: expect.objectContaining({}),
      },
    ]);
    // A name that leads nowhere is no species twice.
    expect(faults(asked(wish('no such fish'), wish('no such fish'))).map(({ path }) => path)).toEqual([
      'wishes[0].species',
      'wishes[1].species',
    ]);
  });

  it('refuses more males and females than the largest of the numbers', () => {
    expect(faults(asked(wish('danio-rerio'), sexed(2, 1, [1, 2])))).toEqual([
      {
        path: 'wishes[1].males',
        expected: { is: 'sexes', males: 2, females: 1, count: 2 },
        received: expect.objectContaining({}),
      },
    ]);
    for (const allowed of [sexed(1, 1, [1, 2]), sexed(2, 1, [1, 3]), sexed(2, 1, []), sexed(2, 1)])
      expect(faults(asked(allowed))).toEqual([]);
  });
});

describe('what lives in a tank as wishes', () => {
  it('must all be there: so many of each species, with the sexes that are told and the origin that all share', () =>
    expect(
      wishesOfGroups([
        { species: 'danio-rerio', count: 4, males: 1, females: 2, origin: 'wild' },
        { species: 'betta-splendens', count: 1 },
        { species: 'danio-rerio', count: 3, females: 1, origin: 'wild' },
        { species: 'corydoras-aeneus', count: 5, origin: 'tank-bred' },
        { species: 'corydoras-aeneus', count: 1 },
      ]),
    ).toEqual([
      {
        species: 'danio-rerio',
        weight: 1,
        mustHave: true,
        counts: [7],
        males: 1,
        females: 3,
        origin: 'wild',
      },
      { species: 'betta-splendens', weight: 1, mustHave: true, counts: [1], origin: 'unknown' },
      { species: 'corydoras-aeneus', weight: 1, mustHave: true, counts: [6] },
    ]));
});
