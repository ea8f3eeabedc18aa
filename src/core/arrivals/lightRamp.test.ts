import { lightLevel, rampFor } from './lightRamp';

const NOW = '2026-05-01T18:00:00.000Z';
const after = (hours: number): number => Date.parse(NOW) + hours * 3_600_000;

describe('the simulated light timer', () => {
  it('keeps the first night dark and raises the light within an hour', () => {
    const ramp = rampFor('plain', NOW);
    expect([-1, 1, 11.9, 12.5, 13, 40].map((hours) => lightLevel(ramp, after(hours)))).toEqual([
      1, 0, 0, 0.5, 1, 1,
    ]);
  });
  it('F85, common practice: leaves those that panic in the dark for two to three days', () => {
    const ramp = rampFor('skittish', NOW);
    expect(lightLevel(ramp, after(48))).toBe(0);
    expect(lightLevel(ramp, after(66))).toBeCloseTo(0.5, 6);
    expect(lightLevel(ramp, after(72))).toBe(1);
  });
});
