import fc from 'fast-check';
import delayed from '@/testing/fixtures/delayedEntry.json';
import { cameOf, happened, memberOf } from '@/testing/happened';
import type { Standing } from '../events/roomAt';
import { kaplanMeier } from '../stats/kaplanMeier';
import { logRank } from '../stats/logRank';
import { fortnightOf, type Life, livesBy, livesInTanks, livesOf, livesSinceRelease } from './lives';
import { lossWarnings } from './lossWarnings';

const day = (n: number): string => new Date(Date.UTC(2026, 0, 1 + n, 12)).toISOString();
const died = (on: number, resident: string, more: object = {}): Standing =>
  happened({ type: 'died', on: day(on), resident, count: 1, how: 'found', cause: '', ...more });
const moved = (on: number, resident: string, tank: string, more: object = {}): Standing =>
  happened({ type: 'moved', on: day(on), resident, tank, ...more });
const came = (on: number, ids: readonly string[], tank: string, more: object = {}): Standing =>
  cameOf(
    day(on),
    ids.map((id) => memberOf(id)),
    { tank, ...more },
  );
const named = (n: number, of = 'f') => Array.from({ length: n }, (_, i) => `${of}${i}`);
const fishDays = (lives: readonly Life[]): number =>
  Math.round(lives.reduce((sum, { start, end }) => sum + end - start, 0));
const until = (n: number): string => day(n);

describe('days in a tank', () => {
  /**
   * Ten fish in A: f0 dies on day 10, f1 on day 20, the eight others move to B on day 30, where f2 dies on day 45; all is
   * read on day 60. By hand:
   *
   * | tank | fish | fish-days              | died |
   * | A    | 10   | 10 + 20 + 8 x 30 = 270 | 2    |
   * | B    | 8    | 15 + 7 x 30 = 225      | 1    |
   */
  const story = [
    came(0, named(10), 'A'),
    died(10, 'f0'),
    died(20, 'f1'),
    ...named(10)
      .slice(2)
      .map((id) => moved(30, id, 'B')),
    died(45, 'f2'),
  ];
  const byTank = livesBy(livesOf(story, until(60)), 'tank');
  it.each([
    ['A', 10, 270, 2],
    ['B', 8, 225, 1],
  ])('%s: %d fish, %d fish-days, %d died', (tank, fish, days, deaths) => {
    const lives = byTank.get(tank)!;
    expect(lives).toHaveLength(fish);
    expect(fishDays(lives)).toBe(days);
    expect(lives.filter((life) => life.died)).toHaveLength(deaths);
  });
  it('enter late: a fish that came to B on its thirtieth day is at risk there from then on', () => {
    const curve = kaplanMeier(byTank.get('B')!);
    expect([curve.time[0], curve.atRisk[0], curve.events[0]]).toEqual([45, 8, 1]);
  });
  it('condemn no tank because it was emptied', () => {
    // Forty fish live well in A until all move to B; three had died in A over a year.
    const ids = named(43);
    const emptied = [
      came(0, ids, 'A'),
      died(100, 'f0'),
      died(200, 'f1'),
      died(300, 'f2'),
      ...ids.slice(3).map((id) => moved(365, id, 'B')),
    ];
    expect(lossWarnings(livesOf(emptied, until(366)), ['tank'])).toEqual([]);
  });
  it('find a tank that does kill', () => {
    const [good, bad] = [named(20, 'g'), named(20, 'b')];
    const story_ = [
      came(0, good, 'A'),
      came(0, bad, 'A'),
      ...bad.map((id) => moved(30, id, 'B')),
      ...bad.slice(0, 12).map((id, i) => died(32 + i, id)),
    ];
    expect(lossWarnings(livesOf(story_, until(90)), ['tank'])).toMatchObject([
      { name: 'B', died: 12, lives: 20 },
    ]);
  });
  it('go with those that are told apart from their group', () => {
    const story_ = [
      cameOf(day(0), [{ ...memberOf('g'), individual: false, count: 4 }], { tank: 'A' }),
      happened({ type: 'split', on: day(10), resident: 'g', into: [memberOf('x')] }),
      moved(20, 'x', 'B'),
      died(26, 'x'),
    ];
    const lives = livesOf(story_, until(30)).find(({ resident }) => resident === 'x')!;
    expect(lives.stays.map(({ tank, start, end }) => [tank, Math.round(start), Math.round(end)])).toEqual([
      ['A', 0, 20],
      ['B', 20, 26],
    ]);
  });
  it('add up to the days of every life, however often fish move', () => {
    const step = fc.tuple(fc.integer({ min: 1, max: 20 }), fc.constantFrom('A', 'B', 'C'));
    fc.assert(
      fc.property(fc.array(step, { maxLength: 8 }), fc.boolean(), (steps, dies) => {
        let on = 0;
        const moves = steps.map(([gap, tank]) => moved((on += gap), 'f', tank));
        const lives = livesOf(
          [came(0, ['f'], 'A'), ...moves, ...(dies ? [died(on + 3, 'f')] : [])],
          until(200),
        );
        const parts = livesInTanks(lives);
        expect(fishDays(parts)).toBe(fishDays(lives));
        expect(parts.filter((life) => life.died)).toHaveLength(dies ? 1 : 0);
        expect(parts.at(-1)!.tank).toBe(steps.at(-1)?.[1] ?? 'A');
      }),
    );
  });
});

describe('back again', () => {
  const back = (on: number, resident: string, what: string): Standing =>
    happened({ type: 'back-again', on: day(on), resident, tank: 'A', what, count: 1 });
  it('takes a death back that was none', () => {
    const lives = livesOf([came(0, ['f'], 'A'), died(10, 'f'), back(14, 'f', 'found alive')], until(40));
    expect(lives).toHaveLength(1);
    expect(lives[0]).toMatchObject({ died: false });
    expect(Math.round(lives[0]!.end)).toBe(40);
  });
  it('leaves the days of a group whole when one of it comes back', () => {
    const group = cameOf(day(0), [{ ...memberOf('g'), individual: false, count: 5 }], { tank: 'A' });
    const gone = happened({
      type: 'rehomed',
      on: day(10),
      resident: 'g',
      count: 2,
      reason: 'surplus',
      taker: 'Maren',
      credit: '',
    });
    const lives = livesOf([group, gone, back(30, 'g', 'returned')], until(40));
    expect(lives.map(({ start, end }) => [start, Math.round(end)])).toEqual([
      [0, 10],
      ...Array.from({ length: 4 }, () => [0, 40]),
    ]);
    expect(fortnightOf(lives)).toMatchObject({ came: 5 });
  });
  it('lets one that its taker gave back enter late: nobody here saw the days between', () => {
    const gone = happened({
      type: 'rehomed',
      on: day(10),
      resident: 'f',
      count: 1,
      reason: 'surplus',
      taker: 'Maren',
      credit: '',
    });
    const lives = livesOf([came(0, ['f'], 'A'), gone, back(30, 'f', 'returned'), died(50, 'f')], until(60));
    expect(lives.map(({ start, end, died: isDead }) => [start, Math.round(end), isDead])).toEqual([
      [0, 10, false],
      [30, 50, true],
    ]);
  });
});

describe('from arrival and from release', () => {
  // Quarantined for thirty days in Q; one dies there, one on the fifth day after its release, one long after.
  const story = [
    came(0, named(4), 'Q', { quarantine: 'here', from: 'Pier' }),
    died(10, 'f0'),
    ...['f1', 'f2', 'f3'].map((id) => moved(30, id, 'A', { protocol: 'plain' })),
    died(35, 'f1'),
    died(80, 'f2'),
  ];
  const lives = livesOf(story, until(100));
  it('ask both first fortnights', () => {
    expect(fortnightOf(lives)).toEqual({ came: 4, lostEarly: 1, livedOn: 3, lostLater: 2 });
    expect(fortnightOf(livesSinceRelease(lives))).toEqual({
      came: 3,
      lostEarly: 1,
      livedOn: 2,
      lostLater: 1,
    });
  });
  it('keep where each was from its release on, and leave out who died before or on that day', () => {
    const since = livesSinceRelease(
      livesOf(
        [
          came(0, named(3), 'Q', { quarantine: 'here' }),
          moved(30, 'f0', 'A', { protocol: 'plain' }),
          moved(50, 'f0', 'B'),
          moved(30, 'f1', 'A', { protocol: 'plain' }),
          died(30, 'f1'),
        ],
        until(60),
      ),
    );
    expect(
      since.map(({ resident, released, start, end, stays }) => [
        resident,
        released,
        start,
        Math.round(end),
        ...stays.map((stay) => `${stay.tank} ${Math.round(stay.start)} to ${Math.round(stay.end)}`),
      ]),
    ).toEqual([['f0', 0, 0, 30, 'A 0 to 20', 'B 20 to 30']]);
  });
  it('hold an introduction against the days after it', () => {
    const plain = livesBy(lives, 'protocol').get('plain')!;
    expect(plain.map(({ end }) => Math.round(end)).sort((a, b) => a - b)).toEqual([5, 50, 70]);
  });
  it('count those dead in the bag among the losses of their shop, and of no tank', () => {
    const some = livesOf([came(0, named(5), 'A', { from: 'Pier', ordered: 8, deadOnArrival: 3 })], until(20));
    expect(
      livesBy(some, 'source')
        .get('Pier')!
        .filter((life) => life.died),
    ).toHaveLength(3);
    expect(fortnightOf(some)).toMatchObject({ came: 8, lostEarly: 3 });
    expect(livesBy(some, 'tank').get('A')).toHaveLength(5);
    expect(livesSinceRelease(some)).toHaveLength(5);
  });
});

describe(`delayed entry, against ${delayed.madeBy}`, () => {
  const spans = delayed.lives.map(({ start, stop, event, group }) => ({
    start,
    end: stop,
    died: event === 1,
    group,
  }));
  it('gives the curve', () => {
    const { time, atRisk, events, survival } = kaplanMeier(spans);
    expect(time).toEqual(delayed.time);
    expect(atRisk).toEqual(delayed.atRisk);
    expect(events).toEqual(delayed.events);
    survival.forEach((value, i) => expect(value).toBeCloseTo(delayed.survival[i]!, 10));
  });
  it('gives the score test where ties are broken as Breslow does, and a little more where they are not', () => {
    const groups = new Map(
      ['1', '2'].map((name) => [name, spans.filter(({ group }) => `${group}` === name)]),
    );
    const { chiSquare, df, p } = delayed.scoreTestBreslow;
    const test = logRank(groups, 'breslow')!;
    expect(test.df).toBe(df);
    expect(test.chiSquare).toBeCloseTo(chiSquare, 9);
    expect(test.p).toBeCloseTo(p, 9);
    expect(logRank(groups)!.chiSquare).toBeGreaterThan(chiSquare);
  });
});
