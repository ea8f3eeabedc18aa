import { probeReading, warmthAlarm } from './probe';

const setting = { temperatureC: 25, ph: 7, tdsPpm: 180, roomC: 18, heaterFailsAt: null };
const readings = (heaterFailsAt: number | null, until: number) =>
  Array.from({ length: until / 10 + 1 }, (_, i) => probeReading({ ...setting, heaterFailsAt }, i * 10));

describe('the simulated probe', () => {
  it('stays quiet for a day with a working heater', () =>
    expect(warmthAlarm(readings(null, 1440), 25)).toBeNull());
  it('catches a heater that failed within hours, by the fall and then by the distance', () => {
    expect(warmthAlarm(readings(100, 200), 25)).toMatchObject({ says: 'falling' });
    expect(warmthAlarm(readings(100, 600), 25)).toMatchObject({ says: 'off', targetC: 25 });
  });
  it('drifts in pH as probes do, and says nothing before the first reading', () => {
    expect(readings(null, 1440).at(-1)!.ph).toBeCloseTo(7.03, 2);
    expect(warmthAlarm([], 25)).toBeNull();
  });
});
