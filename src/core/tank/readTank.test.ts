import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { readTank } from './readTank';

const METRIC = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' } as const;
const US = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' } as const;
const UK = { length: 'in', volume: 'impgal', temperature: 'C', hardness: 'dH' } as const;
const read = (text: string, units: Parameters<typeof readTank>[2] = METRIC) => {
  const reading = readTank(text, STANDARD_TANKS, units);
  return reading.ok
    ? reading.sizes.map(({ name, ...box }) => name || Object.values(box).join(' x '))
    : reading.why;
};

describe('what tank is meant', () => {
  it.each([
    ['75 gal', '75 US gal'],
    ['75', '75 US gal'],
    ['75g', '75 US gal'],
    ['40 breeder', '40 US gal breeder'],
    ['40 gallon breeder', '40 US gal breeder'],
    ['20 long', '20 US gal long'],
    ['55 US gal', '55 US gal'],
  ])('common practice: a US keeper’s %s is a %s', (text, name) => expect(read(text, US)[0]).toBe(name));
  it.each([
    ['120x40x50', '120 x 40 x 50'],
    ['120 x 40 x 50 cm', '120 x 40 x 50'],
    ['40 × 120 × 50', '120 x 40 x 50'],
    ['1,2 m by 40 cm by 500 mm', '120 x 40 x 50'],
  ])('%s is a box of %s cm', (text, box) => expect(read(text)).toEqual([box]));
  it('takes inches and feet', () => {
    expect(read('48x18x21', US)).toEqual(['121.92 x 45.72 x 53.34']);
    expect(read('4 ft x 18 in x 21 in')).toEqual(['121.92 x 45.72 x 53.34']);
    expect(read("4' x 2' x 2'")).toEqual(['121.92 x 60.96 x 60.96']);
  });
  it('offers all of a wall or of a volume, the nearest first', () => {
    expect(read('4 ft', US)).toEqual(
      expect.arrayContaining(['55 US gal', '75 US gal', '120 US gal', 'UK 4 ft']),
    );
    expect(read('4 ft', US)).not.toContain('125 US gal');
    expect(read('240 L')[0]).toBe('120 x 40 x 50 cm');
    expect(read('200')[0]).toBe('100 x 40 x 50 cm');
  });
  it('takes a UK keeper’s gallons as imperial: 55 of them are about 250 L, not 208', () => {
    expect(read('55 gal', UK)).not.toContain('55 US gal');
    expect(read('55 US gal', UK)[0]).toBe('55 US gal');
  });
  it.each([
    ['', 'empty'],
    ['a big one', 'not understood'],
    ['120 x 40', 'two measures'],
    ['120 x 40 x 50 x 60', 'not understood'],
    ['120 x 40 x 5000', 'not understood'],
    ['-75 gal', 'not understood'],
    ['9000 gal', 'no such size'],
    ['90 m', 'no such size'],
  ])('says what is wrong with "%s"', (text, why) => expect(read(text)).toBe(why));
});
