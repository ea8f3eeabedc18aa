import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import { assess } from './assess';
import { buildContext } from './buildContext';
import { careSheet, type CaredFor } from './careSheet';
import { adultLengthCm, type PlanFile, SHY, type SpeciesProfile } from '../model';

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

  /** A made-up fish of one trait, beside a calm one without any. */
  const calm = { nightActive: false, shyness: 1, jumps: 'no', mealSpeed: 2 } as const;
  const odd = (habits: Partial<SpeciesProfile['habits']>, id = 'odd'): CaredFor => {
    const { profile } = line('corydoras-aeneus', 1, 6);
    return {
      ...line('corydoras-aeneus', 1, 6),
      profile: { ...profile, id, habits: { ...profile.habits, ...calm, ...habits } },
    };
  };
  const sheet = (lines: readonly CaredFor[]) =>
    careSheet(lines, buildContext(plan(TANKS.us75, []), catalogue, TODAY).context);
  it.each<[string, Partial<SpeciesProfile['habits']>, boolean]>([
    ['one that wakes at night', { nightActive: true }, true],
    ['a shy one', { shyness: SHY }, true],
    ['a very shy one by day', { shyness: 3 }, true],
    ['a bold one by day', {}, false],
  ])('knows who is not seen by day: %s', (_who, habits, hides) =>
    expect(sheet([odd({}, 'calm'), odd(habits)]).hide.map(({ id }) => id)).toEqual(hides ? ['odd'] : []),
  );
  it('knows who jumps and who eats after the others', () => {
    const { jump, fed } = sheet([
      odd({}, 'calm'),
      odd({ jumps: 'seldom' }, 'leaper'),
      odd({ mealSpeed: 1 }, 'slow'),
    ]);
    expect(jump.map(({ id }) => id)).toEqual(['leaper']);
    expect(fed.map(({ slow }) => slow)).toEqual([false, false, true]);
  });
  it('takes a fish for young below half its grown length, and a group by its youngest', () => {
    const cory = line('corydoras-aeneus', 1, 6).profile;
    const half = adultLengthCm(cory) / 2;
    const young = (...lengths: number[]) =>
      sheet(lengths.map((cm) => line('corydoras-aeneus', 1, cm))).fed[0]?.young;
    expect([young(half - 0.01), young(half), young(half - 0.01, 2 * half)]).toEqual([true, false, true]);
    expect(young(2 * half, half - 0.01)).toBe(true);
    const shrimp = catalogue.all.find(({ life }) => life !== 'fish')!;
    expect(sheet([line(shrimp.id, 5, 0.3)]).fed[0]?.young).toBe(false);
  });
  it('tells who stings apart from who has spines alone', () => {
    const handled = (id: string, handling: Partial<SpeciesProfile['handling']>): CaredFor => {
      const one = odd({}, id);
      return {
        ...one,
        profile: {
          ...one.profile,
          handling: { ...one.profile.handling, sting: false, spines: false, ...handling },
        },
      };
    };
    const { sting, spines } = sheet([
      handled('plain', {}),
      handled('ray', { sting: true, spines: true }),
      handled('loach', { spines: true }),
    ]);
    expect([sting, spines].map((of) => of.map(({ id }) => id))).toEqual([['ray'], ['loach']]);
  });
});
