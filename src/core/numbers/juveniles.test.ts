import oracle from '@/testing/fixtures/binomial.json';
import {
  atLeastChance,
  chanceThat,
  expectedSurplus,
  malesChance,
  oddOneOutChance,
  oneMaleChance,
  pairChance,
  ratioChance,
  smallestPurchase,
  twoMalesChance,
} from './juveniles';

/** Reference values: exact rationals, cross-checked with scipy.stats. */
const rows = oracle.binomial.rows as [number, number, number, number, number, number][];

describe('odds of the sexes', () => {
  it.each(rows)('n %d, p %d, k %d', (n, p, k, exactly, atMost, atLeast) => {
    const close = (value: number, wanted: number) =>
      expect(Math.abs(value - wanted)).toBeLessThanOrEqual(1e-12 + 1e-9 * wanted);
    close(malesChance(n, k, p), exactly);
    close(
      chanceThat(n, p, (males) => males <= k),
      atMost,
    );
    close(
      chanceThat(n, p, (males) => males >= k),
      atLeast,
    );
  });
  it.each(oracle.derived.both_sexes_present)('both sexes: %j', ({ n, p_female, prob }) =>
    expect(pairChance(n, 1 - Number(p_female))).toBeCloseTo(prob, 10),
  );
  it.each(oracle.derived.sex_ratio_at_least)(
    'so many females: %j',
    ({ n, p_female, at_least_females, prob }) =>
      expect(atLeastChance(n, 1 - Number(p_female), { males: 0, females: at_least_females })).toBeCloseTo(
        prob,
        10,
      ),
  );
  it('has no chance of more than all or less than none', () => {
    expect(malesChance(5, 6, 0.5)).toBe(0);
    expect(malesChance(5, -1, 0.5)).toBe(0);
  });
  it('names the chances that keepers ask for', () => {
    expect(oneMaleChance(4, 0.5)).toBeCloseTo(0.25, 12);
    expect(twoMalesChance(4, 0.5)).toBeCloseTo(0.375, 12);
    expect(oddOneOutChance(3, 0.5)).toBe(1);
    expect(oddOneOutChance(2, 0.5)).toBeCloseTo(0.5, 12);
    // Of 4: one male with three females (4 of 16 ways) is the only way to 1:3.
    expect(ratioChance(4, 0.5, 3)).toBeCloseTo(4 / 16, 12);
  });
  it('finds the smallest purchase, and says so when there is none', () => {
    const n = smallestPurchase(0.95, 0.5, { males: 1, females: 1 })!;
    expect(n).toBe(6);
    expect(atLeastChance(n - 1, 0.5, { males: 1, females: 1 })).toBeLessThan(0.95);
    expect(smallestPurchase(0.9, 0, { males: 1, females: 0 })).toBeNull();
    // A chance that is met exactly is met; a wish for nobody still buys one; two hundred are the most.
    expect(smallestPurchase(0.5, 0.5, { males: 1, females: 1 })).toBe(2);
    expect(smallestPurchase(0.9, 0.5, { males: 0, females: 0 })).toBe(1);
    expect(smallestPurchase(0.05, 0.5, { males: 100, females: 100 })).toBe(200);
    expect(smallestPurchase(0.06, 0.5, { males: 100, females: 100 })).toBeNull();
  });
  it('counts what is left over', () => {
    expect(expectedSurplus(6, 0.5, { males: 0, females: 0 })).toEqual({ males: 3, females: 3 });
    const kept = expectedSurplus(6, 0.5, { males: 1, females: 3 });
    expect(kept.males + kept.females).toBeGreaterThan(1.9);
    expect(expectedSurplus(6, 0.5, { males: 6, females: 6 })).toEqual({ males: 0, females: 0 });
  });
});
