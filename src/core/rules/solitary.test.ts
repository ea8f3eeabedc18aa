import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup } from '../model';

/** Each decision about several loners, tried with one that is made up: a hundred by fifty centimetres have ground for three of it. */
type Company = NonNullable<Made['company']>;

const found = (company: Company, group: Partial<PlanGroup>) =>
  findingsAmong(
    'solitary',
    [
      madeUp('amatitlania-nigrofasciata', 'made-up', {
        company: { mode: 'solitary', groundCm2: 1500, ownKind: { male: 2, female: 2 }, ...company },
      }),
    ],
    [{ species: 'made-up', ...group }],
    { lengthCm: 100, widthCm: 50, heightCm: 50 },
  );

describe('several loners', () => {
  it('do not put up with each other: said whole', () =>
    expect(found({}, { count: 2 })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['made-up'],
        fact: { says: 'group/keep one', count: 2, deadly: false },
        because: { count: 2, territoriesThatFit: 3 },
        fixes: [{ edit: { kind: 'set-count', species: 'made-up', count: 1 } }],
      }),
    ]));
  it.each<[string, Company, Partial<PlanGroup>, readonly string[]]>([
    ['one alone', {}, { count: 1 }, []],
    ['those that do not live alone', { mode: 'group' }, { count: 2 }, []],
    ['more than there is ground for', {}, { count: 4 }, ['stop']],
    ['as many as there is ground for', {}, { count: 3 }, ['caution']],
    ['ground twice over', { groundCm2: 1100 }, { count: 2 }, ['note']],
    [
      'killers with ground twice over',
      { groundCm2: 1100, ownKind: { male: 3, female: 0 } },
      { count: 2 },
      ['stop'],
    ],
    ['females that kill', { groundCm2: 1100, ownKind: { male: 0, female: 3 } }, { count: 2 }, ['stop']],
    ['those that hold no ground', { groundCm2: null }, { count: 9 }, ['caution']],
    // A male with females that put up with each other.
    ['a harem', { ownKind: { male: 3, female: 1 } }, { count: 3, males: 1, females: 2 }, []],
    ['females alone', { ownKind: { male: 3, female: 1 } }, { count: 3, males: 0, females: 3 }, []],
    ['two males', { ownKind: { male: 2, female: 1 } }, { count: 3, males: 2, females: 1 }, ['caution']],
    ['a harem of rough females', {}, { count: 3, males: 1, females: 2 }, ['caution']],
    [
      'some that nobody sexed',
      { ownKind: { male: 2, female: 1 } },
      { count: 3, males: 1, females: 1 },
      ['caution'],
    ],
  ])('%s', (_what, company, group, expected) =>
    expect(found(company, group).map(({ severity }) => severity)).toEqual(expected),
  );
  it('that kill are said so, and no ground is told of those that hold none', () => {
    expect(found({ ownKind: { male: 3, female: 0 } }, { count: 2 })[0]?.fact).toMatchObject({ deadly: true });
    expect(found({ groundCm2: null }, { count: 2 })[0]?.because).toEqual({ count: 2 });
  });
});
