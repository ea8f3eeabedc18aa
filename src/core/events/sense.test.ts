import { cameOf, happened, memberOf } from '@/testing/happened';
import { applyEvent, type Dated, definitionOf, residentsOfEvent } from './events';
import { EMPTY_ROOM, type Room } from './room';
import { countFaults, goneFaults, newcomerFaults, sexFaults } from './sense';

const day = (n: number, hour = 12): string => new Date(Date.UTC(2026, 3, n, hour)).toISOString();
const roomOf = (...events: readonly Dated[]): Room => events.reduce(applyEvent, EMPTY_ROOM);
const single = (id: string) => cameOf(day(1), [memberOf(id)]);
const group = (id: string, count = 6, more: object = {}) =>
  cameOf(day(1), [{ ...memberOf(id, count), individual: false, ...more }]);
/** What a kind of entry says against an event, by path and expectation. */
const against = (event: Dated, room: Room): readonly object[] =>
  (definitionOf(event.type).sense?.(event, room) ?? []).map(({ path, expected, received }) => ({
    path,
    expected,
    received,
  }));
const value = (text: string | number) => ({
  is: 'value',
  text: typeof text === 'number' ? `${text}` : `"${text}"`,
});
const looseIn = (room: Room) => room.loose.map(({ why }) => why);

describe('numbers that contradict each other', () => {
  it('are more sexes than animals', () => {
    expect(sexFaults({ males: 2, females: 4, count: 6 })).toEqual([]);
    expect(sexFaults({ males: null, females: 6, count: 6 })).toEqual([]);
    expect(sexFaults({ females: 7, count: 6 }, 'into.')).toEqual([
      { path: 'into.males', expected: { is: 'sexes', males: 0, females: 7, count: 6 }, received: value(7) },
    ]);
    expect(sexFaults({ males: 3, females: 4, count: 6 })).toEqual([
      { path: 'males', expected: { is: 'sexes', males: 3, females: 4, count: 6 }, received: value(7) },
    ]);
  });
  it('are newcomers that are there already, stand twice, or are one and many', () => {
    const room = roomOf(single('a'));
    expect(newcomerFaults([memberOf('b'), memberOf('c')], room, 'members')).toEqual([]);
    expect(newcomerFaults([memberOf('a'), memberOf('b'), memberOf('b')], room, 'members')).toEqual([
      { path: 'members[0].id', expected: { is: 'new here' }, received: value('a') },
      { path: 'members[2].id', expected: { is: 'new here' }, received: value('b') },
    ]);
    const many = { ...memberOf('d', 2), individual: true, males: 3 };
    expect(newcomerFaults([many], room, 'member')).toMatchObject([
      { path: 'member.count', expected: { is: 'exactly', value: 1, for: 'individual' }, received: value(2) },
      { path: 'member.males', expected: { is: 'sexes', males: 3, females: 0, count: 2 } },
    ]);
    expect(newcomerFaults([many], room, 'into')[0]?.path).toBe('into[0].count');
    expect(newcomerFaults([memberOf('b'), many], room, 'member')[0]?.path).toBe('member[1].count');
  });
  it('are more that go than there are; nobody is asked about one that is not here', () => {
    const room = roomOf(group('g'));
    expect(countFaults(room, 'g', 6)).toEqual([]);
    expect(countFaults(room, 'nobody', 6)).toEqual([]);
    expect(countFaults(room, 'g', 7)).toEqual([
      { path: 'count', expected: { is: 'here', count: 6 }, received: value(7) },
    ]);
  });
  it('are one that left on an earlier day; on its last day it may still be told of', () => {
    const room = roomOf(
      single('a'),
      happened({ type: 'died', on: day(9, 8), resident: 'a', count: 1, how: 'found', cause: '' }),
    );
    expect(goneFaults(room, 'a', day(9, 20), 'resident')).toEqual([]);
    expect(goneFaults(room, 'nobody', day(12), 'resident')).toEqual([]);
    expect(goneFaults(room, 'a', day(10, 1), 'resident')).toEqual([
      { path: 'resident', expected: { is: 'still here on', leftOn: '2026-04-09' }, received: value('a') },
    ]);
  });
});

describe('an arrival', () => {
  it('stays until a day that is not before it came', () => {
    const until = (of: string) => against(cameOf(day(5), [memberOf('a')], { until: of }), EMPTY_ROOM);
    expect(until('2026-04-05')).toEqual([]);
    expect(until('2026-04-04')).toEqual([
      { path: 'until', expected: { is: 'arrived by', on: '2026-04-05' }, received: value('2026-04-04') },
    ]);
    expect(against(cameOf(day(5), [memberOf('a')]), roomOf(single('a')))).toMatchObject([
      { path: 'members[0].id' },
    ]);
  });
  it('leaves empty what nobody said', () =>
    expect(roomOf(single('a')).residents['a']).toMatchObject({
      bornHere: false,
      bornAbout: '',
      daysInShop: null,
      way: null,
      nextTank: '',
      until: null,
      sexSure: 'guess',
      run: null,
    }));
});

describe('a split', () => {
  const split = (count: number, resident = 'g') =>
    happened({ type: 'split', on: day(3), resident, into: [{ ...memberOf('p', count), individual: false }] });
  it('takes no more than there are', () => {
    const room = roomOf(group('g'));
    expect(against(split(6), room)).toEqual([]);
    expect(against(split(7), room)).toEqual([
      { path: 'into', expected: { is: 'here', count: 6 }, received: value(7) },
    ]);
    expect(against(split(7, 'nobody'), room)).toEqual([]);
    expect(looseIn(roomOf(group('g'), split(7)))).toEqual(['too many']);
    expect(looseIn(roomOf(split(1)))).toEqual(['nobody']);
  });
  it('leaves the rest here, or nobody', () => {
    expect(roomOf(group('g'), split(5)).residents['g']).toMatchObject({ count: 1, leftOn: null });
    expect(roomOf(group('g'), split(6)).residents['g']).toMatchObject({ count: 0, leftOn: day(3) });
    expect(residentsOfEvent(split(2))).toEqual(['g', 'p']);
  });
  it('takes from the sexes that are known, the larger share first, and guesses none', () => {
    const left = (males: number | null, females: number | null, count: number) => {
      const { residents } = roomOf(group('g', 6, { males, females }), split(count));
      return [residents['g']?.males, residents['g']?.females];
    };
    expect(left(2, 4, 1)).toEqual([2, 3]);
    expect(left(2, 4, 5)).toEqual([1, 0]);
    expect(left(3, 3, 4)).toEqual([1, 1]);
    expect(left(1, 3, 2)).toEqual([1, 3]);
    expect(left(null, 5, 3)).toEqual([null, 5]);
    expect(left(5, null, 3)).toEqual([5, null]);
  });
});

describe('back again', () => {
  const back = (what: string, more: object = {}) =>
    happened({ type: 'back-again', on: day(20), resident: 'a', tank: 'U', what, count: 1, ...more });
  const died = (count = 1) =>
    happened({ type: 'died', on: day(9), resident: 'a', count, how: 'found', cause: '' });
  const given = (count = 1) =>
    happened({ type: 'rehomed', on: day(9), resident: 'a', count, reason: 'surplus', taker: '', credit: '' });
  const begun = happened({ type: 'quarantine', on: day(19), tank: 'U', what: 'begun' });
  it('is no more than died, were given away, sit in a box or are paired', () => {
    const many = (...then: readonly Dated[]) => roomOf(group('a', 6), ...then);
    for (const [what, room, most] of [
      ['found alive', many(died(2)), 2],
      ['returned', many(given(3)), 3],
      ['out of the box', many(), 0],
      ['pair parted', many(), 0],
    ] as const) {
      expect(against(back(what, { count: most + 1 }), room)).toEqual([
        { path: 'count', expected: { is: 'here', count: most }, received: value(most + 1) },
      ]);
      if (most > 0) expect(against(back(what, { count: most }), room)).toEqual([]);
      expect(looseIn(applyEvent(room, back(what, { count: most + 1 })))).toEqual(['too many']);
    }
    expect(looseIn(roomOf(back('found alive')))).toEqual(['nobody']);
    expect(against(back('found alive'), EMPTY_ROOM)).toEqual([]);
    expect(residentsOfEvent(back('returned'))).toEqual(['a']);
  });
  it('found alive is as if it had not died, and stays in the tank it was found in', () => {
    const { residents, tanks } = roomOf(group('a', 6), died(2), back('found alive'));
    expect(residents['a']).toMatchObject({ count: 5, died: 1, tank: 'U', leftOn: null, inTankSince: day(1) });
    expect(tanks['U']?.lastArrival ?? null).toBeNull();
  });
  it('returned is a newcomer: in its tank since today, in the quarantine that runs there', () => {
    const { residents, tanks } = roomOf(
      group('a', 6),
      given(2),
      begun,
      back('returned', { quarantine: 'here' }),
    );
    expect(residents['a']).toMatchObject({
      count: 5,
      rehomed: 1,
      tank: 'U',
      inTankSince: day(20),
      quarantine: 'here',
      run: { begunOn: day(19) },
    });
    expect(tanks['U']).toMatchObject({ lastArrival: day(20), quarantine: { takenOn: day(20) } });
    expect(roomOf(group('a', 6), given(2), back('returned')).residents['a']).toMatchObject({
      quarantine: 'none',
      run: null,
    });
  });
  it('out of the box and without its mate it stays where it is', () => {
    const boxed = happened({ type: 'stepped-in', on: day(3), step: 'box or divider', who: 'a' });
    const out = roomOf(single('a'), boxed, begun, back('out of the box'));
    expect(out.residents['a']).toMatchObject({ boxed: null, tank: 'T', run: null });
    expect(out.tanks['U']?.lastArrival ?? null).toBeNull();
    const paired = happened({ type: 'paired', on: day(3), first: 'a', second: 'b' });
    const parted = roomOf(single('a'), single('b'), paired, back('pair parted'));
    expect([parted.residents['a']?.pairedWith, parted.residents['b']?.pairedWith]).toEqual([null, null]);
    // A fish out of its box is still paired.
    const both = roomOf(single('a'), single('b'), paired, boxed, back('out of the box'));
    expect([both.residents['a']?.pairedWith, both.residents['b']?.pairedWith]).toEqual(['b', 'a']);
  });
});

describe('a decision to rehome', () => {
  const toGo = (count: number) =>
    happened({ type: 'to-go', on: day(3), resident: 'g', count, reason: 'surplus', taker: '' });
  const left = (type: 'rehomed' | 'died', count: number, meant = 4) =>
    roomOf(
      group('g'),
      toGo(meant),
      happened({
        type,
        on: day(5),
        resident: 'g',
        count,
        reason: 'surplus',
        taker: '',
        credit: '',
        how: 'found',
        cause: '',
      }),
    ).residents['g']?.toGo?.count ?? null;
  it('is done by those that are given away, and stands for those that are left of the others', () => {
    expect([left('rehomed', 1), left('rehomed', 4), left('rehomed', 5)]).toEqual([3, null, null]);
    expect([left('died', 1), left('died', 3), left('died', 6)]).toEqual([4, 3, null]);
    expect(
      roomOf(
        group('g'),
        happened({ type: 'died', on: day(5), resident: 'g', count: 1, how: 'found', cause: '' }),
      ).residents['g']?.toGo,
    ).toBeNull();
  });
});

describe('two that are told of together', () => {
  const died = happened({ type: 'died', on: day(4), resident: 'b', count: 1, how: 'found', cause: '' });
  const chase = (winner: string, loser: string, on = day(6)) =>
    happened({ type: 'chased', on, watch: '', winner, loser, what: 'chase', place: '' });
  const pair = (first: string, second: string) => happened({ type: 'paired', on: day(6), first, second });
  const gone = { is: 'still here on', leftOn: '2026-04-04' };
  it('are two, unless nobody could tell one of a group from another', () => {
    const room = roomOf(single('a'), single('b'), group('g'));
    for (const fine of [
      chase('a', 'b'),
      chase('g', 'g'),
      chase('some-male-x', 'some-male-x'),
      pair('a', 'b'),
    ])
      expect(against(fine, room)).toEqual([]);
    expect(against(chase('a', 'a'), room)).toEqual([
      { path: 'loser', expected: { is: 'another', than: 'winner' }, received: value('a') },
    ]);
    expect(against(pair('a', 'a'), room)).toEqual([
      { path: 'second', expected: { is: 'another', than: 'first' }, received: value('a') },
    ]);
    expect([residentsOfEvent(chase('a', 'b')), residentsOfEvent(pair('a', 'b'))]).toEqual([
      ['a', 'b'],
      ['a', 'b'],
    ]);
  });
  it('are both still here', () => {
    const room = roomOf(single('a'), single('b'), died);
    const where = (event: Dated) => against(event, room);
    expect(where(chase('b', 'a'))).toEqual([{ path: 'winner', expected: gone, received: value('b') }]);
    expect(where(chase('a', 'b'))).toEqual([{ path: 'loser', expected: gone, received: value('b') }]);
    expect(where(pair('b', 'a'))).toEqual([{ path: 'first', expected: gone, received: value('b') }]);
    expect(where(pair('a', 'b'))).toEqual([{ path: 'second', expected: gone, received: value('b') }]);
  });
});

describe('young that are kept', () => {
  const born = (id: string) =>
    happened({
      type: 'born',
      on: day(6),
      species: 'labidochromis-caeruleus',
      member: { ...memberOf(id, 5), individual: false },
      lengthCm: 1,
    });
  it('are of this room: a brood of its own, born here, past any quarantine', () => {
    expect(against(born('a'), roomOf(single('a')))).toMatchObject([{ path: 'member.id' }]);
    expect(residentsOfEvent(born('y'))).toEqual(['y']);
    expect(roomOf(born('y')).residents['y']).toMatchObject({
      count: 5,
      source: '',
      way: 'own brood',
      quarantine: 'done',
      bornAbout: '2026-04-06',
      nextTank: '',
      bornHere: true,
    });
  });
});
