import fc from 'fast-check';
import { eloRanking, eloTrace } from './eloRanking';
import { rankingCertainty } from './certainty';
import fixture from '@/testing/fixtures/ties.json';
import { bradleyTerry } from '../stats/bradleyTerry';
import { davidsScore } from '../stats/davidsScore';
import { seededChance } from '../stats/seededChance';
import { dominated, unknownPairs, winTable, type Win } from '../stats/winTable';

const ids = (n: number): readonly string[] => Array.from({ length: n }, (_, i) => String(i));

describe.each(fixture.cases.map((one) => [one.name, one] as const))('undecided contests: %s', (_, one) => {
  const table = { ids: ids(one.wins.length), wins: one.wins, ties: one.ties };
  it('are a result of their own in strengths after Davidson 1970', () => {
    const fit = bradleyTerry(table);
    if (!fit.ok) throw new Error(fit.why);
    expect(fit.tieParameter).toBeCloseTo(one.nu, 5);
    fit.strength.forEach((value, i) => expect(value).toBeCloseTo(one.strength[i]!, 5));
  });
  it("are half a win for each in David's scores", () => {
    davidsScore(table).score.forEach((value, i) => expect(value).toBeCloseTo(one.davids[i]!, 10));
  });
});

describe('Davidson’s model of two', () => {
  it('is the shares themselves: odds of the wins, nu = ties over the root of their product (Davidson 1970)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 0, max: 40 }),
        (won, lost, tied) => {
          const pair = (v: number, w = v) => [
            [0, v],
            [w, 0],
          ];
          const fit = bradleyTerry({ ids: ids(2), wins: pair(won, lost), ties: pair(tied) });
          if (!fit.ok) throw new Error(fit.why);
          expect(fit.strength[0]! - fit.strength[1]!).toBeCloseTo(Math.log(won / lost), 6);
          expect(fit.tieParameter).toBeCloseTo(tied / Math.sqrt(won * lost), 6);
        },
      ),
      { numRuns: 60, seed: 3 },
    );
  });
  it('has no finite strength where one never won, however often they parted undecided', () => {
    const table = {
      ids: ids(2),
      wins: [
        [0, 3],
        [0, 0],
      ],
      ties: [
        [0, 9],
        [9, 0],
      ],
    };
    expect(bradleyTerry(table)).toEqual({ ok: false, why: 'no upper limit' });
  });
});

describe('a table of contests', () => {
  const contest = (winner: string, loser: string, more: Partial<Win> = {}): Win => ({
    winner,
    loser,
    ...more,
  });
  it('keeps wins and what neither won apart, and says nothing of ties where there are none', () => {
    const table = winTable([contest('a', 'b'), contest('b', 'a', { undecided: true }), contest('a', 'c')]);
    expect(table).toEqual({
      ids: ['a', 'b', 'c'],
      wins: [
        [0, 1, 1],
        [0, 0, 0],
        [0, 0, 0],
      ],
      ties: [
        [0, 1, 0],
        [1, 0, 0],
        [0, 0, 0],
      ],
    });
    expect(winTable([contest('a', 'b')])).not.toHaveProperty('ties');
  });
  it('is the same whoever of the two is named first', () => {
    const one = winTable([contest('a', 'b'), contest('a', 'b', { undecided: true, weight: 2 })]);
    const other = winTable([contest('a', 'b'), contest('b', 'a', { undecided: true, weight: 2 })]);
    expect(other).toEqual(one);
  });
  it('counts a pair that only ever parted undecided as met, and as dominated by neither', () => {
    const table = winTable([contest('a', 'b', { undecided: true })]);
    expect(unknownPairs(table)).toBe(0);
    expect(dominated(table)).toEqual([0.5, 0.5]);
  });
});

describe('ratings', () => {
  const course = fixture.elo.contests.map(([winner, loser, undecided], i) => ({
    winner: winner as string,
    loser: loser as string,
    undecided: undecided as boolean,
    on: String(i),
  }));
  it('give each one half of an undecided contest', () => {
    const ranked = eloRanking(course, eloTrace(course));
    for (const { id, rating } of ranked)
      expect(rating).toBeCloseTo((fixture.elo.ratings as Record<string, number>)[id]!, 9);
    expect(ranked.find(({ id }) => id === 'a')).toMatchObject({ wins: 1, losses: 1, undecided: 3, met: 2 });
  });
  it('do not look at who of the two is named first', () => {
    const turned = course.map((one) =>
      one.undecided ? { ...one, winner: one.loser, loser: one.winner } : one,
    );
    const ratingsOf = (list: typeof course) =>
      Object.fromEntries(eloRanking(list).map(({ id, rating }) => [id, rating.toFixed(9)]));
    expect(ratingsOf(turned)).toEqual(ratingsOf(course));
  });
});

describe('how sure a ranking is', () => {
  it('does not grow with contests that neither won', () => {
    const wins = [
      [0, 4],
      [2, 0],
    ];
    const sure = (tied: number) =>
      rankingCertainty(
        {
          ids: ids(2),
          wins,
          ties: [
            [0, tied],
            [tied, 0],
          ],
        },
        seededChance(4),
        4000,
      ).above[0]![1]!;
    expect(Math.abs(sure(0) - sure(30))).toBeLessThan(0.05);
  });
});
