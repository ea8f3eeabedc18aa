import { keptPictures } from '@/testing/keptPictures';
import { castOf } from './cast';
import { type Stage, stageOf } from './stage';
import { group, HABITS, tank } from '@/testing/scenes';
import type { SceneTank } from './tank';

const piece = (kind: string, x: number, y = 20, lengthCm = 24, widthCm = 14) => ({
  kind,
  x,
  y,
  lengthCm,
  widthCm,
});

/** Tanks that differ from one another in what is drawn: ground, light, plants, hides, current, floor map, size. */
const TANKS: Readonly<Record<string, Partial<SceneTank>>> = {
  'as it is': {},
  'other dice': { seed: 'quay' },
  gravel: { substrate: 'gravel' },
  soil: { substrate: 'soil' },
  'fine gravel': { substrate: 'fine-gravel' },
  'a floor of rock': { substrate: 'rock' },
  bare: { substrate: 'bare', substrateCm: 0, caves: 9, plants: 'none' },
  'deep sand': { substrateCm: 40 },
  'no lid': { lid: false },
  'no lamp': { lightHours: 0 },
  'a short day': { lightHours: 3 },
  planted: { plants: 'dense' },
  'densely planted, other dice': { plants: 'dense', seed: 'mere', hardscape: 0.02 },
  'no plants': { plants: 'none', floating: 0 },
  'rafts of plants': { floating: 7, plants: 'dense' },
  'no hides': { caves: 0, overhangs: 0, upright: 0, shells: 0 },
  'many hides': { caves: 40, overhangs: 20, upright: 30, shells: 80 },
  'rock piles': { hardscape: 0.35, caves: 20, overhangs: 0 },
  'little hardscape': { hardscape: 0.01, caves: 1, overhangs: 0, upright: 1 },
  'a current from the left': { filter: { turnover: 6, atX: 5 } },
  'a current from the right': { filter: { turnover: 9, atX: 115 } },
  'a faint current': { filter: { turnover: 1, atX: null } },
  'a floor map': {
    pieces: [
      piece('rock', 25),
      piece('wood', 70, 30, 40, 12),
      piece('plant', 50, 12, 10, 10),
      piece('slate', 100, 30, 16, 1),
      piece('cave', 90, 15, 12, 12),
      piece('pipe', 40, 35, 10, 6),
      piece('shells', 15, 40, 20, 10),
    ],
  },
  'rocks on one another': { pieces: [piece('rock', 60), piece('rock', 61), piece('wood', 62, 25)] },
  'a cube': { lengthCm: 20, widthCm: 20, heightCm: 20, waterLineCm: 18, substrateCm: 2 },
  'a pond': { lengthCm: 400, widthCm: 200, heightCm: 100, waterLineCm: 90 },
  'a tall tank': { lengthCm: 60, heightCm: 120, waterLineCm: 110 },
  'a low tank, half full': { lengthCm: 90, heightCm: 30, waterLineCm: 14 },
  'a floor map without rock': {
    pieces: [piece('plant', 30, 3), piece('plant', 80, 40), piece('shells', 60)],
  },
  'two rocks, the larger first': { pieces: [piece('rock', 30, 20, 30, 20), piece('wood', 90)] },
  'two rocks, the larger last': { pieces: [piece('rock', 30), piece('wood', 90, 20, 10, 60)] },
  'two rocks alike': { pieces: [piece('rock', 30, 20, 20, 20), piece('rock', 90, 20, 20, 20)] },
};

const groups = (few: number) => [
  ...HABITS.map((habit) => group(habit, { count: few })),
  group('tight', { key: 'a shoal', count: 5 * few, fromCm: 2, toCm: 3, layers: [0, 0.9, 0.1] }),
  group('loose', { key: 'at the top', count: 1, layers: [0.9, 0.1, 0] }),
  group('pair', { key: 'tall ones', count: 3, fromCm: 9, toCm: 18, tall: 1.2, layers: [0, 0.5, 0.5] }),
  group('bottom', { key: 'long ones', count: 2, fromCm: 20, toCm: 50, tall: 0.1, layers: [0, 0, 1] }),
  group('perch', { key: 'few on perches', count: 2, layers: [0.3, 0.3, 0.4] }),
  group('cave', { key: 'more than caves', count: 2 * few, layers: [0, 0.1, 0.9] }),
  group('single', { key: 'at home nowhere', count: 2, layers: [0, 0, 0] }),
  group('cave', { key: 'in shells, as long as they get', count: 3, fromCm: 5, toCm: 5 }),
  group('loose', { key: 'layers in parts', count: 3, layers: [2, 6, 2] }),
];
/** Places to a thousandth of a cm. */
const castText = (stage: Stage, few: number): string =>
  JSON.stringify(castOf(stage, groups(few)), (_key, value: unknown) =>
    typeof value === 'number' ? Number(value.toFixed(3)) : value,
  );

describe('scenes are as they were', () => {
  const { isAsItWas, names } = keptPictures('scenes.json');
  it.each(Object.keys(TANKS))('%s', (name) => {
    const asked = tank(TANKS[name]);
    const [large, small] = [stageOf(asked), stageOf(asked, true)];
    for (const drawing of [large.art, small.art]) expect(drawing).not.toMatch(/NaN|undefined|Infinity/);
    const fish = castText(large, 2);
    const wrong = Object.entries({ large: large.art, small: small.art, fish }).filter(
      ([what, picture]) => !isAsItWas(`${name}, ${what}`, picture),
    );
    expect(wrong.map(([what]) => what)).toEqual([]);
  });
  it.each([
    ['a large picture', false],
    ['a small one', true],
  ])('many fish, in %s', (what, isSmall) => {
    expect(isAsItWas(`many, ${what}`, castText(stageOf(tank(), isSmall), 8))).toBe(true);
  });
  it('and none is kept that is not asked for', () => {
    expect(names()).toHaveLength(Object.keys(TANKS).length * 3 + 2);
  });
});
