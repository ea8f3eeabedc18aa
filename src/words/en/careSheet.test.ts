import { careSheet } from '@/core/assess';
import { assess } from '@/core/assess';
import type { PlanFile } from '@/core/model';
import { catalogue } from '@/testing/plans';
import { careFood, careHow, careParts } from './careSheet';
import { METRIC, quantitiesIn, US } from './quantities';

const plan = {
  format: 'lomvik-plan',
  version: 1,
  tank: { lengthCm: 120, widthCm: 45, heightCm: 50 },
  water: { temperatureC: 25 },
  routine: { changeFraction: 0.3, everyDays: 7, mealsPerDay: 2 },
  groups: [
    { species: 'pangio-kuhlii', count: 8 },
    { species: 'betta-splendens', count: 2 },
  ],
} as unknown as PlanFile;
const { context } = assess(plan, catalogue, '2026-11-29');
const sheet = careSheet(
  context.planned.map(({ profile, count, largestCm }) => ({
    profile,
    count,
    lengthCm: largestCm,
    planned: false,
  })),
  context,
);
const linesOf = (title: string, units = METRIC): string =>
  careParts(sheet, quantitiesIn(units))
    .find((part) => part.title === title)
    ?.lines.join(' ') ?? '';

describe('the care sheet in words', () => {
  it('says what, where and when', () => {
    const loach = sheet.fed.find(({ profile }) => profile.id === 'pangio-kuhlii')!;
    expect(careFood(loach)).toMatch(/small animals/);
    expect(careHow(loach)).toBe('on the bottom, after lights out, slow: see that it gets its share');
  });
  it('gives figures in the units of the keeper', () => {
    expect(linesOf('Each day')).toContain('25 °C');
    expect(linesOf('Each day', US)).toContain('77 °F');
    expect(linesOf('Meals')).toContain('twice a day');
    expect(linesOf('Leave alone')).toContain('30% every 7 days');
  });
  it('carries the cautions of hands, plugs and siphons where they arise', () => {
    expect(linesOf('Hands and plugs')).toMatch(/Unplug heater and pumps before/);
    expect(linesOf('Leave alone')).toMatch(/never start a siphon by mouth/);
    expect(linesOf('Call the keeper when')).toMatch(/bettas kill their own/);
  });
});
