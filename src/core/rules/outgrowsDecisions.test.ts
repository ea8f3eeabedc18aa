import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import { lengthsByMonth } from '../growth';
import { addMonths } from '../kernel';
import type { SpeciesProfile } from '../model';
import type { Place, PlannedGroup, PlannedSpecies } from './context';
import { outgrows } from './outgrows';

/** Each decision about a tank that fish outgrow, tried with one that is made up: 20 cm long, 5 high; 30 cm of width, 40 of water. */
const { tank: WISHES } = madeUp('paracheirodon-innesi', 'any');
const NONE = { lengthCm: null, widthCm: null, heightCm: null, litres: null };
const made = (more: Made = {}, tried: Partial<SpeciesProfile['tank']['tried']> = {}) =>
  madeUp('amatitlania-nigrofasciata', 'one', {
    ...more,
    size: { maleCm: 20, femaleCm: 20, heightCm: 5, shape: 'fusiform', ...more.size },
    tank: { ...WISHES, tried: { ...NONE, ...tried } },
  });
const place = (widthCm = 30, waterDepthCm = 40) =>
  ({
    month: '2026-11',
    tank: {
      figures: { inside: { widthCm }, waterDepthCm, outside: { lengthCm: 100, widthCm: 32 }, grossL: 120 },
    },
  }) as unknown as Place;
const group = (profile: SpeciesProfile, more: Partial<PlannedGroup> = {}) =>
  ({
    profile,
    count: 2,
    lengthCm: 20,
    judgedCm: 20,
    leavesInMonths: null,
    nextTank: '',
    ...more,
  }) as unknown as PlannedGroup;
const found = (where: Place, ...groups: readonly PlannedGroup[]) =>
  outgrows.ofOne!({ profile: groups[0]!.profile, groups } as unknown as PlannedSpecies, where);

describe('a fish that cannot turn', () => {
  it('is told whole', () =>
    expect(found(place(19.94), group(made()))).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['one'],
        fact: { says: 'growth/too big', limitCm: 19.94, by: 'width', later: false, count: 2 },
        because: { limitCm: 19.9, judgedAtCm: 20, adultCm: 20 },
        from: null,
        fixes: [
          { advice: { does: 'leaving date' } },
          { edit: { kind: 'leave-out', species: 'one', count: 2 } },
        ],
      }),
    ]));
  it.each<[string, Made, number, number, number | null, 'width' | 'height' | null]>([
    ['as wide as it is long', {}, 20, 40, null, null],
    ['an eel in 0.6 of its length', { size: { shape: 'eel' } }, 12, 40, null, null],
    ['an eel in less', { size: { shape: 'eel' } }, 11.4, 40, 19, 'width'],
    ['a long fish in 0.6 of its length', { size: { shape: 'elongated' } }, 12, 40, null, null],
    ['as deep as it is high', {}, 30, 5, null, null],
    ['in shallower water', {}, 30, 4.5, 18, 'height'],
    ['in shallow water and narrow glass', {}, 15, 4.5, 15, 'width'],
    ['in narrow glass and shallower water', {}, 19, 4.5, 18, 'height'],
  ])('%s', (_, more, widthCm, depth, limitCm, by) =>
    expect(
      found(place(widthCm, depth), group(made(more))).map(
        ({ fact }) => 'limitCm' in fact && [fact.limitCm, fact.by],
      ),
    ).toEqual(by === null ? [] : [[limitCm, by]]),
  );
  it('tells the month in which it is too long, and nothing when it leaves before', () => {
    const one = made();
    const months = lengthsByMonth(one, 6).findIndex((length) => length > 15);
    expect(months).toBeGreaterThan(1);
    const young = (leavesInMonths: number | null, judgedCm = 20) =>
      found(place(15), group(one, { lengthCm: 6, judgedCm, leavesInMonths })).filter(
        ({ fact }) => fact.says === 'growth/too big',
      );
    expect(young(null)).toMatchObject([{ from: addMonths('2026-11', months), fact: { later: true } }]);
    expect(young(months)).toHaveLength(1);
    expect(young(months - 1)).toEqual([]);
    expect(young(null, 15)).toEqual([]);
  });
  it('tells the first of several groups, and of equals the longest', () => {
    const one = made();
    const of = (...lengths: readonly (readonly [number, number])[]) =>
      found(place(15), ...lengths.map(([lengthCm, judgedCm]) => group(one, { lengthCm, judgedCm }))).map(
        ({ because }) => because.judgedAtCm,
      );
    expect(of([6, 18], [16, 19])).toEqual([19]);
    expect(of([16, 19], [6, 18])).toEqual([19]);
    expect(of([16, 17], [18, 18])).toEqual([18]);
    expect(of([18, 18], [16, 17])).toEqual([18]);
  });
});

describe('a stay', () => {
  const stay = (more: Partial<PlannedGroup> = {}, where = place(15), one = made()) =>
    found(where, group(one, { lengthCm: 6, judgedCm: 10.04, leavesInMonths: 3, ...more }));
  it('without a next tank, and with one, is told whole', () => {
    expect(stay()).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'growth/stays', until: '2027-02', nextTank: null, count: 2 },
        because: { leavesInMonths: 3, judgedAtCm: 10, nextTank: 'none' },
        fixes: [{ advice: { does: 'next tank' } }],
      }),
    ]);
    expect(stay({ nextTank: ' the long one ' })).toEqual([
      expect.objectContaining({
        severity: 'note',
        fact: expect.objectContaining({ nextTank: 'the long one' }),
        because: expect.objectContaining({ nextTank: 'the long one' }),
        fixes: [],
      }),
    ]);
  });
  it.each<[string, Partial<SpeciesProfile['tank']['tried']>, number, number]>([
    ['that need not end', {}, 20, 0],
    ['of a fish that will not turn', {}, 19.9, 1],
    ['of one that even lenient keepers give more length', { lengthCm: 101 }, 20, 1],
    ['of one that lenient keepers give this length', { lengthCm: 100 }, 20, 0],
    ['of one that even they give more width', { widthCm: 33 }, 20, 1],
    ['of one that they give this width', { widthCm: 32 }, 20, 0],
    ['of one that even they give more water', { litres: 121 }, 20, 1],
    ['of one that they give this water', { litres: 120 }, 20, 0],
  ])('%s', (_, tried, widthCm, times) =>
    expect(stay({}, place(widthCm), made({}, tried))).toHaveLength(times),
  );
  it('is told of each group that leaves', () => {
    const one = made();
    const leaving = (leavesInMonths: number | null) =>
      group(one, { lengthCm: 6, judgedCm: 10, leavesInMonths });
    expect(
      found(place(15), leaving(2), leaving(null), leaving(4)).map(
        ({ fact }) => 'until' in fact && fact.until,
      ),
    ).toEqual(['2027-01', '2027-03']);
  });
  it('whose end slips past the limit is a stop as well', () => {
    const slipped = (until: string) =>
      findingsAmong(
        'outgrows',
        [made({}, { lengthCm: 300 })],
        [{ species: 'one', count: 2, lengthCm: 10, until }],
        { lengthCm: 60, widthCm: 16, heightCm: 40 },
      ).map(({ severity }) => severity);
    expect(slipped('2030-01')).toEqual(['stop', 'caution']);
    expect(slipped('2026-12')).toEqual(['caution']);
  });
});
