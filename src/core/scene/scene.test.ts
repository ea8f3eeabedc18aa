import { castOf } from './cast';
import { layerCounts } from './layerCounts';
import { sceneOf } from './sceneOf';
import { type Stage, stageOf } from './stage';
import { group, HABITS, tank } from '@/testing/scenes';
import type { Cast, Habit, SceneGroup, SceneTank } from './tank';

it('a scene is the tank set up, with its fish in their places; a small one is drawn otherwise', () => {
  const asked = { tank: tank({ seed: 'scene' }), groups: [group('loose')], isSmall: false };
  const { art, steps, ground } = stageOf(asked.tank);
  const { surface, free, pane } = ground;
  const whole = { art, steps, surface, free, pane, casts: castOf(stageOf(asked.tank), asked.groups) };
  expect(sceneOf(asked)).toEqual(whole);
  expect(sceneOf({ ...asked, isSmall: true }).art).toBe(stageOf(asked.tank, true).art);
  expect(sceneOf({ ...asked, tank: tank({ seed: 'other' }) }).art).not.toBe(art);
});

describe('a tank set up', () => {
  it('is set up the same way each time, and another way by other dice', () => {
    expect(stageOf(tank()).art).toBe(stageOf(tank()).art);
    expect(stageOf(tank()).art).not.toBe(stageOf(tank({ seed: 'quay' })).art);
  });
  it('has the caves, shells and overhangs that the keeper counts', () => {
    const { setup } = stageOf(tank());
    expect(setup.shells).toHaveLength(12);
    // Each overhang is a hole as well.
    expect(setup.caves).toHaveLength(4 + 2);
    expect(stageOf(tank({ caves: 0, overhangs: 0, shells: 0 })).setup.caves).toEqual([]);
  });
  it('keeps other things where they are when one thing changes', () => {
    const shellsAt = (over: Partial<SceneTank>) => stageOf(tank(over)).setup.shells.map(({ x }) => x);
    expect(shellsAt({ plants: 'dense' })).toEqual(shellsAt({}));
    expect(shellsAt({ floating: 0 })).toEqual(shellsAt({}));
  });
  it('stands hardscape where the floor map has it', () => {
    const pieces = [
      { kind: 'rock', x: 25, y: 20, lengthCm: 30, widthCm: 20 },
      { kind: 'slate', x: 100, y: 30, lengthCm: 16, widthCm: 1 },
    ];
    const { setup, ground } = stageOf(
      tank({ pieces, caves: 2, overhangs: 0, shells: 0, upright: 0, plants: 'none' }),
    );
    expect(ground.main).toBeCloseTo(25 / 120);
    for (const { x } of setup.caves.slice(0, 2)) expect(Math.abs(x - 25)).toBeLessThan(20);
    expect(setup.clutter.at(25, ground.floor(25, 0.4) - 3)).toBeGreaterThan(0.5);
    expect(setup.clutter.at(62, ground.floor(62, 0.4) - 6)).toBe(0);
  });
  it.each([
    ['a cube', { lengthCm: 20, widthCm: 20, heightCm: 20, waterLineCm: 18, substrateCm: 2 }],
    ['a pond', { lengthCm: 400, widthCm: 200, heightCm: 100, waterLineCm: 90 }],
    ['a tall tank', { lengthCm: 60, heightCm: 120, waterLineCm: 110 }],
    ['a bare tank', { substrate: 'bare', substrateCm: 0, caves: 9, plants: 'none' as const }],
    ['a tank full of sand', { substrateCm: 40 }],
    ['hundreds of hides', { caves: 500, overhangs: 500, upright: 500, shells: 500, floating: 3 }],
    [
      'two hundred pieces on one another',
      {
        pieces: Array.from({ length: 200 }, (_, i) => ({
          kind: ['rock', 'wood', 'plant', 'slate'][i % 4] as string,
          x: 60 + (i % 5),
          y: 25,
          lengthCm: 20 + (i % 40),
          widthCm: 10,
        })),
      },
    ],
  ] as const)('draws %s without a bad number', (_, over) => {
    for (const isSmall of [false, true]) {
      const stage = stageOf(tank(over), isSmall);
      expect(stage.art).not.toMatch(/NaN|undefined|Infinity/);
      for (const cast of castOf(
        stage,
        HABITS.map((habit) => group(habit)),
      ))
        for (const { x, y, tilt, size } of [...cast.from, ...cast.to])
          expect([x, y, tilt, size].every(Number.isFinite)).toBe(true);
    }
  });
  it('draws less in a thumbnail', () => {
    expect(stageOf(tank(), true).art.length).toBeLessThan(stageOf(tank()).art.length * 0.6);
  });
});

describe('where fish are', () => {
  let stage: Stage;
  let casts: readonly Cast[];
  beforeAll(() => {
    stage = stageOf(tank());
    casts = castOf(
      stage,
      HABITS.map((habit) => group(habit)),
    );
  });
  it.each(HABITS)('%s: as many as there are, in the water, first and grown', (habit) => {
    const cast = casts.find(({ key }) => key === habit)!;
    expect(cast.from).toHaveLength(8);
    expect(cast.to).toHaveLength(8);
    for (const { x, y } of [...cast.from, ...cast.to]) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(120);
      expect(y).toBeGreaterThan(stage.ground.surface);
      expect(y).toBeLessThan(50);
    }
  });
  it('is the same each time, in whatever order the groups are given', () => {
    const again = castOf(
      stage,
      [...HABITS].reverse().map((habit) => group(habit)),
    );
    for (const cast of casts) expect(again.find(({ key }) => key === cast.key)).toEqual(cast);
  });
  it('follows the layers of the species', () => {
    const mean = (layers: SceneGroup['layers']): number => {
      const [cast] = castOf(stage, [group('loose', { layers, count: 20 })]);
      return cast!.from.reduce((sum, { y }) => sum + y, 0) / 20;
    };
    expect(mean([0.9, 0.1, 0])).toBeLessThan(mean([0.1, 0.8, 0.1]));
    expect(mean([0.1, 0.8, 0.1])).toBeLessThan(mean([0, 0.2, 0.8]));
  });
  it('turns a shoal one way, rests bottom fish on the ground, hides half a cave fish', () => {
    const of = (habit: Habit) => casts.find(({ key }) => key === habit)!.from;
    expect(new Set(of('tight').map(({ facing }) => facing)).size).toBe(1);
    for (const { y, x, z, isResting } of of('bottom')) {
      expect(isResting).toBe(true);
      expect(y).toBeCloseTo(stage.ground.floor(x, z));
    }
    expect(of('cave').filter(({ hidden }) => hidden).length).toBeGreaterThan(0);
    for (const { hidden, facing } of of('cave')) if (hidden) expect(hidden.side).not.toBe(facing);
  });
  it('keeps fish of a shoal apart', () => {
    const places = castOf(stage, [group('tight', { count: 20 })])[0]!.from;
    const nearest = places.map((a) =>
      Math.min(...places.filter((b) => b !== a).map((b) => Math.hypot(a.x - b.x, a.y - b.y))),
    );
    expect(Math.min(...nearest)).toBeGreaterThan(1);
  });
  it('draws no more than three hundred of a group', () => {
    expect(castOf(stage, [group('loose', { count: 9000 })])[0]!.from).toHaveLength(300);
  });
});

describe('the current', () => {
  const currentOf = (filter: SceneTank['filter'], seed = 'fen') =>
    stageOf(tank({ filter, seed })).setup.current;
  it('is still without a filter, goes away from the outflow, and grows with the turnover', () => {
    expect(currentOf(null)).toBe(0);
    expect(currentOf({ turnover: 0, atX: 10 })).toBe(0);
    expect(currentOf({ turnover: 4, atX: 10 })).toBeGreaterThan(0);
    expect(currentOf({ turnover: 4, atX: 110 })).toBeLessThan(0);
    expect(currentOf({ turnover: 9, atX: 10 })).toBeGreaterThan(currentOf({ turnover: 3, atX: 10 }));
    expect(currentOf({ turnover: 900, atX: 10 })).toBe(1);
  });
  it('comes from a side of its own where nobody told one, the same each time', () => {
    const sides = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].map((seed) =>
      currentOf({ turnover: 5, atX: null }, seed),
    );
    expect(new Set(sides.map(Math.sign))).toEqual(new Set([-1, 1]));
    expect(currentOf({ turnover: 5, atX: null }, 'c')).toBe(sides[2]);
  });
  it('turns shoals to meet it and drives floating plants to the far side', () => {
    for (const [atX, facing] of [
      [5, 'left'],
      [115, 'right'],
    ] as const) {
      const stage = stageOf(tank({ filter: { turnover: 6, atX } }));
      const [cast] = castOf(stage, [group('tight')]);
      expect(new Set(cast!.from.map((one) => one.facing))).toEqual(new Set([facing]));
      for (const x of stage.setup.rafts) expect(Math.abs(x - atX)).toBeGreaterThan(60);
    }
  });
  it('moves neither stones nor shells', () => {
    const { setup } = stageOf(tank({ filter: { turnover: 6, atX: 5 } }));
    const still = stageOf(tank()).setup;
    expect(setup.shells).toEqual(still.shells);
    expect(setup.caves).toEqual(still.caves);
  });
});

describe('animals by layer', () => {
  it('counts each by the shares of its time', () => {
    expect(
      layerCounts([
        { count: 10, layers: [0.1, 0.8, 0.1] },
        { count: 6, layers: [0, 0, 1] },
      ]),
    ).toEqual([1, 8, 7]);
    expect(layerCounts([])).toEqual([0, 0, 0]);
    expect(layerCounts([{ count: 10, layers: [1, 8, 1] }])).toEqual([1, 8, 1]);
    expect(layerCounts([{ count: 1, layers: [0.2, 0.3, 0.5] }])).toEqual([0, 0, 1]);
    expect(layerCounts([{ count: 1, layers: [0.2, 0.5, 0.3] }])).toEqual([0, 1, 0]);
    expect(layerCounts([{ count: 1, layers: [0.5, 0.3, 0.2] }])).toEqual([1, 0, 0]);
    expect(layerCounts([{ count: 3, layers: [0, 0, 0] }])).toHaveLength(3);
  });
  it.each([1, 2, 7, 13, 371])('adds up to all %s of them', (count) => {
    const sum = layerCounts([
      { count, layers: [1 / 3, 1 / 3, 1 / 3] },
      { count: 2 * count, layers: [0.15, 0.35, 0.5] },
    ]).reduce((a, b) => a + b, 0);
    expect(sum).toBe(3 * count);
  });
});
