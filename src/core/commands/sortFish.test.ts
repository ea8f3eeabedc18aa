import { cameOf, memberOf } from '@/testing/happened';
import type { Change, Stamp } from '../gate/change';
import { applyEvent, type Dated } from '../events/events';
import { EMPTY_ROOM } from '../events/room';
import type { EntryId, TankId } from '../kernel/schema/ids';
import { isSorted, type Sorted, type SortingSession, sortFish } from './sortFish';

const on = '2026-05-01T18:00:00.000Z';
let ids = 0;
const stamp: Stamp = { id: () => `s${(ids += 1)}` as EntryId, now: () => on };
const start = applyEvent(
  EMPTY_ROOM,
  cameOf('2026-02-01T12:00:00.000Z', [
    memberOf('a'),
    memberOf('b'),
    memberOf('c'),
    { ...memberOf('g'), individual: false, count: 6 },
  ]),
);
const fish = (id: string, more: Partial<Sorted> = {}): Sorted => ({
  resident: start.residents[id]!,
  goes: 'stays',
  ...more,
});
const sorted = (list: readonly Sorted[], more: Partial<SortingSession> = {}): readonly Dated[] =>
  sortFish(
    {
      tank: 'T' as TankId,
      on,
      fish: list,
      incoming: [],
      taker: 'Maren',
      reason: 'surplus male',
      credit: '12',
      cause: '',
      incident: 'heater',
      isRearranged: false,
      note: '',
      ...more,
    },
    stamp,
  ).map((change: Change) => (change as { readonly entry: Dated }).entry);
const U = 'U' as TankId;

describe('a sorting session', () => {
  it('says nothing of fish of which nothing is said', () => {
    expect(sorted([fish('a'), fish('b', { sex: 'unknown', name: start.residents['b']!.name })])).toEqual([]);
    // A name that was cleared names nobody.
    expect(isSorted(fish('a', { name: '' }))).toBe(false);
  });
  it('sexes, names, measures and moves in one go, at one moment', () => {
    const entries = sorted([
      fish('a', { sex: 'male', name: 'Torn', lengthCm: 9, goes: 'moves', into: U }),
      fish('b', { sex: 'female' }),
    ]);
    expect(entries.map(({ type }) => type)).toEqual(['sexed', 'named', 'measured', 'moved', 'sexed']);
    expect(new Set(entries.map((entry) => entry.on))).toEqual(new Set([on]));
    const { residents, loose } = entries.reduce(applyEvent, start);
    expect(loose).toEqual([]);
    expect(residents['a']).toMatchObject({ sex: 'male', name: 'Torn', lengthCm: 9, tank: U });
  });
  it('gives several to one taker for one credit, and lets several die of one incident', () => {
    const gone = sorted([fish('a', { goes: 'leaves' }), fish('b', { goes: 'leaves' })]);
    expect(gone).toMatchObject([
      { type: 'rehomed', resident: 'a', taker: 'Maren', reason: 'surplus male', credit: '12' },
      { type: 'rehomed', resident: 'b', taker: 'Maren', credit: '' },
    ]);
    const dead = sorted(['a', 'b', 'c'].map((id) => fish(id, { goes: 'died' })));
    expect(dead.map((entry) => 'incident' in entry && entry.incident)).toEqual([
      'heater',
      'heater',
      'heater',
    ]);
  });
  it('tells some of a group from the others before they move, and moves a whole one as it is', () => {
    const { residents } = sorted([fish('g', { goes: 'moves', into: U, count: 2 })]).reduce(applyEvent, start);
    expect(residents['g']).toMatchObject({ count: 4, tank: 'T' });
    expect(Object.values(residents).find(({ tank }) => tank === U)).toMatchObject({
      count: 2,
      individual: false,
    });
    expect(sorted([fish('g', { goes: 'moves', into: U })]).map(({ type }) => type)).toEqual(['moved']);
  });
  it('notes that the rock was moved, and takes no more of a group than there are', () => {
    expect(sorted([], { isRearranged: true })).toMatchObject([{ type: 'stepped-in', step: 'rearranged' }]);
    expect(sorted([fish('g', { goes: 'died', count: 60 })])).toMatchObject([{ count: 6 }]);
  });
  it('lets newcomers in after the rock was moved, from another tank or from elsewhere', () => {
    const elsewhere = applyEvent(start, cameOf('2026-02-01T12:00:00.000Z', [memberOf('q')], { tank: 'Q' }));
    const entries = sorted([], {
      isRearranged: true,
      incoming: [
        { is: 'here', resident: elsewhere.residents['q']! },
        {
          is: 'new',
          species: 'maylandia-estherae',
          count: 3,
          as: 'individuals',
          lengthCm: 5,
          from: 'a club',
        },
        { is: 'new', species: 'ancistrus-cf-cirrhosus', count: 4, as: 'group', lengthCm: 3, from: '' },
      ],
    });
    expect(entries.map(({ type }) => type)).toEqual(['stepped-in', 'moved', 'came', 'came']);
    const { residents, loose } = entries.reduce(applyEvent, elsewhere);
    expect(loose).toEqual([]);
    expect(residents['q']?.tank).toBe('T');
    const ofKind = (species: string) => Object.values(residents).filter((one) => one.species === species);
    expect(ofKind('maylandia-estherae').map(({ count, quarantine }) => [count, quarantine])).toEqual(
      Array(3).fill([1, 'none']),
    );
    expect(ofKind('ancistrus-cf-cirrhosus').map(({ count }) => count)).toEqual([4]);
  });
});
