import { whenIn } from '../kernel/time/when';
import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import type { Standing } from '../events/roomAt';
import type { DocumentBodies } from '../records/documents';
import { applyEvent } from '../events/events';
import { EMPTY_ROOM, residentsOf } from '../events/room';
import { nextSteps, type StepSituation } from './nextSteps';
import { rateRatio } from '../stats/rateRatio';
import { type PatternName, patternsOf } from './patterns';
import { bundlesOf, effectsOf } from './stepEffect';
import { tally, watchesOf, weightOf } from './watches';
import { whatWorked } from './whatWorked';

const at = (day: number, hour = 18, minute = 0): string =>
  new Date(Date.UTC(2026, 2, day, hour, minute)).toISOString();

/** A watch of twenty minutes on a day with so many contests of one against another. */
const watch = (
  day: number,
  contests: number,
  winner = 'a',
  loser = 'b',
  more: Record<string, unknown> = {},
): Standing[] => [
  ...Array.from({ length: contests }, (_, i) => chasedOf(at(day, 18, i), winner, loser, more)),
  watchedOf(at(day, 18, 20), 20),
];
const four = cameOf(
  at(1),
  ['a', 'b', 'c', 'd'].map((id) => memberOf(id)),
);

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
  const effects = (...happenings: Standing[]) =>
    effectsOf(bundlesOf(happenings, 'T'), watchesOf(happenings, 'T'), at(28));

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

describe('patterns', () => {
  const patterns = (happenings: Standing[], today = '2026-03-30') => {
    const room = [...happenings].reduce(applyEvent, EMPTY_ROOM);
    return patternsOf({
      watches: watchesOf(happenings, 'T'),
      happenings,
      residents: residentsOf(room, 'T'),
      daysSince: whenIn(today, 'UTC').daysSince,
    });
  };
  const names = (happenings: Standing[], today?: string) =>
    patterns(happenings, today).map((one) => one.name);
  const fights = (list: readonly (readonly [string, string, Record<string, unknown>?])[]): Standing[] => [
    ...list.map(([winner, loser, more], i) => chasedOf(at(10, 18, i), winner, loser, more)),
    watchedOf(at(10, 19), 60),
  ];
  const many = (n: number, winner: string, loser: string, more?: Record<string, unknown>) =>
    Array.from({ length: n }, () => [winner, loser, more] as const);

  it('names a boss with its share, the even share and what else it could be', () => {
    const [boss] = patterns([
      four,
      ...fights([...many(6, 'a', 'b'), ...many(5, 'a', 'c'), ...many(5, 'a', 'd'), ...many(2, 'b', 'c')]),
    ]);
    expect(boss).toMatchObject({
      name: 'one boss',
      who: ['a'],
      sure: 'clear',
      because: { contests: 18, own: 16 },
    });
    expect(boss!.because.evenShare).toBe(0.25);
  });
  it('names a victim, and is silent where all share alike or too little was seen', () => {
    expect(
      names([four, ...fights([...many(5, 'a', 'd'), ...many(5, 'b', 'd'), ...many(5, 'c', 'd')])]),
    ).toContain('one victim');
    expect(
      names([
        four,
        ...fights(
          ['ab', 'bc', 'cd', 'da', 'ac', 'bd', 'ba', 'cb', 'dc', 'ad', 'ca', 'db'].map(
            (two) => [two[0]!, two[1]!] as const,
          ),
        ),
      ]),
    ).toEqual([]);
    expect(names([four, ...fights(many(4, 'a', 'b'))])).toEqual([]);
  });
  it('names a duel when both win, not when one always does', () => {
    expect(
      names([four, ...fights([...many(6, 'a', 'b'), ...many(6, 'b', 'a'), ...many(2, 'c', 'd')])]),
    ).toContain('duel');
    expect(names([four, ...fights([...many(12, 'a', 'b'), ...many(2, 'c', 'd')])])).not.toContain('duel');
  });
  it('F88, common practice: names a pair on guard against all, in one place', () => {
    const paired = happened({ type: 'paired', on: at(5), first: 'a', second: 'b' });
    const fry = happened({ type: 'fry', on: at(8), species: 'labidochromis-caeruleus', seen: 9 });
    const fight = fights([
      ...many(5, 'a', 'c', { place: 'left' }),
      ...many(5, 'b', 'd', { place: 'left' }),
      ...many(4, 'c', 'd'),
    ]);
    const [guard] = patterns([four, paired, fry, ...fight]);
    expect(guard).toMatchObject({ name: 'pair on guard', who: ['a', 'b'], sure: 'clear' });
    expect(names([four, ...fight])).not.toContain('pair on guard');
  });
  it('F86, common practice: names a newcomer that all pick on, for three weeks', () => {
    const old = cameOf(
      '2026-01-02T18:00:00.000Z',
      ['a', 'b', 'c', 'd'].map((id) => memberOf(id)),
    );
    const late = cameOf(at(9), [memberOf('e')]);
    const fight = fights([...many(5, 'a', 'e'), ...many(5, 'b', 'e'), ...many(4, 'c', 'e')]);
    expect(names([old, late, ...fight], '2026-03-12')).toContain('newcomer picked on');
    expect(names([old, late, ...fight], '2026-05-12')).not.toContain('newcomer picked on');
  });
  it('names feeding, the light and one side when they are noted', () => {
    const ring = ['ab', 'bc', 'cd', 'da', 'ac', 'bd', 'ba', 'cb', 'dc', 'ad', 'ca', 'db'];
    const noted = (more: Record<string, unknown>) =>
      fights(ring.map((two) => [two[0]!, two[1]!, more] as const));
    expect(names([four, ...noted({ trigger: 'feeding' })])).toEqual(['feeding time']);
    expect(names([four, ...noted({ trigger: 'light' })])).toEqual(['lights']);
    expect(
      names([
        four,
        ...fights(ring.map((two, i) => [two[0]!, two[1]!, { place: i < 10 ? 'left' : 'right' }] as const)),
      ]),
    ).toEqual(['to one side']);
  });
  it('F87, common practice: five that hold ground are too many, two corners held are fine', () => {
    const holds = (...ids: string[]) =>
      ids.map((id) =>
        happened({ type: 'saw', on: at(9), resident: id, what: 'holds ground', place: 'left' }),
      );
    const eight = cameOf(
      at(1),
      ['a', 'b', 'c', 'd', 'e', 'f'].map((id) => memberOf(id)),
    );
    expect(names([eight, ...holds('a', 'b', 'c', 'd', 'e')])).toEqual(['too many holders']);
    expect(names([eight, ...holds('a', 'b')])).toEqual([]);
  });
  it('F14, common practice: a lone torn fish may bite itself', () => {
    const alone = cameOf(at(1), [memberOf('a')]);
    const torn = happened({ type: 'saw', on: at(9), resident: 'a', what: 'torn', place: '' });
    const [own] = patterns([alone, torn, watchedOf(at(10), 90)]);
    expect(own).toMatchObject({ name: 'torn, nobody seen', who: ['a'] });
    expect(own!.alone).toBe(true);
  });
});

describe('the next step', () => {
  const seen = (...names: PatternName[]) => names.map((name) => ({ name, who: ['a', 'b'] }));
  const situation = (more: Partial<StepSituation> = {}): StepSituation => ({
    patterns: seen('one boss'),
    species: null,
    tank: { routine: { mealsPerDay: 1 }, tank: { lightHours: 11 } } as DocumentBodies['tank'],
    guarding: false,
    tried: [],
    full: false,
    spareFree: true,
    ...more,
  });
  const steps = (more?: Partial<StepSituation>) => nextSteps(situation(more));
  it('goes from the gentlest to the last resort (F80, F81, common practice)', () => {
    const list = steps().map((one) => one.step);
    expect(list.slice(0, 3)).toEqual(['fed more often', 'shorter light', 'sight breaks']);
    expect(list.at(-1)).toBe('rehomed');
    expect(list.indexOf('boss set aside')).toBeGreaterThan(list.indexOf('rearranged'));
  });
  it('never rearranges while a pair guards, and says why', () => {
    const one = steps({ guarding: true, patterns: seen('one boss', 'pair on guard') }).find(
      (each) => each.step === 'rearranged',
    )!;
    expect(one.against).toBe('pair guards');
  });
  it('F103, common practice: takes rock out where too many hold ground, and gives no more hides then', () => {
    const list = steps({ patterns: seen('too many holders', 'one victim') });
    expect(list.find((one) => one.step === 'fewer hides')?.against).toBeNull();
    expect(list.find((one) => one.step === 'more refuges')?.against).toBe('too many territories');
  });
  it('does not ask for what is there: short light, many meals, room', () => {
    const fed = { routine: { mealsPerDay: 3 }, tank: { lightHours: 8 } } as DocumentBodies['tank'];
    const off = steps({ tank: fed, full: true })
      .filter((one) => one.against !== null)
      .map((one) => one.step);
    expect(off).toEqual(
      expect.arrayContaining(['fed more often', 'shorter light', 'dither fish', 'more of the kind']),
    );
  });
  it('F30, common practice: of two males one goes', () => {
    expect(steps({ patterns: seen('duel') }).map((one) => one.step)).toContain('sex ratio');
  });
  it('names whom it is done to', () => {
    const list = steps({ patterns: seen('one boss') });
    expect(list.find((one) => one.step === 'boss set aside')?.who).toBe('a');
    expect(list.find((one) => one.step === 'sight breaks')?.who).toBeNull();
  });
  it('tells what a step did the last time', () => {
    const happenings = [
      four,
      ...watch(2, 9),
      happened({ type: 'stepped-in', on: at(4, 20), step: 'sight breaks' }),
      ...watch(8, 0),
      ...watch(9, 0),
    ];
    const tried = effectsOf(bundlesOf(happenings, 'T'), watchesOf(happenings, 'T'), at(28));
    expect(steps({ tried }).find((one) => one.step === 'sight breaks')?.before).toBe('helped');
  });
});
