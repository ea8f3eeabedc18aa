import { catalogue } from '@/testing/plans';
import { assess } from './assess';
import { careSheet, type CaredFor } from './careSheet';
import type { PlanFile } from '../model';

const line = (id: string, count: number, lengthCm: number, planned = false): CaredFor => {
  const profile = catalogue.byId.get(id);
  if (!profile) throw new Error(`no ${id}`);
  return { profile, count, lengthCm: lengthCm, planned };
};
const sheetOf = (lines: readonly CaredFor[], more: Partial<PlanFile> = {}) =>
  careSheet(
    lines,
    assess(
      {
        format: 'lomvik-plan',
        version: 1,
        tank: { lengthCm: 120, widthCm: 45, heightCm: 50 },
        groups: lines.map(({ profile, count }) => ({ species: profile.id, count })),
        ...more,
      },
      catalogue,
      '2026-11-29',
    ).context,
  );

describe('careSheet', () => {
  it('takes lines of one species together, and keeps what is only planned apart', () => {
    const { fed } = sheetOf([
      line('corydoras-aeneus', 3, 6),
      line('corydoras-aeneus', 4, 6),
      line('corydoras-aeneus', 2, 6, true),
    ]);
    expect(fed.map(({ count, planned }) => [count, planned])).toEqual([
      [7, false],
      [2, true],
    ]);
  });
  // Common practice: catfish of the bottom eat in the dark, young fish need food each day.
  it('knows where, when and how urgently each is fed', () => {
    const { fed } = sheetOf([line('pterophyllum-scalare', 4, 3), line('pangio-kuhlii', 8, 9)]);
    expect(fed[0]).toMatchObject({ takesFood: 'middle', afterDark: false, young: true });
    expect(fed[1]).toMatchObject({ takesFood: 'bottom', afterDark: true, young: false });
  });
  it('says only what the keeper said of the tank', () => {
    const lines = [line('corydoras-aeneus', 7, 6)];
    expect(sheetOf(lines)).toMatchObject({
      mealsPerDay: null,
      temperatureC: null,
      change: null,
      lightHours: null,
    });
    expect(
      sheetOf(lines, {
        tank: { lengthCm: 120, widthCm: 45, heightCm: 50, lightHours: 9 },
        water: { temperatureC: 25 },
        routine: { mealsPerDay: 1, changeFraction: 0.3, everyDays: 10 },
      }),
    ).toMatchObject({
      mealsPerDay: 1,
      temperatureC: 25,
      change: { fraction: 0.3, everyDays: 10 },
      lightHours: 9,
    });
  });
  it('warns of spines and stings, and of several that may kill one another', () => {
    const fish = (bettas: number) => [line('pangio-kuhlii', 8, 9), line('betta-splendens', bettas, 6)];
    expect(sheetOf(fish(1)).drive).toEqual([]);
    const { spines, sting, drive } = sheetOf(fish(2));
    expect([...spines, ...sting].map(({ id }) => id)).toEqual(['pangio-kuhlii']);
    expect(drive.map(({ id }) => id)).toEqual(['betta-splendens']);
  });
});
