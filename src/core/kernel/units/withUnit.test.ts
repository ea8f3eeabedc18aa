import { unitById } from './units';
import { withUnit } from './withUnit';

describe('what was typed, with its unit', () => {
  it.each([
    [' 21 1/4 ', 'in', '21 1/4 in'],
    ['12.', 'cm', '12. cm'],
    ['12,', 'cm', '12, cm'],
    [' 8.5 in ', 'cm', '8.5 in'],
    ['2 ft', 'cm', '2 ft'],
    ['', 'cm', ''],
  ])('%j read in %s is %j', (typed, unit, text) => expect(withUnit(typed, 'length', unit)).toBe(text));
});

describe('a unit of a kind', () => {
  it('is found by its name, and only among its kind', () => {
    expect(unitById('concentration', 'mg/L')).toMatchObject({ kind: 'concentration', label: 'mg/L' });
    expect(() => unitById('length', 'mg/L')).toThrow('No unit "mg/L" of kind length');
  });
});
