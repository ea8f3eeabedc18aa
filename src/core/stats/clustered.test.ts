import { clusteredRate, clusteredShare, type Counted, type Observed } from './clustered';
import { rateLimits, shareLimits } from './experience';
import { poissonDraw, seededChance } from './seededChance';

describe('a share over keepers', () => {
  it('is exact where each keeper has one tank, or one keeper has all', () => {
    const ones = [1, 0, 0, 1, 0].map((k) => ({ k, of: 1 }));
    const expected = { value: 0.4, limits: shareLimits(2, 5).clopperPearson, by: 'Clopper-Pearson' };
    expect(clusteredShare(ones)).toEqual(expected);
    expect(clusteredShare([{ k: 2, of: 5 }])).toEqual(expected);
    expect(clusteredShare([{ k: 0, of: 0 }])).toEqual({ value: null, limits: null, by: 'Clopper-Pearson' });
  });
  it('knows less of ten tanks of two keepers than of ten of ten', () => {
    const two = clusteredShare([
      { k: 5, of: 5 },
      { k: 0, of: 5 },
    ]);
    const [low, high] = shareLimits(5, 10).clopperPearson;
    expect(two).toMatchObject({ value: 0.5, by: 'resampled' });
    expect(two.limits![0]).toBeLessThan(low);
    expect(two.limits![1]).toBeGreaterThan(high);
  });
  it('counts a keeper once where nothing scatters: none of twelve tanks of three keepers is none of three', () => {
    const { limits } = clusteredShare([1, 2, 3].map(() => ({ k: 0, of: 4 })));
    expect(limits![0]).toBe(0);
    expect(limits![1]).toBeCloseTo(shareLimits(0, 3).midP[1], 9);
    expect(clusteredShare([1, 2, 3].map(() => ({ k: 4, of: 4 }))).limits).toEqual([
      expect.closeTo(shareLimits(3, 3).midP[0], 9),
      1,
    ]);
  });
  it('never knows more than so many tanks of so many keepers would tell', () => {
    const even = clusteredShare([1, 2, 3, 4].map(() => ({ k: 1, of: 2 })));
    expect(even.limits![1] - even.limits![0]).toBeGreaterThan(
      shareLimits(4, 8).midP[1] - shareLimits(4, 8).midP[0] - 1e-9,
    );
  });
});

describe('a rate over tanks', () => {
  it('is Garwood’s for one tank, and where nothing was seen', () => {
    expect(clusteredRate([{ events: 3, hours: 1.25 }])).toEqual({
      value: 2.4,
      limits: rateLimits(3, 1.25),
      by: 'Garwood',
    });
    expect(
      clusteredRate([
        { events: 0, hours: 1 },
        { events: 0, hours: 3 },
      ]).limits,
    ).toEqual(rateLimits(0, 4));
    expect(clusteredRate([{ events: 0, hours: 0 }])).toEqual({ value: null, limits: null, by: 'Garwood' });
  });
  it('has wider limits where tanks differ', () => {
    const like = clusteredRate([10, 10, 10, 10].map((events) => ({ events, hours: 5 })));
    const unlike = clusteredRate([40, 0, 0, 0].map((events) => ({ events, hours: 5 })));
    expect([like.value, unlike.value]).toEqual([2, 2]);
    expect(unlike.limits![1]).toBeGreaterThan(like.limits![1] * 2);
  });
});

/** Chance for the simulations: one seed, so that what holds today holds tomorrow. */
const chance = seededChance(11);
const gamma = (shape: number): number =>
  Array.from({ length: shape }, () => -Math.log(1 - chance())).reduce((all, one) => all + one, 0);
const beta = (a: number, b: number): number => {
  const x = gamma(a);
  return x / (x + gamma(b));
};
const heldBy = <T>(
  truth: number,
  draw: () => readonly T[],
  limitsOf: (drawn: readonly T[]) => readonly [number, number] | null,
): number => {
  const runs = 800;
  let held = 0;
  for (let run = 0; run < runs; run += 1) {
    const limits = limitsOf(draw());
    if (limits && limits[0] <= truth && truth <= limits[1]) held += 1;
  }
  return held / runs;
};

describe('limits drawn again and again from a truth that is known', () => {
  it.each([
    [15, 1, 4, 8],
    [15, 2, 2, 3],
    [30, 4, 16, 8],
    [30, 2, 2, 8],
  ])('hold for %d keepers whose tanks are alike (beta %d, %d; up to %d tanks)', (keepers, a, b, most) => {
    const draw = (): readonly Counted[] =>
      Array.from({ length: keepers }, () => {
        const share = beta(a, b);
        const of = 1 + Math.floor(chance() * most);
        return { k: Array.from({ length: of }, () => chance() < share).filter(Boolean).length, of };
      });
    const held = heldBy(a / (a + b), draw, (drawn) => clusteredShare(drawn).limits);
    expect(held).toBeGreaterThan(0.93);
    expect(held).toBeLessThan(0.985);
  });
  it.each([
    [10, 3],
    [30, 3],
    [30, 20],
  ])('hold for the rate over %d tanks that differ (gamma of shape %d)', (tanks, shape) => {
    const draw = (): readonly Observed[] =>
      Array.from({ length: tanks }, () => {
        const hours = 2 + chance() * 10;
        return { events: poissonDraw((0.8 * gamma(shape) * hours) / shape, chance), hours };
      });
    const held = heldBy(0.8, draw, (drawn) => clusteredRate(drawn).limits);
    expect(held).toBeGreaterThan(0.92);
    expect(held).toBeLessThan(0.985);
  });
});
