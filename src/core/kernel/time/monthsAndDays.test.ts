import { addDays, daysBetween } from './days';
import { addMonths, monthOf, monthsBetween } from './months';

describe('months of the calendar', () => {
  it('are the first letters of a date', () => {
    expect(monthOf('2026-11-23')).toBe('2026-11');
    expect(monthOf('2026-11-23T10:00:00.000Z')).toBe('2026-11');
  });
  it.each([
    ['2026-11', 0, '2026-11'],
    ['2026-11', 1, '2026-12'],
    ['2026-11', 2, '2027-01'],
    ['2026-11', 14, '2028-01'],
    ['2027-01', -1, '2026-12'],
    ['2027-01-31', -13, '2025-12'],
    ['0999-12', 1, '1000-01'],
    ['0998-12', 1, '0999-01'],
  ])('%s and %d more: %s', (month, months, then) => {
    expect(addMonths(month, months)).toBe(then);
    expect(monthsBetween(month, then)).toBe(months);
    expect(monthsBetween(then, month)).toBe(0 - months);
  });
});

describe('days of the calendar', () => {
  it.each([
    ['2026-02-28', 1, '2026-03-01'],
    ['2028-02-28', 1, '2028-02-29'],
    ['2026-12-31', 1, '2027-01-01'],
    ['2027-01-01', -1, '2026-12-31'],
    ['2026-11-23', 0, '2026-11-23'],
    ['2026-11-23T23:59:00.000Z', 1, '2026-11-24'],
    ['2026-11-23', 365, '2027-11-23'],
  ])('%s and %d more: %s', (from, days, then) => expect(addDays(from, days)).toBe(then));
  it('are counted whole', () => {
    expect(daysBetween('2026-11-23', '2026-11-30')).toBe(7);
    expect(daysBetween('2026-11-23T12:00:00Z', '2026-11-24T11:59:00Z')).toBe(0);
    expect(daysBetween('2026-11-24', '2026-11-23')).toBe(-1);
  });
});
