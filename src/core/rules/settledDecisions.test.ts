import { findingsAmong, listed, type Made, madeUp } from '@/testing/madeUp';
import type { PlanFile, PlanGroup } from '../model';
import type { PlannedGroup, PlannedSpecies, RuleContext } from './context';
import { settledTank } from './settledTank';

/** Each decision about newcomers to a settled tank, and about too few to spread the chasing, tried with species that are made up. */
describe('newcomers to a settled tank', () => {
  const grown = (id: string, level: 0 | 2, more: Made, group: Partial<PlannedGroup>) =>
    listed(
      madeUp('amatitlania-nigrofasciata', id, {
        ...more,
        size: { maleCm: 10, femaleCm: 10, matureCm: 5 },
        company: {
          temper: { young: level, mature: level },
          ownKind: { male: level, female: level },
          ...more.company,
        },
      }),
      group,
    );
  const rough = (id: string, group: Partial<PlannedGroup> = {}) =>
    grown(id, 2, {}, { count: 4, monthsHere: 2, ...group });
  const calm = (id: string, group: Partial<PlannedGroup> = {}, more: Made = {}) =>
    grown(id, 0, more, { count: 2, ...group });
  const killers = (id: string, monthsHere: number | null = 9) =>
    grown(id, 0, { company: { ownKind: { male: 3, female: 3 } } }, { count: 2, monthsHere });
  const told = (planned: readonly PlannedSpecies[], focus: PlannedSpecies | null = null) =>
    settledTank.judge!({ planned, focus } as unknown as RuleContext);
  it('are told whole', () =>
    expect(told([rough('res'), calm('new')])).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['new', 'res'],
        fact: { says: 'floor/new fish', count: 2, pickedOn: true },
        because: { newcomers: 2, lengthCm: 10, muchSmaller: false },
        fixes: [
          { advice: { does: 'more of them', species: ['new'], count: 3 } },
          { advice: { does: 'rearrange rocks' } },
          { advice: { does: 'quarantine with residents' } },
        ],
      }),
    ]));
  it.each<[string, readonly PlannedSpecies[], readonly string[]]>([
    ['three', [rough('res'), calm('new', { count: 3 })], ['note']],
    ['much smaller', [rough('res'), calm('new', { lengthCm: 3.9 })], ['note']],
    ['smaller', [rough('res'), calm('new', { lengthCm: 4 })], ['caution']],
    [
      'much smaller than one of two',
      [rough('res'), rough('and', { lengthCm: 6 }), calm('new', { lengthCm: 3.9 })],
      ['caution'],
    ],
    ['to a tank of a month', [rough('res', { monthsHere: 1 }), calm('new')], []],
    ['to one that is only planned', [rough('res', { monthsHere: null }), calm('new')], []],
    ['to young residents', [rough('res', { lengthCm: 4.9 }), calm('new')], []],
    ['to residents that have just matured', [rough('res', { lengthCm: 5 }), calm('new')], ['caution']],
    ['to calm residents', [calm('res', { monthsHere: 9 }), calm('new')], []],
    ['of their own kind, where several kill their own', [killers('res'), killers('res', null)], ['caution']],
    ['of another kind, where several kill their own', [killers('res'), calm('new')], []],
    ['that are shrimp', [rough('res'), calm('new', {}, { life: 'shrimp' })], []],
    ['none', [rough('res'), calm('old', { monthsHere: 5 })], []],
  ])('%s', (_, planned, expected) => expect(told(planned).map(({ severity }) => severity)).toEqual(expected));
  it('of the residents’ own kind are told once', () => {
    const residents = rough('res');
    const both = {
      ...residents,
      groups: [...residents.groups, { ...residents.groups[0]!, monthsHere: null }],
    };
    expect(told([both])).toMatchObject([{ species: ['res'] }]);
  });
  it('of whom one is asked about: it alone', () => {
    const [one, two] = [calm('new'), calm('newer')];
    expect(told([rough('res'), one, two], two).map(({ species }) => species)).toEqual([['newer', 'res']]);
  });
});

describe('too few', () => {
  type Group = Partial<PlanGroup>;
  const few = (company: Made['company'], group: Group, more: Partial<PlanFile> = {}, kin = 'made-up kin') =>
    findingsAmong(
      'under-stocked',
      [
        madeUp('amatitlania-nigrofasciata', 'one', {
          kin,
          size: { maleCm: 10, femaleCm: 10, matureCm: 5 },
          company: {
            mode: 'group',
            spreadFrom: 8,
            smallestGroup: 4,
            badNumbers: [],
            ownKind: { male: 3, female: 0 },
            ...company,
          },
        }),
      ],
      [{ species: 'one', ...group }],
      { lengthCm: 180, widthCm: 60, heightCm: 60 },
      more,
    );
  it('to spread the chasing are told whole', () =>
    expect(few({}, { count: 5 })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'group/few to spread', count: 5, from: 8 },
        because: { count: 5, spreadFrom: 8, aggression: 3 },
        from: null,
        fixes: [{ edit: { kind: 'set-count', species: 'one', count: 8 } }],
      }),
    ]));
  it.each<[string, Made['company'], Group, readonly string[]]>([
    ['enough', {}, { count: 8 }, []],
    ['one less', {}, { count: 7 }, ['caution']],
    ['the smallest group', {}, { count: 4 }, ['caution']],
    ['less than the smallest group', {}, { count: 3 }, []],
    ['three where two would do', { smallestGroup: 2 }, { count: 3 }, ['caution']],
    ['two where two would do', { smallestGroup: 2 }, { count: 2 }, []],
    ['rough', { ownKind: { male: 0, female: 2 } }, { count: 5 }, ['note']],
    ['pushy', { ownKind: { male: 1, female: 1 } }, { count: 5 }, []],
    ['a number to avoid', { badNumbers: [5] }, { count: 5 }, []],
    ['loners', { mode: 'solitary' }, { count: 5 }, []],
    ['no number', { spreadFrom: null }, { count: 5 }, []],
    ['gone before they mature', {}, { count: 5, lengthCm: 2, until: '2026-12' }, []],
  ])('%s', (_, company, group, expected) =>
    expect(few(company, group).map(({ severity }) => severity)).toEqual(expected),
  );
  it('are told from the month in which they mature', () =>
    expect(few({}, { count: 5, lengthCm: 2 })[0]?.from).toMatch(/^\d{4}-\d\d$/));

  const thin = (count: number, more: Parameters<typeof few>[2] = {}, group: Group = {}) =>
    few({ spreadFrom: null }, { count, ...group }, more, 'mbuna');
  it('rock dwellers for a dense tank are told whole', () => {
    const [told] = thin(5);
    const dense = told!.because.dense as number;
    expect(told).toMatchObject({
      severity: 'note',
      species: ['one'],
      fact: { says: 'group/light', count: 5, dense },
      because: { count: 5, footprintCm2: expect.any(Number) },
      approach: 'dense',
      from: null,
      fixes: [{ advice: { does: 'more of them', species: ['one'], count: null } }],
    });
    // 150 cm² of floor for each, from memory.
    expect(dense).toBe(Math.floor((told!.because.footprintCm2 as number) / 150));
    expect(thin(Math.ceil(dense * 0.45) - 1)).toHaveLength(1);
    expect(thin(Math.ceil(dense * 0.45))).toEqual([]);
    expect(thin(1)).toEqual([]);
    expect(thin(2)).toHaveLength(1);
    expect(thin(5, { practice: { riftDensity: 'roomy' } })).toEqual([]);
    expect(thin(5, {}, { lengthCm: 2 })[0]?.from).toMatch(/^\d{4}-\d\d$/);
    expect(thin(5, {}, { lengthCm: 2, until: '2026-12' })).toEqual([]);
  });
});
