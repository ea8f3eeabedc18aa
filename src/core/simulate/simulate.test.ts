import { atOnce } from '../kernel/steps/atOnce';
import { minutesNeededInSteps, orderBy, pairsRight, scoreReading, stepTriedInSteps } from './reading';
import { FEEDING_EVERY_S, swimIn } from './swim';
import { simTank, trueOrder } from './tank';

describe('a simulated tank', () => {
  it('is the same for the same seed, and another for another', () => {
    expect(simTank(3, 8)).toEqual(simTank(3, 8));
    expect(simTank(3, 8)).not.toEqual(simTank(4, 8));
  });
  it.each([2, 8, 60])(
    'of %d has fish that can be told apart, some of which hold ground inside it',
    (count) => {
      for (let seed = 1; seed <= 20; seed += 1) {
        const tank = simTank(seed, count);
        expect(tank.fish).toHaveLength(count);
        const strengths = trueOrder(tank).map((id) => tank.fish[id]!.strength);
        strengths.slice(1).forEach((one, i) => expect(strengths[i]! - one).toBeGreaterThanOrEqual(0.7));
        const grounds = tank.fish.flatMap(({ ground }) => (ground ? [ground] : []));
        expect(grounds.length).toBe(Math.max(1, Math.round(count * 0.35)));
        for (const { x, y } of grounds) {
          expect(x > 0 && x < tank.lengthCm).toBe(true);
          expect(y > 0 && y < tank.widthCm).toBe(true);
        }
      }
    },
  );
});

describe('its course', () => {
  const tank = simTank(7, 8);
  it('is the same for the same seed, whatever the pieces in which it goes on', () => {
    const whole = swimIn(tank, 5);
    whole.go(600);
    const pieces = swimIn(tank, 5);
    for (let i = 0; i < 6000; i += 1) pieces.go(0.1);
    expect(pieces.contests.length).toBe(whole.contests.length);
    expect([...pieces.contests].slice(0, 20)).toEqual([...whole.contests].slice(0, 20));
    expect(whole.contests.length).toBeGreaterThan(5);
  });
  it('keeps everybody in the tank', () => {
    const swim = swimIn(tank, 2);
    for (let i = 0; i < 1000; i += 1) {
      swim.go(0.5);
      const [across, along] = [
        swim.places.filter((_, at) => at % 2 === 1),
        swim.places.filter((_, at) => at % 2 === 0),
      ];
      expect(Math.min(...across, ...along)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...along)).toBeLessThanOrEqual(tank.lengthCm);
      expect(Math.max(...across)).toBeLessThanOrEqual(tank.widthCm);
    }
  });
  it('has the stronger win most contests, the more so the further apart they are', () => {
    let [near, nearWon, far, farWon] = [0, 0, 0, 0];
    for (let seed = 1; seed <= 8; seed += 1) {
      const one = simTank(seed, 8);
      const swim = swimIn(one, seed);
      swim.go(3600);
      const place = new Map(trueOrder(one).map((id, at) => [id, at]));
      for (const { winner, loser } of swim.contests) {
        const apart = Math.abs(place.get(winner)! - place.get(loser)!);
        const won = Number(place.get(winner)! < place.get(loser)!);
        if (apart === 1) {
          near += 1;
          nearWon += won;
        }
        if (apart >= 5) {
          far += 1;
          farWon += won;
        }
      }
    }
    expect(nearWon / near).toBeGreaterThan(0.5);
    expect(farWon / far).toBeGreaterThan(0.9);
    expect(farWon / far).toBeGreaterThan(nearWon / near);
  });
  it('is rougher at meals where food sets them off, and not where nothing does', () => {
    const perMinute = (trigger: 'feeding' | 'none') => {
      const counts = { fed: 0, other: 0 };
      for (let seed = 1; seed <= 8; seed += 1) {
        const swim = swimIn({ ...simTank(seed, 8), trigger }, seed);
        swim.go(3600);
        for (const { isFeeding } of swim.contests) counts[isFeeding ? 'fed' : 'other'] += 1;
      }
      // One minute of every five is a meal, from the first on.
      const meals = 3600 / FEEDING_EVERY_S - 1;
      return counts.fed / meals / (counts.other / (60 - meals));
    };
    expect(perMinute('feeding')).toBeGreaterThan(2);
    expect(perMinute('none')).toBeLessThan(1.3);
    expect(perMinute('none')).toBeGreaterThan(0.7);
  });
  it('goes on without one that was taken out', () => {
    const swim = swimIn(tank, 3);
    swim.step('strongest aside');
    const [strongest] = trueOrder(tank);
    expect([...swim.aside]).toEqual([strongest]);
    swim.go(1800);
    expect(swim.contests.some(({ winner, loser }) => winner === strongest || loser === strongest)).toBe(
      false,
    );
  });
});

describe('a reading', () => {
  const tank = simTank(7, 6);
  const watched = (seconds: number) => {
    const swim = swimIn(tank, 9);
    swim.go(seconds);
    return swim;
  };
  const judged = { strongest: 0, weakest: 1, holders: [], trigger: 'none' } as const;
  it('that misses nothing has every contest, and the order as far as it shows', () => {
    const swim = watched(3600);
    const score = scoreReading(swim, swim.contests, {
      strongest: trueOrder(tank)[0]!,
      weakest: trueOrder(tank).at(-1)!,
      holders: tank.fish.flatMap(({ id, ground }) => (ground ? [id] : [])),
      trigger: tank.trigger,
    });
    expect(score).toMatchObject({
      minutes: 60,
      right: swim.contests.length,
      happened: swim.contests.length,
      swapped: 0,
      imagined: 0,
      strongest: true,
      weakest: true,
      trigger: true,
      holdersFound: score.holders,
      holdersWrong: 0,
    });
    expect(score.loggedRight).toBe(score.possibleRight);
    expect(score.possibleRight).toBeGreaterThan(0.85);
    expect(score.byKind.reduce((all, { happened }) => all + happened, 0)).toBe(score.happened);
  });
  it('counts what was missed, swapped and imagined', () => {
    const swim = watched(1200);
    const [first, second, ...others] = swim.contests;
    const score = scoreReading(
      swim,
      [
        { at: first!.at + 9, winner: first!.winner, loser: first!.loser },
        { at: second!.at, winner: second!.loser, loser: second!.winner },
        { at: others.at(-1)!.at + 11, winner: others.at(-1)!.winner, loser: others.at(-1)!.loser },
      ],
      { ...judged, holders: tank.fish.map(({ id }) => id) },
    );
    expect(score).toMatchObject({ right: 1, swapped: 1, imagined: 1 });
    expect(score.byKind.reduce((all, { missed }) => all + missed, 0)).toBe(score.happened - 2);
    expect(score.holdersFound + score.holdersWrong).toBe(6);
  });
  it('without a log guesses', () => {
    const score = scoreReading(watched(300), [], judged);
    expect(score.loggedOrder).toEqual([0, 1, 2, 3, 4, 5]);
    expect(score.right).toBe(0);
  });
  it('takes minutes; nine of ten pairs stay right after them', () => {
    const needed = [1, 2, 3, 4, 5, 6].map((seed) => atOnce(minutesNeededInSteps(simTank(seed, 6), seed)));
    expect(needed.some((one) => one !== null && one > 3)).toBe(true);
    const at = needed.findIndex((one) => one !== null && one > 1);
    const swim = swimIn(simTank(at + 1, 6), at + 1);
    swim.go(needed[at]! * 60);
    expect(pairsRight(orderBy(swim.contests, 6), trueOrder(simTank(at + 1, 6)))).toBeGreaterThanOrEqual(0.9);
  });
  it('orders by wins, and counts pairs', () => {
    expect(
      orderBy(
        [
          { winner: 2, loser: 0 },
          { winner: 2, loser: 1 },
          { winner: 0, loser: 1 },
        ],
        3,
      ),
    ).toEqual([2, 0, 1]);
    expect(pairsRight([0, 1, 2], [0, 1, 2])).toBe(1);
    expect(pairsRight([2, 1, 0], [0, 1, 2])).toBe(0);
    expect(pairsRight([0, 2, 1], [0, 1, 2])).toBeCloseTo(2 / 3, 12);
    expect(pairsRight([], [0, 1])).toBe(1);
  });
});

describe('an intervention', () => {
  it('that moves the rocks calms a tank for the half hour; taking the strongest out takes its contests with it', () => {
    const tank = simTank(11, 8);
    const moved = atOnce(stepTriedInSteps(tank, 'rearranged', 1, 5));
    expect(moved.ratio!).toBeLessThan(0.75);
    expect(moved.midInterval[1]!).toBeLessThan(1);
    expect(atOnce(stepTriedInSteps(tank, 'strongest aside', 1, 3)).ratio!).toBeLessThan(1);
  });
});
