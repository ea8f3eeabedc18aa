import { clubFiles } from '@/demo/club';
import { CONVICT, CORY, file, stay } from '@/testing/stays';
import { shareLimits } from '../stats';
import { staysOf } from './chosen';
import type { OutcomeName } from './outcomes';
import { latestOf, poolOf, Shelves, tanksBySpecies } from './pool';
import { experienceOf, experienceOn } from './summed';
import { askedBy, bornOut, LEAST_KEEPERS } from './warned';

const asked = { species: CONVICT, with: CORY };
const outcomeOf = (stays: Parameters<typeof stay>[0][], outcome: OutcomeName, about = asked) =>
  experienceOf(poolOf(stays.map((one, i) => file(`r${i}`, [stay(one)]))), about).outcomes.find(
    (one) => one.outcome === outcome,
  )!;

describe('what a finding warns of', () => {
  it.each([
    [
      'predation',
      ['a', 'b'],
      { asked: { species: 'a', with: 'b', harmed: 'b' }, outcome: 'lost to other fish' },
    ],
    ['fin-nipping', ['a', 'b'], { asked: { species: 'a', with: 'b', harmed: 'b' }, outcome: 'torn' }],
    ['temper', ['a', 'b'], { asked: { species: 'a', with: 'b' }, outcome: 'trouble' }],
    ['sex-ratio', ['a'], { asked: { species: 'a', with: 'a' }, outcome: 'trouble' }],
    ['lid', ['a'], { asked: { species: 'a' }, outcome: 'jumped' }],
  ])('%s of %j', (rule, species, expected) =>
    expect(askedBy({ rule, severity: 'caution', species })).toEqual(expected),
  );
  it('is nothing that a stay can show where the rule is about water, or about many', () => {
    expect(askedBy({ rule: 'water-ph', severity: 'stop', species: ['a', 'b'] })).toBeNull();
    expect(askedBy({ rule: 'temper', severity: 'stop', species: ['a', 'b', 'c'] })).toBeNull();
    expect(askedBy({ rule: 'temper', severity: 'stop', species: [] })).toBeNull();
  });
});

describe('whether experience bears a warning out', () => {
  const of = (k: number, n: number, keepers = n) =>
    bornOut({ keepers, limits: shareLimits(k, n).clopperPearson });
  it('needs keepers enough', () => {
    expect(of(7, 7)).toBeNull();
    expect(of(LEAST_KEEPERS, LEAST_KEEPERS)).toBe('confirmed');
    expect(of(20, 20, LEAST_KEEPERS - 1)).toBeNull();
  });
  it('confirms where even the lower limit is above one in five, contests where even the upper is below', () => {
    // Clopper and Pearson: 4 of 8 are 16 to 84 %, 5 of 8 are 24 to 91 %; 0 of 16 are 0 to 21 %, 0 of 17 are 0 to 19.5 %.
    expect([of(4, 8), of(5, 8), of(0, 16), of(0, 17)]).toEqual([null, 'confirmed', null, 'contested']);
    expect(bornOut({ keepers: 20, limits: null })).toBeNull();
  });
});

describe('an outcome that only watching shows', () => {
  const torn = { signs: [{ species: CORY, what: 'torn' as const }] };
  it('is counted in tanks that were watched', () => {
    expect(outcomeOf([{ ...torn, minutesWatched: 30 }, { minutesWatched: 29 }], 'torn')).toMatchObject({
      tanks: 1,
      of: 1,
      keepers: 1,
    });
    expect(outcomeOf([{ minutesWatched: 0 }], 'torn')).toMatchObject({ of: 0, value: null, limits: null });
  });
  it('is told of losses without a watch', () =>
    expect(outcomeOf([{ minutesWatched: 0 }], 'lost')).toMatchObject({ tanks: 0, of: 1 }));
  it('is trouble if any of it happened', () => {
    const bite = { contests: [{ by: CONVICT, to: CORY, level: 'bite' as const, count: 1 }] };
    const eaten = { losses: [{ species: CORY, cause: 'eaten or missing' as const, count: 1 }] };
    const aged = { losses: [{ species: CORY, cause: 'age' as const, count: 1 }] };
    expect(outcomeOf([torn, bite, eaten, { ended: 'parted' }, aged, {}], 'trouble')).toMatchObject({
      tanks: 4,
      of: 6,
    });
    expect(outcomeOf([{ signs: [{ species: CORY, what: 'hiding' }] }, {}], 'hiding').tanks).toBe(1);
    expect(
      outcomeOf([{ losses: [{ species: CORY, cause: 'jumped', count: 1 }] }, aged], 'jumped').tanks,
    ).toBe(1);
  });
  it('is that of the harmed alone where one is named', () => {
    const eater = { losses: [{ species: CONVICT, cause: 'fighting' as const, count: 1 }] };
    expect(outcomeOf([eater], 'lost to other fish').tanks).toBe(1);
    expect(outcomeOf([eater], 'lost to other fish', { ...asked, harmed: CORY } as typeof asked).tanks).toBe(
      0,
    );
  });
});

describe('which stays count', () => {
  const of = (more: Parameters<typeof stay>[0], choice: Parameters<typeof staysOf>[2]) =>
    staysOf(poolOf([file('r', [stay(more)])]).stays, asked, choice).length;
  const tank = (lengthCm: number) => ({ tank: { ...stay().tank, lengthCm } });
  const males = (count: number | undefined) => ({
    fish: [
      { species: CONVICT, count: 4, lengthCm: 4, ...(count === undefined ? {} : { males: count }) },
      { species: CORY, count: 6, lengthCm: 3 },
    ],
  });
  it.each([
    [tank(100), { leastCm: 100, mostCm: 100 }, 1],
    [tank(99), { leastCm: 100 }, 0],
    [tank(101), { mostCm: 100 }, 0],
    [{}, { hides: 'few' }, 1],
    [{}, { hides: 'many' }, 0],
    [males(0), { males: 'no male' }, 1],
    [males(1), { males: 'one male' }, 1],
    [males(2), { males: 'several males' }, 1],
    [males(2), { males: 'one male' }, 0],
    [males(undefined), { males: 'not said' }, 1],
    [males(undefined), { leastFish: 4, mostFish: 4 }, 1],
    [males(undefined), { leastFish: 5 }, 0],
    [males(undefined), { mostFish: 3 }, 0],
    // Fourteen months.
    [{}, { leastMonths: 14 }, 1],
    [{}, { leastMonths: 15 }, 0],
  ] as const)('%j by %j: %d', (more, choice, count) => expect(of(more, choice)).toBe(count));
});

describe('files of one room', () => {
  const [one, two] = [stay(), stay()];
  it('leave the one that tells it last, whatever their order', () => {
    const early = file('r', [one, two], '2027-01');
    const late = file('r', [one], '2027-02');
    for (const files of [
      [early, late],
      [late, early],
    ])
      expect(latestOf(files)).toEqual([late]);
  });
  it('of one month leave the one that tells more: more stays, or more watching', () => {
    const short = file('r', [one]);
    const long = file('r', [one, two]);
    const watched = file('r', [{ ...one, minutesWatched: 500 }]);
    for (const [files, kept] of [
      [[short, long], long],
      [[long, short], long],
      [[short, watched], watched],
      [[watched, short], watched],
    ] as const)
      expect(latestOf(files)).toEqual([kept]);
    expect(latestOf([short, { ...short }])).toHaveLength(1);
  });
  it('count no stay that was struck since', () => {
    const pool = poolOf([file('r', [one, two], '2027-01'), file('r', [one], '2027-02')]);
    expect(pool.stays.map(({ stay: { id } }) => id)).toEqual([one.id]);
    expect(pool.repeated).toBe(2);
  });
  it('of several rooms that share a stay: the newest tells it, of one month the room that comes last by name', () => {
    const told = (...made: readonly (readonly [room: string, month: string, minutes: number])[]) =>
      poolOf(
        made.map(([room, month, minutesWatched]) => file(room, [{ ...one, minutesWatched }], month)),
      ).stays.map(({ stay: { minutesWatched } }) => minutesWatched);
    expect(told(['a', '2027-02', 20], ['b', '2027-01', 10])).toEqual([20]);
    expect(told(['b', '2027-01', 10], ['a', '2027-02', 20])).toEqual([20]);
    expect(told(['a', '2027-01', 20], ['b', '2027-01', 10])).toEqual([10]);
    expect(told(['b', '2027-01', 10], ['a', '2027-01', 20])).toEqual([10]);
  });
  it('list their species by tanks, the most first, then by name; a tank counts once', () => {
    const alone = (species: string, more: object = {}) =>
      stay({ fish: [{ species, count: 1, lengthCm: 3 }], ...more });
    const tank = stay().tank;
    const { stays } = poolOf([
      file('r', [alone('c'), alone('b', { tank }), alone('b', { tank }), alone('a'), alone('d'), alone('d')]),
    ]);
    expect(tanksBySpecies(stays)).toEqual([
      { species: 'd', tanks: 2 },
      { species: 'a', tanks: 1 },
      { species: 'b', tanks: 1 },
      { species: 'c', tanks: 1 },
    ]);
  });
  it('stand on shelves by species', () => {
    const shelves = new Shelves(
      poolOf([file('r', [one, stay({ fish: [{ species: CORY, count: 3, lengthCm: 3 }] })])]),
    );
    expect([CONVICT, CORY, 'nobody'].map((id) => shelves.stays(id).length)).toEqual([1, 2, 0]);
  });
  it('stand together by two species, the same list each time, and are summed alike', () => {
    const pool = poolOf(clubFiles());
    const shelves = new Shelves(pool);
    const pairs = [
      { species: CONVICT, with: CORY },
      { species: CORY, with: CONVICT },
      { species: CONVICT, with: 'nobody' },
      { species: CORY },
    ];
    for (const asked of pairs) {
      expect(shelves.about(asked)).toBe(shelves.about({ ...asked }));
      for (const wanted of [{}, { choice: { leastMonths: 20 } }, { outcomes: ['torn'] as const }]) {
        const sum = experienceOf(pool, asked, wanted);
        expect(experienceOn(shelves, asked, wanted)).toEqual(sum);
        // Asked again: what is remembered is the same.
        expect(experienceOn(shelves, asked, wanted)).toEqual(sum);
      }
    }
    expect(shelves.about({ species: CONVICT, with: 'nobody' })).toEqual([]);
  });
});
