import fc from 'fast-check';
import { circularTriads } from './circularTriads';
import { davidsScore, steepness } from './davidsScore';
import { kaplanMeier, type Span } from './kaplanMeier';
import { linearity } from './linearity';
import { logRank } from './logRank';
import { rateRatio } from './rateRatio';
import { seededChance } from './seededChance';
import { bradleyTerry } from './bradleyTerry';
import { unknownPairs, winTable, type WinTable } from './winTable';

const size = fc.integer({ min: 3, max: 7 });
/** Wins among some fish, some pairs never met. */
const table = size.chain((n) =>
  fc
    .array(fc.array(fc.integer({ min: 0, max: 6 }), { minLength: n, maxLength: n }), {
      minLength: n,
      maxLength: n,
    })
    .map((rows): WinTable => ({
      ids: rows.map((_, i) => `f${i}`),
      wins: rows.map((row, i) => row.map((won, j) => (i === j ? 0 : won))),
    })),
);
/** Every pair decided one way: a tournament. */
const tournament = size.chain((n) =>
  fc
    .array(fc.boolean(), { minLength: (n * (n - 1)) / 2, maxLength: (n * (n - 1)) / 2 })
    .map((sides): WinTable => {
      const wins = Array.from({ length: n }, () => Array.from({ length: n }, () => 0));
      let k = 0;
      for (let i = 0; i < n; i += 1)
        for (let j = i + 1; j < n; j += 1) {
          if (sides[k]) wins[i]![j] = 1;
          else wins[j]![i] = 1;
          k += 1;
        }
      return { ids: wins.map((_, i) => `f${i}`), wins };
    }),
);
const turned = ({ ids, wins }: WinTable): WinTable => ({
  ids: [...ids].reverse(),
  wins: [...wins].reverse().map((row) => [...row].reverse()),
});
const close = (a: number, b: number): void => expect(Math.abs(a - b)).toBeLessThan(1e-9);

describe('scores of an order', () => {
  it('sum to nothing, and do not depend on who stands first in the table', () => {
    fc.assert(
      fc.property(table, (one) => {
        const { score, normalised } = davidsScore(one);
        close(
          score.reduce((sum, value) => sum + value, 0),
          0,
        );
        const other = davidsScore(turned(one));
        [...other.score].reverse().forEach((value, i) => close(value, score[i]!));
        for (const value of normalised) {
          expect(value).toBeGreaterThanOrEqual(-1e-9);
          expect(value).toBeLessThanOrEqual(one.ids.length - 1 + 1e-9);
        }
        close(steepness(normalised)!, steepness(other.normalised)!);
      }),
    );
  });
  it('of a tournament: the triads counted one by one are those of the formula, and h is 1 where there are none', () => {
    fc.assert(
      fc.property(tournament, (one) => {
        const { wins } = one;
        let circles = 0;
        for (let a = 0; a < wins.length; a += 1)
          for (let b = a + 1; b < wins.length; b += 1)
            for (let c = b + 1; c < wins.length; c += 1) {
              const round = wins[a]![b]! + wins[b]![c]! + wins[c]![a]!;
              if (round === 3 || round === 0) circles += 1;
            }
        const { circularTriads: formula } = circularTriads(one);
        close(formula, circles);
        const { landauH, improvedH } = linearity(one, seededChance(1), 1);
        expect(Math.abs(landauH! - 1) < 1e-9).toBe(circles === 0);
        close(landauH!, improvedH!);
        expect(unknownPairs(one)).toBe(0);
      }),
    );
  });
  it('has strengths only where they are finite, and then as many wins expected as there were', () => {
    fc.assert(
      fc.property(table, (one) => {
        const fit = bradleyTerry(one);
        if (!fit.ok) return;
        one.wins.forEach((row, i) => {
          const won = row.reduce((sum, value) => sum + value, 0);
          const expected = row.reduce((sum, value, j) => {
            if (i === j) return sum;
            const met = value + one.wins[j]![i]!;
            return sum + met / (1 + Math.exp(fit.strength[j]! - fit.strength[i]!));
          }, 0);
          expect(Math.abs(won - expected)).toBeLessThan(1e-4 * (1 + won));
        });
      }),
    );
  });
  it('counts each contest once, in whatever order they come', () => {
    const contest = fc
      .tuple(fc.constantFrom('a', 'b', 'c'), fc.constantFrom('a', 'b', 'c'))
      .map(([winner, loser]) => ({ winner, loser }));
    fc.assert(
      fc.property(fc.array(contest, { maxLength: 30 }), (contests) => {
        const among = ['a', 'b', 'c'];
        expect(winTable([...contests].reverse(), among)).toEqual(winTable(contests, among));
        const all = winTable(contests, among)
          .wins.flat()
          .reduce((sum, won) => sum + won, 0);
        expect(all).toBe(contests.filter(({ winner, loser }) => winner !== loser).length);
      }),
    );
  });
});

describe('the ratio of two rates', () => {
  const watched = fc.record({
    events: fc.integer({ min: 0, max: 60 }),
    minutes: fc.integer({ min: 1, max: 300 }),
  });
  it('lies within its limits, and the p-value agrees with them', () => {
    fc.assert(
      fc.property(watched, watched, (before, after) => {
        const { ratio, interval, p } = rateRatio(before, after);
        const [low, high] = interval;
        expect(p).toBeGreaterThan(0);
        expect(p).toBeLessThanOrEqual(1);
        if (ratio !== null) {
          if (low !== null) expect(low).toBeLessThanOrEqual(ratio + 1e-9);
          if (high !== null) expect(high).toBeGreaterThanOrEqual(ratio - 1e-9);
        }
        const excludes = (low !== null && low > 1 + 1e-9) || (high !== null && high < 1 - 1e-9);
        if (excludes) expect(p).toBeLessThan(0.05 + 1e-6);
        if (p < 0.05 - 1e-6 && before.events + after.events > 0) expect(excludes).toBe(true);
      }),
    );
  });
  it('grows narrower with more of the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 1, max: 30 }), (x, y) => {
        const width = (k: number): number => {
          const [low, high] = rateRatio(
            { events: x * k, minutes: 60 * k },
            { events: y * k, minutes: 60 * k },
          ).interval;
          return Math.log(high! / low!);
        };
        expect(width(4)).toBeLessThan(width(1));
      }),
    );
  });
});

describe('survival curves', () => {
  const span = fc
    .tuple(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 1, max: 60 }), fc.boolean())
    .map(([start, lived, died]): Span => ({ start, end: start + lived, died }));
  const lives = fc.array(span, { minLength: 1, maxLength: 40 });
  it('never rise, stay between 0 and 1, and lie within their limits', () => {
    fc.assert(
      fc.property(lives, (spans) => {
        const { survival, lower, upper, events, atRisk } = kaplanMeier(spans);
        survival.forEach((value, i) => {
          expect(value).toBeLessThanOrEqual(i === 0 ? 1 : survival[i - 1]! + 1e-12);
          expect(value).toBeGreaterThanOrEqual(0);
          if (lower[i] !== null) expect(lower[i]!).toBeLessThanOrEqual(value + 1e-9);
          if (upper[i] !== null) expect(upper[i]!).toBeGreaterThanOrEqual(value - 1e-9);
          expect(events[i]!).toBeLessThanOrEqual(atRisk[i]!);
        });
        expect(events.reduce((sum, one) => sum + one, 0)).toBe(spans.filter((one) => one.died).length);
      }),
    );
  });
  it('are the plain share that lives where nobody left or came late', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 30 }), (ends) => {
        const { time, survival } = kaplanMeier(ends.map((end) => ({ start: 0, end, died: true })));
        time.forEach((t, i) => close(survival[i]!, ends.filter((end) => end > t).length / ends.length));
      }),
    );
  });
  it('give a test that does not mind which group is named first', () => {
    fc.assert(
      fc.property(lives, lives, (a, b) => {
        const one = logRank(
          new Map([
            ['a', a],
            ['b', b],
          ]),
        );
        const other = logRank(
          new Map([
            ['b', b],
            ['a', a],
          ]),
        );
        expect(one === null).toBe(other === null);
        if (one && other) {
          expect(Math.abs(one.chiSquare - other.chiSquare)).toBeLessThan(1e-6 * (1 + one.chiSquare));
          expect(one.p).toBeGreaterThanOrEqual(0);
          close(
            one.observed.reduce((sum, value) => sum + value, 0),
            one.expected.reduce((sum, value) => sum + value, 0),
          );
        }
      }),
    );
  });
});
