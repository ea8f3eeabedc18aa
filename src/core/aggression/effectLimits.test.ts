import { happened } from '@/testing/happened';
import { at, four } from '@/testing/watches';
import type { Standing } from '../events';
import { rateRatio } from '../stats';
import type { Bundle } from './bundles';
import { bundlesOf } from './bundles';
import { movedTo } from './movedTo';
import { effectsIn, stepEffect, type StepEffect } from './stepEffect';
import type { Contest, Watch } from './watches';
import { whatWorked } from './whatWorked';

const STEP = at(10, 20);
const bundle = (more: Partial<Bundle> = {}): Bundle => ({
  ids: ['x'],
  on: STEP,
  steps: ['rearranged'],
  notes: [],
  aside: null,
  gone: [],
  ...more,
});
const watched = (on: string, contests: number, fish = 4, minutes = 20): Watch => ({
  on,
  minutes,
  contests: Array.from({ length: contests }, () => ({}) as Contest),
  fish,
});
const effect = (
  before: readonly number[],
  after: readonly number[],
  {
    fish = [4, 4],
    now = at(28),
    minutes = 20,
  }: { fish?: [number, number]; now?: string; minutes?: number } = {},
): StepEffect =>
  stepEffect(
    bundle(),
    [
      ...before.map((count, i) => watched(at(1 + i), count, fish[0], minutes)),
      ...after.map((count, i) => watched(at(14 + i), count, fish[1], minutes)),
    ],
    null,
    null,
    now,
  );

describe('the scatter of watches', () => {
  it('is Pearson’s chi-square over its degrees of freedom, from four watches on', () => {
    // 3, 9 and 6, 6: one rate of 6 a watch on both sides; (9 + 9) / 6 = 3 on two degrees of freedom.
    expect(effect([3, 9], [6, 6]).scatter).toBeCloseTo(1.5, 12);
    expect(effect([3, 9], [6]).scatter).toBeNull();
    expect(effect([3, 9, 6], [0]).scatter).toBeCloseTo(1.5, 12);
    expect(effect([0, 0], [3, 9]).scatter).toBeCloseTo(1.5, 12);
  });
  it('is uneven where chance does it less than once in ten times (chi-square tables: 4.605 on two degrees)', () => {
    // One rate of 4: (9 + 9) / 4 = 4.5; one of 4.5: 2 x 12.25 / 4.5 = 5.4.
    expect(effect([1, 7], [4, 4])).toMatchObject({ scatter: 2.25, uneven: false });
    expect(effect([1, 8], [5, 5]).uneven).toBe(true);
    expect(effect([4, 4], [4, 4])).toMatchObject({ scatter: 0, uneven: false });
  });
  it('widens the limits by Student’s t and the root of the scatter (t tables: 4.303 on two degrees)', () => {
    const { ratio } = effect([0, 20], [4, 4]);
    // Chi-square 20 on two degrees: a scatter of 10.
    const reach = 4.303 * Math.sqrt(10 * (1 / 20 + 1 / 8));
    expect(ratio.ratio).toBeCloseTo(0.4, 12);
    expect(ratio.interval[0]! / (0.4 * Math.exp(-reach))).toBeCloseTo(1, 2);
    expect(ratio.interval[1]! / (0.4 * Math.exp(reach))).toBeCloseTo(1, 2);
  });
  it('never makes the limits narrower than the exact ones, and leaves none where one side saw nothing', () => {
    const none = effect([0, 30], [0, 0]);
    expect(none.uneven).toBe(true);
    expect(none.ratio).toEqual(rateRatio(none.before, none.after));
    const first = effect([0, 0], [0, 30]);
    expect(first.ratio).toEqual(rateRatio(first.before, first.after));
    const some = effect([3, 13], [8, 8]);
    const exact = rateRatio(some.before, some.after);
    expect(some.uneven).toBe(true);
    expect(some.ratio.interval[0]!).toBeLessThanOrEqual(exact.interval[0]!);
    expect(some.ratio.interval[1]!).toBeGreaterThanOrEqual(exact.interval[1]!);
  });
});

describe('the verdict', () => {
  it('is worse where the limits lie above one, helped where they lie below, and open between', () => {
    expect(effect([2, 2], [12, 12]).verdict).toBe('worse');
    expect(effect([12, 12], [2, 2]).verdict).toBe('helped');
    expect(effect([6, 6], [5, 6]).verdict).toBe('open');
    expect(effect([], [5, 6])).toMatchObject({
      verdict: 'nothing to go by',
      ratio: { ratio: null, interval: [null, null], midInterval: [null, null], p: 1 },
      scatter: null,
      moreMinutes: null,
    });
  });
  it('needs no more watching once it is settled', () => {
    expect(effect([12, 12], [2, 2]).moreMinutes).toBeNull();
    // As many minutes as make the exact limits leave out one, at the rates that were seen.
    const open = effect([8, 8], [4, 4]);
    const more = open.moreMinutes!;
    const then = (minutes: number) => {
      const events = Math.round(8 + (8 / 40) * minutes);
      return rateRatio(open.before, { events, minutes: 40 + minutes }).interval[1]!;
    };
    expect(then(more)).toBeLessThan(1);
    expect(then(more - 10)).toBeGreaterThanOrEqual(1);
  });
  it('settles while its two days last', () => {
    expect(effect([6], [], { now: at(12, 19, 59) }).settling).toBe(true);
    expect(effect([6], [], { now: at(12, 20) }).settling).toBe(false);
  });
});

describe('the rate per possible pair', () => {
  it('goes by the pairs that the heads make, and is told only where they differ', () => {
    // Six pairs of four fish, three of three: as many contests are twice as many a pair.
    expect(effect([6, 6], [6, 6], { fish: [4, 3] }).perPair).toBeCloseTo(2, 12);
    expect(effect([6, 6], [6, 6]).perPair).toBeNull();
    expect(effect([6, 6], [6, 6], { fish: [4, 1] }).perPair).toBeNull();
    expect(effect([6, 6], [6, 6], { fish: [1, 4] }).perPair).toBeNull();
    expect(effect([0, 0], [0, 0], { fish: [4, 3] }).perPair).toBeNull();
  });
});

describe('the watches on both sides of a step', () => {
  const counted = (watches: readonly Watch[], previous: string | null, next: string | null) => {
    const { before, after } = stepEffect(bundle(), watches, previous, next, at(28));
    return [before.events, after.events];
  };
  it('go from two days after the step before it up to it, and from two days after it up to the next', () => {
    const edges = [
      watched(at(5, 19, 59), 1),
      watched(at(5, 20), 10),
      watched(STEP, 100),
      watched(at(10, 20, 1), 1000),
      watched(at(12, 19, 59), 1000),
      watched(at(12, 20), 10_000),
      watched(at(20, 20), 100_000),
      watched(at(20, 20, 1), 1),
    ];
    expect(counted(edges, at(3, 20), at(20, 20))).toEqual([110, 110_000]);
  });
  it('of a fish put aside are those of its time away, without the moment of the step', () => {
    const aside = { resident: 'a', from: STEP, is: 'back', to: at(14, 20) } as const;
    const { during } = stepEffect(
      bundle({ aside }),
      [watched(STEP, 1), watched(at(11), 10), watched(at(14, 20), 100), watched(at(14, 20, 1), 1000)],
      null,
      null,
      at(28),
    );
    expect(during).toMatchObject({ events: 110, watches: 2 });
  });
});

describe('what worked', () => {
  const told = (steps: readonly string[], verdict: StepEffect['verdict']) =>
    ({ bundle: bundle({ steps: steps as Bundle['steps'] }), verdict }) as StepEffect;
  it('counts each verdict, and all that is not decided as open', () => {
    expect(
      whatWorked([
        told(['rearranged'], 'helped'),
        told(['rearranged', 'sight breaks'], 'worse'),
        told(['rearranged'], 'open'),
        told(['rearranged', 'rearranged'], 'nothing to go by'),
        told(['rearranged'], 'lasts'),
      ]),
    ).toEqual(
      [
        { step: 'sight breaks', tried: 1, helped: 0, worse: 1, open: 0, alwaysInBundle: true },
        { step: 'rearranged', tried: 5, helped: 1, worse: 1, open: 3, alwaysInBundle: false },
      ].reverse(),
    );
  });
  it('is told from what helped most to what made it worse most, and by name where both are level', () => {
    const order = whatWorked([
      told(['sight breaks'], 'open'),
      told(['fed more often'], 'worse'),
      told(['rearranged'], 'open'),
      told(['dither fish'], 'helped'),
      told(['dither fish'], 'worse'),
      told(['shorter light'], 'helped'),
      told(['fewer hides'], 'worse'),
      told(['fewer hides'], 'worse'),
    ]);
    expect(order.map(({ step }) => step)).toEqual([
      'shorter light',
      'dither fish',
      'rearranged',
      'sight breaks',
      'fed more often',
      'fewer hides',
    ]);
  });
});

const moved = (resident: string, tank: string, on: string, from = 'T'): Standing =>
  ({ ...happened({ type: 'moved', on, resident }), tank, from }) as unknown as Standing;

describe('the tank to which most went', () => {
  const to = (...events: readonly Standing[]) => movedTo([four, ...events], 'T', STEP);
  it('is the one with most heads within two days of the step', () => {
    expect(to(moved('a', 'U', at(10)), moved('b', 'V', at(11)), moved('c', 'V', at(12, 20)))).toBe('V');
    expect(to(moved('a', 'U', at(8, 20)))).toBe('U');
    expect(to(moved('a', 'U', at(8, 19, 59)))).toBeNull();
    expect(to(moved('a', 'U', at(12, 20, 1)))).toBeNull();
    expect(to()).toBeNull();
  });
  it('counts those of this tank only, and none that stays', () => {
    expect(to(moved('a', 'T', at(10)))).toBeNull();
    expect(to(moved('nobody', 'U', at(10)))).toBeNull();
    expect(
      to(
        moved('a', 'U', at(2)),
        moved('b', 'U', at(2)),
        moved('a', 'W', at(10)),
        moved('c', 'V', at(10, 21)),
      ),
    ).toBe('V');
  });
});

describe('steps taken in one go', () => {
  const step = (on: string, name: string, more: object = {}) =>
    happened({ type: 'stepped-in', on, step: name, ...more });
  const given = (resident: string, on: string, reason = 'too rough') =>
    happened({ type: 'rehomed', on, resident, count: 1, reason, taker: 'Maren', credit: '' });
  it('are within an hour of the first', () => {
    const steps = (minutes: number) =>
      bundlesOf([step(at(4), 'rearranged'), step(at(4, 18, minutes), 'sight breaks')], 'T').length;
    expect([steps(60), steps(61)]).toEqual([1, 2]);
  });
  it('keep their notes and who was given away, each step of several fish once', () => {
    expect(
      bundlesOf(
        [
          four,
          step(at(4), 'rearranged', { note: 'all rocks' }),
          given('a', at(4, 18, 5)),
          given('b', at(4, 18, 6)),
          step(at(4, 18, 9), 'rearranged'),
        ],
        'T',
      ),
    ).toMatchObject([
      { steps: ['rearranged', 'rehomed', 'rearranged'], notes: ['all rocks'], gone: ['a', 'b'], aside: null },
    ]);
  });
  it('are those of this tank, and fish given away for the sake of peace from it', () => {
    expect(bundlesOf([four, { ...step(at(4), 'rearranged'), tank: 'U' } as Standing], 'T')).toEqual([]);
    expect(bundlesOf([four, moved('a', 'U', at(3)), given('a', at(4))], 'T')).toEqual([]);
    for (const [reason, count] of [
      ['too rough', 1],
      ['bullied', 1],
      ['surplus male', 1],
      ['too big', 0],
    ] as const)
      expect(bundlesOf([four, given('a', at(4), reason)], 'T')).toHaveLength(count);
  });
  it('do not count a fish again that was out already, but one that was back among the others', () => {
    const out = step(at(4), 'boss set aside', { who: 'c' });
    const back = moved('c', 'T', at(8));
    const away = moved('c', 'U', at(4, 18, 1));
    expect(bundlesOf([four, out, away, given('c', at(9))], 'T')).toHaveLength(1);
    expect(bundlesOf([four, out, away, back, given('c', at(9))], 'T')).toHaveLength(2);
    expect(bundlesOf([four, out, away, given('a', at(9))], 'T')).toHaveLength(2);
    expect(bundlesOf([four, given('c', at(3)), out], 'T')).toHaveLength(2);
  });
  it('have the fish that was put aside by them, not by the next', () => {
    const told = bundlesOf(
      [
        four,
        step(at(3), 'rearranged'),
        step(at(5), 'boss set aside', { who: 'c' }),
        step(at(9), 'sight breaks'),
      ],
      'T',
    );
    expect(told.map(({ aside }) => aside?.resident ?? null)).toEqual([null, 'c', null]);
  });
});

it('a larger tank is judged until the next step in the new one, not by one before the move', () => {
  const inU = (event: Standing): Standing => ({ ...event, tank: 'U' }) as Standing;
  const u = (day: number) => inU(happened({ type: 'stepped-in', on: at(day, 20), step: 'rearranged' }));
  const story = [
    four,
    happened({ type: 'watched', on: at(3), minutes: 20 }),
    u(4),
    happened({ type: 'stepped-in', on: at(6, 20), step: 'larger tank' }),
    moved('a', 'U', at(7)),
    inU(happened({ type: 'watched', on: at(10), minutes: 20 })),
    u(12),
    inU(happened({ type: 'watched', on: at(16), minutes: 20 })),
  ];
  expect(effectsIn(story, 'T', at(28))[0]).toMatchObject({ before: { minutes: 20 }, after: { minutes: 20 } });
});
