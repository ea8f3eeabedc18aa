import { davidsScore } from '../stats/davidsScore';
import { coins, poissonDraw, seededChance } from '../stats/seededChance';
import { winTable, type WinTable } from '../stats/winTable';
import { rankingCertainty, ranksOf } from './certainty';

const table = (rows: number[][]): WinTable => ({ ids: rows.map((_, i) => 'abcdefgh'[i]!), wins: rows });

describe('how sure a ranking is', () => {
  it('tells apart what many contests show, and leaves on one rank what they do not', () => {
    const sure = table([
      [0, 20, 20],
      [1, 0, 20],
      [0, 1, 0],
    ]);
    const { above, places } = rankingCertainty(sure, seededChance(1));
    expect(above[0]![1]).toBeGreaterThan(0.99);
    expect(places).toEqual([
      [1, 1],
      [2, 2],
      [3, 3],
    ]);
    expect(ranksOf(davidsScore(sure).normalised, above)).toEqual([[0], [1], [2]]);
    const few = table([
      [0, 1, 1],
      [1, 0, 1],
      [1, 1, 0],
    ]);
    const tied = rankingCertainty(few, seededChance(1));
    expect(ranksOf(davidsScore(few).normalised, tied.above)).toEqual([[0, 1, 2]]);
  });
  it('is the same for the same seed, and its two sides add up', () => {
    const some = table([
      [0, 3, 5],
      [2, 0, 4],
      [1, 1, 0],
    ]);
    const one = rankingCertainty(some, seededChance(8), 200);
    expect(rankingCertainty(some, seededChance(8), 200)).toEqual(one);
    expect(one.above[0]![2]! + one.above[2]![0]!).toBeCloseTo(1, 12);
  });
  it('is not certain of a pair after a few wins to none', () => {
    const after = (wins: number) =>
      rankingCertainty(
        table([
          [0, wins],
          [0, 0],
        ]),
        seededChance(4),
      ).above[0]![1]!;
    expect(after(1)).toBeGreaterThan(0.5);
    expect(after(1)).toBeLessThan(0.85);
    expect(after(4)).toBeLessThan(0.99);
    expect(after(40)).toBe(1);
  });
  it('takes three pins for three contests, however heavily they weigh', () => {
    const fights = (count: number, weight: number) =>
      winTable(
        [
          ...Array.from({ length: count }, () => ({ winner: 'a', loser: 'b', weight })),
          { winner: 'b', loser: 'a', weight },
        ],
        ['a', 'b'],
      );
    const sure = (wins: WinTable) => rankingCertainty(wins, seededChance(6)).above[0]![1]!;
    expect(sure(fights(3, 6))).toBeLessThan(sure(fights(18, 1)) - 0.05);
    expect(Math.abs(sure(fights(8, 5)) - sure(fights(8, 1)))).toBeLessThan(0.06);
  });
  it('grows surer with more contests that end the same way', () => {
    const grow = (k: number) =>
      rankingCertainty(
        table([
          [0, 3 * k, 3 * k],
          [2 * k, 0, 3 * k],
          [2 * k, 2 * k, 0],
        ]),
        seededChance(3),
      ).above[0]![2]!;
    expect(grow(1)).toBeLessThan(grow(10));
    expect(grow(10)).toBeLessThan(grow(60));
  });
  it('finds a true order again: the better fish is above in most rounds', () => {
    const chance = seededChance(11);
    const nerve = [0.9, 0.7, 0.5, 0.3, 0.1];
    const contests = Array.from({ length: 400 }, () => {
      const a = Math.floor(chance() * 5);
      const b = (a + 1 + Math.floor(chance() * 4)) % 5;
      const first = chance() < nerve[a]! / (nerve[a]! + nerve[b]!);
      return { winner: String(first ? a : b), loser: String(first ? b : a) };
    });
    const wins = winTable(contests, ['0', '1', '2', '3', '4']);
    const { above } = rankingCertainty(wins, chance);
    for (let i = 0; i < 4; i += 1) expect(above[i]![i + 1]).toBeGreaterThan(0.5);
  });
});

describe('Poisson draws', () => {
  it.each([0.5, 8, 19, 25, 400])('have mean and variance %d', (mean) => {
    const chance = seededChance(5);
    const draws = Array.from({ length: 20_000 }, () => poissonDraw(mean, chance));
    const average = draws.reduce((sum, one) => sum + one, 0) / draws.length;
    const variance = draws.reduce((sum, one) => sum + (one - average) ** 2, 0) / draws.length;
    expect(Math.abs(average - mean)).toBeLessThan(5 * Math.sqrt(mean / draws.length));
    expect(variance / mean).toBeGreaterThan(0.95);
    expect(variance / mean).toBeLessThan(1.06);
  });
});

describe('coins', () => {
  it('fall either way alike, and each without regard to the one before', () => {
    const toss = coins(seededChance(9));
    const many = 40_000;
    let [heads, changes] = [0, 0];
    let before = toss();
    for (let i = 0; i < many; i += 1) {
      const now = toss();
      if (now) heads += 1;
      if (now !== before) changes += 1;
      before = now;
    }
    const within = 5 * Math.sqrt(many / 4);
    expect(Math.abs(heads - many / 2)).toBeLessThan(within);
    expect(Math.abs(changes - many / 2)).toBeLessThan(within);
  });
});
