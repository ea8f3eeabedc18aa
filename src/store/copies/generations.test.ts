import fc from 'fast-check';
import { addDays, daysBetween } from '@/core/kernel';
import { copiesToDrop } from './generations';

const daily = (from: string, count: number): readonly string[] =>
  Array.from({ length: count }, (_, i) => addDays(from, i));

/** What is left of daily copies that were thinned every day, as it happens. */
function thinned(from: string, count: number): readonly string[] {
  let left: readonly string[] = [];
  for (const day of daily(from, count)) {
    const all = [...left, day];
    const drop = new Set(copiesToDrop(all, day));
    left = all.filter((one) => !drop.has(one));
  }
  return left;
}

describe('copies of many days', () => {
  it('keeps the last week day by day', () => {
    expect(copiesToDrop(daily('2026-11-01', 7), '2026-11-07')).toEqual([]);
    expect(thinned('2026-01-01', 300).slice(-7)).toEqual(daily(addDays('2026-01-01', 293), 7));
  });

  it('reaches back a year, thinner the further back', () => {
    const left = thinned('2024-01-01', 800);
    const today = addDays('2024-01-01', 799);
    const ages = left.map((day) => daysBetween(day, today));
    expect(left.length).toBeLessThanOrEqual(7 + 4 + 12);
    expect(Math.max(...ages)).toBeGreaterThan(300);
    // No hole of more than a fortnight in the last five weeks, nor of more than two months before.
    for (const [i, age] of ages.entries()) {
      const next = ages[i + 1] ?? 0;
      expect(age - next).toBeLessThanOrEqual(age <= 35 ? 14 : 62);
    }
  });

  it('never drops the newest, today’s, or what a wrong clock dated ahead', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 0, max: 900 }), { minLength: 1, maxLength: 80 }),
        fc.integer({ min: 0, max: 900 }),
        (offsets, now) => {
          const days = offsets.map((offset) => addDays('2024-02-27', offset));
          const today = addDays('2024-02-27', now);
          const drop = copiesToDrop(days, today);
          const newest = [...days].sort().at(-1) as string;
          expect(drop).not.toContain(newest);
          for (const day of drop) expect(day < today).toBe(true);
          // The same asked again drops nothing more.
          const left = days.filter((day) => !drop.includes(day));
          expect(copiesToDrop(left, today)).toEqual([]);
        },
      ),
    );
  });
});
