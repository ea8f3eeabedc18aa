import growth from '@/testing/fixtures/growth.json';
import { catalogue } from '@/testing/plans';
import { growthRate, lengthAt } from './lengthAt';
import { GROWTH_SPREAD, growthBand, lengthBand } from './growthBand';
import { lengthsByMonth } from './lengthsByMonth';
import { addMonths, monthsBetween } from '../kernel/time/months';
import { lengthAfterMonths, monthsUntilLength, speciesRate } from './speciesGrowth';

describe('lengthAt', () => {
  it('F50, common practice: 5.5 cm to 16.5 cm in a year toward 25 cm gives K of 0.83 a year', () => {
    expect(growthRate(25, 5.5, 16.5, 1)).toBeCloseTo(0.83, 2);
    expect(lengthAt(25, growthRate(25, 5.5, 16.5, 1), 5.5, 1)).toBeCloseTo(16.5, 9);
  });

  it.each(growth.curves.map((curve) => [curve.Linf, curve] as const))(
    'agrees with the closed form in R toward %d cm',
    (_final, curve) => {
      const start = curve.L[1]!;
      curve.t.slice(1).forEach((t, i) => {
        expect(lengthAt(curve.Linf, curve.K, start, t - curve.t[1]!)).toBeCloseTo(curve.L[i + 1]!, 8);
      });
    },
  );

  it('leaves a fish alone that is longer than its species', () => {
    expect(lengthAt(10, 1, 12, 3)).toBe(12);
  });
});

describe('growth of a species', () => {
  const angel = catalogue.byId.get('pterophyllum-scalare')!;
  it('reaches 95 % of its length in the months to grown', () => {
    expect(lengthAfterMonths(angel, angel.size.soldCm, angel.size.monthsToGrown)).toBeCloseTo(15 * 0.95, 6);
  });
  it('says the first whole month a length is reached', () => {
    const months = monthsUntilLength(angel, angel.size.soldCm, 7.5)!;
    expect(lengthAfterMonths(angel, angel.size.soldCm, months)).toBeGreaterThanOrEqual(7.5);
    expect(lengthAfterMonths(angel, angel.size.soldCm, months - 1)).toBeLessThan(7.5);
    expect(monthsUntilLength(angel, 9, 7.5)).toBe(0);
    expect(monthsUntilLength(angel, 9, 15)).toBeNull();
    expect(monthsUntilLength(angel, 7.5, 7.5)).toBe(0);
    // Within the horizon of ten years to the month, and not a month more.
    const slow = { ...angel, size: { ...angel.size, monthsToGrown: 60 } };
    const near = lengthAfterMonths(slow, slow.size.soldCm, 119.5);
    expect(monthsUntilLength(slow, slow.size.soldCm, near)).toBe(120);
    expect(
      monthsUntilLength(slow, slow.size.soldCm, lengthAfterMonths(slow, slow.size.soldCm, 120.5)),
    ).toBeNull();
  });
  it('takes a fish that is sold nearly grown for nine tenths of its length', () => {
    const grown = { ...angel, size: { ...angel.size, soldCm: 15 } };
    const nearly = { ...angel, size: { ...angel.size, soldCm: 13.5 } };
    expect(speciesRate(grown)).toBeCloseTo(speciesRate(nearly), 12);
  });
});

describe('lengthsByMonth', () => {
  it('walks once for one fish, to the horizon and no further', () => {
    const angel = catalogue.byId.get('pterophyllum-scalare')!;
    const lengths = lengthsByMonth(angel, 4.25);
    expect(lengths).toHaveLength(121);
    expect(lengthsByMonth(angel, 4.25)).toBe(lengths);
    // Of very many lengths the early ones are let go.
    for (let i = 0; i < 40; i += 1) lengthsByMonth(angel, 5 + i / 100);
    expect(lengthsByMonth(angel, 4.25)).not.toBe(lengths);
    expect(lengthsByMonth(angel, 4.25)).toEqual(lengths);
  });

  it('walks the same curve that lengthAfterMonths asks for', () => {
    for (const profile of catalogue.all) {
      for (const start of [profile.size.soldCm, profile.size.matureCm, 500]) {
        const lengths = lengthsByMonth(profile, start);
        const apart = [...lengths].map((length, month) =>
          Math.abs(length - lengthAfterMonths(profile, start, month)),
        );
        expect(Math.max(...apart)).toBeLessThan(1e-6);
      }
    }
  });
});

describe('months', () => {
  it('counts over the turn of a year', () => {
    expect(addMonths('2026-11', 3)).toBe('2027-02');
    expect(addMonths('2026-11-23', 13)).toBe('2027-12');
    expect(addMonths('2026-03', -4)).toBe('2025-11');
    expect(monthsBetween('2026-11', '2027-02')).toBe(3);
  });
});

describe('growthBand', () => {
  it('holds the month, and is as wide as faster and slower growth make it', () => {
    expect(growthBand('2026-11', '2027-09')).toEqual(['2027-06', '2028-02']);
    const angel = catalogue.byId.get('pterophyllum-scalare')!;
    // The same length reached with a rate that is 1.3 times or 0.7 times as high.
    const rate = speciesRate(angel);
    const months = (k: number) => (-Math.log((15 - 7.5) / (15 - 3.5)) / k) * 12;
    expect(months(rate) / months(rate * (1 + GROWTH_SPREAD))).toBeCloseTo(1 + GROWTH_SPREAD, 12);
  });
  it('gives lengths in order', () => {
    const angel = catalogue.byId.get('pterophyllum-scalare')!;
    const [least, most] = lengthBand((months) => lengthAfterMonths(angel, 3.5, months), 6);
    expect(least).toBeLessThan(lengthAfterMonths(angel, 3.5, 6));
    expect(most).toBeGreaterThan(lengthAfterMonths(angel, 3.5, 6));
  });
});
