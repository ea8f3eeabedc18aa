import type { Point } from '../sightlines';
import { groundOf, type Sighting, type Territory, territoryOf } from './territory';

const seen = (weight: number, ...at: readonly Point[]): readonly Sighting[] =>
  at.map((one) => ({ place: { at: one, spread: [0, 0] }, weight }));
const oval = (more: Partial<Territory>): Territory => ({
  centre: [50, 50],
  half: [20, 10],
  turned: 0,
  sightings: 1,
  sureness: 'sure',
  ...more,
});
const round = (points: readonly Point[]): readonly Point[] =>
  points.map(([x, y]) => [Math.round(x * 1000) / 1000, Math.round(y * 1000) / 1000]);

describe('the ground of a holder, by hand', () => {
  // A round patch of 15 cm counts as two sightings: a variance of (15 / 1.4)² each way.
  const PRIOR = (15 / 1.4) ** 2;
  it('of one place is the usual patch, narrowed by what was seen', () => {
    const one = territoryOf(seen(1, [30, 20]), 120, 40)!;
    const half = 1.4 * Math.sqrt((2 * PRIOR) / 3);
    expect(one).toMatchObject({ centre: [30, 20], sightings: 1, sureness: 'a guess' });
    expect(one.half[0]).toBeCloseTo(half, 10);
    expect(one.half[1]).toBeCloseTo(half, 10);
  });
  it('stands at the weighted mean of the places', () => {
    expect(territoryOf([...seen(3, [30, 20]), ...seen(1, [70, 30])], 120, 40)?.centre).toEqual([40, 22.5]);
  });
  it('stretches along the places, and is turned with them', () => {
    const rising = territoryOf(seen(1, [20, 20], [40, 40]), 200, 200)!;
    // Variances (200 + 2 prior) / 4, covariance 200 / 4.
    const [along, across] = [(400 + 2 * PRIOR) / 4, (2 * PRIOR) / 4];
    expect(rising.half[0]).toBeCloseTo(1.4 * Math.sqrt(along), 10);
    expect(rising.half[1]).toBeCloseTo(1.4 * Math.sqrt(across), 10);
    expect(rising.turned).toBeCloseTo(45, 10);
    expect(territoryOf(seen(1, [20, 40], [40, 20]), 200, 200)!.turned).toBeCloseTo(-45, 10);
    expect(Math.abs(territoryOf(seen(1, [30, 20], [30, 60]), 200, 200)!.turned)).toBeCloseTo(90, 10);
    expect(territoryOf(seen(1, [20, 30], [60, 30]), 200, 200)!.turned).toBeCloseTo(0, 10);
  });
  it('takes in how sure each place is', () => {
    const vague = territoryOf([{ place: { at: [30, 20], spread: [12, 4] }, weight: 1 }], 200, 200)!;
    expect(vague.half[0]).toBeCloseTo(1.4 * Math.sqrt((144 + 2 * PRIOR) / 3), 10);
    expect(vague.half[1]).toBeCloseTo(1.4 * Math.sqrt((16 + 2 * PRIOR) / 3), 10);
  });
  it('is no longer than half the tank', () => {
    expect(territoryOf(seen(1, [0, 20], [120, 20]), 120, 40)!.half[0]).toBe(60);
    expect(territoryOf(seen(1, [20, 0], [20, 90]), 40, 90)!.half[0]).toBe(45);
    expect(territoryOf(seen(1, [20, 0], [20, 120]), 40, 120)!.half[0]).toBe(60);
  });
  it.each([
    [3, 'a guess'],
    [4, 'likely'],
    [8, 'likely'],
    [9, 'sure'],
  ])('with a weight of %d is %s', (weight, sureness) =>
    expect(territoryOf(seen(weight, [30, 20]), 120, 40)?.sureness).toBe(sureness),
  );
  it('is nothing without weight', () => expect(territoryOf(seen(0, [30, 20]), 120, 40)).toBeNull());
});

describe('a territory as a shape', () => {
  it('goes round its oval, from the end of the longer axis on', () => {
    const [first, quarter, back, last] = [0, 9, 18, 27].map((i) => groundOf(oval({}), 100, 100)[i]!);
    expect(round([first!, quarter!, back!, last!])).toEqual([
      [70, 50],
      [50, 60],
      [30, 50],
      [50, 40],
    ]);
  });
  it('is turned counter-clockwise', () => {
    const turned = groundOf(oval({ turned: 90 }), 100, 100);
    expect(round([turned[0]!, turned[9]!])).toEqual([
      [50, 70],
      [40, 50],
    ]);
    const slanted = groundOf(oval({ turned: 30 }), 100, 100);
    expect(round([slanted[0]!, slanted[9]!])).toEqual([
      [67.321, 60],
      [45, 58.66],
    ]);
  });
  it('ends at the walls', () => {
    const cut = groundOf(oval({ centre: [5, 95] }), 100, 100);
    expect(Math.min(...cut.map(([x]) => x))).toBe(0);
    expect(Math.max(...cut.map(([, y]) => y))).toBe(100);
  });
});
