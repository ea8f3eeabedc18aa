import fc from 'fast-check';
import { isDay, isMoment } from './calendar';

describe('days and moments', () => {
  it('takes every day that there is, and its neighbours only when they are days', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 109_000 }), (n) => {
        const day = new Date(Date.UTC(1900, 0, 1) + n * 86_400_000).toISOString().slice(0, 10);
        expect(isDay(day)).toBe(true);
        expect(isMoment(`${day}T23:59:59.999Z`)).toBe(true);
      }),
    );
  });
  it.each([
    '2026-02-29',
    '2026-02-30',
    '2100-02-29',
    '2026-13-01',
    '2026-00-10',
    '2026-04-31',
    '9999-01-01',
    '1899-12-31',
    '2026-1-1',
    '',
  ])('refuses the day %j', (text) => expect(isDay(text)).toBe(false));
  it('takes the leap days of 2000, 2024 and 2028', () =>
    expect(['2000-02-29', '2024-02-29', '2028-02-29'].map(isDay)).toEqual([true, true, true]));
  it.each([
    '2026-01-01T99:99',
    '2026-01-01T24:00:00Z',
    '2026-01-01T10:60',
    '2026-13-45T10:00',
    '2026-01-01T10:00 x',
    '2026-01-01',
    '2026-01-01T10:00:00+02:00',
  ])('refuses the moment %j', (text) => expect(isMoment(text)).toBe(false));
});
