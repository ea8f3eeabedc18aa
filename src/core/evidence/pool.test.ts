import fc from 'fast-check';
import { CONVICT, CORY, file, stay } from '@/testing/stays';
import type { ExperienceFile } from './experienceFile';
import { isLater, latestOf, poolOf, Shelves, tanksBySpecies } from './pool';
import type { Stay } from './stay';

const tankOf = (id: string): Stay['tank'] => ({ ...stay().tank, id });
const keepersOf = (...files: readonly ExperienceFile[]) =>
  Object.fromEntries(poolOf(files).stays.map(({ stay: { id }, keeper }) => [id, keeper]));

describe('which file tells a room last', () => {
  const [one, two] = [stay({ minutesWatched: 10 }), stay({ minutesWatched: 20 })];
  it.each<[string, ExperienceFile, ExperienceFile]>([
    [
      'the one that was made later, whatever is in it',
      file('r', [], '2027-06'),
      file('r', [one, two], '2027-05'),
    ],
    ['of one month the one with more stays', file('r', [one, two]), file('r', [two])],
    ['of as many the one that tells more watching', file('r', [two]), file('r', [one])],
  ])('%s', (_what, later, earlier) => {
    expect([isLater(later, earlier), isLater(earlier, later)]).toEqual([true, false]);
    for (const files of [
      [later, earlier],
      [earlier, later],
    ])
      expect(latestOf(files)).toEqual([later]);
  });
  it('of two that tell as much the same one, whichever comes first; neither of two that are the same', () => {
    const [a, b] = [file('r', [one]), file('r', [{ ...two, minutesWatched: 10 }])];
    expect(isLater(a, b)).toBe(!isLater(b, a));
    expect(latestOf([a, b])).toEqual(latestOf([b, a]));
    expect(isLater(a, file('r', [{ ...one }]))).toBe(false);
  });
  it('is asked of each room by itself', () =>
    expect(
      latestOf([file('r', []), file('s', []), file('r', [one])]).map(({ room, stays }) => [
        room,
        stays.length,
      ]),
    ).toEqual([
      ['r', 1],
      ['s', 0],
    ]));
});

describe('files as one body of experience', () => {
  it('a stay that stands in several files counts once, as the newest tells it', () => {
    const [old, renewed] = [stay({ id: 's', minutesWatched: 60 }), stay({ id: 's', minutesWatched: 90 })];
    const files = [file('z', [old], '2027-01'), file('a', [renewed], '2027-03')];
    for (const one of [files, [...files].reverse()]) {
      const { stays, repeated } = poolOf(one);
      expect(stays.map((each) => each.stay.minutesWatched)).toEqual([90]);
      expect(repeated).toBe(1);
    }
  });
  it('of one month the room that is later by its name tells it', () => {
    const files = [
      file('b', [stay({ id: 's', minutesWatched: 2 })]),
      file('a', [stay({ id: 's', minutesWatched: 1 })]),
    ];
    for (const one of [files, [...files].reverse()])
      expect(poolOf(one).stays[0]?.stay.minutesWatched).toBe(2);
  });
  it('rooms that share a tank or a stay are one keeper’s, also through a third', () => {
    const a = file('a', [stay({ id: 'a1', tank: tankOf('x') })]);
    const b = file('b', [stay({ id: 'b1', tank: tankOf('x') }), stay({ id: 'both', tank: tankOf('y') })]);
    const c = file('c', [stay({ id: 'both', tank: tankOf('y') }), stay({ id: 'c1', tank: tankOf('z') })]);
    const d = file('d', [stay({ id: 'd1', tank: tankOf('w') })]);
    for (const files of [
      [a, b, c, d],
      [d, c, b, a],
      [c, a, d, b],
    ]) {
      expect(keepersOf(...files)).toEqual({ a1: 'a', b1: 'a', both: 'a', c1: 'a', d1: 'd' });
      expect(poolOf(files).joined).toBe(2);
    }
    expect(poolOf([a, d])).toMatchObject({ joined: 0, repeated: 0 });
  });
  it('counts months to the end of a stay, or to when its file was made', () => {
    const { stays } = poolOf([
      file(
        'r',
        [
          stay({ id: 'ended', from: '2026-01', until: '2026-04' }),
          stay({ id: 'on', from: '2027-01', until: null }),
        ],
        '2027-05',
      ),
    ]);
    expect(stays.map(({ tank, months, stay: { tank: own } }) => [tank === own.id, months])).toEqual([
      [true, 3],
      [true, 4],
    ]);
  });
  it('is the same whatever the order of the files', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            room: fc.constantFrom('a', 'b', 'c', 'd'),
            made: fc.constantFrom('2027-01', '2027-02'),
            stays: fc.uniqueArray(
              fc.record({
                id: fc.constantFrom('1', '2', '3', '4', '5'),
                tank: fc.constantFrom('p', 'q', 'r', 's'),
              }),
              {
                selector: ({ id }) => id,
                maxLength: 3,
              },
            ),
          }),
          { maxLength: 6 },
        ),
        fc.integer({ min: 0, max: 5 }),
        (told, turn) => {
          const files = told.map(({ room, made, stays }, at) =>
            file(
              room,
              stays.map(({ id, tank }) => stay({ id, tank: tankOf(tank), minutesWatched: at })),
              made,
            ),
          );
          const turned = [...files.slice(turn), ...files.slice(0, turn)];
          const asked = (one: readonly ExperienceFile[]) => {
            const { stays, ...rest } = poolOf(one);
            const tell = ({ keeper, tank, stay: { id, minutesWatched } }: (typeof stays)[number]): string =>
              [id, keeper, tank, minutesWatched].join(' ');
            return { ...rest, stays: stays.map(tell).sort() };
          };
          expect(asked(turned)).toEqual(asked(files));
        },
      ),
    ));
});

describe('a pool by species', () => {
  const alone = stay({ id: 'alone', fish: [{ species: CORY, count: 6, lengthCm: 3 }] });
  const both = stay({ id: 'both' });
  const shelves = new Shelves(poolOf([file('r', [alone, both])]));
  const idsOf = (stays: readonly { readonly stay: Stay }[]) => stays.map(({ stay: { id } }) => id);
  it('holds the stays of each, and of two together', () => {
    expect(idsOf(shelves.stays(CORY))).toEqual(['alone', 'both']);
    expect(idsOf(shelves.stays(CONVICT))).toEqual(['both']);
    expect(shelves.stays('nobody')).toEqual([]);
    expect(idsOf(shelves.about({ species: CORY }))).toEqual(['alone', 'both']);
    expect(idsOf(shelves.about({ species: CORY, with: CONVICT }))).toEqual(['both']);
    expect(shelves.about({ species: CORY, with: 'nobody' })).toEqual([]);
  });
  it('gives the same list whenever the same is asked', () => {
    expect(shelves.about({ species: CORY, with: CONVICT })).toBe(
      shelves.about({ species: CORY, with: CONVICT }),
    );
    expect(shelves.about({ species: CORY })).toBe(shelves.about({ species: CORY }));
  });
  it('counts the tanks of each, the most first, then by name', () => {
    const tetra = { species: 'a-tetra', count: 8, lengthCm: 3 };
    const again = stay({ id: 'again', tank: both.tank, fish: [...both.fish, tetra] });
    expect(tanksBySpecies(poolOf([file('r', [alone, both, again])]).stays)).toEqual([
      { species: CORY, tanks: 2 },
      { species: 'a-tetra', tanks: 1 },
      { species: CONVICT, tanks: 1 },
    ]);
    expect(tanksBySpecies([])).toEqual([]);
  });
});
