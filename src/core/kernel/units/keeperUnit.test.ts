import { keeperUnit, keptUnit, type UnitChoice } from './keeperUnit';
import type { QuantityKind } from './units';

const METRIC: UnitChoice = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' };
const US: UnitChoice = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' };

describe('the unit in which a keeper reads', () => {
  it.each<[QuantityKind, string, string]>([
    ['length', 'cm', 'in'],
    ['volume', 'L', 'gal'],
    ['temperature', 'C', 'F'],
    ['hardness', 'dH', 'ppmCaCO3'],
    ['area', 'cm²', 'sq in'],
    ['mass', 'kg', 'lb'],
    ['flow', 'L/h', 'gph'],
    ['concentration', 'mg/L', 'ppm'],
    ['salinity', 'ppt', 'ppt'],
  ])('%s: %s, or %s in US units', (kind, metric, us) => {
    expect(keeperUnit(kind, METRIC)).toBe(metric);
    expect(keeperUnit(kind, US)).toBe(us);
  });
  it('goes by what he chose for each: inches beside liters, gallons beside centimeters', () => {
    const mixed = { ...METRIC, length: 'in' };
    expect([keeperUnit('area', mixed), keeperUnit('mass', mixed), keeperUnit('flow', mixed)]).toEqual([
      'sq in',
      'kg',
      'L/h',
    ]);
    const other = { ...METRIC, volume: 'gal' };
    expect([
      keeperUnit('area', other),
      keeperUnit('mass', other),
      keeperUnit('concentration', other),
    ]).toEqual(['cm²', 'lb', 'ppm']);
  });
  it('is known for what a file keeps', () => {
    expect(keptUnit('°C')).toMatchObject({ kind: 'temperature', label: '°C' });
    expect(keptUnit('cm')).toMatchObject({ kind: 'length', id: 'cm' });
  });
});
