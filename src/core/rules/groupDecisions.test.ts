import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup } from '../model';

/** Each decision about the number of one species, tried with one that is made up: six at the least, ten at ease. */
type Company = NonNullable<Made['company']>;
const COMPANY: Company = {
  mode: 'shoal',
  smallestGroup: 6,
  comfortableGroup: 10,
  badNumbers: [],
  pairs: 'scatters',
  ownKind: { male: 0, female: 0 },
};

const found = (company: Company, group: Partial<PlanGroup>) =>
  findingsAmong(
    'group-size',
    [madeUp('paracheirodon-innesi', 'made-up', { company: { ...COMPANY, ...company } })],
    [{ species: 'made-up', ...group }],
    { lengthCm: 150, widthCm: 60, heightCm: 60 },
  );
const says = (company: Company, group: Partial<PlanGroup>) =>
  found(company, group).map(({ severity, fact }) => `${severity} ${fact.says}`);

describe('the number of a species', () => {
  it('that is too small is said whole', () =>
    expect(found({}, { count: 3 })).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['made-up'],
        fact: { says: 'group/too few', count: 3, least: 6, ideal: 10 },
        because: { count: 3, smallestGroup: 6, comfortableGroup: 10 },
        fixes: [
          { edit: { kind: 'set-count', species: 'made-up', count: 10 } },
          { edit: { kind: 'leave-out', species: 'made-up', count: 3 } },
        ],
      }),
    ]));
  it.each<[string, Company, Partial<PlanGroup>, readonly string[]]>([
    ['more than half of the least', {}, { count: 4 }, ['caution group/too few']],
    ['half of the least, of a loose group', { mode: 'group' }, { count: 3 }, ['caution group/too few']],
    ['the least', {}, { count: 6 }, ['note group/will do']],
    ['nearly enough', {}, { count: 8 }, []],
    ['enough', {}, { count: 10 }, ['good group/good']],
    ['more than enough', {}, { count: 20 }, ['good group/good']],
    ['one of a species that lives alone as well', { smallestGroup: 1 }, { count: 1 }, []],
    ['enough of such a species', { smallestGroup: 1 }, { count: 10 }, []],
    ['a few where two are at ease', { smallestGroup: 1, comfortableGroup: 2 }, { count: 1 }, []],
    ['solitary ones', { mode: 'solitary' }, { count: 3 }, []],
    ['two of those that pair', { mode: 'group', pairs: 'guards' }, { count: 2 }, ['note group/pair']],
    ['three of those that pair', { mode: 'group', pairs: 'guards' }, { count: 3 }, ['caution group/too few']],
    ['two of those that do not pair', { mode: 'group' }, { count: 2 }, ['caution group/too few']],
    ['two of a shoal that pairs', { pairs: 'guards' }, { count: 2 }, ['stop group/too few']],
    ['one of a harem', { mode: 'harem' }, { count: 1 }, ['note group/shown']],
    ['males of a harem', { mode: 'harem' }, { count: 3, males: 3, females: 0 }, ['note group/shown']],
    [
      'males of a harem, and others',
      { mode: 'harem' },
      { count: 3, males: 2, females: 0 },
      ['stop group/too few'],
    ],
    [
      'a male and females, too few',
      { mode: 'harem' },
      { count: 3, males: 1, females: 2 },
      ['stop group/too few'],
    ],
  ])('%s', (_what, company, group, expected) => expect(says(company, group)).toEqual(expected));
  it('that will do can be made whole, and nobody need go', () => {
    expect(found({}, { count: 6 })).toMatchObject([
      {
        fact: { says: 'group/will do', count: 6, ideal: 10 },
        fixes: [{ edit: { kind: 'set-count', count: 10 } }],
      },
    ]);
    expect(found({}, { count: 10 })).toMatchObject([{ fact: { count: 10 }, fixes: [] }]);
    expect(found({ mode: 'group', pairs: 'guards' }, { count: 2 })).toMatchObject([
      { fact: { count: 2, least: 6 } },
    ]);
  });
  it('of shown males says how many females a breeding group adds', () => {
    const shown = (femalesPerMale: number | null) =>
      found({ mode: 'harem', femalesPerMale }, { count: 1 })[0]?.fact;
    expect(shown(2)).toEqual({ says: 'group/shown', count: 1, females: 2 });
    expect(shown(1.5)).toMatchObject({ females: 2 });
    // Where no ratio is known, all the rest of the least group.
    expect(shown(null)).toMatchObject({ females: 5 });
    expect(shown(0)).toMatchObject({ females: 1 });
  });
});
