import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup } from '../model';

/** Each decision about the temper of one species towards another, tried with two that are made up and of like length. */
type Temper = 0 | 1 | 2 | 3;
const cm = (length: number) => ({ maleCm: length, femaleCm: length });
const tempered = (temper: Temper, more: Made['company'] = {}): Made['company'] => ({
  temper: { young: temper, mature: temper },
  ...more,
});
const MIDDLE = { top: 0.1, middle: 0.8, bottom: 0.1 };
const HIGH = { top: 0.9, middle: 0.1, bottom: 0 };

const rough = (temper: Temper, more: Made = {}) =>
  madeUp('amatitlania-nigrofasciata', 'rough', {
    kin: 'rough kin',
    lookalike: [],
    ...more,
    layers: { ...MIDDLE, ...more.layers },
    habits: { activity: 2, mealSpeed: 2, ...more.habits },
    size: { ...cm(10), matureCm: 5, ...more.size },
    company: tempered(temper, { holds: 'nothing', groundCm2: null, finNipping: 0, ...more.company }),
    mouth: { eatsFish: 'no' },
  });
const other = (temper: Temper, more: Made = {}) =>
  madeUp('paracheirodon-innesi', 'other', {
    kin: 'other kin',
    lookalike: [],
    ...more,
    layers: { ...MIDDLE, ...more.layers },
    habits: { activity: 2, mealSpeed: 2, shyness: 0, ...more.habits },
    size: { ...cm(10), matureCm: 5, shape: 'fusiform', ...more.size },
    handling: { spines: false, ...more.handling },
    company: tempered(temper, {
      mode: 'group',
      longFins: false,
      smallestGroup: 6,
      comfortableGroup: 8,
      ...more.company,
    }),
  });

function found(
  a: ReturnType<typeof rough>,
  b: ReturnType<typeof other>,
  groups: readonly [Partial<PlanGroup>, Partial<PlanGroup>] = [{}, {}],
) {
  return findingsAmong(
    'temper',
    [a, b],
    [
      { species: 'rough', count: 2, ...groups[0] },
      { species: 'other', count: 5, ...groups[1] },
    ],
    { lengthCm: 200, widthCm: 70, heightCm: 60 },
  ).filter(({ species }) => species[0] === 'rough');
}
const severity = (...asked: Parameters<typeof found>) => found(...asked).map((finding) => finding.severity);

describe('a temper against another species', () => {
  it('that is too much is said whole', () =>
    expect(found(rough(2), other(0))).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['rough', 'other'],
        fact: { says: 'pair/too aggressive', counts: [2, 5], other: 'helpless' },
        because: { temper: 2, otherTemper: 0, sameWater: 1, lengthRatio: 1 },
        from: null,
        fixes: [
          { edit: { kind: 'leave-out', species: 'rough', count: 2 } },
          { edit: { kind: 'leave-out', species: 'other', count: 5 } },
        ],
      }),
    ]));
  it.each<[string, Temper, Temper, Made, Made, readonly string[]]>([
    ['peaceful beside peaceful', 0, 0, {}, {}, []],
    ['killers beside a peaceful one', 3, 0, {}, {}, ['stop']],
    ['killers beside a rough one', 3, 2, {}, {}, ['stop']],
    ['cichlids that kill beside killers that are none', 3, 3, {}, {}, ['caution']],
    ['killers of the same class, of cichlids', 3, 3, {}, { family: 'Cichlidae' }, ['stop']],
    ['rough beside peaceful, in other water', 2, 0, {}, { layers: HIGH }, ['note']],
    [
      'rough beside peaceful, half the day',
      2,
      0,
      {},
      { layers: { top: 0.6, middle: 0.3, bottom: 0.1 } },
      ['stop'],
    ],
    [
      'rough beside peaceful, not half the day',
      2,
      0,
      {},
      { layers: { top: 0.7, middle: 0.2, bottom: 0.1 } },
      ['caution'],
    ],
  ])('%s', (_what, a, b, moreA, moreB, expected) =>
    expect(severity(rough(a, moreA), other(b, moreB))).toEqual(expected),
  );
  it('says whom it falls on', () => {
    const of = (a: Temper, b: Temper, more: Made = {}) => found(rough(a), other(b, more))[0]?.fact;
    expect(of(3, 1)).toMatchObject({ other: 'weaker' });
    expect(of(3, 3, { family: 'Cichlidae' })).toMatchObject({ other: 'as bad' });
    expect(of(3, 3)).toEqual({ says: 'pair/pushes around', counts: [2, 5] });
  });
  it('is eased by length: twice as long it is shrugged off, three times it worries nobody', () => {
    const long = (length: number) => severity(rough(2), other(0, { size: cm(length) }));
    expect(long(19.9)).toEqual(['stop']);
    expect(long(20)).toEqual(['caution']);
    expect(long(29.9)).toEqual(['caution']);
    expect(long(30)).toEqual([]);
    // Killers are not shrugged off by the gentle.
    expect(severity(rough(3), other(0, { size: cm(30) }))).toEqual(['stop']);
    expect(severity(rough(3), other(1, { size: cm(20) }))).toEqual(['caution']);
  });
  it('is eased for quick dithers, and more in a full shoal that is half as long', () => {
    const quick = (length: number, more: Made = {}, count = 5) =>
      severity(
        rough(2),
        other(0, {
          ...more,
          size: cm(length),
          habits: { activity: 3, mealSpeed: 3, ...more.habits },
        }),
        [{}, { count }],
      );
    expect(quick(5)).toEqual(['caution']);
    expect(quick(3.9)).toEqual(['stop']);
    expect(quick(4)).toEqual(['caution']);
    const shoal: Made = { company: { mode: 'shoal' } };
    expect(quick(5, shoal, 6)).toEqual(['note']);
    expect(quick(5, shoal, 5)).toEqual(['caution']);
    expect(quick(4.9, shoal, 6)).toEqual(['caution']);
    // With fins to catch it by.
    expect(quick(5.4, { company: { longFins: true } })).toEqual(['stop']);
    expect(quick(5.5, { company: { longFins: true } })).toEqual(['caution']);
    expect(quick(5, { habits: { mealSpeed: 2 } })).toEqual(['stop']);
    expect(quick(5, { habits: { activity: 2 } })).toEqual(['stop']);
    expect(quick(5, { layers: { top: 0.1, middle: 0.5, bottom: 0.4 } })).toEqual(['stop']);
  });
  it('begins when it matures, and ends where they part before', () => {
    const later = rough(2, { company: { temper: { young: 0, mature: 2 } } });
    const young = { lengthCm: 3 };
    expect(found(later, other(0), [young, {}])[0]?.from).toMatch(/^202\d-\d\d$/);
    expect(found(rough(2), other(0), [young, {}])[0]?.from).toBeNull();
    expect(found(later, other(0), [{ ...young, until: '2026-11' }, {}])).toEqual([]);
  });
  it('tells nothing of shrimp and snails', () => {
    expect(found(rough(3), other(0, { life: 'snail' }))).toEqual([]);
    expect(found(rough(3), other(0, { life: 'shrimp' }))).toEqual([]);
  });
});

describe('a grown one among young of another', () => {
  const among = (youngCm: number, a = rough(2), b = other(2)) => found(a, b, [{}, { lengthCm: youngCm }]);
  it('bullies them: said whole', () =>
    expect(among(4.5)).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['rough', 'other'],
        fact: { says: 'pair/grown among young', counts: [2, 5], roughCm: 10, otherCm: 4.5 },
        because: { roughCm: 10, otherCm: 4.5, temper: 2 },
        fixes: [
          { edit: { kind: 'leave-out', species: 'rough', count: 2 } },
          { edit: { kind: 'leave-out', species: 'other', count: 5 } },
          { advice: { does: 'one size together' } },
        ],
      }),
    ]));
  it('does so only where it is grown and rough, they are young, and both meet', () => {
    expect(among(4.6)).toEqual([]);
    expect(among(4, rough(1), other(1))).toEqual([]);
    expect(among(4, rough(2), other(2, { size: { ...cm(10), matureCm: 4 } }))).toEqual([]);
    expect(among(4, rough(2), other(2, { layers: HIGH }))).toEqual([]);
    expect(
      found(rough(2, { size: { ...cm(10), matureCm: 9 } }), other(2), [{ lengthCm: 8.9 }, { lengthCm: 3 }]),
    ).toEqual([]);
  });
});
