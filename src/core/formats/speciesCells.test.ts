import fc from 'fast-check';
import { METRIC, quantitiesIn } from '@/words/en';
import { cellsIn } from '@/words/en/speciesFields';
import { US } from '@/words/en/quantities';
import { catalogue } from '@/testing/plans';
import { validate } from '../kernel';
import { speciesSchema } from '../model';
import { choicesOf, profileCells, profileFromCells } from './speciesCells';

const neon = catalogue.byId.get('paracheirodon-innesi')!;
const like = { base: neon, model: neon, catalogue };
const UNITS = [METRIC, US] as const;

describe('cells of a profile', () => {
  it('stay what they are where nothing is typed', () =>
    expect(profileFromCells({}, like)).toEqual({ ok: true, value: neon }));

  it.each([
    ['2,5', METRIC, 2.5],
    ['1', US, 2.54],
    ['25 mm', US, 2.5],
    ['1 1/2 in', METRIC, 3.81],
  ])('take the length "%s"', (text, units, cm) => {
    const read = profileFromCells({ 'size.femaleCm': text }, { ...like, units });
    expect(read.ok && read.value.size.femaleCm).toBeCloseTo(cm, 3);
  });

  it.each(['many', '3 lb', '-2', ''])('refuse the length "%s" at its path', (text) =>
    expect(profileFromCells({ 'size.femaleCm': text }, { ...like, units: US })).toMatchObject({
      ok: false,
      faults: [{ path: 'size.femaleCm' }],
    }),
  );

  it('tell °F from °C only where bare numbers are °C', () => {
    const warm = { 'water.tankBred.temperatureC': '66 - 80' };
    expect(profileFromCells(warm, like)).toMatchObject({
      faults: [{ expected: { is: 'quantity', kind: 'temperature range' } }],
    });
    expect(profileFromCells(warm, { ...like, units: US }).ok).toBe(true);
  });

  it('are given back as they were read, whatever the units, within what they are rounded to', () =>
    fc.assert(
      fc.property(fc.constantFrom(...catalogue.all), fc.constantFrom(...UNITS), (profile, units) => {
        const cells = profileCells(profile, cellsIn(quantitiesIn(units)));
        const read = profileFromCells(cells, { base: profile, model: profile, catalogue, units });
        // Rounding may bring a bound a hair over another one; each cell is read all the same.
        if (!read.ok)
          return expect(read.faults.every(({ expected }) => 'than' in expected || 'of' in expected)).toBe(
            true,
          );
        expect(validate(speciesSchema, read.value).ok).toBe(true);
        expect(profileCells(read.value, cellsIn(quantitiesIn(units)))).toEqual(cells);
      }),
      { numRuns: 60 },
    ));

  it('know the words to choose from', () => {
    expect(choicesOf('mouth.eatsFish')).toEqual(['no', 'fry', 'small', 'any']);
    expect(choicesOf('size.maleCm')).toBeNull();
    expect(choicesOf('commonNames')).toBeNull();
  });
});
