import { CLUB_TRUTH, clubFiles } from '@/demo/club';
import { CONVICT, CORY, file, stay } from '@/testing/stays';
import { shareLimits } from '../stats';
import type { ExperienceFile } from './experienceFile';
import { poolOf } from './pool';
import type { Stay } from './stay';
import { OUTCOMES } from './outcomes';
import { experienceOf } from './summed';

describe('many files', () => {
  const one = stay();
  it('count a stay once, as the newest file tells it, in whatever order they come', () => {
    const older = file('r', [{ ...one, minutesWatched: 10 }], '2027-01');
    const newer = file('r', [{ ...one, minutesWatched: 90 }], '2027-04');
    for (const files of [
      [older, newer],
      [newer, older],
    ]) {
      const pool = poolOf(files);
      expect(pool).toMatchObject({ repeated: 1, joined: 0 });
      expect(pool.stays.map(({ stay: kept }) => kept.minutesWatched)).toEqual([90]);
    }
  });
  it('take rooms that share a stay or a tank for one keeper', () => {
    const other = stay({ tank: one.tank });
    const pool = poolOf([
      file('b', [one]),
      file('a', [other]),
      file('c', [one, stay()]),
      file('d', [stay()]),
    ]);
    expect(pool.joined).toBe(2);
    expect(new Set(pool.stays.map(({ keeper }) => keeper))).toEqual(new Set(['a', 'd']));
  });
  it('count months until the file was made where a stay goes on', () =>
    expect(
      poolOf([file('r', [stay({ until: null }), stay(), stay({ until: '2025-03' })])]).stays.map(
        ({ months }) => months,
      ),
    ).toEqual([26, 14, 1]));
});

describe('what keepers lived through', () => {
  const sum = (files: readonly ExperienceFile[], other?: string) =>
    experienceOf(poolOf(files), { species: CORY, with: other });
  const outcome = (name: (typeof OUTCOMES)[number], one: Stay, other?: string) =>
    sum([file('r', [one])], other).outcomes.find((found) => found.outcome === name)!.tanks;
  const quiet = stay({ fish: [{ species: CORY, count: 6, lengthCm: 3 }] });
  it('takes only tanks in which those were that are asked about', () => {
    expect(sum([file('r', [stay(), quiet])])).toMatchObject({ keepers: 1, tanks: 2 });
    expect(sum([file('r', [stay(), quiet])], CONVICT)).toMatchObject({
      tanks: 1,
      tankMonths: 14,
      minutesWatched: 120,
    });
    expect(sum([], CONVICT)).toMatchObject({ keepers: 0, tanks: 0, outcomes: expect.any(Array) });
  });
  it('counts what happened to these, not to others', () => {
    const lost = (species: string, cause: Stay['losses'][number]['cause']) =>
      stay({ losses: [{ species, cause, count: 1 }] });
    expect(outcome('lost to other fish', lost(CORY, 'fighting'))).toBe(1);
    expect(outcome('lost to other fish', lost(CORY, 'eaten or missing'))).toBe(1);
    expect(outcome('lost to other fish', lost(CORY, 'age'))).toBe(0);
    expect(outcome('lost', lost(CORY, 'age'))).toBe(1);
    expect(outcome('lost', lost(CONVICT, 'age'))).toBe(0);
    expect(outcome('lost', lost(CONVICT, 'age'), CONVICT)).toBe(1);
    expect(outcome('torn', stay({ signs: [{ species: CORY, what: 'torn' }] }))).toBe(1);
    expect(outcome('torn', stay({ signs: [{ species: CORY, what: 'hiding' }] }))).toBe(0);
    expect(outcome('intervened', stay({ steps: [{ step: 'rearranged', effect: 'open' }] }))).toBe(1);
    expect(outcome('parted', stay({ ended: 'parted' }))).toBe(1);
    expect(outcome('parted', stay({ ended: 'moved on' }))).toBe(0);
  });
  it('counts bites that one takes from anybody, or one of two from the other', () => {
    const bite = (by: string, to: string, level: 'bite' | 'fight' | 'chase' = 'bite') =>
      stay({ contests: [{ by, to, level, count: 2 }] });
    expect(outcome('bitten or fought', bite(CONVICT, CORY))).toBe(1);
    expect(outcome('bitten or fought', bite(CORY, CONVICT, 'fight'))).toBe(0);
    expect(outcome('bitten or fought', bite(CORY, CONVICT, 'fight'), CONVICT)).toBe(1);
    expect(outcome('bitten or fought', bite(CORY, CORY), CONVICT)).toBe(0);
    expect(outcome('bitten or fought', bite(CONVICT, CORY, 'chase'))).toBe(0);
  });
  it('counts a tank once, however many stays it had', () => {
    const tank = { ...stay().tank, id: 'same' };
    const torn = stay({ tank, signs: [{ species: CORY, what: 'torn' }] });
    const { tanks, tankMonths, outcomes } = sum([file('r', [torn, stay({ tank }), stay()])]);
    expect([tanks, tankMonths]).toEqual([2, 42]);
    expect(outcomes.find(({ outcome: name }) => name === 'torn')).toMatchObject({
      tanks: 1,
      of: 2,
      value: 0.5,
      limits: shareLimits(1, 2).clopperPearson,
    });
  });
  it('counts keepers, and the tanks of one as his', () => {
    const torn = (room: string, ...of: readonly boolean[]) =>
      file(
        room,
        of.map((is) => stay({ signs: is ? [{ species: CORY, what: 'torn' }] : [] })),
      );
    const { keepers, tanks, outcomes } = sum([
      torn('a', true, true, true),
      torn('b', false, false),
      torn('c', false),
    ]);
    expect([keepers, tanks]).toEqual([3, 6]);
    expect(outcomes.find(({ outcome: name }) => name === 'torn')).toMatchObject({
      tanks: 3,
      of: 6,
      by: 'resampled',
    });
  });
  it('of a species beside its own kind is that of its own kind', () => {
    const own = stay({ contests: [{ by: CORY, to: CORY, level: 'fight', count: 2 }] });
    expect(sum([file('r', [own])], CORY).rates).toMatchObject([
      { from: CORY, to: CORY, events: 2, pairHours: 30 },
    ]);
    expect(sum([file('r', [own])], CORY).with).toBe(CORY);
    expect(sum([file('r', [own])])).not.toHaveProperty('with');
    expect(outcome('bitten or fought', own, CORY)).toBe(1);
  });
  it('finds one loss and one bite among others that are none', () => {
    const mixed = stay({
      losses: [
        { species: CONVICT, cause: 'age', count: 1 },
        { species: CORY, cause: 'age', count: 1 },
      ],
      contests: [
        { by: CORY, to: CONVICT, level: 'show', count: 1 },
        { by: CONVICT, to: CORY, level: 'bite', count: 1 },
      ],
    });
    expect([
      outcome('lost', mixed),
      outcome('bitten or fought', mixed),
      outcome('intervened', mixed),
    ]).toEqual([1, 1, 0]);
  });
  it('has contests an hour and pair, each way', () => {
    const chased = stay({
      minutesWatched: 30,
      contests: [
        { by: CONVICT, to: CORY, level: 'chase', count: 9 },
        { by: CORY, to: CORY, level: 'show', count: 5 },
      ],
    });
    expect(sum([file('r', [chased])], CONVICT).rates).toMatchObject([
      { from: CORY, to: CONVICT, events: 0, pairHours: 6, value: 0, by: 'Garwood' },
      { from: CONVICT, to: CORY, events: 9, pairHours: 6, value: 1.5 },
    ]);
    // Six fish are fifteen pairs.
    expect(sum([file('r', [chased])]).rates).toMatchObject([{ events: 5, pairHours: 7.5 }]);
    expect(sum([file('r', [stay({ minutesWatched: 0 })])]).rates).toMatchObject([
      { value: null, limits: null },
    ]);
  });
});

describe('the made-up club', () => {
  it('has stays that came twice, and counts them once', () => {
    const { repeated, stays } = poolOf(clubFiles());
    expect(repeated).toBeGreaterThan(0);
    expect(stays).toHaveLength(clubFiles().flatMap((one) => one.stays).length - repeated);
  });
  it('has sums whose limits hold the truth that it was drawn from, in most draws', () => {
    const held = { torn: 0, lost: 0, rate: 0 };
    const draws = 40;
    for (let seed = 1; seed <= draws; seed += 1) {
      const { outcomes, rates } = experienceOf(poolOf(clubFiles(seed)), { species: CONVICT, with: CORY });
      const within = (limits: readonly [number, number] | null, truth: number): number =>
        Number(limits !== null && limits[0] <= truth && truth <= limits[1]);
      held.torn += within(outcomes.find(({ outcome }) => outcome === 'torn')!.limits, CLUB_TRUTH.torn);
      held.lost += within(
        outcomes.find(({ outcome }) => outcome === 'lost to other fish')!.limits,
        CLUB_TRUTH.lost,
      );
      held.rate += within(rates[0]!.limits, CLUB_TRUTH.perPairHour);
    }
    for (const count of Object.values(held)) expect(count / draws).toBeGreaterThanOrEqual(0.85);
  });
});
