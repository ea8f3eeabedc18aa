import { chasedOf, happened } from '@/testing/happened';
import type { Standing } from '../events/roomAt';
import { rateRatio } from '../stats/rateRatio';
import { bundlesOf } from './bundles';
import { effectsIn } from './stepEffect';
import { tally, watchesOf, weightOf } from './watches';
import { whatWorked } from './whatWorked';
import { at, four, watch } from '@/testing/watches';

describe('watches', () => {
  it('hold their own contests and minutes; quiet ones count, what was seen in passing does not', () => {
    const happenings = [four, ...watch(2, 3), chasedOf(at(3, 9), 'a', 'b'), ...watch(4, 0)];
    const watches = watchesOf(happenings, 'T');
    expect(watches.map((one) => [one.contests.length, one.minutes, one.fish])).toEqual([
      [3, 20, 4],
      [0, 20, 4],
    ]);
    expect(tally(watches)).toMatchObject({ events: 3, minutes: 40, fish: 4 });
  });
  it('goes by the name of the watch where there is one', () => {
    const happenings = [
      four,
      chasedOf(at(2, 18, 1), 'a', 'b', { watch: 'w1' }),
      chasedOf(at(2, 18, 2), 'a', 'b', { watch: 'w2' }),
      happened({ type: 'watched', on: at(2, 18, 20), minutes: 20, watch: 'w2' }),
      happened({ type: 'watched', on: at(2, 18, 40), minutes: 20, watch: 'w1' }),
    ];
    expect(watchesOf(happenings, 'T').map((one) => one.contests.length)).toEqual([1, 1]);
  });
  it('weigh what holds and hurts more', () => {
    expect(weightOf({ what: 'flare' })).toBeLessThan(weightOf({ what: 'chase' }));
    expect(weightOf({ what: 'pin', bad: 3 })).toBe(9);
  });
});

describe('whether a step worked', () => {
  const step = (day: number, name: string, more: Record<string, unknown> = {}) =>
    happened({ type: 'stepped-in', on: at(day, 20), step: name, ...more });
  const effects = (...happenings: Standing[]) => effectsIn(happenings, 'T', at(28));

  it('says so with its limits: the two days after it are left out (F84, common practice)', () => {
    const happenings = [
      four,
      ...watch(2, 8),
      ...watch(4, 9),
      ...watch(6, 8),
      step(6, 'sight breaks'),
      ...watch(7, 0),
      ...watch(9, 2),
      ...watch(12, 1),
      ...watch(14, 2),
    ];
    const [effect] = effects(...happenings);
    expect(effect).toMatchObject({
      verdict: 'helped',
      before: { events: 25, minutes: 60 },
      after: { events: 5, minutes: 60 },
      perPair: null,
    });
    expect(effect!.ratio.ratio).toBeCloseTo(0.2, 10);
  });
  it('says how much more watching would settle it, and no more than it knows', () => {
    const [effect] = effects(four, ...watch(2, 8), ...watch(4, 8), step(4, 'rearranged'), ...watch(7, 4));
    expect(effect!.verdict).toBe('open');
    expect(effect!.moreMinutes).toBeGreaterThan(0);
    const [same] = effects(four, ...watch(2, 4), step(4, 'rearranged'), ...watch(7, 4));
    expect(same!.moreMinutes).toBeNull();
  });
  it('goes by nothing when nobody watched before, or since', () => {
    const [unwatched] = effects(four, step(4, 'rearranged'), ...watch(9, 4));
    expect(unwatched).toMatchObject({ verdict: 'nothing to go by', before: { minutes: 0 } });
    const [since] = effects(four, ...watch(2, 4), step(4, 'rearranged'), ...watch(5, 4));
    expect(since).toMatchObject({ verdict: 'nothing to go by', after: { minutes: 0 }, settling: false });
  });
  it('takes steps of one hour, or of one bundle, as one', () => {
    const bundles = bundlesOf(
      [
        step(4, 'rearranged'),
        happened({ type: 'stepped-in', on: at(4, 20, 40), step: 'shorter light' }),
        step(8, 'fed more often', { bundle: 'x' }),
        step(9, 'dither fish', { bundle: 'x' }),
      ],
      'T',
    );
    expect(bundles.map((one) => one.steps)).toEqual([
      ['rearranged', 'shorter light'],
      ['fed more often', 'dither fish'],
    ]);
    const [effect] = effects(
      four,
      ...watch(2, 9),
      step(4, 'rearranged'),
      happened({ type: 'stepped-in', on: at(4, 20, 40), step: 'shorter light' }),
      ...watch(9, 0),
    );
    expect(effect!.bundle.steps).toHaveLength(2);
  });
  it('counts from one step to the next, never over it', () => {
    const [last, first] = effects(
      four,
      ...watch(2, 9),
      step(4, 'rearranged'),
      ...watch(8, 9),
      step(10, 'sight breaks'),
      ...watch(14, 0),
    );
    expect([first!.after.events, last!.before.events, last!.after.events]).toEqual([9, 9, 0]);
  });
  it('says that fewer fish quarrel less by themselves', () => {
    const gone = ['c', 'd'].map((id) =>
      happened({
        type: 'rehomed',
        on: at(6, 19),
        resident: id,
        count: 1,
        reason: 'surplus',
        taker: 'Maren',
        credit: '',
      }),
    );
    const [effect] = effects(
      four,
      ...watch(2, 6),
      ...watch(4, 6),
      step(6, 'rehomed'),
      ...gone,
      ...watch(10, 1),
      ...watch(12, 1),
    );
    expect(effect!.perPair).toBeCloseTo(effect!.ratio.ratio! * 6, 6);
  });
  it('takes two rivals given away for peace as a step, whether or not somebody called it one', () => {
    const out = (id: string, reason: string, minutes = 0): Standing =>
      happened({
        type: 'rehomed',
        on: new Date(Date.parse(at(6, 19)) + minutes * 60_000).toISOString(),
        resident: id,
        count: 1,
        reason,
        taker: 'Maren',
        credit: '',
      });
    const told = (...gone: Standing[]) =>
      effects(four, ...watch(2, 9), ...watch(4, 9), ...gone, ...watch(10, 0), ...watch(12, 0));
    const [effect] = told(out('c', 'too rough'), out('d', 'too rough', 20));
    expect(effect!.bundle).toMatchObject({ steps: ['rehomed'], gone: ['c', 'd'] });
    expect([effect!.before.events, effect!.after.events, effect!.verdict]).toEqual([18, 0, 'helped']);
    // Given away because it grew: no step against anybody.
    expect(told(out('c', 'too big'))).toHaveLength(0);
  });
  it('takes a boss that was out already when it was given away as one step, not two', () => {
    const [effect, ...others] = effects(
      four,
      ...watch(2, 9),
      happened({ type: 'stepped-in', on: at(4), step: 'boss set aside', who: 'c', tank: 'T' }),
      ...watch(8, 2),
      happened({
        type: 'rehomed',
        on: at(9),
        resident: 'c',
        count: 1,
        reason: 'too rough',
        taker: 'Maren',
        credit: '',
      }),
      ...watch(12, 2),
    );
    expect(others).toHaveLength(0);
    expect(effect!.after.events).toBe(4);
  });
  it('widens the limits when the watches scatter more than chance', () => {
    const even = effects(
      four,
      ...watch(2, 8),
      ...watch(3, 8),
      ...watch(4, 8),
      step(5, 'rearranged'),
      ...watch(8, 4),
      ...watch(9, 4),
      ...watch(10, 4),
    )[0]!;
    const wild = effects(
      four,
      ...watch(2, 0),
      ...watch(3, 24),
      ...watch(4, 0),
      step(5, 'rearranged'),
      ...watch(8, 12),
      ...watch(9, 0),
      ...watch(10, 0),
    )[0]!;
    expect([even.uneven, wild.uneven]).toEqual([false, true]);
    expect(wild.ratio.ratio).toBeCloseTo(even.ratio.ratio!, 10);
    expect(wild.ratio.interval[1]!).toBeGreaterThan(even.ratio.interval[1]!);
  });
  it('promises no quick answer where the watches scatter more than chance', () => {
    // The exact limits of 40 against 16 leave out 1 already; the wide ones of such uneven watches do not.
    const wild = effects(
      four,
      ...watch(2, 0),
      ...watch(3, 40),
      ...watch(4, 0),
      step(5, 'rearranged'),
      ...watch(8, 16),
      ...watch(9, 0),
      ...watch(10, 0),
    )[0]!;
    expect(rateRatio(wild.before, wild.after).interval[1]!).toBeLessThan(1);
    expect([wild.uneven, wild.verdict, wild.moreMinutes]).toEqual([true, 'open', null]);
  });
  it('keeps account of what worked in the room', () => {
    const happenings = [
      four,
      ...watch(2, 9),
      ...watch(3, 9),
      step(4, 'rearranged'),
      ...watch(8, 0),
      ...watch(9, 0),
    ];
    expect(whatWorked(effects(...happenings))).toEqual([
      { step: 'rearranged', tried: 1, helped: 1, worse: 0, open: 0, alwaysInBundle: false },
    ]);
  });
});

describe('a move to a larger tank', () => {
  const inTank = (tank: string, happenings: readonly Standing[]): Standing[] =>
    happenings.map((event) => ({ ...event, tank }) as Standing);
  const move = ['a', 'b', 'c'].map((resident, i) =>
    happened({ type: 'moved', on: at(7, 12, i), resident, tank: 'U' }),
  );
  const before = [four, ...watch(2, 8), ...watch(4, 9), ...watch(6, 8)];
  const step = happened({ type: 'stepped-in', on: at(6, 20), step: 'larger tank' });
  it('is judged by what is seen in the tank to which most of them went', () => {
    const after = inTank('U', [...watch(10, 1), ...watch(12, 0), ...watch(14, 1)]);
    expect(effectsIn([...before, step, ...move, ...after], 'T', at(28))[0]).toMatchObject({
      verdict: 'helped',
      before: { events: 25 },
      after: { events: 2, minutes: 60 },
    });
  });
  it('counts no watches of the old tank for it, and none after the next step in the new one', () => {
    const later = [
      ...inTank('U', watch(10, 2)),
      { ...happened({ type: 'stepped-in', on: at(11, 20), step: 'rearranged' }), tank: 'U' } as Standing,
      ...inTank('U', watch(14, 9)),
      ...watch(15, 9, 'd', 'd'),
    ];
    expect(effectsIn([...before, step, ...move, ...later], 'T', at(28))[0]).toMatchObject({
      after: { events: 2, minutes: 20 },
    });
  });
});
