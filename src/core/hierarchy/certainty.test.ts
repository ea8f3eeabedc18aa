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

describe('ranks', () => {
  const ranks = (scores: readonly number[], ...pairs: readonly (readonly [number, number, number])[]) => {
    const above = scores.map(() => scores.map(() => 0.5));
    for (const [i, j, share] of pairs) above[i]![j] = share;
    return ranksOf(scores, above);
  };
  it('hold the first and all that it is not above in nine of ten rounds', () => {
    expect(ranks([1, 3, 2], [1, 2, 0.9], [2, 0, 0.89])).toEqual([[1], [2, 0]]);
    expect(ranks([1, 3, 2], [1, 2, 0.89], [1, 0, 0.9])).toEqual([[1, 2], [0]]);
  });
  it('ask of the first of a rank, not of the last', () => {
    expect(ranks([3, 2, 1], [0, 1, 0.6], [0, 2, 0.6], [1, 2, 1])).toEqual([[0, 1, 2]]);
  });
  it('are none for nobody', () => expect(ranks([])).toEqual([]));
});

describe('places and shares', () => {
  it('of two that never met are open', () => {
    const { above, places } = rankingCertainty(
      table([
        [0, 0],
        [0, 0],
      ]),
      seededChance(2),
    );
    expect(above[0]![1]).toBe(0.5);
    expect(above[1]![0]).toBe(0.5);
    expect(places).toHaveLength(2);
  });
  it('of two that only parted without a winner are open too', () => {
    const ties = [
      [0, 12],
      [12, 0],
    ];
    const { above } = rankingCertainty(
      {
        ids: ['a', 'b'],
        wins: [
          [0, 0],
          [0, 0],
        ],
        ties,
      },
      seededChance(2),
    );
    expect(above[0]![1]! + above[1]![0]!).toBeCloseTo(1, 12);
    expect(Math.abs(above[0]![1]! - 0.5)).toBeLessThan(0.1);
  });
  it('count a contest that neither won half for each: who often stood up to the first is above who never did', () => {
    const wins = [
      [0, 10, 10],
      [0, 0, 0],
      [0, 0, 0],
    ];
    const ties = [
      [0, 0, 30],
      [0, 0, 0],
      [30, 0, 0],
    ];
    const above = (table: WinTable): number => rankingCertainty(table, seededChance(2)).above[2]![1]!;
    const ids = ['first', 'never', 'often'];
    expect(Math.abs(above({ ids, wins }) - 0.5)).toBeLessThan(0.1);
    expect(above({ ids, wins, ties })).toBeGreaterThan(0.95);
  });
  it('of a clear order among many are one place each, and the places go from 1 to the number of fish', () => {
    const n = 6;
    const clear = table(
      Array.from({ length: n }, (_, i) => Array.from({ length: n }, (__, j) => (j > i ? 60 : 0))),
    );
    const { places, above } = rankingCertainty(clear, seededChance(5));
    expect(places).toEqual(Array.from({ length: n }, (_, i) => [i + 1, i + 1]));
    expect(above.flat().every((share) => share >= 0 && share <= 1)).toBe(true);
    const turned = table(
      Array.from({ length: n }, (_, i) => Array.from({ length: n }, (__, j) => (j < i ? 60 : 0))),
    );
    expect(rankingCertainty(turned, seededChance(5)).places).toEqual(
      Array.from({ length: n }, (_, i) => [n - i, n - i]),
    );
  });
  it('of an open order go over more than one', () => {
    const open = table([
      [0, 2, 2],
      [2, 0, 2],
      [2, 2, 0],
    ]);
    for (const [first, last] of rankingCertainty(open, seededChance(5)).places) {
      expect(first).toBe(1);
      expect(last).toBe(3);
    }
  });
});
