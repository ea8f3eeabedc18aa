import { listed, type Made, madeUp } from '@/testing/madeUp';
import type { PlannedGroup } from './context';
import { temper } from './temper';

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

type Group = Partial<PlannedGroup>;
const NOW = { month: '2026-11', pond: false };

/** What the first does to the other. */
function found(
  a: ReturnType<typeof rough>,
  b: ReturnType<typeof other>,
  groups: readonly [Group, Group] = [{}, {}],
  now = NOW,
) {
  const said = temper.toAnother!(
    listed(a, { count: 2, ...groups[0] }),
    listed(b, { count: 5, ...groups[1] }),
    now,
  );
  return said === null ? [] : [said];
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
    ['rough beside killers', 2, 3, {}, {}, []],
    ['rough beside semi-aggressive', 2, 1, {}, {}, ['caution']],
    ['rough beside semi-aggressive of its kin', 2, 1, {}, { kin: 'rough kin' }, ['note']],
    ['semi-aggressive beside its kin', 1, 1, {}, { kin: 'rough kin' }, []],
    // A step milder: a caution is a note, and then nothing.
    ['rough beside semi-aggressive twice as long', 2, 1, {}, { size: cm(20) }, ['note']],
    [
      'rough beside a quick peaceful one twice as long, not half the day',
      2,
      0,
      {},
      {
        layers: { top: 0.7, middle: 0.2, bottom: 0.1 },
        size: cm(20),
        habits: { activity: 3, mealSpeed: 3 },
      },
      [],
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
    expect(found(later, other(0), [{ ...young, leavesInMonths: 0 }, {}])).toEqual([]);
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

describe('who is hard to bully', () => {
  const bottom: Made = { layers: { top: 0, middle: 0.3, bottom: 0.7 } };
  const plates: Made = { ...bottom, size: { ...cm(10), shape: 'armoured' } };
  const swift: Made = { habits: { activity: 3 } };
  const slow: Made = { habits: { activity: 1 } };
  const kin: Made = { kin: 'rough kin' };
  it.each<[string, Temper, Made, Temper, Made, readonly string[]]>([
    ['at the bottom, without armour', 2, bottom, 0, bottom, ['stop']],
    ['with spines, at the bottom', 2, bottom, 0, { ...bottom, handling: { spines: true } }, ['caution']],
    ['with spines, in open water', 2, {}, 0, { handling: { spines: true } }, ['stop']],
    ['plated and large, at the bottom', 2, bottom, 0, plates, []],
    ['plated and small', 2, bottom, 0, { ...plates, size: { ...cm(9.9), shape: 'armoured' } }, ['stop']],
    [
      'plated, half the day at the bottom',
      2,
      bottom,
      0,
      { ...plates, layers: { top: 0, middle: 0.5, bottom: 0.5 } },
      [],
    ],
    [
      'plated, not half the day at the bottom',
      2,
      bottom,
      0,
      { ...plates, layers: { top: 0, middle: 0.51, bottom: 0.49 } },
      ['stop'],
    ],
    ['slow beside swift ones that push', 1, swift, 0, slow, ['caution']],
    ['the same, in other water', 1, swift, 0, { ...slow, layers: HIGH }, ['note']],
    ['slow beside others that push', 1, {}, 0, slow, []],
    ['not slow', 1, swift, 0, {}, []],
    ['slow, and pushing back', 1, swift, 1, slow, ['caution']],
    ['slow, pushing back, in other water', 1, swift, 1, { ...slow, layers: HIGH }, ['note']],
    ['slow and rough', 1, swift, 2, slow, []],
    ['slow and plated, of any length', 1, swift, 0, { ...slow, size: { ...cm(2), shape: 'armoured' } }, []],
    ['slow and longer by a third', 1, swift, 0, { ...slow, size: cm(13) }, []],
    ['slow and hardly longer', 1, swift, 0, { ...slow, size: cm(12.9) }, ['caution']],
    ['pushing back', 2, {}, 1, {}, ['caution']],
    ['pushing back, of the same kin', 2, {}, 1, kin, ['note']],
    ['peaceful, of the same kin', 2, {}, 0, kin, ['stop']],
    ['rough as well', 2, {}, 2, kin, []],
    ['pushing back at killers of the same kin', 3, {}, 1, kin, ['stop']],
  ])('%s', (_what, a, moreA, b, moreB, expected) =>
    expect(severity(rough(a, moreA), other(b, moreB))).toEqual(expected),
  );
  it('nobody shy and half as long, whatever it is among its own', () => {
    const shy = (length: number, shyness: 0 | 1 | 2 | 3 = 2, level: Temper = 1) =>
      severity(rough(2), other(level, { size: cm(length), habits: { shyness } }));
    expect([shy(5.5), shy(5.6), shy(5.5, 1), shy(5.5, 2, 2)]).toEqual([
      ['stop'],
      ['caution'],
      ['caution'],
      [],
    ]);
  });
});

describe('rock dwellers', () => {
  const rock = (level: Temper = 1) => rough(level, { kin: 'mbuna' });
  const trailing: Made = { company: { longFins: true }, habits: { activity: 1 } };
  it.each<[string, Temper, Made, readonly string[]]>([
    ['small fish of another family', 0, { size: cm(8) }, ['stop']],
    ['those not so small', 0, { size: cm(8.1) }, []],
    ['small fish of their own family', 0, { size: cm(8), family: 'Cichlidae' }, []],
    ['small rock dwellers', 0, { size: cm(8), kin: 'mbuna' }, []],
    ['small fish that push back', 1, { size: cm(8) }, []],
    ['slow ones with trailing fins, however long', 0, { ...trailing, size: cm(19.9) }, ['stop']],
    ['those twice as long less', 0, { ...trailing, size: cm(20) }, ['caution']],
    ['the same that push back', 1, { ...trailing, size: cm(15) }, ['stop']],
    ['quick ones with trailing fins', 0, { ...trailing, habits: { activity: 2 } }, []],
    ['slow ones without', 0, { habits: { activity: 1 } }, []],
  ])('hound %s', (_what, level, more, expected) =>
    expect(severity(rock(), other(level, more))).toEqual(expected),
  );
  it('leave small dithers no peace', () =>
    expect(severity(rock(2), other(0, { size: cm(8), habits: { activity: 3, mealSpeed: 3 } }))).toEqual([
      'stop',
    ]));
});

describe('a school above those that hold the ground', () => {
  const holder = (more: Made = {}, level: Temper = 2) =>
    rough(level, {
      layers: { top: 0.2, middle: 0.4, bottom: 0.4, ...more.layers },
      company: { holds: 'rock', ...more.company },
    });
  const school = (more: Made = {}) =>
    other(0, {
      size: cm(5),
      ...more,
      company: { mode: 'shoal', ...more.company },
      layers: { top: 0.3, middle: 0.4, bottom: 0.3, ...more.layers },
    });
  const count = (n: number, a = holder(), b = school()) => severity(a, b, [{}, { count: n }]);
  it('is out of the way, and standard company in its full number', () =>
    expect([5, 6, 7, 8].map((n) => count(n))).toEqual([['stop'], ['caution'], ['caution'], ['note']]));
  it.each<[string, ReturnType<typeof rough>, ReturnType<typeof other>, readonly string[]]>([
    ['that holds nothing', holder({ company: { holds: 'nothing' } }), school(), ['stop']],
    ['that swims higher', holder({ layers: { middle: 0.41, bottom: 0.39 } }), school(), ['stop']],
    ['that kills', holder({}, 3), school(), ['stop']],
    ['no shoal', holder(), school({ company: { mode: 'group' } }), ['stop']],
    ['with fins to catch it by', holder(), school({ company: { longFins: true }, size: cm(6) }), ['stop']],
    ['nearer the ground', holder(), school({ layers: { middle: 0.39, bottom: 0.31 } }), ['stop']],
    ['a mouthful', holder(), school({ size: cm(3.9) }), ['stop']],
    ['no mouthful', holder(), school({ size: cm(4) }), ['caution']],
  ])('%s', (_what, a, b, expected) => expect(count(6, a, b)).toEqual(expected));
});

describe('killers', () => {
  const both = [rough(3), other(3, { family: 'Cichlidae' })] as const;
  it('of one class live in a pond', () => {
    expect(severity(...both)).toEqual(['stop']);
    expect(severity(...both, [{}, {}], { ...NOW, pond: true })).toEqual(['caution']);
  });
  it('are none of that class as rock dwellers', () =>
    expect(severity(rough(3, { kin: 'mbuna' }), both[1])).toEqual(['caution']));
});

describe('males that are shown', () => {
  const shown = (tags: readonly string[] = []): Made => ({ kin: 'hap', lookalike: [...tags] });
  const males = (count: number): Group => ({ count, males: count, females: 0 });
  const beside = (a: Made, b: Made, groups: readonly [Group, Group]) =>
    severity(rough(2, a), other(0, b), groups);
  it('stand each other, unless they look alike', () => {
    expect(beside(shown(), shown(), [males(1), males(2)])).toEqual(['caution']);
    expect(beside(shown(['blue']), shown(['blue']), [males(1), males(2)])).toEqual(['stop']);
    expect(beside(shown(['blue', 'tall']), shown(['tall', 'red']), [males(1), males(2)])).toEqual(['stop']);
  });
  it.each<[string, Made, Made, readonly [Group, Group]]>([
    ['one with a female', shown(), shown(), [{ count: 2, males: 1, females: 1 }, males(2)]],
    ['the other with a female', shown(), shown(), [males(1), { count: 2, males: 1, females: 1 }]],
    ['one of which not all are males', shown(), shown(), [{ count: 2, males: 1, females: 0 }, males(2)]],
    ['one of another kin', {}, shown(), [males(1), males(2)]],
    ['the other of another kin', shown(), {}, [males(1), males(2)]],
  ])('%s', (_what, a, b, groups) => expect(beside(a, b, groups)).toEqual(['stop']));
});

describe('what is said once', () => {
  const add = { advice: { does: 'add last', species: 'rough' } };
  it('is to add the rough one last, while it is still to come', () => {
    const fixes = (a: Group, level: Temper = 1) => found(rough(2), other(level), [a, {}])[0]?.fixes;
    expect(fixes({})).toContainEqual(add);
    expect(fixes({ monthsHere: 3 })).not.toContainEqual(add);
    expect(fixes({}, 0)).not.toContainEqual(add);
  });
  it('is the temper, or the young of today where that is worse', () => {
    const young: readonly [Group, Group] = [{}, { lengthCm: 4 }];
    const says = (level: Temper, more: Made = {}) =>
      found(rough(2), other(level, more), young).map(({ fact }) => fact.says);
    expect(says(0)).toEqual(['pair/too aggressive']);
    expect(says(1)).toEqual(['pair/pushes around']);
    expect(says(1, { kin: 'rough kin' })).toEqual(['pair/grown among young']);
  });
  it('is nothing where keepers disagree, but for a stop', () => {
    const disputed = (level: Temper) =>
      severity(rough(2), other(level, { contested: [{ species: 'rough', at: 'note', why: 'they differ' }] }));
    expect([disputed(1), disputed(0)]).toEqual([[], ['stop']]);
  });
  it('is told of the month in which it matures, if they are together then', () => {
    const later = rough(2, { company: { temper: { young: 0, mature: 2 } } });
    const leaving = (leavesInMonths: number) =>
      found(later, other(0), [{ lengthCm: 3, leavesInMonths }, {}]).length;
    const months = [...Array(60).keys()].find((month) => leaving(month) > 0)!;
    const [said] = found(later, other(0), [{ lengthCm: 3 }, {}]);
    expect(months).toBeGreaterThan(0);
    expect(said?.from).toBe(new Date(Date.UTC(2026, 10 + months, 1)).toISOString().slice(0, 7));
  });
});
