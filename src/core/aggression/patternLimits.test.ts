import { happened } from '@/testing/happened';
import type { Resident } from '../events';
import { placeText } from '../floor';
import { patternsOf, type PatternInput, type PatternName } from './patterns';
import type { Contest } from './watches';

const fish = (id: string, more: Partial<Record<keyof Resident, unknown>> = {}): Resident =>
  ({
    id,
    species: 'labidochromis-caeruleus',
    individual: true,
    count: 1,
    sex: 'unknown',
    males: null,
    females: null,
    pairedWith: null,
    inTankSince: 'long ago',
    ...more,
  }) as unknown as Resident;
/** Four that are told apart, and a group in which nobody is. */
const GROUP = fish('g', { individual: false, count: 9 });
const residents = [...'abcd'].map((id) => fish(id));

/** So many contests of the first of two letters over the second: "g" is one of the group. */
const times = (n: number, two: string, more: object = {}): Contest[] =>
  Array.from(
    { length: n },
    () =>
      ({
        type: 'chased',
        what: 'chase',
        winner: two[0],
        loser: two[1],
        place: '',
        ...more,
      }) as unknown as Contest,
  );
/** Contests that say nothing of anybody. */
const others = (n: number, more: object = {}): Contest[] => times(n, 'gg', more);

const read = (
  contests: readonly Contest[],
  {
    heads = 10,
    minutes = 60,
    ...more
  }: Partial<PatternInput> & { readonly heads?: number; readonly minutes?: number } = {},
) =>
  patternsOf({
    watches: [{ on: '2026-03-10', minutes, contests, fish: heads }],
    happenings: [],
    residents: [...residents, GROUP],
    daysSince: (moment) => (moment.startsWith('day ') ? Number(moment.slice(4)) : 900),
    femalesPerMale: () => null,
    lengthCm: 120,
    ...more,
  });
const only = (name: PatternName, ...asked: Parameters<typeof read>) =>
  read(...asked).filter((one) => one.name === name);
const saw = (what: string, more: object = {}) =>
  happened({ type: 'saw', on: '2026-03-09', resident: 'a', what, place: '', ...more });

describe('one fish', () => {
  it('rules, or is picked on, from two fifths of all contests on, and only where that is more than its even share', () => {
    expect(read([...times(6, 'ag'), ...others(9)])).toEqual([
      {
        name: 'one boss',
        who: ['a'],
        because: { contests: 15, own: 6, share: 0.4, evenShare: 0.1 },
        sure: 'clear',
        place: '',
        alone: false,
      },
    ]);
    expect(read([...times(6, 'ga'), ...others(9)])).toMatchObject([{ name: 'one victim', who: ['a'] }]);
    expect(read([...times(6, 'ag'), ...others(10)])).toEqual([]);
    // Six of fifteen may be as few as 19 in a hundred: four fish have 25 each.
    expect(read([...times(6, 'ag'), ...others(9)], { heads: 4 })).toEqual([]);
  });
  it('is surer the farther its least share lies above the even one; below twelve contests it is a hint', () => {
    const sure = (n: number, heads: number) =>
      only('one boss', [...times(5, 'ag'), ...others(n - 5)], { heads })[0]?.sure;
    // Five of twelve may be as few as 18.1 in a hundred.
    expect([sure(12, 9), sure(12, 8), sure(11, 9)]).toEqual(['clear', 'likely', 'few data']);
  });
  it('is the first of two that are level', () => {
    expect(only('one boss', [...times(6, 'bg'), ...times(6, 'ag'), ...others(3)])[0]?.who).toEqual(['b']);
  });
  it('is not told from fewer than five contests', () => {
    expect(read(times(4, 'ag'))).toEqual([]);
    expect(read(times(5, 'ag'))).toMatchObject([{ name: 'one boss', sure: 'few data' }]);
  });
});

describe('a duel', () => {
  const duel = (own: readonly [number, number], n: number, more: object = {}) =>
    only(
      'duel',
      [...times(own[0], 'ab'), ...times(own[1], 'ba'), ...others(n - own[0] - own[1], { undecided: true })],
      more,
    );
  it('takes two fifths of all contests, and of these the weaker wins a fifth', () => {
    expect(duel([3, 3], 15)).toEqual([
      {
        name: 'duel',
        who: ['a', 'b'],
        because: { contests: 15, own: 6, wonByFirst: 3 },
        sure: 'clear',
        place: '',
        alone: false,
      },
    ]);
    expect(duel([3, 3], 16)).toEqual([]);
    expect(duel([8, 2], 12)[0]?.because.wonByFirst).toBe(8);
    expect(duel([9, 1], 12)).toEqual([]);
    expect(duel([1, 9], 12)).toEqual([]);
  });
  it('takes five contests, and is a hint below twelve of all', () => {
    expect(duel([2, 2], 10)).toEqual([]);
    expect([duel([3, 2], 11)[0]?.sure, duel([3, 2], 12)[0]?.sure]).toEqual(['few data', 'clear']);
  });
  it('is none between mates, nor with one of a group', () => {
    const mates = [fish('a', { pairedWith: 'b' }), fish('b', { pairedWith: 'a' }), fish('c'), GROUP];
    expect(duel([3, 3], 12, { residents: mates })).toEqual([]);
    expect(duel([3, 3], 12, { residents: [fish('c'), ...residents.slice(0, 2), GROUP] })).toHaveLength(1);
    expect(only('duel', [...times(6, 'ag'), ...times(6, 'ga')])).toEqual([]);
    expect(
      only('duel', [...times(6, 'ag'), ...times(6, 'ga'), ...times(3, 'ab'), ...times(3, 'ba')]),
    ).toEqual([]);
  });
});

describe('a pair on guard', () => {
  const pair = [fish('a', { pairedWith: 'b' }), fish('b', { pairedWith: 'a' }), fish('c'), fish('d'), GROUP];
  const guard = (contests: readonly Contest[], ...happenings: readonly ReturnType<typeof happened>[]) =>
    only('pair on guard', contests, { residents: pair, happenings });
  const left = { place: 'left' };
  it('drives others out of one place', () => {
    const seen = [...times(2, 'ac', left), ...times(1, 'bd', left), ...times(2, 'bc'), ...others(7)];
    expect(guard(seen)).toEqual([
      {
        name: 'pair on guard',
        who: ['a', 'b'],
        because: { contests: 12, own: 5, inOnePlace: 3, breedingNoted: 0 },
        place: 'left',
        sure: 'likely',
        alone: false,
      },
    ]);
    expect(guard([...seen, ...others(1)])).toEqual([]);
    expect(guard([...times(2, 'ac', left), ...times(3, 'bc'), ...others(7)])).toEqual([]);
  });
  it('or has young on the way', () => {
    const seen = [...times(5, 'ac'), ...others(7)];
    expect(guard(seen)).toEqual([]);
    for (const breeding of [
      happened({ type: 'spawned', on: '2026-03-09' }),
      happened({ type: 'fry', on: '2026-03-09' }),
      ...['guarding', 'fry', 'paired', 'dark'].map((what) => saw(what)),
    ])
      expect(guard(seen, breeding)).toMatchObject([
        { sure: 'likely', place: '', because: { inOnePlace: 0, breedingNoted: 1 } },
      ]);
    for (const nothing of [saw('torn'), happened({ type: 'noted', on: '2026-03-09', what: 'fry' })])
      expect(guard(seen, nothing)).toEqual([]);
  });
  it('is clear with both, likely with either, and a hint below twelve contests', () => {
    const sure = (n: number) => guard([...times(5, 'ac', left), ...others(n - 5)], saw('fry'))[0]?.sure;
    expect([sure(12), sure(11)]).toEqual(['clear', 'few data']);
  });
  it('takes five contests, and two fifths of all', () => {
    expect(guard([...times(4, 'ac', left), ...others(6)])).toEqual([]);
    expect(guard([...times(6, 'ac', left), ...others(9)])).toHaveLength(1);
  });
  it('counts neither what mates do to each other nor what is done to them, and no single fish', () => {
    expect(guard([...times(4, 'ac', left), ...times(3, 'ab', left), ...times(3, 'ba', left)])).toEqual([]);
    expect(guard([...times(4, 'ac', left), ...times(3, 'ca', left), ...times(3, 'db', left)])).toEqual([]);
    expect(guard(times(12, 'cd', left))).toEqual([]);
  });
});

describe('a newcomer', () => {
  const picked = (contests: readonly Contest[], more: object = {}) =>
    only('newcomer picked on', contests, {
      residents: [fish('a'), fish('b'), fish('c'), fish('n', { inTankSince: 'day 21' })],
      heads: 4,
      ...more,
    });
  it('is picked on by those that were there before, for three weeks', () => {
    expect(picked([...times(5, 'an'), ...others(1)])).toEqual([
      {
        name: 'newcomer picked on',
        who: ['n'],
        because: { contests: 6, own: 5, evenShare: 0.25 },
        sure: 'few data',
        place: '',
        alone: false,
      },
    ]);
    expect(picked(times(12, 'an'))[0]?.sure).toBe('clear');
    const settled = [fish('a'), fish('n', { inTankSince: 'day 22' })];
    expect(picked(times(12, 'an'), { residents: settled })).toEqual([]);
  });
  it('is nobody where all are new', () => {
    const all = [...'an'].map((id) => fish(id, { inTankSince: 'day 3' }));
    expect(picked([...times(12, 'gn'), ...others(2)], { residents: all })).toEqual([]);
  });
  it('counts what it takes from others only, five times at the least, and more than its even share', () => {
    expect(picked([...times(4, 'an'), ...others(1)])).toEqual([]);
    expect(picked([...times(4, 'an'), ...times(4, 'na')])).toEqual([]);
    const two = ['n', 'm'].map((id) => fish(id, { inTankSince: 'day 3' }));
    expect(picked([...times(4, 'an'), ...times(4, 'mn')], { residents: [fish('a'), ...two] })).toEqual([]);
    // Three of four heads are new: five of six contests may be as few as 42 in a hundred.
    const many = fish('n', { inTankSince: 'day 3', count: 3, individual: false });
    expect(picked([...times(5, 'an'), ...others(1)], { residents: [fish('a'), many] })).toEqual([]);
  });
});

describe('a trigger', () => {
  it.each([
    ['feeding time', 'feeding'],
    ['lights', 'light'],
  ] as const)('%s is named from five contests and two fifths of those that note one', (name, trigger) => {
    const seen = (k: number, n: number) =>
      only(name, [...others(k, { trigger }), ...others(n - k, { trigger: 'nothing seen' }), ...others(5)]);
    expect(seen(6, 15)).toEqual([
      { name, who: [], because: { contests: 15, own: 6 }, sure: 'likely', place: '', alone: false },
    ]);
    expect(seen(6, 16)).toEqual([]);
    expect(seen(4, 4)).toEqual([]);
    expect([seen(5, 11)[0]?.sure, seen(5, 12)[0]?.sure]).toEqual(['few data', 'likely']);
  });
});

describe('one side', () => {
  const side = (here: number, there: number, place = 'left') =>
    only('to one side', [...others(here, { place }), ...others(there, { place: 'right' }), ...others(3)]);
  it('has three fifths of twelve contests and more whose place is noted', () => {
    expect(side(9, 6)).toEqual([
      {
        name: 'to one side',
        who: [],
        because: { contests: 15, own: 9 },
        place: 'left',
        sure: 'likely',
        alone: false,
      },
    ]);
    expect(side(9, 7)).toEqual([]);
    expect(side(8, 3)).toEqual([]);
    expect(side(8, 4)).toHaveLength(1);
    // Where all that is noted is one place, the keeper may have looked nowhere else.
    expect(side(12, 0)).toEqual([]);
  });
  it('takes a press on the floor map for its third of the tank', () => {
    const seen = [10, 30].flatMap((x) => others(5, { place: placeText([x, 5]) }));
    expect(only('to one side', [...seen, ...others(4, { place: 'right' })])[0]?.place).toBe('left, floor');
  });
});

describe('holders of ground', () => {
  const five = [...'abcde'];
  const holders = (ids: readonly string[], here: string, what = 'holds ground') =>
    only('too many holders', [], {
      residents: [...here].map((id) => fish(id)),
      happenings: ids.map((resident) => saw(what, { resident })),
    });
  it('are too many from five on, each counted once, as long as they are here', () => {
    expect(holders([...five, 'a'], 'abcdef')).toEqual([
      {
        name: 'too many holders',
        who: five,
        because: { holders: 5 },
        sure: 'likely',
        place: '',
        alone: false,
      },
    ]);
    expect(holders([...five.slice(1), 'b'], 'abcdef')).toEqual([]);
    expect(holders(five, 'abcd')).toEqual([]);
    expect(holders(five, 'abcdef', 'torn')).toEqual([]);
    expect(holders([...five.slice(1), ''], 'bcde')).toEqual([]);
  });
});

describe('too few females', () => {
  const few = (females: number, own: number, n: number, more: object = {}) =>
    only('too few females', [...times(own, 'ab'), ...others(n - own)], {
      residents: [
        fish('a', { sex: 'male' }),
        fish('b', { sex: 'male' }),
        fish('f', { individual: false, count: females, females, males: 0 }),
      ],
      femalesPerMale: () => 2,
      ...more,
    });
  it('are fewer than the species is kept with, where its males start five contests and two fifths of all', () => {
    expect(few(3, 6, 15)).toEqual([
      {
        name: 'too few females',
        who: ['a', 'b'],
        because: { contests: 15, own: 6, males: 2, females: 3, unsexed: 0, wanted: 2 },
        sure: 'likely',
        place: '',
        alone: false,
      },
    ]);
    expect(few(4, 6, 15)).toEqual([]);
    expect(few(3, 6, 16)).toEqual([]);
    expect(few(3, 4, 5)).toEqual([]);
    expect([few(3, 5, 11)[0]?.sure, few(3, 5, 12)[0]?.sure]).toEqual(['few data', 'likely']);
  });
  it('do not matter to every species', () => {
    expect(few(0, 12, 12, { femalesPerMale: () => null })).toEqual([]);
    expect(few(0, 12, 12, { residents })).toEqual([]);
  });
});

describe('torn fins', () => {
  const torn = (contests: readonly Contest[], more: Parameters<typeof read>[1] = {}) =>
    only('torn, nobody seen', contests, { happenings: [saw('torn'), saw('torn')], ...more });
  it('point to somebody unseen after an hour of watching without a contest of that fish', () => {
    expect(torn([])).toEqual([
      {
        name: 'torn, nobody seen',
        who: ['a'],
        because: { minutes: 60, contests: 0 },
        sure: 'likely',
        place: '',
        alone: false,
      },
    ]);
    expect(torn([], { minutes: 59 })).toEqual([]);
    expect(torn(times(1, 'ba'))).toEqual([]);
    expect(torn(times(1, 'ab', { undecided: true }))).toEqual([]);
    // What it wins, and what neither of two others wins, tears no fin of its own.
    expect(torn([...times(1, 'ab'), ...times(1, 'bc', { undecided: true })])).toHaveLength(1);
  });
  it('are its own doing where it lives alone, and nothing once it is gone', () => {
    expect(torn([], { residents: [fish('a')] })[0]?.alone).toBe(true);
    expect(torn([], { residents: residents.slice(1) })).toEqual([]);
    expect(torn([], { happenings: [saw('holds ground')] })).toEqual([]);
  });
});

it('the surest pattern comes first, and of equals the one that asks for more', () => {
  const seen = [
    ...others(8, { trigger: 'feeding' }),
    ...times(12, 'ag', { trigger: 'light' }),
    ...others(10, { place: 'left' }),
    ...others(2, { place: 'right' }),
  ];
  expect(
    read(seen, { happenings: [saw('torn', { resident: 'd' })], heads: 12 }).map(({ name, sure }) => [
      name,
      sure,
    ]),
  ).toEqual([
    ['feeding time', 'likely'],
    ['lights', 'likely'],
    ['to one side', 'likely'],
    ['torn, nobody seen', 'likely'],
  ]);
  const boss = [...times(14, 'ag', { trigger: 'light' }), ...others(8, { trigger: 'feeding' })];
  expect(read(boss).map(({ name, sure }) => [name, sure])).toEqual([
    ['one boss', 'clear'],
    ['lights', 'likely'],
  ]);
  const hints = [...times(5, 'ag'), ...others(5, { trigger: 'feeding' })];
  expect(
    read(hints, { happenings: [saw('torn', { resident: 'd' })] }).map(({ name, sure }) => [name, sure]),
  ).toEqual([
    ['torn, nobody seen', 'likely'],
    ['one boss', 'few data'],
    ['feeding time', 'few data'],
  ]);
});
