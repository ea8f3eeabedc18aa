import type { TankId } from '@/core/kernel/schema/ids';
import { clockFace, paused, resumed, watchedSeconds } from './watching';

const start = Date.parse('2026-05-01T10:00:00.000Z');
const watching = {
  tank: 'T' as TankId,
  watch: 'w',
  startedOn: '2026-05-01T10:00:00.000Z',
  countedSeconds: 0,
  runningSince: '2026-05-01T10:00:00.000Z',
};

describe('the clock of a watch', () => {
  it('counts while it runs, stands while it is paused, and goes on where it stood', () => {
    expect(watchedSeconds(watching, start + 90_000)).toBe(90);
    const rest = paused(watching, start + 90_000);
    expect(watchedSeconds(rest, start + 900_000)).toBe(90);
    expect(watchedSeconds(resumed(rest, '2026-05-01T11:00:00.000Z'), start + 3_600_000 + 30_000)).toBe(120);
  });
  it('never runs backward when the system clock does', () =>
    expect(watchedSeconds(watching, start - 5000)).toBe(0));
  it('shows minutes and seconds', () =>
    expect([0, 59.9, 60, 754].map(clockFace)).toEqual(['0:00', '0:59', '1:00', '12:34']));
});
