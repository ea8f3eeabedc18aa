import oracle from '@/testing/fixtures/water.json';
import { ammoniaFraction } from './ammonia';
import { mixingRemaining } from './mixing';
import { oxygenSaturation, pressureAtm } from './oxygen';

const ammonia = oracle.ammonia.rows;
const oxygen = oracle.dissolved_oxygen.at_1_atm.rows;

describe('un-ionised ammonia', () => {
  it.each(ammonia)('pH %d at %d °C agrees with the formula evaluated elsewhere', (ph, t, _pKa, fraction) =>
    expect(ammoniaFraction(t, ph)).toBeCloseTo(fraction, 12),
  );
  it('Emerson et al. 1975: 0.0537 at 25 °C and pH 8', () =>
    expect(ammoniaFraction(25, 8)).toBeCloseTo(0.0537, 4));
});

describe('oxygen at saturation', () => {
  it.each(oxygen)('at %d °C', (t, value, independent, published) => {
    expect(oxygenSaturation(t)).toBeCloseTo(value, 9);
    // The printed table of Standard Methods 4500-O, and an independent fit: both within what they differ by.
    if (published !== null) expect(Math.abs(oxygenSaturation(t) - published)).toBeLessThan(0.002);
    expect(Math.abs(oxygenSaturation(t) - independent)).toBeLessThan(0.02);
  });
  it.each(oracle.dissolved_oxygen.at_pressure.rows)('at %d atm and %d °C', (atm, t, value) =>
    expect(oxygenSaturation(t, atm)).toBeCloseTo(value, 9),
  );
  it.each(oracle.dissolved_oxygen.at_altitude.rows)(
    'at %d m (%d atm) and %d °C, within what two atmospheres differ by',
    (altitude, _atm, t, value) =>
      expect(Math.abs(oxygenSaturation(t, pressureAtm(altitude)) - value)).toBeLessThan(0.002),
  );
  it('falls with height as the air does', () => {
    expect(pressureAtm(0)).toBe(1);
    // ISO 2533: 898.7 hPa at 1000 m, 794.9 hPa at 2000 m.
    expect(pressureAtm(1000) * 1013.25).toBeCloseTo(898.7, 0);
    expect(pressureAtm(2000) * 1013.25).toBeCloseTo(794.9, 0);
    expect(oxygenSaturation(25, pressureAtm(2000))).toBeLessThan(oxygenSaturation(25));
  });
});

describe('mixing', () => {
  it('F48, common practice: two rounds of as much water again leave a quarter to a third of the difference', () => {
    expect(mixingRemaining(10, 10, 2, true)).toBeCloseTo(1 / 4, 12);
    expect(mixingRemaining(10, 10, 2, false)).toBeCloseTo(1 / 3, 12);
  });
  it('leaves what the algebra leaves', () => {
    expect(mixingRemaining(10, 5, 2, false)).toBeCloseTo(0.5, 12);
    expect(mixingRemaining(10, 5, 2, true)).toBeCloseTo(4 / 9, 12);
    expect(mixingRemaining(10, 5, 0, true)).toBe(1);
  });
});
