import type { Habit, SceneGroup, SceneTank } from '@/core/scene/tank';

/** A tank for scenes, with a little of everything in it. */
export const tank = (over: Partial<SceneTank> = {}): SceneTank => ({
  lengthCm: 120,
  widthCm: 50,
  heightCm: 50,
  waterLineCm: 46,
  substrate: 'sand',
  substrateCm: 5,
  lid: true,
  lightHours: 9,
  plants: 'some',
  caves: 4,
  overhangs: 2,
  upright: 2,
  floating: 2,
  shells: 12,
  hardscape: 0.1,
  filter: null,
  pieces: [],
  seed: 'fen',
  ...over,
});

/** Eight fish that keep to their place in one way. */
export const group = (habit: Habit, over: Partial<SceneGroup> = {}): SceneGroup => ({
  key: habit,
  count: 8,
  fromCm: 4,
  toCm: 8,
  tall: 0.4,
  layers: [0.1, 0.7, 0.2],
  habit,
  ...over,
});
export const HABITS: readonly Habit[] = [
  'tight',
  'loose',
  'pair',
  'single',
  'bottom',
  'perch',
  'cave',
  'surface',
];
