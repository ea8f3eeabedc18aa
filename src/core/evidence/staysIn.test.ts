import fc from 'fast-check';
import { demoRoom } from '@/demo/demoRoom';
import { anyArrival, anyEvent } from '@/testing/anyRoom';
import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import { effective, type Standing } from '../events';
import { readExperience } from './experienceFile';
import { lossCauseOf } from './lossCause';
import { experienceIn, roomNameOf, staysIn, type TankSaid } from './staysIn';

const TANK: TankSaid = { id: 'T', lengthCm: 120, widthCm: 45, heightCm: 50, hides: 3 };
const on = (month: number, day = 1, hour = 12, minute = 0): string =>
  new Date(Date.UTC(2026, month - 1, day, hour, minute)).toISOString();
const NOW = on(12);
const [CICHLID, CORY, TETRA] = ['labidochromis-caeruleus', 'corydoras-aeneus', 'paracheirodon-innesi'];
const came = (month: number, species: string, ids: string, more: object = {}): Standing =>
  cameOf(
    on(month),
    [...ids].map((id) => ({ ...memberOf(id), ...more })),
    { species },
  );
const group = (month: number, species: string, id: string, count: number): Standing =>
  cameOf(on(month), [{ ...memberOf(id, count), individual: false }], { species });
const stays = (...happenings: readonly Standing[]) => staysIn(happenings, [TANK], 'secret', NOW);

describe('a stay', () => {
  it('goes from the month in which its species met to the month in which they change', () => {
    const told = stays(group(1, CORY, 'c', 6), group(3, TETRA, 't', 10));
    expect(
      told.map(({ from, until, ended, fish }) => [from, until, ended, fish.map((one) => one.species)]),
    ).toEqual([
      ['2026-01', '2026-03', 'list changed', [CORY]],
      ['2026-03', null, 'goes on', [CORY, TETRA]],
    ]);
  });
  it('tells the tank, the most of each species there were, and their length at the start', () => {
    const [one] = stays(
      came(1, CICHLID, 'ab', { sex: 'male' }),
      happened({ type: 'measured', on: on(2), resident: 'a', lengthCm: 11 }),
      came(4, CICHLID, 'd', { sex: 'female' }),
      happened({ type: 'died', on: on(5), resident: 'a', count: 1, how: 'found', cause: 'old' }),
    );
    expect(one).toMatchObject({
      tank: { lengthCm: 120, widthCm: 45, heightCm: 50, hides: 'few' },
      fish: [{ species: CICHLID, count: 3, males: 2, females: 1, lengthCm: 6 }],
      losses: [{ species: CICHLID, cause: 'age', count: 1 }],
      ended: 'goes on',
    });
  });
  it('has no loss of one that is found alive, and those of the others', () => {
    const died = (month: number, resident: string, count: number, how = 'missing'): Standing =>
      happened({ type: 'died', on: on(month), resident, count, how, cause: '' });
    const back = (month: number, resident: string, count: number): Standing =>
      happened({ type: 'back-again', on: on(month), resident, what: 'found alive', count });
    const lossesOf = (...more: readonly Standing[]) =>
      stays(came(1, CICHLID, 'ab'), group(1, CORY, 'c', 9), ...more).flatMap(({ losses }) => losses);
    expect(lossesOf(died(3, 'a', 1), back(4, 'a', 1))).toEqual([]);
    expect(lossesOf(died(3, 'a', 1), back(4, 'a', 1), died(5, 'a', 1, 'found'))).toEqual([
      { species: CICHLID, cause: 'not known', count: 1 },
    ]);
    expect(lossesOf(died(3, 'a', 1), died(3, 'b', 1), back(4, 'b', 1))).toEqual([
      { species: CICHLID, cause: 'eaten or missing', count: 1 },
    ]);
    // Of several times the latest are taken back first.
    expect(
      lossesOf(died(2, 'c', 2, 'found'), died(3, 'c', 2), died(4, 'c', 1), back(5, 'c', 2), back(6, 'c', 2)),
    ).toEqual([{ species: CORY, cause: 'not known', count: 1 }]);
    // A stay that ended with it has no loss either.
    const ended = stays(came(1, CICHLID, 'a'), group(1, CORY, 'c', 9), died(3, 'a', 1), back(6, 'a', 1));
    expect(ended.map(({ losses }) => losses)).toEqual([[], [], []]);
    // Another way of coming back takes no loss back.
    const returned = happened({
      type: 'back-again',
      on: on(4),
      resident: 'a',
      what: 'out of the box',
      count: 1,
    });
    expect(lossesOf(died(3, 'a', 1), returned)).toHaveLength(1);
  });
  it('has its contests by species, its watches, signs and water', () => {
    const [one] = stays(
      came(1, CICHLID, 'ab'),
      group(1, CORY, 'c', 6),
      chasedOf(on(2), 'a', 'c'),
      chasedOf(on(2), 'b', 'c'),
      chasedOf(on(2), 'a', `some-unknown-${CORY}`, { what: 'pin' }),
      chasedOf(on(2), 'a', 'b', { what: 'nip' }),
      chasedOf(on(2), 'a', 'nobody'),
      watchedOf(on(2, 1, 13), 20),
      happened({ type: 'saw', on: on(3), resident: 'c', what: 'torn', place: '' }),
      happened({ type: 'saw', on: on(3), resident: 'c', what: 'torn', place: '' }),
      happened({ type: 'saw', on: on(3), resident: 'c', what: 'eating', place: '' }),
      happened({ type: 'tested', on: on(3), ph: 7.2, temperatureC: 25 }),
      happened({ type: 'tested', on: on(4), ph: 6.9 }),
    );
    expect(one).toMatchObject({
      minutesWatched: 20,
      contests: [
        { by: CICHLID, to: CORY, level: 'chase', count: 2 },
        { by: CICHLID, to: CORY, level: 'fight', count: 1 },
        { by: CICHLID, to: CICHLID, level: 'bite', count: 1 },
      ],
      signs: [{ species: CORY, what: 'torn' }],
      water: { ph: [6.9, 7.2], temperatureC: [25, 25] },
    });
  });
  const given = (reason: string): Standing =>
    happened({ type: 'rehomed', on: on(4), resident: 'c', count: 6, reason, taker: '', credit: '' });
  it.each<[string, readonly Standing[], string | undefined]>([
    [
      'the last died',
      [happened({ type: 'died', on: on(4), resident: 'c', count: 6, how: 'found', cause: '' })],
      'none left',
    ],
    ['all were given away', [given('surplus')], 'given up'],
    ['they were parted', [given('bullied')], 'parted'],
    [
      'they moved to another tank',
      [happened({ type: 'moved', on: on(4), resident: 'c', tank: 'U' })],
      'moved on',
    ],
    [
      'they were put aside',
      [
        happened({ type: 'stepped-in', on: on(4), step: 'boss set aside', who: 'c' }),
        happened({ type: 'moved', on: on(4, 1, 12, 30), resident: 'c', tank: 'U' }),
      ],
      'parted',
    ],
  ])('ends as it did: %s', (_, story, ended) => {
    expect(stays(group(1, CORY, 'c', 6), ...story).map((one) => one.ended)).toEqual([ended]);
  });
  it('is none for fish that passed through within a month, unless something was seen of them', () => {
    const away = happened({ type: 'moved', on: on(1, 20), resident: 'c', tank: 'U' });
    expect(stays(group(1, CORY, 'c', 6), away)).toEqual([]);
    expect(stays(group(1, CORY, 'c', 6), watchedOf(on(1, 5), 10), away)).toHaveLength(1);
  });
  it('has the steps that were taken in it, with what they did', () => {
    const [one] = stays(
      came(1, CICHLID, 'ab'),
      happened({ type: 'stepped-in', on: on(3), step: 'rearranged' }),
    );
    expect(one!.steps).toEqual([{ step: 'rearranged', effect: 'open' }]);
  });
  it('has what a step did where watching tells, of those in its own time alone', () => {
    const watches = (from: number, contests: number, days: number): readonly Standing[] =>
      Array.from({ length: days }, (_, day) => [
        ...Array.from({ length: contests }, (__, at) => chasedOf(on(from, 1 + day, 12, at), 'a', 'b')),
        watchedOf(on(from, 1 + day, 13), 60),
      ]).flat();
    const step = (month: number, day: number): Standing =>
      happened({ type: 'stepped-in', on: on(month, day), step: 'rearranged' });
    const stepsOf = (...story: readonly Standing[]) =>
      stays(came(1, CICHLID, 'ab'), ...story).map(({ steps }) => steps);
    expect(stepsOf(...watches(2, 20, 4), step(2, 20), ...watches(3, 1, 4))).toEqual([
      [{ step: 'rearranged', effect: 'helped' }],
    ]);
    expect(stepsOf(...watches(2, 1, 4), step(2, 20), ...watches(3, 20, 4))).toEqual([
      [{ step: 'rearranged', effect: 'worse' }],
    ]);
    expect(stepsOf(step(3, 1), group(6, CORY, 'c', 6), step(8, 1))).toEqual([
      [{ step: 'rearranged', effect: 'open' }],
      [{ step: 'rearranged', effect: 'open' }],
    ]);
  });
  it.each([
    ['contests', [chasedOf(on(1, 5), 'a', 'b')]],
    ['a loss', [happened({ type: 'died', on: on(1, 5), resident: 'a', count: 1, how: 'found', cause: '' })]],
    ['a sign', [happened({ type: 'saw', on: on(1, 5), resident: 'a', what: 'torn', place: '' })]],
    ['a step', [happened({ type: 'stepped-in', on: on(1, 5), step: 'rearranged' })]],
    ['a watch', [watchedOf(on(1, 5), 1)]],
  ])('of a few days counts where there is %s', (_what, seen) => {
    const away = ['a', 'b'].map((resident) =>
      happened({ type: 'moved', on: on(1, 20), resident, tank: 'U' }),
    );
    expect(stays(came(1, CICHLID, 'ab'), ...seen, ...away)).toHaveLength(1);
    expect(stays(came(1, CICHLID, 'ab'), ...away)).toEqual([]);
  });
  it('counts from thirty days on', () => {
    const until = (day: number) =>
      stays(group(1, CORY, 'c', 6), happened({ type: 'moved', on: on(1, day), resident: 'c', tank: 'U' }));
    expect([until(30), until(31)].map(({ length }) => length)).toEqual([0, 1]);
  });
  it.each([
    [null, 'not said'],
    [0, 'none'],
    [1, 'few'],
    [4, 'few'],
    [5, 'many'],
  ])('tells %j hides as %s', (hides, told) =>
    expect(staysIn([came(1, CICHLID, 'ab')], [{ ...TANK, hides }], 'secret', NOW)[0]?.tank.hides).toBe(told),
  );
  it('says nothing of water that nobody tested, and of sexes that nobody told', () => {
    const [one] = stays(came(1, CICHLID, 'ab'));
    expect(one).not.toHaveProperty('water');
    expect(one!.fish).toEqual([{ species: CICHLID, count: 2, lengthCm: 6 }]);
    const told = stays(
      cameOf(on(1), [{ ...memberOf('g', 5), individual: false, males: 1, females: 4 }], { species: CICHLID }),
    );
    expect(told[0]!.fish).toEqual([{ species: CICHLID, count: 5, males: 1, females: 4, lengthCm: 6 }]);
    // Sexes that are told later, of as many fish.
    const later = stays(
      came(1, CICHLID, 'ab'),
      happened({ type: 'sexed', on: on(3), resident: 'a', sex: 'male', sure: 'likely' }),
      group(5, CORY, 'c', 6),
      came(7, CICHLID, 'd'),
    );
    expect(later.at(-1)!.fish.find(({ species }) => species === CICHLID)).toMatchObject({
      males: 1,
      females: 0,
      count: 3,
    });
  });
  it('has as many fish as were lost where young came and went', () => {
    const died = (month: number, count: number): Standing =>
      happened({ type: 'died', on: on(month), resident: 'c', count, how: 'found', cause: '' });
    const [one] = stays(
      group(1, CORY, 'c', 4),
      group(1, CICHLID, 'x', 30),
      died(2, 3),
      group(3, CORY, 'd', 3),
      happened({ type: 'died', on: on(4), resident: 'd', count: 3, how: 'found', cause: '' }),
    );
    expect(one!.fish).toEqual([
      { species: CORY, count: 6, lengthCm: 6 },
      { species: CICHLID, count: 30, lengthCm: 6 },
    ]);
    expect(one!.losses).toEqual([{ species: CORY, cause: 'not known', count: 6 }]);
  });
  it('counts no more dead than there were', () => {
    const [one] = stays(
      group(1, CORY, 'c', 2),
      came(1, CICHLID, 'ab'),
      happened({ type: 'died', on: on(3), resident: 'c', count: 9, how: 'found', cause: '' }),
      happened({ type: 'died', on: on(4), resident: 'nobody', count: 1, how: 'found', cause: '' }),
      happened({ type: 'died', on: on(4), resident: 'c', count: 1, how: 'found', cause: '' }),
    );
    expect(one!.losses).toEqual([{ species: CORY, cause: 'not known', count: 2 }]);
  });
  it('ends parted only within the hour in which somebody was put aside', () => {
    const ended = (hour: number, minute: number, step = 'boss set aside', who = 'c') =>
      stays(
        group(1, CORY, 'c', 6),
        happened({ type: 'stepped-in', on: on(4), step, who }),
        happened({ type: 'moved', on: on(4, 1, hour, minute), resident: 'c', tank: 'U' }),
      )[0]!.ended;
    expect([ended(13, 0), ended(13, 1)]).toEqual(['parted', 'moved on']);
    expect([ended(12, 30, 'rearranged'), ended(12, 30, 'boss set aside', 'x')]).toEqual([
      'moved on',
      'moved on',
    ]);
  });
  it('goes on where fish of its species join or leave it, and ends where another species does', () => {
    const keys = stays(
      came(1, CICHLID, 'ab'),
      came(3, CICHLID, 'd'),
      group(5, CORY, 'c', 6),
      happened({
        type: 'rehomed',
        on: on(7),
        resident: 'c',
        count: 6,
        reason: 'bullied',
        taker: '',
        credit: '',
      }),
      happened({ type: 'moved', on: on(9), resident: 'a', tank: 'U' }),
    ).map(({ from, ended, fish }) => [from, ended, fish.map(({ count }) => count)]);
    expect(keys).toEqual([
      ['2026-01', 'list changed', [3]],
      ['2026-05', 'parted', [6, 3]],
      ['2026-07', 'goes on', [3]],
    ]);
  });
  it('has only contests, signs and tests of its own tank and fish', () => {
    const elsewhere = { tank: 'U' };
    const [one] = stays(
      came(1, CICHLID, 'ab'),
      cameOf(on(1), [memberOf('z')], { species: CORY, ...elsewhere }),
      chasedOf(on(2), 'a', 'b', elsewhere),
      chasedOf(on(2), 'a', 'z'),
      chasedOf(on(2), 'z', 'a'),
      happened({ type: 'saw', on: on(3), resident: 'z', what: 'torn', place: '' }),
      happened({ type: 'saw', on: on(3), resident: 'nobody', what: 'torn', place: '' }),
      happened({ type: 'saw', on: on(3), resident: null, what: 'torn', place: '' }),
      happened({ type: 'tested', on: on(3), ph: 7, ...elsewhere }),
      happened({ ...watchedOf(on(3), 30), ...elsewhere }),
      happened({ type: 'noted', on: on(3), tank: null, text: 'x' }),
    );
    expect(one).toMatchObject({ contests: [], signs: [], minutesWatched: 0 });
    expect(one).not.toHaveProperty('water');
  });
  it('has each sign of each species once', () => {
    const saw = (resident: string, what: string): Standing =>
      happened({ type: 'saw', on: on(3), resident, what, place: '' });
    const [one] = stays(
      came(1, CICHLID, 'ab'),
      group(1, CORY, 'c', 6),
      saw('a', 'torn'),
      saw('b', 'torn'),
      saw('a', 'hiding'),
      saw('c', 'torn'),
    );
    expect(one!.signs).toEqual([
      { species: CICHLID, what: 'torn' },
      { species: CICHLID, what: 'hiding' },
      { species: CORY, what: 'torn' },
    ]);
  });
  it('bears names that stay the same, and tell nothing without the secret', () => {
    const told = (secret: string, extra: readonly Standing[] = []) =>
      staysIn([came(1, CICHLID, 'ab'), ...extra], [TANK], secret, NOW)[0]!;
    expect(told('x', [watchedOf(on(6), 10)]).id).toBe(told('x').id);
    expect(told('y').id).not.toBe(told('x').id);
    expect(told('y').tank.id).not.toBe(told('x').tank.id);
    expect(JSON.stringify(told('x'))).not.toContain('"T"');
  });
});

it('the file of a room says when it was made, and bears a name that follows from its secret alone', () => {
  const story = [came(1, CICHLID, 'ab')];
  const file = experienceIn(story, [TANK], 'secret', NOW);
  expect(file).toEqual({
    format: 'lomvik-experience',
    version: 1,
    room: roomNameOf('secret'),
    made: '2026-12',
    stays: stays(...story),
  });
  const names = ['secret', 'other', 'secrets', ''].map(roomNameOf);
  expect(new Set(names).size).toBe(4);
  for (const name of [...names, file.stays[0]!.id, file.stays[0]!.tank.id])
    expect(name).toMatch(/^[0-9a-f]{16}$/);
  // The parts of a name cannot run into one another.
  const idOf = (secret: string, id: string) =>
    experienceIn(story, [{ ...TANK, id: 'T' }], secret, NOW).stays[0]!.tank.id + id;
  expect(idOf('secretT', '')).not.toBe(idOf('secret', ''));
});

it.each([
  ['jumped out', 'found', 'jumped'],
  ['eaten by the oscar', 'found', 'eaten or missing'],
  ['', 'missing', 'eaten or missing'],
  ['beaten up', 'found', 'fighting'],
  ['ammonia after the move', 'found', 'water'],
  ['old age', 'found', 'age'],
  ['damage by a rock', 'found', 'not known'],
  ['killed by the male', 'found', 'fighting'],
  ['bloat', 'put down', 'illness'],
  ['no idea', 'found', 'not known'],
])('a death of %j, %s, is of the class %s', (cause, how, of) => expect(lossCauseOf(cause, how)).toBe(of));

it('the demo room makes a valid file in which no name, note or day stands', () => {
  const { documents, entries } = demoRoom('2027-05-20');
  const tanks = documents.flatMap((one): TankSaid[] =>
    one.kind === 'tank' && one.body ? [{ ...one.body.tank, id: one.id, hides: null }] : [],
  );
  const told = staysIn(effective(entries), tanks, 'secret', '2027-05-20T12:00:00.000Z');
  const file = { format: 'lomvik-experience', version: 1, room: 'r', made: '2027-05', stays: told };
  expect(readExperience(JSON.parse(JSON.stringify(file)))).toMatchObject({ ok: true });
  expect(told.length).toBeGreaterThan(3);
  expect(told.some(({ contests }) => contests.length > 0)).toBe(true);
  const text = JSON.stringify(file);
  for (const one of documents) if (one.kind === 'tank' && one.body) expect(text).not.toContain(one.body.name);
  expect(text).not.toMatch(/\d{4}-\d\d-\d\d/);
});

it('any record makes valid stays: whatever stands in it, in whatever order', () => {
  fc.assert(
    fc.property(fc.array(fc.oneof(anyArrival, anyEvent), { maxLength: 60 }), (events) => {
      const happenings = [...events]
        .sort((a, b) => (a.on < b.on ? -1 : 1))
        .map((event, seq) => ({ ...event, id: `e${seq}`, seq, corrected: false }) as unknown as Standing);
      const told = staysIn(happenings, [TANK, { ...TANK, id: 'U' }], 'secret', '2040-01-01T00:00:00.000Z');
      const read = readExperience({
        format: 'lomvik-experience',
        version: 1,
        room: 'r',
        made: '2040-01',
        stays: told.map((one) => JSON.parse(JSON.stringify(one)) as object),
      });
      expect(read.ok ? [] : read.faults).toEqual([]);
    }),
    { numRuns: 150 },
  );
});
