import { atOnce } from '../kernel/steps/atOnce';
import { minutesNeededInSteps, orderBy, pairsRight, scoreReading } from './reading';
import { type SimContest, STEP_S, swimIn } from './swim';
import { groundsFor, simTank, type SimTank, trueOrder } from './tank';

/** A reading can be gone through again by the number of its tank: the tank and its course are what they were. */
describe('a tank by its number', () => {
  it.each([
    [3, 8, 90, 36, 'none', '7 6 3 5 0 1 4 2', '3@37,21r15 6@73,13r18 7@12,7r17'],
    [11, 6, 90, 36, 'feeding', '5 2 1 4 3 0', '2@70,18r18 5@37,15r21'],
    [20, 12, 90, 36, 'feeding', '10 8 6 0 7 1 5 11 2 3 9 4', '0@32,31r16 6@44,6r16 8@14,7r21 10@69,16r20'],
  ])('%d has the fish that it had', (seed, count, lengthCm, widthCm, trigger, order, grounds) => {
    const tank = simTank(seed, count);
    expect(tank).toMatchObject({ lengthCm, widthCm, trigger });
    expect(trueOrder(tank).join(' ')).toBe(order);
    expect(
      tank.fish
        .flatMap(({ id, ground }) =>
          ground ? [`${id}@${ground.x.toFixed(0)},${ground.y.toFixed(0)}r${ground.radius.toFixed(0)}`] : [],
        )
        .join(' '),
    ).toBe(grounds);
  });
  it.each([
    [
      3,
      8,
      33,
      [
        '61.0 7>2 chase',
        '82.8 7>2 chase',
        '91.5 7>3 ram',
        '99.8 7>0 chase',
        '100.8 6>5 ram',
        '101.8 3>4 chase',
      ],
    ],
    [
      11,
      6,
      33,
      ['5.0 2>0 chase', '7.3 5>4 chase', '27.3 0>3 chase', '34.8 2>0 nip', '44.5 5>3 nip', '54.0 5>3 chase'],
    ],
    [
      20,
      12,
      58,
      ['8.5 6>7 ram', '24.5 8>0 ram', '24.8 10>4 chase', '30.5 0>1 flare', '32.3 8>4 nip', '34.3 10>7 ram'],
    ],
  ])('%d takes the course that it took', (seed, count, contests, first) => {
    const swim = swimIn(simTank(seed, count), seed);
    swim.go(420);
    expect(swim.at).toBe(420);
    expect(swim.contests).toHaveLength(contests);
    expect(
      swim.contests
        .slice(0, 6)
        .map(({ at, winner, loser, what }) => `${at.toFixed(1)} ${winner}>${loser} ${what}`),
    ).toEqual(first);
    for (const { at, isFeeding } of swim.contests) expect(isFeeding).toBe(at >= 300 && at < 360);
  });
  it('is longer for more fish, and 40 % as wide', () => {
    expect([2, 12, 13, 30].map((count) => simTank(1, count).lengthCm)).toEqual([90, 90, 91, 210]);
    expect(simTank(1, 30).widthCm).toBe(84);
  });
  it('has grounds that keep apart, inside its walls', () => {
    let turn = 0;
    // Throws that fall on few places: the one furthest from the others is taken.
    const chance = () => [0.1, 0.1, 0.9, 0.9, 0.5, 0.5][turn++ % 6]!;
    const [first, second] = groundsFor(2, 116, 50, chance);
    expect(first).toEqual({ x: 18, y: 9, radius: 14.8 });
    expect(second!.x).toBeGreaterThan(60);
  });
});

describe('a course', () => {
  const pair = (more: Partial<SimTank> = {}): SimTank => ({
    lengthCm: 20,
    widthCm: 10,
    trigger: 'none',
    fish: [
      { id: 0, strength: 9, ground: null },
      { id: 1, strength: -9, ground: null },
    ],
    ...more,
  });
  it('goes on by whole steps, and keeps what is left of one', () => {
    const swim = swimIn(pair(), 1);
    swim.go(STEP_S * 0.6);
    expect(swim.at).toBe(0);
    swim.go(STEP_S * 0.6);
    expect(swim.at).toBe(STEP_S);
  });
  it('is fed from the fifth minute on, for a minute', () => {
    const swim = swimIn(pair(), 1);
    const fed: number[] = [];
    for (let at = 0; at < 960; at += 20) {
      if (swim.isFeeding) fed.push(swim.at);
      swim.go(20);
    }
    expect(fed).toEqual([300, 320, 340, 600, 620, 640, 900, 920, 940]);
  });
  it('has the far stronger of two win all, and a rest after each contest', () => {
    const swim = swimIn(pair(), 4);
    swim.go(3600);
    expect(swim.contests.length).toBeGreaterThan(10);
    expect(swim.contests.every(({ winner, loser }) => winner === 0 && loser === 1)).toBe(true);
    const gaps = swim.contests.slice(1).map(({ at }, i) => at - swim.contests[i]!.at);
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(5);
    for (const { x, y } of swim.contests) expect(x >= 0 && x <= 20 && y >= 0 && y <= 10).toBe(true);
  });
  it('has no contests between those that never come near', () => {
    const swim = swimIn(pair({ lengthCm: 4000, widthCm: 2000 }), 4);
    swim.go(600);
    expect(swim.contests).toEqual([]);
  });
  it('without the strongest has the next one taken out after it', () => {
    const swim = swimIn(simTank(3, 4), 3);
    const [first, second] = trueOrder(simTank(3, 4));
    swim.step('strongest aside');
    swim.step('strongest aside');
    expect([...swim.aside]).toEqual([first, second]);
    const before = [swim.places[2 * first!], swim.places[2 * first! + 1]];
    swim.go(60);
    expect([swim.places[2 * first!], swim.places[2 * first! + 1]]).toEqual(before);
  });
});

describe('a reading held against what happened', () => {
  const tank: SimTank = {
    lengthCm: 90,
    widthCm: 36,
    trigger: 'feeding',
    fish: [2, 1, 0].map((strength, id) => ({
      id,
      strength,
      ground: id === 0 ? { x: 10, y: 10, radius: 15 } : null,
    })),
  };
  const contest = (
    at: number,
    winner: number,
    loser: number,
    what: SimContest['what'] = 'chase',
  ): SimContest => ({
    at,
    winner,
    loser,
    what,
    x: 0,
    y: 0,
    isFeeding: false,
  });
  const happened = [contest(10, 0, 1), contest(30, 0, 1, 'nip'), contest(60, 1, 2), contest(90, 2, 0, 'ram')];
  const score = (logged: readonly { at: number; winner: number; loser: number }[], judged = {}) =>
    scoreReading({ tank, contests: happened, at: 120 }, logged, {
      strongest: 1,
      weakest: 0,
      holders: [],
      trigger: 'none',
      ...judged,
    });
  it.each<[string, { at: number; winner: number; loser: number }, number, number, number]>([
    ['ten seconds later', { at: 20, winner: 0, loser: 1 }, 1, 0, 0],
    ['more than ten seconds after one and before another', { at: 70.5, winner: 1, loser: 2 }, 0, 0, 1],
    ['ten seconds before', { at: 50, winner: 1, loser: 2 }, 1, 0, 0],
    ['the wrong way round', { at: 61, winner: 2, loser: 1 }, 0, 1, 0],
    ['of other fish', { at: 60, winner: 0, loser: 2 }, 0, 0, 1],
    ['of one of them and another', { at: 60, winner: 1, loser: 0 }, 0, 0, 1],
  ])('counts a log %s', (_name, log, right, swapped, imagined) =>
    expect(score([log])).toMatchObject({ right, swapped, imagined, happened: 4, minutes: 2 }),
  );
  it('takes each contest once, the nearest first', () => {
    const found = score([
      { at: 21, winner: 0, loser: 1 },
      { at: 22, winner: 0, loser: 1 },
      { at: 23, winner: 0, loser: 1 },
    ]);
    // The first two are that of 30 s, which is nearer, and none: that of 10 s is 12 s away.
    expect(found).toMatchObject({ right: 1, imagined: 2 });
    expect(found.byKind).toEqual([
      { what: 'chase', happened: 2, missed: 2 },
      { what: 'nip', happened: 1, missed: 0 },
      { what: 'ram', happened: 1, missed: 1 },
      { what: 'flare', happened: 0, missed: 0 },
    ]);
  });
  it('says which judgements were right', () => {
    expect(score([])).toMatchObject({
      strongest: false,
      weakest: false,
      trigger: false,
      holders: 1,
      holdersFound: 0,
      holdersWrong: 0,
    });
    expect(score([], { strongest: 0, weakest: 2, holders: [0, 2], trigger: 'feeding' })).toMatchObject({
      strongest: true,
      weakest: true,
      trigger: true,
      holdersFound: 1,
      holdersWrong: 1,
    });
    expect(
      score([
        { at: 30, winner: 0, loser: 1 },
        { at: 60, winner: 1, loser: 2 },
      ]),
    ).toMatchObject({
      order: [0, 1, 2],
      loggedOrder: [0, 1, 2],
      loggedRight: 1,
    });
    expect(score([]).possibleRight).toBe(pairsRight(orderBy(happened, 3), [0, 1, 2]));
  });
  it('needs no more minutes than show the order, and stays right after them', () => {
    const two = simTank(5, 2);
    const needed = atOnce(minutesNeededInSteps(two, 5))!;
    const swim = swimIn(two, 5);
    const rightAt = (minute: number): boolean =>
      pairsRight(
        orderBy(
          swim.contests.filter(({ at }) => at <= minute * 60),
          2,
        ),
        trueOrder(two),
      ) >= 0.9;
    swim.go(3600);
    expect(needed).toBeGreaterThanOrEqual(1);
    for (let minute = needed; minute <= 60; minute += 1) expect(rightAt(minute)).toBe(true);
    if (needed > 1) expect(rightAt(needed - 1)).toBe(false);
  });
});
