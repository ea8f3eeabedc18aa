import fc from 'fast-check';
import { METRIC, quantitiesIn } from '@/words/en';
import { cellsIn } from '@/words/en/speciesFields';
import { US } from '@/words/en/quantities';
import { catalogue } from '@/testing/plans';
import { validate } from '../kernel';
import { speciesSchema } from '../model';
import { choicesOf, profileCells, profileFromCells, speciesColumns } from './speciesCells';

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

  it('are written as files have them: ranges, lists, truths, and nothing for nothing', () => {
    const odd = {
      ...neon,
      notes: 'a note',
      company: { ...neon.company, badNumbers: [2, 3], longFins: true, finNipping: 0 as const },
      tank: { ...neon.tank, cautious: { ...neon.tank.cautious, litres: null } },
    };
    expect(profileCells(odd)).toMatchObject({
      'water.tankBred.temperatureC': neon.water.tankBred.temperatureC.join(' - '),
      commonNames: neon.commonNames.join('; '),
      'company.badNumbers': '2; 3',
      'company.longFins': 'true',
      'company.finNipping': '0',
      'tank.cautious.litres': '',
      'look.dress': '',
      notes: 'a note',
    });
    expect(Object.keys(profileCells(odd)).filter((path) => /contested|badWith/.test(path))).toEqual([]);
  });
  it('have the dress with the rest of the look', () => {
    const columns = speciesColumns(neon);
    const at = columns.indexOf('look.dress');
    expect(columns[at - 1]).toMatch(/^look\./);
    expect(columns.slice(at + 1).filter((path) => path.startsWith('look.'))).toEqual([]);
    expect(columns.filter((path) => path === 'look.dress')).toHaveLength(1);
  });

  const HOT = 'water.tankBred.temperatureC';
  it.each([
    ['20 - 26', [20, 26]],
    ['20-26', [20, 26]],
    ['20–26', [20, 26]],
    ['20  –  26', [20, 26]],
    ['20   to   26', [20, 26]],
    ['20.5 - 26,5', [20.5, 26.5]],
    ['68 - 78.8 F', [20, 26]],
    ['68 °F - 26 °C', [20, 26]],
    ['68F-78.8F', [20, 26]],
  ])('take the range "%s"', (text, [low, high]) => {
    const read = profileFromCells(
      { [HOT]: text },
      {
        ...like,
        base: { ...neon, water: { ...neon.water, wild: { ...neon.water.wild, temperatureC: [22, 24] } } },
      },
    );
    expect(read.ok && read.value.water.tankBred.temperatureC.map((one) => Number(one.toFixed(2)))).toEqual([
      low,
      high,
    ]);
  });
  it.each(['20', '20 - 22 - 26', 'warm', '26 - 20', '20 - warm', ' '])('refuse the range "%s"', (text) =>
    expect(profileFromCells({ [HOT]: text }, like).ok).toBe(false),
  );
  it('take plain ranges and numbers with a comma', () => {
    const read = profileFromCells(
      { 'water.tankBred.ph': '4,5 - 8', 'size.depthRatio': '0,25', 'size.lifeYears': '3 to 9' },
      like,
    );
    expect(
      read.ok && [read.value.water.tankBred.ph, read.value.size.depthRatio, read.value.size.lifeYears],
    ).toEqual([[4.5, 8], 0.25, [3, 9]]);
    expect(profileFromCells({ 'size.depthRatio': ' ' }, like).ok).toBe(false);
    expect(profileFromCells({ 'size.depthRatio': '0.25.3' }, like).ok).toBe(false);
  });
  it.each([
    ['true', true],
    ['YES', true],
    ['1', true],
    ['false', false],
    ['No', false],
    ['0', false],
  ])('take the truth "%s"', (text, truth) => {
    const read = profileFromCells({ 'company.longFins': text }, like);
    expect(read.ok && read.value.company.longFins).toBe(truth);
  });
  it.each(['untrue', 'yesterday', '10', 'nonsense', 'piano', '100'])('refuse the truth "%s"', (text) =>
    expect(profileFromCells({ 'company.longFins': text }, like)).toMatchObject({
      ok: false,
      faults: [{ path: 'company.longFins', received: { text: `"${text}"` } }],
    }),
  );
  it('say nothing where they are empty and keep what is there; otherwise they say "none"', () => {
    const noted = { ...like, base: { ...neon, notes: 'kept' } };
    const read = (keepEmpty: boolean) =>
      profileFromCells({ notes: ' ', 'company.badNumbers': '' }, { ...noted, keepEmpty });
    expect([read(true), read(false)].map((one) => one.ok && one.value.notes.trim())).toEqual(['kept', '']);
    const unsaid = profileFromCells({ 'tank.cautious.litres': ' ' }, like);
    expect(unsaid.ok && unsaid.value.tank.cautious.litres).toBeNull();
  });
  it('tell °F from °C by what no fish lives in, at temperatures alone, and not where it is written', () => {
    const expectedAt = (
      path: string,
      text: string,
      units = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' } as const,
    ) => {
      const read = profileFromCells({ [path]: text }, { ...like, units });
      return read.ok ? null : read.faults.find((fault) => fault.path === path)?.expected.is;
    };
    expect(expectedAt(HOT, '30 - 68.5')).toBe('quantity');
    expect(expectedAt(HOT, '45 - 30')).not.toBe('quantity');
    expect(expectedAt(HOT, '45.1 - 30')).toBe('quantity');
    expect(expectedAt(HOT, '166 - 180 F')).not.toBe('quantity');
    expect(expectedAt('water.tankBred.ghDh', '90 - 66')).not.toBe('quantity');
    expect(
      expectedAt(HOT, '266 - 280', { length: 'cm', volume: 'L', temperature: 'F', hardness: 'dH' } as never),
    ).not.toBe('quantity');
  });

  it('know the words to choose from', () => {
    expect(choicesOf('mouth.eatsFish')).toEqual(['no', 'fry', 'small', 'any']);
    expect(choicesOf('size.maleCm')).toBeNull();
    expect(choicesOf('commonNames')).toBeNull();
  });
});
