import { type Made, listed, madeUp } from '@/testing/madeUp';
import type { SpeciesProfile } from '../model';
import type { Place, PlannedGroup, RuleContext } from './context';
import { contestedNumber } from './contestedNumber';
import { groupNumber } from './groupNumber';

/** Each decision about numbers of one species, tried with one that is made up: keepers avoid 3 and 4 of it. */
type Company = NonNullable<Made['company']>;
type Disputes = NonNullable<SpeciesProfile['contestedNumbers']>;
const made = (company: Company = {}, more: Made = {}) =>
  madeUp('paracheirodon-innesi', 'one', {
    kin: 'made-up kin',
    ...more,
    company: {
      mode: 'group',
      pairs: 'scatters',
      smallestGroup: 2,
      comfortableGroup: 8,
      badNumbers: [3, 4],
      ownKind: { male: 0, female: 0 },
      ...company,
    },
  });
const place = (males: Place['males'] = 'harem', lengthCm = 120) =>
  ({ males, tank: { figures: { outside: { lengthCm } } } }) as unknown as Place;
const ofNumber = (profile: SpeciesProfile, group: Partial<PlannedGroup>, where = place()) =>
  groupNumber.ofKind!(listed(profile, group), where);
const count = (species: string, to: number) => ({ edit: { kind: 'set-count', species, count: to } });

describe('a number to avoid', () => {
  it('is told whole, with the way up and the way down', () =>
    expect(ofNumber(made(), { count: 3 })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'group/avoid', count: 3, pairs: false },
        because: { count: 3, avoid: '3, 4', smallestGroup: 2 },
        fixes: [count('one', 5), count('one', 2)],
      }),
    ]));
  it('leads up to the smallest group at the least, and down only where a number is left', () => {
    const fixes = (company: Company, number: number) => ofNumber(made(company), { count: number })[0]?.fixes;
    expect(fixes({ smallestGroup: 8 }, 3)).toEqual([count('one', 8), count('one', 2)]);
    expect(fixes({ smallestGroup: 8, badNumbers: [3, 8, 9] }, 3)).toEqual([
      count('one', 10),
      count('one', 2),
    ]);
    expect(fixes({ badNumbers: [1, 2, 3] }, 3)).toEqual([count('one', 4)]);
    expect(fixes({ badNumbers: [1] }, 1)).toEqual([count('one', 2)]);
    expect(fixes({ badNumbers: [3] }, 4)).toBeUndefined();
  });
  it('of three that pair says that two turn on the third', () => {
    const pairs = (company: Company, number: number) => {
      const fact = ofNumber(made(company), { count: number })[0]?.fact;
      return fact && 'pairs' in fact && fact.pairs;
    };
    expect(pairs({ pairs: 'guards' }, 3)).toBe(true);
    expect(pairs({ pairs: 'guards' }, 4)).toBe(false);
    expect(pairs({ pairs: 'scatters' }, 3)).toBe(false);
  });
  const rough: Company = { ownKind: { male: 2, female: 0 } };
  const trio: Company = { ...rough, mode: 'harem' };
  const oneMale = { count: 3, males: 1, females: 2 };
  it.each<[string, Company, Partial<PlannedGroup>, Made, Place['males'], 'stop' | 'caution']>([
    ['males that fight', rough, { count: 3 }, {}, 'harem', 'stop'],
    ['females that fight', { ownKind: { male: 0, female: 2 } }, { count: 3 }, {}, 'harem', 'stop'],
    ['that only spar', { ownKind: { male: 1, female: 1 } }, { count: 3 }, {}, 'harem', 'caution'],
    ['one male with two females of a harem', trio, oneMale, {}, 'harem', 'caution'],
    ['the same of a group', rough, oneMale, {}, 'harem', 'stop'],
    ['two males with one female', trio, { count: 3, males: 2, females: 1 }, {}, 'harem', 'stop'],
    [
      'one male with one female and one unknown',
      trio,
      { count: 3, males: 1, females: 1 },
      {},
      'harem',
      'stop',
    ],
    ['two females and one that nobody sexed', trio, { count: 3, males: 0, females: 2 }, {}, 'harem', 'stop'],
    ['one male with two females of four', trio, { count: 4, males: 1, females: 2 }, {}, 'harem', 'stop'],
    ['shown males', rough, { count: 3, males: 3, females: 0 }, { kin: 'hap' }, 'all-male', 'caution'],
    ['shown, of unknown sex', rough, { count: 3 }, { kin: 'hap' }, 'all-male', 'caution'],
    ['shown with a female', rough, { count: 3, males: 2, females: 1 }, { kin: 'hap' }, 'all-male', 'stop'],
    ['shown, of rock dwellers', rough, { count: 3 }, { kin: 'mbuna' }, 'all-male', 'stop'],
    ['males where none are shown', rough, { count: 3, males: 3 }, { kin: 'hap' }, 'one-each', 'stop'],
  ])('%s', (_, company, group, more, males, severity) =>
    expect(ofNumber(made(company, more), group, place(males))[0]?.severity).toBe(severity),
  );
  const disputed = (inCompany?: boolean): Disputes =>
    [
      { counts: [3], why: 'they differ', ...(inCompany !== undefined && { inCompany }) },
    ] as unknown as Disputes;
  it('that keepers dispute is told by that, unless they dispute it in company only', () => {
    expect(ofNumber(made({}, { contestedNumbers: disputed() }), { count: 3 })).toEqual([]);
    expect(ofNumber(made({}, { contestedNumbers: disputed(true) }), { count: 3 })).toHaveLength(1);
  });
});

describe('a disputed number', () => {
  type Dispute = Disputes[number];
  const dispute = (more: Partial<Dispute> = {}) =>
    made({}, { contestedNumbers: [{ counts: [3, 5], why: 'they differ', ...more }] as unknown as Disputes });
  const told = (
    profile: SpeciesProfile,
    group: Partial<PlannedGroup> = {},
    {
      others = [],
      lengthCm = 120,
    }: { readonly others?: readonly SpeciesProfile[]; readonly lengthCm?: number } = {},
  ) =>
    contestedNumber.judge!({
      planned: [listed(profile, { count: 3, ...group }), ...others.map((one) => listed(one))],
      focus: null,
      ...place('harem', lengthCm),
    } as unknown as RuleContext);
  it('is told whole', () =>
    expect(told(dispute())).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'group/contested', count: 3, why: 'they differ', inCompany: false, exitPlan: false },
        because: { count: 3, avoid: '3, 4', exitPlanGiven: false },
        contested: true,
        approach: 'avoid',
        fixes: [count('one', 8)],
      }),
    ]));
  it('has nothing to mend where it is the number at which they are at ease', () =>
    expect(told(dispute({ counts: [8] }), { count: 8 })[0]?.fixes).toEqual([]));
  it('is milder with an exit plan, and where little is at stake', () => {
    expect(told(dispute(), { wayOut: 'to a friend' })).toMatchObject([
      { severity: 'note', approach: 'try with a way out', because: { exitPlanGiven: true } },
    ]);
    expect(told(dispute({ at: 'note' }))).toMatchObject([{ severity: 'note', approach: 'avoid' }]);
  });
  it('is told of these numbers, from its length of tank on (a tank sold as six feet may be 180 cm)', () => {
    const severities = (more: Partial<Dispute>, number: number, lengthCm = 120) =>
      told(dispute(more), { count: number }, { lengthCm }).length;
    expect([severities({}, 5), severities({}, 4)]).toEqual([1, 0]);
    expect([severities({ fromLengthCm: 183 }, 3, 180), severities({ fromLengthCm: 183 }, 3, 179)]).toEqual([
      1, 0,
    ]);
  });
  it('that is disputed in company only is told only there', () => {
    const other = madeUp('danio-rerio', 'other');
    expect(told(dispute({ inCompany: true }))).toEqual([]);
    expect(told(dispute({ inCompany: true }), {}, { others: [other] })).toMatchObject([
      { species: ['one'], fact: { inCompany: true } },
    ]);
  });
});
