import { findingsAmong, madeUp } from '@/testing/madeUp';
import type { PlanGroup, PlanTank, SpeciesProfile } from '../model';

/** Rough when mature, sexed as an adult. */
const CICHLID = 'amatitlania-nigrofasciata';
const BETTA = 'betta-splendens';

type Company = Partial<SpeciesProfile['company']>;

/** A hundred by fifty centimetres: ground for three of what holds 1,500 cm². */
const BOX: PlanTank = { lengthCm: 100, widthCm: 50, heightCm: 50 };
/** A species that is made up: it lives as a pair, only pushes its own kind about, and holds 1,500 cm²: every second one does. */
const COMPANY: Company = {
  mode: 'pair',
  groundCm2: 1500,
  ownKind: { male: 1, female: 1 },
  spreadFrom: null,
  smallestGroup: 2,
  pairs: 'no',
};
const ROUGH = { male: 2, female: 1 } as const;
const DEADLY = { male: 3, female: 1 } as const;

/** What is found in groups of the species; without more they are grown, not sexed, and nobody said how they grew up. */
function findings(
  company: Company,
  groups: readonly Partial<PlanGroup>[],
  base = CICHLID,
  tank: Partial<PlanTank> = {},
) {
  return findingsAmong(
    'conspecific-aggression',
    [madeUp(base, 'made-up', { company: { ...COMPANY, ...company } })],
    groups.map((group) => ({ species: 'made-up', ...group })),
    { ...BOX, ...tank },
  );
}
const says = (...asked: Parameters<typeof findings>) =>
  findings(...asked).map(({ fact, severity }) => `${severity} ${fact.says}`);

describe('more that hold ground than the floor has ground for', () => {
  it('is said whole: who, why, from when, and what settles it', () => {
    expect(findings({}, [{ count: 8 }])).toEqual([
      {
        rule: 'conspecific-aggression',
        severity: 'note',
        species: ['made-up'],
        part: null,
        fact: { says: 'own/territories', count: 8, holders: 4, fit: 3 },
        because: { count: 8, holders: 4, territoriesThatFit: 3, groundCm2: 1500, aggression: 1 },
        contested: false,
        approach: null,
        from: null,
        fixes: [
          { edit: { kind: 'set-count', species: 'made-up', count: 6 } },
          { advice: { does: 'larger floor' } },
        ],
        source: 'common practice',
      },
    ]);
    const [harem] = findings({ mode: 'harem' }, [{ count: 8 }]);
    expect(harem?.fixes).toEqual([
      { advice: { does: 'fewer males', species: 'made-up', males: 3 } },
      { advice: { does: 'larger floor' } },
    ]);
    // Where sexes are known each male holds ground: one fewer than there are.
    const [males] = findings({}, [{ count: 4, males: 4, females: 0 }]);
    expect(males?.fixes[0]).toEqual({ edit: { kind: 'set-count', species: 'made-up', count: 3 } });
    // Never fewer than one pair for each territory, and one fewer than there are at least.
    const [wide] = findings({ groundCm2: 3000 }, [{ count: 3 }]);
    expect(wide?.fixes[0]).toEqual({ edit: { kind: 'set-count', species: 'made-up', count: 2 } });
  });
  it.each<[string, Company, Partial<PlanGroup>, readonly string[]]>([
    ['as many as fit', {}, { count: 6 }, []],
    ['one by itself', { groundCm2: 9000 }, { count: 1 }, []],
    ['those that do not mind their own kind', { ownKind: { male: 0, female: 0 } }, { count: 8 }, []],
    ['solitary ones, of whom another rule speaks', { mode: 'solitary' }, { count: 8 }, []],
    ['those that hold no ground', { groundCm2: null }, { count: 8 }, []],
    ['a rough pair too many', { ownKind: ROUGH }, { count: 8 }, ['caution own/territories']],
    [
      'females as rough as males',
      { ownKind: { male: 1, female: 2 } },
      { count: 8 },
      ['caution own/territories'],
    ],
    ['grown up together', { ownKind: ROUGH }, { count: 8, grownTogether: true }, ['note own/territories']],
    ['pairs twice as many', {}, { count: 12 }, ['stop own/territories']],
    ['pairs not quite twice as many', {}, { count: 10 }, ['note own/territories']],
    ['killers', { ownKind: DEADLY }, { count: 8 }, ['stop own/territories']],
    [
      'killers in a harem, not sexed, grown up together',
      { mode: 'harem', ownKind: DEADLY },
      { count: 8, grownTogether: true },
      ['caution own/territories'],
    ],
    ['killers that fit', { ownKind: DEADLY }, { count: 4 }, ['note own/fierce']],
    ['one pair of killers', { ownKind: DEADLY }, { count: 2 }, []],
    [
      'killers in a harem, not sexed',
      { mode: 'harem', ownKind: DEADLY },
      { count: 8 },
      ['caution own/territories'],
    ],
    [
      'killers in a harem, sexed',
      { mode: 'harem', ownKind: DEADLY },
      { count: 8, males: 4, females: 4 },
      ['stop own/territories'],
    ],
    ['killers of a colony', { mode: 'colony', ownKind: DEADLY }, { count: 8 }, ['stop own/territories']],
    // In the number they need.
    ['a shoal that spars', { mode: 'shoal' }, { count: 8 }, ['note own/territories']],
    ['a rough shoal', { mode: 'shoal', ownKind: ROUGH }, { count: 8 }, ['note own/territories']],
    ['a rough group', { mode: 'group', ownKind: ROUGH }, { count: 8 }, ['note own/territories']],
    [
      'a rough group of strangers',
      { mode: 'group', ownKind: ROUGH },
      { count: 8, grownTogether: false },
      ['caution own/territories'],
    ],
    [
      'a rough group too small',
      { mode: 'group', ownKind: ROUGH, smallestGroup: 9 },
      { count: 8 },
      ['caution own/territories'],
    ],
    [
      'a rough group just large enough',
      { mode: 'group', ownKind: ROUGH, smallestGroup: 8 },
      { count: 8 },
      ['note own/territories'],
    ],
    ['a group twice as many', { mode: 'group' }, { count: 12 }, ['caution own/territories']],
    ['a colony that spars', { mode: 'colony' }, { count: 8 }, ['note own/territories']],
    ['a rough colony', { mode: 'colony', ownKind: ROUGH }, { count: 8 }, ['caution own/territories']],
    ['a harem that spars', { mode: 'harem' }, { count: 8 }, ['note own/territories']],
    ['a rough harem', { mode: 'harem', ownKind: ROUGH }, { count: 8 }, ['caution own/territories']],
    // Enough of them to spread the chasing.
    ['spread', { spreadFrom: 8, ownKind: ROUGH }, { count: 8 }, ['note own/spread']],
    ['one short of spread', { spreadFrom: 9, ownKind: ROUGH }, { count: 8 }, ['caution own/territories']],
    ['spread, and as many as fit', { spreadFrom: 4 }, { count: 6 }, []],
    ['spread, and twice as many as fit', { spreadFrom: 8 }, { count: 12 }, ['stop own/territories']],
    [
      'a harem spread, and twice as many',
      { mode: 'harem', spreadFrom: 8 },
      { count: 12 },
      ['note own/spread'],
    ],
    [
      'a colony spread, and twice as many',
      { mode: 'colony', spreadFrom: 8 },
      { count: 12 },
      ['note own/spread'],
    ],
  ])('%s', (_what, company, group, expected) => expect(says(company, [group])).toEqual(expected));
  it('stops at pairs only where they are rough when mature', () => {
    expect(says({ temper: { young: 1, mature: 1 } }, [{ count: 12 }])).toEqual(['caution own/territories']);
  });
  it('takes half a group grown together and half of strangers for none of it', () => {
    const group = { mode: 'group', ownKind: ROUGH } as const;
    expect(
      says(group, [
        { count: 4, grownTogether: true },
        { count: 4, grownTogether: false },
      ]),
    ).toEqual(['caution own/territories']);
    expect(says({ ownKind: ROUGH }, [{ count: 4, grownTogether: true }, { count: 4 }])).toEqual([
      'caution own/territories',
    ]);
  });
  it('spreads the chasing, and says whether males are told apart one day', () => {
    const spread = (sexesTold: 'always' | 'adult' | 'hardly' | 'no') =>
      findings({ spreadFrom: 6, sexesTold }, [{ count: 8 }])[0];
    expect(spread('always')).toMatchObject({
      species: ['made-up'],
      fact: { count: 8, from: 6, told: true },
      because: { count: 8, holders: 4, territoriesThatFit: 3, groundCm2: 1500, aggression: 1, spreadFrom: 6 },
    });
    expect(spread('adult')?.fact).toMatchObject({ told: true });
    expect(spread('hardly')?.fact).toMatchObject({ told: false });
  });
  it('begins when they mature, and never where they leave before', () => {
    const young = { count: 8, lengthCm: 3 };
    const [later] = findings({}, [young]);
    expect(later?.from).toBe('2026-12');
    expect(findings({}, [{ ...young, until: '2026-11' }])).toEqual([]);
    expect(findings({}, [{ ...young, until: '2027-06' }])).toHaveLength(1);
  });
  it('says who is fierce whole', () => {
    expect(findings({ ownKind: DEADLY }, [{ count: 4 }])[0]).toMatchObject({
      species: ['made-up'],
      fact: { says: 'own/fierce', count: 4 },
      because: { count: 4, holders: 2, territoriesThatFit: 3, groundCm2: 1500, aggression: 3 },
      fixes: [],
    });
  });
});

describe('a grown one among juveniles', () => {
  const ages = (ownKind: { male: 0 | 1 | 2 | 3; female: 0 | 1 | 2 | 3 }, ...lengths: readonly number[]) =>
    findings(
      { ownKind, groundCm2: null },
      lengths.map((lengthCm) => ({ lengthCm })),
    );
  it('upsets the order of rough ones', () => {
    expect(ages(ROUGH, 8, 5)).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['made-up'],
        fact: { says: 'own/mixed ages' },
        because: { largestCm: 8, smallestCm: 5, aggression: 2 },
        fixes: [{ advice: { does: 'one size together' } }],
      }),
    ]);
    expect(ages({ male: 1, female: 2 }, 8, 5)).toHaveLength(1);
  });
  it('is none where it is little longer, where they only spar, or where there is one', () => {
    expect(ages(ROUGH, 7.9, 5)).toEqual([]);
    expect(ages({ male: 1, female: 1 }, 8, 5)).toEqual([]);
    expect(ages(ROUGH, 8)).toEqual([]);
  });
});

describe('a group of females that fight for rank', () => {
  const females = { mode: 'group', ownKind: { male: 3, female: 2 }, groundCm2: null } as const;
  const five = (more: Partial<PlanGroup> = {}, tank: Partial<PlanTank> = {}) =>
    findings(females, [{ count: 5, ...more }], BETTA, tank);
  it('is disputed: said whole', () => {
    expect(five({}, { plants: 'dense' })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['made-up'],
        fact: { says: 'own/disputed group', count: 5, bare: false },
        because: { count: 5, plants: 'dense', lengthCm: 100 },
        contested: true,
        approach: 'avoid',
        fixes: [{ edit: { kind: 'set-count', species: 'made-up', count: 1 } }],
      }),
    ]);
  });
  it('is a note with an exit plan, and a stop where it is bare or short', () => {
    expect(five({ wayOut: 'four tanks stand ready' })).toMatchObject([
      { severity: 'note', approach: 'try with a way out' },
    ]);
    expect(five({}, { plants: 'none' })).toMatchObject([{ severity: 'stop', fact: { bare: true } }]);
    expect(five({}, { lengthCm: 72 })).toMatchObject([{ severity: 'stop', fact: { bare: true } }]);
    expect(five({}, { lengthCm: 73 })).toMatchObject([{ severity: 'caution', fact: { bare: false } }]);
    // Nobody said anything about plants.
    expect(five()).toMatchObject([{ severity: 'caution', fact: { bare: false } }]);
  });
  it('is none of one, of those that only spar, of other families, or of those that live otherwise', () => {
    expect(five({ count: 1 })).toEqual([]);
    expect(findings({ ...females, ownKind: { male: 3, female: 1 } }, [{ count: 5 }], BETTA)).toEqual([]);
    expect(findings(females, [{ count: 5 }])).toEqual([]);
    expect(findings({ ...females, mode: 'shoal' }, [{ count: 5 }], BETTA)).toEqual([]);
  });
});
