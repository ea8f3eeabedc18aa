import { daysIn, whenIn } from './when';

describe('the day of a moment', () => {
  it.each([
    // 07:00 in Sydney is still the evening before in Coordinated Universal Time.
    ['Australia/Sydney', '2026-11-27T20:00:00.000Z', '2026-11-28'],
    // 22:00 in New York is already tomorrow there.
    ['America/New_York', '2026-11-28T03:00:00.000Z', '2026-11-27'],
    ['Europe/Oslo', '2026-03-29T00:30:00.000Z', '2026-03-29'],
    ['Europe/Oslo', '2026-10-24T22:30:00.000Z', '2026-10-25'],
    ['UTC', '2026-11-28T03:00:00.000Z', '2026-11-28'],
  ])('in %s, %s falls on %s', (zone, moment, day) => expect(daysIn(zone)(moment)).toBe(day));
  it('leaves a day as it is', () => expect(daysIn('Australia/Sydney')('2026-11-28')).toBe('2026-11-28'));
  it('does not know a zone that is not there', () =>
    expect(() => daysIn('Europe/Atlantis')).toThrow(RangeError));
});

describe('days since', () => {
  it.each([
    // The clock goes forward on 29 March 2026 and back on 25 October 2026 in Oslo: those days have 23 and 25 hours.
    ['Europe/Oslo', '2026-03-30T05:00:00.000Z', '2026-03-28T22:30:00.000Z', 2],
    ['Europe/Oslo', '2026-10-26T05:00:00.000Z', '2026-10-24T21:30:00.000Z', 2],
    ['Europe/Oslo', '2026-10-25T01:30:00.000Z', '2026-10-25T00:30:00.000Z', 0],
    ['America/New_York', '2026-03-09T02:00:00.000Z', '2026-03-07T13:00:00.000Z', 1],
    ['Australia/Sydney', '2026-04-05T20:00:00.000Z', '2026-04-04T12:00:00.000Z', 2],
  ])('count the keeper’s days in %s from %s back to %s', (zone, now, moment, days) =>
    expect(whenIn(now, zone).daysSince(moment)).toBe(days),
  );
  it('are negative for what is still to come', () =>
    expect(whenIn('2026-11-28T03:00:00.000Z', 'America/New_York').daysSince('2026-12-01')).toBe(-4));
});
