import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup } from '../model';

/** A pair of twelve centimetres that guards 1,500 cm² and is rough, and a shoal of the middle water. */
const pair = (more: Made = {}) =>
  madeUp('amatitlania-nigrofasciata', 'pair', {
    ...more,
    size: { maleCm: 12, femaleCm: 12, ...more.size },
    company: {
      mode: 'pair',
      pairs: 'guards',
      breeds: 'seldom',
      groundCm2: 1500,
      temper: { young: 1, mature: 2 },
      ...more.company,
    },
  });
const shoal = (more: Made = {}) =>
  madeUp('paracheirodon-innesi', 'shoal', {
    ...more,
    layers: { top: 0.1, middle: 0.7, bottom: 0.2, ...more.layers },
  });

/** The pair beside the shoal: on a floor without another half for it (2,400 cm²), or on a wide one (15,000). */
function found(
  one: ReturnType<typeof madeUp>,
  group: Partial<PlanGroup>,
  floor: 'tight' | 'wide' = 'tight',
  others: readonly ReturnType<typeof madeUp>[] = [shoal()],
) {
  const [lengthCm, widthCm] = floor === 'tight' ? [60, 40] : [250, 60];
  return findingsAmong(
    'breeding',
    [one, ...others],
    [{ species: one.id, count: 2, ...group }, ...others.map(({ id }) => ({ species: id, count: 6 }))],
    { lengthCm, widthCm, heightCm: 40 },
  );
}
const severity = (...asked: Parameters<typeof found>) => found(...asked).map((finding) => finding.severity);
const BREEDS = { breeding: true };
const COUPLE = { males: 1, females: 1 };
const CALM: Made = { company: { temper: { young: 0, mature: 1 } } };

describe('a pair that guards', () => {
  it('takes half the tank: said whole', () =>
    expect(found(pair(), BREEDS)).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['pair', 'shoal'],
        fact: { says: 'floor/guarded', count: 2 },
        because: { guarding: true, groundCm2: 1500, footprintCm2: expect.any(Number) as number },
        from: null,
        fixes: [{ edit: { kind: 'set-count', species: 'pair', count: 1 } }, { advice: { does: 'divider' } }],
      }),
    ]));
  it.each<[string, Made, Partial<PlanGroup>, 'tight' | 'wide', readonly string[]]>([
    ['guarding on a wide floor', {}, BREEDS, 'wide', ['caution']],
    ['guarding, that only pushes', CALM, BREEDS, 'tight', ['caution']],
    ['guarding, of a colony', { company: { mode: 'colony' } }, BREEDS, 'tight', ['stop']],
    ['a male and a female', {}, COUPLE, 'tight', ['caution']],
    ['a male and a female on a wide floor', {}, COUPLE, 'wide', ['note']],
    ['a male and a female that only push', CALM, COUPLE, 'tight', ['note']],
    ['two that nobody sexed', {}, {}, 'tight', ['note']],
    ['two males', {}, { males: 2, females: 0 }, 'tight', []],
    ['two females', {}, { males: 0, females: 2 }, 'tight', []],
    ['one alone', {}, { count: 1 }, 'tight', []],
    ['peaceful ones', { company: { temper: { young: 0, mature: 0 } } }, COUPLE, 'tight', []],
    ['a colony', { company: { mode: 'colony' } }, COUPLE, 'tight', []],
    [
      'labyrinth fish, whose males guard a nest for some days',
      { family: 'Osphronemidae' },
      COUPLE,
      'tight',
      [],
    ],
    ['those that do not guard', { company: { pairs: 'scatters' } }, COUPLE, 'tight', []],
    ['those that leave before they mature', {}, { ...COUPLE, lengthCm: 3, until: '2026-11' }, 'tight', []],
  ])('%s', (_what, more, group, floor, expected) =>
    expect(severity(pair(more), group, floor)).toEqual(expected),
  );
  it('that may form claims half, or a corner where it is small or the floor wide', () => {
    const claim = (more: Made, floor: 'tight' | 'wide', others = [shoal({ layers: { bottom: 0.3 } })]) =>
      found(pair(more), {}, floor, others)[0]?.fact;
    expect(claim({}, 'tight')).toEqual({ says: 'floor/may pair', claim: 'half' });
    expect(claim({}, 'wide')).toEqual({ says: 'floor/may pair', claim: 'corner' });
    expect(claim({ size: { maleCm: 10, femaleCm: 10 } }, 'tight')).toEqual({
      says: 'floor/may pair',
      claim: 'corner',
    });
  });
  it('of a dwarf keeps out those of the floor alone', () => {
    const dwarf = pair({ size: { maleCm: 10, femaleCm: 10 } });
    expect(found(dwarf, COUPLE)).toEqual([]);
    expect(found(dwarf, COUPLE, 'tight', [shoal({ layers: { bottom: 0.3 } })])).toHaveLength(1);
    expect(found(pair({ size: { maleCm: 10.1, femaleCm: 10.1 } }), COUPLE)).toHaveLength(1);
  });
  it('keeps out nobody where it is by itself, or with snails', () => {
    expect(found(pair(), BREEDS, 'tight', [])).toEqual([]);
    expect(found(pair(), BREEDS, 'tight', [shoal({ life: 'snail' })])).toEqual([]);
  });
  it('guards where one of its groups breeds, and is to begin when it matures', () => {
    const groups = [
      { species: 'pair', count: 2, breeding: true },
      { species: 'pair', count: 2 },
      { species: 'shoal', count: 6 },
    ];
    const both = findingsAmong('breeding', [pair(), shoal()], groups, {
      lengthCm: 60,
      widthCm: 40,
      heightCm: 40,
    });
    expect(both).toMatchObject([{ severity: 'stop', fact: { says: 'floor/guarded', count: 4 } }]);
    expect(found(pair(), { ...COUPLE, lengthCm: 3 })[0]?.from).not.toBeNull();
  });
});

describe('a species that breeds freely', () => {
  const prolific = (more: Made['company'] = {}, group: Partial<PlanGroup> = COUPLE) =>
    found(pair({ company: { pairs: 'livebears', breeds: 'prolific', ...more } }), group);
  it('multiplies: said whole', () =>
    expect(prolific()).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['pair'],
        fact: { says: 'floor/breeds freely' },
        because: { breeds: 'prolific' },
        fixes: [{ advice: { does: 'one sex only', species: 'pair' } }],
      }),
    ]));
  it('is kept of one sex only where it bears its young', () =>
    expect(prolific({ pairs: 'scatters' })).toMatchObject([{ fixes: [] }]));
  it('is none of one sex, of one alone, of those that rarely breed, or that leave before', () => {
    expect(prolific({}, { males: 2, females: 0 })).toEqual([]);
    expect(prolific({}, { count: 1 })).toEqual([]);
    expect(prolific({ breeds: 'seldom' })).toEqual([]);
    expect(prolific({}, { ...COUPLE, lengthCm: 3, until: '2026-11' })).toEqual([]);
  });
});
