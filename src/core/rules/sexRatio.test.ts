import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanFile, PlanGroup } from '../model';

/** Each decision about males and females, tried with a species that is made up: a harem of two females for a male that only spar. */
const ROUGH = { male: 2, female: 1 } as const;
const DEADLY = { male: 3, female: 1 } as const;

function found(
  company: Made['company'],
  group: Partial<PlanGroup>,
  base = 'paracheirodon-innesi',
  more: Partial<PlanFile> = {},
) {
  const one = madeUp(base, 'made-up', {
    company: {
      mode: 'harem',
      pairs: 'scatters',
      femalesPerMale: 2,
      smallestGroup: 3,
      comfortableGroup: 6,
      spreadFrom: null,
      sexesTold: 'adult',
      ownKind: { male: 1, female: 0 },
      groundCm2: null,
      ...company,
    },
  });
  return findingsAmong(
    'sex-ratio',
    [one],
    [{ species: 'made-up', ...group }],
    { lengthCm: 200, widthCm: 60, heightCm: 60 },
    more,
  );
}
const says = (...asked: Parameters<typeof found>) =>
  found(...asked).map(({ severity, fact }) => `${severity} ${fact.says}`);
const sexed = (males: number, females: number): Partial<PlanGroup> => ({
  count: males + females,
  males,
  females,
});
const MBUNA = 'labidochromis-caeruleus';
const PEACOCK = 'aulonocara-baenschi';

describe('two males', () => {
  it('watch only each other: said whole', () =>
    expect(found({ ownKind: ROUGH }, sexed(2, 3))).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['made-up'],
        fact: { says: 'sexes/two males', males: 2, shape: 'harem' },
        because: { males: 2, females: 3 },
        fixes: [{ edit: { kind: 'set-sexes', species: 'made-up', males: 1, females: 4 } }],
      }),
    ]));
  it.each<[string, Made['company'], Partial<PlanGroup>, string, readonly string[]]>([
    ['that spar', {}, sexed(2, 3), '', ['caution sexes/two males']],
    ['that are rough, a harem for each', { ownKind: ROUGH }, sexed(2, 4), '', ['caution sexes/two males']],
    ['that kill', { ownKind: DEADLY }, sexed(2, 9), '', ['stop sexes/two males']],
    ['three that kill', { ownKind: DEADLY }, sexed(3, 9), '', ['stop sexes/two males']],
    [
      'that kill where many spread it',
      { ownKind: DEADLY, spreadFrom: 9 },
      sexed(3, 9),
      '',
      ['good sexes/good'],
    ],
    [
      'two that kill where many spread it',
      { ownKind: DEADLY, spreadFrom: 9 },
      sexed(2, 9),
      '',
      ['stop sexes/two males'],
    ],
    ['three that spar', {}, sexed(3, 6), '', ['good sexes/good']],
    ['of a shoal that spars', { mode: 'shoal' }, sexed(2, 4), '', ['good sexes/good']],
    ['of a rough shoal', { mode: 'shoal', ownKind: ROUGH }, sexed(2, 3), '', ['stop sexes/two males']],
    ['of livebearers with females for both', { pairs: 'livebears' }, sexed(2, 4), '', ['good sexes/good']],
    ['of livebearers with too few', { pairs: 'livebears' }, sexed(2, 3), '', ['caution sexes/two males']],
    ['that display side by side', { ownKind: ROUGH }, sexed(2, 3), PEACOCK, ['caution sexes/two males']],
  ])('%s', (_what, company, group, base, expected) =>
    expect(says(company, group, base === '' ? undefined : base)).toEqual(expected),
  );
  it('of rock dwellers have two ways out', () =>
    expect(found({}, sexed(2, 3), MBUNA)).toMatchObject([
      { fact: { shape: 'diluting' }, fixes: [{}, { advice: { does: 'three males' } }] },
    ]));
  it.each<[string, Made['company'], string, string]>([
    ['killers', { ownKind: DEADLY }, 'paracheirodon-innesi', 'killers'],
    ['males side by side', {}, PEACOCK, 'lek'],
    ['others', { mode: 'shoal', ownKind: ROUGH }, 'paracheirodon-innesi', 'other'],
  ])('are told as %s', (_what, company, base, shape) =>
    expect(found(company, sexed(2, 3), base)[0]?.fact).toMatchObject({ shape }),
  );
});

describe('females', () => {
  it('too few are said whole', () =>
    expect(found({ ownKind: ROUGH, femalesPerMale: 1.5 }, sexed(1, 1))).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['made-up'],
        fact: { says: 'sexes/few females', males: 1, females: 1, perMale: 1.5, livebearers: false },
        because: { males: 1, females: 1, femalesPerMale: 1.5 },
        fixes: [{ edit: { kind: 'set-sexes', species: 'made-up', males: 1, females: 2 } }],
      }),
    ]));
  it.each<[string, Made['company'], Partial<PlanGroup>, readonly string[]]>([
    ['too few of males that spar', {}, sexed(1, 1), ['note sexes/few females']],
    [
      'one of a rough couple that guards',
      { pairs: 'guards', ownKind: ROUGH },
      sexed(1, 1),
      ['note sexes/few females'],
    ],
    [
      'too few of two that guard',
      { pairs: 'guards', ownKind: ROUGH, femalesPerMale: 3 },
      sexed(1, 2),
      ['caution sexes/few females'],
    ],
    ['enough', {}, sexed(1, 2), ['good sexes/good']],
    ['all', {}, sexed(0, 3), []],
    ['none, in a tank of harems', {}, sexed(3, 0), ['note sexes/few females']],
    ['none of livebearers, males alone', { pairs: 'livebears' }, sexed(3, 0), []],
    ['none of two livebearers', { pairs: 'livebears' }, sexed(2, 0), ['caution sexes/two males']],
  ])('%s', (_what, company, group, expected) => expect(says(company, group)).toEqual(expected));
  it('of livebearers are said so, and males alone are no harem where they are shown', () => {
    expect(found({ pairs: 'livebears' }, sexed(1, 1))[0]?.fact).toMatchObject({ livebearers: true });
    expect(found({}, sexed(3, 0), undefined, { practice: { males: 'all-male' } })).toEqual([]);
  });
  it('enough are said whole', () =>
    expect(found({}, sexed(1, 2))[0]).toMatchObject({
      species: ['made-up'],
      fact: { males: 1, females: 2 },
      because: { males: 1, females: 2, femalesPerMale: 2 },
      fixes: [],
    }));
});

describe('sexes that nobody knows', () => {
  it('are asked about where males are rough: said whole', () =>
    expect(found({ ownKind: ROUGH }, { count: 4 })).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['made-up'],
        fact: { says: 'sexes/unknown', count: 4, perMale: 2 },
        because: { count: 4, femalesPerMale: 2 },
      }),
    ]));
  it.each<[string, Made['company'], Partial<PlanGroup>]>([
    ['of those that spar', {}, { count: 4 }],
    ['that nobody can tell', { ownKind: ROUGH, sexesTold: 'no' }, { count: 4 }],
    ['of one', { ownKind: ROUGH }, { count: 1 }],
    ['of those that live alone', { ownKind: ROUGH, mode: 'solitary' }, { count: 4 }],
    ['of those without a ratio', { ownKind: ROUGH, femalesPerMale: null }, { count: 4 }],
  ])('are not asked about: %s', (_what, company, group) => expect(found(company, group)).toEqual([]));
  it('are asked about where only some are counted', () =>
    expect(says({ ownKind: ROUGH }, { count: 6, males: 1, females: 2 })).toEqual(['note sexes/unknown']));
});
