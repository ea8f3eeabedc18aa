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
    ['75 GAL.', '75 US gal'],
    [' 75 gallon tank ', '75 US gal'],
  ])('a US keeper’s "%s" is a %s', (text, name) => expect(read(text, US)[0]).toBe(name));
  it('takes a trade size for one only where the keeper measures in its gallons', () => {
    expect(read('75', METRIC)[0]).not.toBe('75 US gal');
    expect(read('75 imp gal', US)[0]).not.toBe('75 US gal');
    expect(read('75 gallons', UK)).not.toContain('75 US gal');
    expect(read('75 gal', METRIC)[0]).toBe('75 US gal');
    expect(read('UK 4 ft', UK)).toContain('UK 4 ft');
  });
  it('names each size once, the one that was named first', () => {
    const found = read('75 gal', US);
    expect(new Set(found).size).toBe(found.length);
    expect(found.length).toBeGreaterThan(1);
  });
  it('offers all sizes with a word in their name', () => {
    const found = read('breeder', US);
    expect(found.length).toBeGreaterThan(0);
    for (const name of found) expect(name).toMatch(/breeder/);
  });
  it('takes a unit at the end for all that have none, and each its own otherwise', () => {
    expect(read('48 x 18 x 21 in', METRIC)).toEqual(['121.92 x 45.72 x 53.34']);
    expect(read('120 cm x 40 x 20 in', METRIC)).toEqual(['120 x 101.6 x 50.8']);
    expect(read('1200 x 400 x 500 mm', US)).toEqual(['120 x 40 x 50']);
    expect(read('120x40x50 ', METRIC)).toEqual(['120 x 40 x 50']);
  });
  it('takes boxes from 10 cm to 10 m', () => {
    expect(read('10 x 10 x 10')).toEqual(['10 x 10 x 10']);
    expect(read('1000 x 1000 x 1000')).toEqual(['1000 x 1000 x 1000']);
    expect(read('9.9 x 10 x 10')).toBe('not understood');
    expect(read('1000.1 x 10 x 10')).toBe('not understood');
  });
  it.each([
    ['0', 'no such size'],
    ['?', 'not understood'],
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
