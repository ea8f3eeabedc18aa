import { file, wish } from '@/testing/lineups/asked';
import { pairKey, type Against, type BuiltProblem } from './buildProblem';
import { leftOutOf } from './leftOut';
import type { ProblemItem } from './problem';

/** A group of a made-up wish: so many fish, worth 1, that make this much nitrate and stand in the middle. */
interface Group {
  readonly wish: number;
  readonly count?: number;
  readonly nitrate?: number;
  readonly room?: Partial<ProblemItem['room']>;
  readonly covers?: ProblemItem['covers'];
  readonly trouble?: number;
}
const NAMES = ['living', 'wished', 'other'];
const stop = (rule: string): Against => ({ rule, species: ['wished'] }) as unknown as Against;

/** What is said of the wishes left out by these groups: a tank that carries 10 mg/L a week and 5 in each layer. */
function said(
  groups: readonly Group[],
  chosen: readonly number[],
  {
    pairs = [],
    dropped = [],
    stopOn = () => null,
    trouble,
  }: {
    readonly pairs?: readonly (readonly [number, number, string])[];
    readonly dropped?: BuiltProblem['dropped'];
    readonly stopOn?: (items: readonly number[]) => Against | null;
    readonly trouble?: number;
  } = {},
) {
  const room = { top: 5, middle: 5, bottom: 5 };
  const built = {
    candidates: groups.map((group) => ({ wish: group.wish })),
    dropped,
    speciesOf: NAMES,
    why: new Map(pairs.map(([a, b, rule]) => [pairKey(a, b), stop(rule)])),
    loss:
      trouble &&
      ((items: readonly number[]) =>
        items.reduce((sum, item) => sum + (groups[item]!.trouble ?? 0), 0) * trouble),
    problem: {
      items: groups.map(({ wish: at, count = 1, nitrate = 1, room: used, covers = ['middle'] }) => ({
        species: NAMES[at],
        count,
        value: 1,
        nitrateMgLWeek: nitrate,
        room: { top: 0, middle: 1, bottom: 0, ...used },
        covers,
      })),
      limits: { nitrateMgLWeek: 10, room },
      layerBonus: 1,
    },
  } as unknown as BuiltProblem;
  const wishes = [...new Set([...groups.map((group) => group.wish), ...dropped.map((one) => one.wish)])];
  return leftOutOf(file(wishes.map((at) => wish(NAMES[at]!))), built, chosen, stopOn).map(
    ({ species, why, by }) => ({
      species,
      ...('fact' in why ? (why.fact as { readonly says: string }) : {}),
      by: typeof by === 'object' && by ? by.rule : by,
    }),
  );
}

describe('what a line-up leaves out', () => {
  it('is each wish that none of its groups is of', () => {
    expect(said([{ wish: 0 }, { wish: 1 }, { wish: 2 }], [1]).map((one) => one.species)).toEqual([
      'living',
      'other',
    ]);
    expect(said([{ wish: 0 }, { wish: 1 }, { wish: 2 }], [0, 1, 2])).toEqual([]);
  });

  it('is out by what no number of it comes past in this tank, or has no number', () => {
    const dropped = [
      { wish: 1, against: stop('too small a tank') },
      { wish: 2, against: stop('another') },
    ];
    expect(said([{ wish: 0 }], [0], { dropped })).toEqual([
      { species: 'wished', by: 'too small a tank' },
      { species: 'other', by: 'another' },
    ]);
    expect(
      leftOutOf(
        file([wish('none')]),
        {
          candidates: [],
          dropped: [],
          speciesOf: ['none'],
          problem: { items: [], limits: { room: {} } },
        } as unknown as BuiltProblem,
        [],
        () => null,
      ),
    ).toMatchObject([{ species: 'none', why: { fact: { says: 'line-up/no number' } }, by: null }]);
  });

  it('is out by the species of the list that excludes it', () => {
    const groups = [{ wish: 0 }, { wish: 2 }, { wish: 1 }];
    const pairs = [
      [0, 2, 'eats'],
      [1, 2, 'nips'],
    ] as const;
    expect(said(groups, [0], { pairs })).toContainEqual({ species: 'wished', by: 'eats' });
    expect(said(groups, [1], { pairs })).toContainEqual({ species: 'wished', by: 'nips' });
    expect(said(groups, [], { pairs })).toContainEqual({
      species: 'wished',
      says: 'line-up/fits too',
      by: null,
    });
  });

  it('is out by the nitrate that the list leaves, as soon as it makes more', () => {
    const of = (living: number, wished: number) =>
      said(
        [
          { wish: 0, nitrate: living },
          { wish: 1, nitrate: wished },
        ],
        [0],
      );
    expect(of(7, 3.5)).toEqual([{ species: 'wished', says: 'line-up/nitrate', leftMgL: 3, by: 'nitrate' }]);
    expect(of(7, 3)).toEqual([{ species: 'wished', says: 'line-up/fits too', by: null }]);
    // Sums of tenths are a hair beside the limit.
    expect(of(9.9, 0.1)).toEqual([{ species: 'wished', says: 'line-up/fits too', by: null }]);
    expect(of(12, 1)).toMatchObject([{ says: 'line-up/nitrate', leftMgL: 0 }]);
  });

  it.each(['top', 'middle', 'bottom'] as const)('is out by the room that is left at the %s', (layer) => {
    const of = (living: number, wished: number) =>
      said(
        [
          { wish: 0, room: { middle: 0, [layer]: living } },
          { wish: 1, room: { middle: 0, [layer]: wished } },
        ],
        [0],
      );
    expect(of(3, 2.5)).toEqual([{ species: 'wished', says: 'line-up/layer', layer, by: 'room' }]);
    expect(of(3, 2)).toEqual([{ species: 'wished', says: 'line-up/fits too', by: null }]);
  });

  it('is out by what keeps its smallest number out', () => {
    const groups = [
      { wish: 0, nitrate: 7 },
      { wish: 1, count: 10, nitrate: 4, room: { middle: 2 } },
      { wish: 1, count: 6, nitrate: 2, room: { middle: 6 } },
    ];
    expect(said(groups, [0])).toMatchObject([{ says: 'line-up/layer', layer: 'middle' }]);
    expect(said(groups, [0], { pairs: [[0, 2, 'nips']] })).toEqual([{ species: 'wished', by: 'nips' }]);
  });

  it('is not out where one of its numbers fits', () => {
    const groups = [{ wish: 0 }, { wish: 1, count: 6 }, { wish: 1, count: 10 }];
    const pairs = [[0, 1, 'nips']] as const;
    expect(said(groups, [0], { pairs })).toEqual([{ species: 'wished', says: 'line-up/fits too', by: null }]);
  });

  it('is not worth less where a larger number is worth more', () => {
    const groups = [{ wish: 0 }, { wish: 1, count: 6, trouble: 3 }, { wish: 1, count: 10, trouble: 1 }];
    expect(said(groups, [0], { trouble: 0.5 })).toEqual([
      { species: 'wished', says: 'line-up/fits too', by: null },
    ]);
    expect(said(groups.slice(0, 2), [0], { trouble: 0.5 })).toMatchObject([{ says: 'line-up/worth less' }]);
  });

  it('is out by the stop that the whole list has with it', () => {
    const groups = [{ wish: 0 }, { wish: 1 }, { wish: 2 }];
    const stopOn = (items: readonly number[]) => (items.join() === '0,1,2' ? stop('too many in all') : null);
    expect(said(groups, [0, 2], { stopOn })).toEqual([{ species: 'wished', by: 'too many in all' }]);
    expect(said(groups, [0], { stopOn }).map((one) => one.by)).toEqual([null, null]);
  });

  it('makes the list worth less where its problems weigh more than it gives', () => {
    const of = (trouble: number, covers: ProblemItem['covers'] = ['middle']) =>
      said(
        [
          { wish: 0, trouble: 3 },
          { wish: 1, trouble: 2, covers },
        ],
        [0],
        { trouble },
      )[0]!.says;
    // It is worth 1 and has two problems.
    expect([of(0.4), of(0.5), of(0.6)]).toEqual([
      'line-up/fits too',
      'line-up/fits too',
      'line-up/worth less',
    ]);
    // A layer more gives 1 as well; one that the list has already gives nothing.
    expect([of(0.6, ['top']), of(1.1, ['top', 'middle'])]).toEqual([
      'line-up/fits too',
      'line-up/worth less',
    ]);
  });
});
