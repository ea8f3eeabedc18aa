import type { TankId } from '../kernel/schema/ids';
import { doubtOf, lastWatchedOn, NOBODY, type Presence } from './presence';
import type { Watching } from './watch';

const at = (minute: number): string =>
  new Date(Date.parse('2026-05-01T10:00:00.000Z') + minute * 60_000).toISOString();
const watching: Watching = {
  tank: 'T' as TankId,
  watch: 'w',
  startedOn: at(0),
  countedSeconds: 0,
  runningSince: at(0),
};
const there = (seen: number, touched: number | null = null, confirmed: number | null = null): Presence => ({
  seenOn: at(seen),
  touchedOn: touched === null ? null : at(touched),
  confirmedOn: confirmed === null ? null : at(confirmed),
});

describe('a watch that nobody ends', () => {
  it('asks nothing while its screen is in view, for three quarters of an hour', () => {
    expect(doubtOf(watching, there(40), null, at(40))).toBeNull();
    expect(doubtOf(watching, there(46), null, at(46))).toBe('long');
    expect(doubtOf(watching, there(46, null, 44), null, at(46))).toBeNull();
  });
  it('asks when its screen was out of sight for more than five minutes', () => {
    expect(doubtOf(watching, there(12), null, at(16))).toBeNull();
    expect(doubtOf(watching, there(12), null, at(18))).toBe('unseen');
    // What was logged shows that somebody was there.
    expect(doubtOf(watching, there(12), at(15), at(18))).toBeNull();
    expect(doubtOf(watching, NOBODY, null, at(6))).toBe('unseen');
  });
  it('asks nothing while the clock stands', () =>
    expect(doubtOf({ ...watching, runningSince: null }, NOBODY, null, at(600))).toBeNull());
  it('ended when its screen was left, or at what was logged after', () => {
    expect(lastWatchedOn(watching, there(12, 3), at(2))).toBe(at(12));
    expect(lastWatchedOn(watching, there(12, 3), at(14))).toBe(at(14));
  });
  it('ended at the last touch where the screen lay open for hours: no 1,440 quiet minutes', () => {
    expect(lastWatchedOn(watching, there(1440, 7), at(6))).toBe(at(7));
    expect(lastWatchedOn(watching, there(1440), null)).toBe(at(0));
    expect(lastWatchedOn(watching, there(1440, 60, 44), at(6))).toBe(at(60));
  });
});
