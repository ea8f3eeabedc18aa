import { CLUB_TRUTH, clubFiles } from '@/demo/club';
import { shareLimits } from '../stats';
import { type ExperienceFile, readExperience } from './experienceFile';
import { poolOf } from './pool';
import { type Stay } from './stay';
import { experienceOf, OUTCOMES } from './summed';

const [CONVICT, CORY] = CLUB_TRUTH.pair;
let next = 0;
const stay = (more: Partial<Stay> = {}): Stay => ({
  id: `s${(next += 1)}`,
  from: '2025-03',
  until: '2026-05',
  tank: { id: `t${next}`, lengthCm: 120, widthCm: 45, heightCm: 50, hides: 'few' },
  minutesWatched: 120,
  fish: [
    { species: CONVICT, count: 2, lengthCm: 4 },
    { species: CORY, count: 6, lengthCm: 3 },
  ],
  contests: [],
  signs: [],
  losses: [],
  steps: [],
  ended: 'goes on',
  ...more,
});
const file = (room: string, stays: readonly Stay[], made = '2027-05'): ExperienceFile => ({
  format: 'lomvik-experience',
  version: 1,
  room,
  made,
  stays: [...stays],
});
const faults = (value: unknown): readonly string[] => {
  const read = readExperience(JSON.parse(JSON.stringify(value)));
  return read.ok ? [] : read.faults.map(({ path, expected }) => `${path} ${expected.is}`);
};

describe('an experience file', () => {
  it('is read as it was written', () => {
    const written = file('r', [stay(), stay({ until: null, water: { ph: [6.5, 7.5] } })]);
    expect(readExperience(JSON.parse(JSON.stringify(written)))).toEqual({ ok: true, value: written });
  });
  it.each<[string, unknown, readonly string[]]>([
    ['of nothing', null, [' object']],
    ['of another kind', { ...file('r', []), format: 'x' }, ['format format']],
    ['of a newer version', { ...file('r', []), version: 2 }, ['version version']],
    ['without its month', { ...file('r', []), made: undefined }, ['made month']],
    ['with a stay of 400 years', file('r', [stay({ from: '1625-03' })]), ['stays[0].until whole']],
    [
      'with a stay that ends before it begins',
      file('r', [stay({ from: '2026-06' })]),
      ['stays[0].until ordered'],
    ],
    [
      'with a stay that ends after the file',
      file('r', [stay({ until: '2027-06' })]),
      ['stays[0].until ordered'],
    ],
    [
      'with a stay without an end',
      file('r', [{ ...stay(), until: undefined } as unknown as Stay]),
      ['stays[0].until month'],
    ],
    [
      'with rates below nothing',
      file('r', [stay({ contests: [{ by: CONVICT, to: CORY, level: 'chase', count: -3 }] })]),
      ['stays[0].contests[0].count whole'],
    ],
    [
      'with minutes below nothing',
      file('r', [stay({ minutesWatched: -1 })]),
      ['stays[0].minutesWatched whole'],
    ],
    [
      'with more minutes than the months have',
      file('r', [stay({ minutesWatched: 16 * 31 * 1440 })]),
      ['stays[0].minutesWatched at most'],
    ],
    [
      'with contests of fish that were not there',
      file('r', [stay({ contests: [{ by: 'danio-rerio', to: CORY, level: 'bite', count: 1 }] })]),
      ['stays[0].contests[0].by known'],
    ],
    [
      'with more lost than there were',
      file('r', [
        stay({
          losses: [
            { species: CORY, cause: 'illness', count: 4 },
            { species: CORY, cause: 'age', count: 3 },
          ],
        }),
      ]),
      ['stays[0].losses[1].count at most'],
    ],
    [
      'with a species twice, and more sexes than fish',
      file('r', [
        stay({
          fish: [
            { species: CORY, count: 2, males: 2, females: 1, lengthCm: 3 },
            { species: CORY, count: 2, lengthCm: 3 },
          ],
        }),
      ]),
      ['stays[0].fish[0].males sexes', 'stays[0].fish[1].species unique'],
    ],
  ])('%s is refused, and says where', (_, value, expected) => expect(faults(value)).toEqual(expected));
  it('is bounded to the month, the minute and the head', () => {
    expect(faults(file('r', [stay({ from: '1976-05', until: '2026-05' })]))).toEqual([]);
    expect(faults(file('r', [stay({ from: '1976-04', until: '2026-05' })]))).toEqual([
      'stays[0].until whole',
    ]);
    expect(faults(file('r', [stay({ from: '2026-05', until: '2026-05' })]))).toEqual([]);
    const minutes = 15 * 31 * 1440;
    expect(faults(file('r', [stay({ minutesWatched: minutes })]))).toEqual([]);
    expect(faults(file('r', [stay({ minutesWatched: minutes + 1 })]))).toHaveLength(1);
    const six = (males: number, females: number, lost: number) =>
      stay({
        fish: [{ species: CORY, count: 6, males, females, lengthCm: 3 }],
        losses: [{ species: CORY, cause: 'age', count: lost }],
      });
    expect(faults(file('r', [six(2, 4, 6)]))).toEqual([]);
    expect(faults(file('r', [six(3, 4, 7)]))).toHaveLength(2);
  });
  it('names the place of every fish that was not there', () => {
    const other = 'danio-rerio';
    expect(
      faults(
        file('r', [
          stay({
            contests: [{ by: CORY, to: other, level: 'bite', count: 1 }],
            signs: [{ species: other, what: 'torn' }],
            losses: [{ species: other, cause: 'age', count: 1 }],
          }),
        ]),
      ),
    ).toEqual([
      'stays[0].contests[0].to known',
      'stays[0].signs[0].species known',
      'stays[0].losses[0].species known',
    ]);
  });
  it('says which two months stand in the wrong order, and that a newer program wrote it', () => {
    const expected = (value: unknown) => {
      const read = readExperience(JSON.parse(JSON.stringify(value)));
      return read.ok ? null : read.faults[0]?.expected;
    };
    expect(expected(file('r', [stay({ from: '2026-06' })]))).toEqual({
      is: 'ordered',
      parts: ['from', 'until'],
    });
    expect(expected(file('r', [stay({ until: '2027-06' })]))).toEqual({
      is: 'ordered',
      parts: ['until', 'made'],
    });
    expect(expected({ ...file('r', []), version: 2 })).toEqual({ is: 'version', to: 1, newer: true });
    expect(expected({ ...file('r', []), version: 0 })).toMatchObject({ is: 'version', newer: false });
  });
  it('does not tell of one stay twice', () => {
    const one = stay();
    expect(faults(file('r', [one, one]))).toEqual(['stays[1].id unique']);
  });
  it('may tell of species that this catalogue lacks', () =>
    expect(faults(file('r', [stay({ fish: [{ species: 'genus-nova', count: 1, lengthCm: 3 }] })]))).toEqual(
      [],
    ));
});

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
    expect(outcome('stepped in', stay({ steps: [{ step: 'rearranged', effect: 'open' }] }))).toBe(1);
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
      outcome('stepped in', mixed),
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
  it('is thirty valid files, the same for the same seed', () => {
    const files = clubFiles();
    expect(files).toHaveLength(30);
    for (const one of files) expect(faults(one)).toEqual([]);
    expect(clubFiles()).toEqual(files);
    expect(poolOf(files).repeated).toBeGreaterThan(0);
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
