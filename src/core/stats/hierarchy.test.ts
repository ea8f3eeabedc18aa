import bradley from '@/testing/fixtures/bradleyTerry.json';
import fixture from '@/testing/fixtures/hierarchy.json';
import { bradleyTerry } from './bradleyTerry';
import { circularTriads } from './circularTriads';
import { davidsScore, steepness } from './davidsScore';
import { linearity } from './linearity';
import { seededChance } from './seededChance';
import { unknownPairs, winTable, type WinTable } from './winTable';

const tableOf = (wins: number[][]): WinTable => ({ ids: wins.map((_, i) => String(i)), wins });

describe.each(fixture.matrices.map((one) => [one.name, one] as const))('the order of %s', (_, one) => {
  const table = tableOf(one.matrix);
  it("has David's scores, normalised ones and a steepness as by exact fractions", () => {
    const { score, normalised } = davidsScore(table);
    const expected = one.davids_score.Dij_unobserved0;
    score.forEach((value, i) => expect(value).toBeCloseTo(expected.DS[i]!, 10));
    normalised.forEach((value, i) => expect(value).toBeCloseTo(expected.normDS[i]!, 10));
    expect(steepness(normalised)).toBeCloseTo(expected.steepness, 10);
  });
  it("has Landau's h, de Vries' h' and Kendall's triads as by exact fractions", () => {
    const line = linearity(table, seededChance(1), 1);
    if (one.n >= 3) {
      expect(line.landauH).toBeCloseTo(one.landau.h, 12);
      expect(line.improvedH).toBeCloseTo(one.landau.h_prime_exact, 12);
    } else expect(line).toMatchObject({ landauH: null, improvedH: null, p: null });
    const { circularTriads: triads, k } = circularTriads(table);
    expect(triads).toBeCloseTo(one.kendall.d, 12);
    if (one.kendall.K === null) expect(k).toBeNull();
    else expect(k).toBeCloseTo(one.kendall.K, 12);
  });
  it('counts the pairs that never met', () => expect(unknownPairs(table)).toBe(one.unknown_dyads));
  it('gives no p to five or fewer, and else one within four errors of the exact share', () => {
    const { p, why } = linearity(table, seededChance(20_261));
    if (one.n <= 5) {
      expect(p).toBeNull();
      expect(why).toMatch(/^under/);
      return;
    }
    const exact = one.landau.p_right_exact;
    expect(Math.abs(p! - exact)).toBeLessThan(4 * Math.sqrt((exact * (1 - exact)) / 10_000));
  });
});

describe('the randomisation test', () => {
  it('is the same for the same seed, and other for another', () => {
    const table = tableOf(fixture.matrices[1]!.matrix);
    const p = (seed: number) => linearity(table, seededChance(seed), 500).p;
    expect(p(4)).toBe(p(4));
    expect(new Set([1, 2, 3, 4, 5].map(p)).size).toBeGreaterThan(1);
  });
  it('gives a perfect order of seven the share of tournaments without a circular triad (Kendall and Babington Smith 1940)', () => {
    const perfect = tableOf(
      Array.from({ length: 7 }, (_, i) => Array.from({ length: 7 }, (__, j) => (i < j ? 3 : 0))),
    );
    const counts = fixture.kendallCounts['7'] as Record<string, number>;
    const exact = counts['0']! / 2 ** 21;
    expect(Math.abs(linearity(perfect, seededChance(9)).p! - exact)).toBeLessThan(
      4 * Math.sqrt(exact / 10_000),
    );
  });
});

describe('the table of wins', () => {
  it('adds weights, keeps the order of appearance, and leaves out a fish against itself', () => {
    const table = winTable([
      { winner: 'b', loser: 'a' },
      { winner: 'b', loser: 'a', weight: 2 },
      { winner: 'a', loser: 'a' },
    ]);
    expect(table).toEqual({
      ids: ['b', 'a'],
      wins: [
        [0, 3],
        [0, 0],
      ],
      squares: [
        [0, 5],
        [0, 0],
      ],
    });
  });
});

describe.each(Object.entries(bradley.cases))('strengths after Bradley and Terry: %s', (_, one) => {
  it('are those of R, or none where none is finite', () => {
    const fit = bradleyTerry(tableOf(one.wins));
    expect(fit.ok).toBe(one.mle_exists);
    const expected = 'log_ability_sum0' in one ? (one.log_ability_sum0 as number[] | undefined) : undefined;
    if (fit.ok && expected) fit.strength.forEach((value, i) => expect(value).toBeCloseTo(expected[i]!, 6));
    else if (!fit.ok) expect(fit.why).toMatch(/one fish|no upper limit/);
  });
});
