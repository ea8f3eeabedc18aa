import { catalogue } from '@/testing/plans';
import type { PlanEdit } from '../rules';
import { applyEdit, type Editable } from './applyEdit';

const [NEON, BARB, PEACOCK] = ['paracheirodon-innesi', 'puntigrus-tetrazona', 'aulonocara-stuartgranti'] as [
  string,
  string,
  string,
];
const listed = (key: string, species: string, count: number, more = {}) => ({
  key,
  group: { species, count, lengthCm: 3, ...more },
});
const tank = {
  name: 'Holm',
  purpose: 'display',
  order: 1,
  tank: { lengthCm: 120, widthCm: 45, heightCm: 50, glassMm: 10 },
  water: { temperatureC: 25, ph: 7 },
  routine: { mealsPerDay: 2 },
  practice: { tankSize: 'middle' },
  entered: { lengthCm: 'in', heightCm: 'in', temperatureC: '°F', ph: 'x' },
} as unknown as Editable['tank'];
const state = (list: readonly ReturnType<typeof listed>[], living = {}): Editable => ({
  tank,
  listed: list,
  living,
  profileOf: (species) => catalogue.byId.get(species),
});
const after = (edit: unknown, on: Editable) => applyEdit(edit as PlanEdit, on, 'new');
const listAfter = (edit: unknown, on: Editable) => {
  const made = after(edit, on);
  return made && 'listed' in made
    ? made.listed.map(({ key, group }) => `${key} ${group.count} ${group.species}`)
    : made;
};
const tankAfter = (edit: unknown, on = state([])) => {
  const made = after(edit, on);
  return made && 'tank' in made ? made.tank : null;
};

describe('the number of a species', () => {
  const two = state([listed('a', NEON, 4), listed('b', BARB, 6), listed('c', NEON, 5)]);
  const to = (species: string, count: number) => ({ kind: 'set-count', species, count });
  it('is put into its first line; the others of it go', () =>
    expect(listAfter(to(NEON, 12), two)).toEqual([`a 12 ${NEON}`, `b 6 ${BARB}`]));
  it('is what is listed beside those that live there', () => {
    const living = state([listed('a', NEON, 4)], { [NEON]: 8 });
    expect(listAfter(to(NEON, 12), living)).toEqual([`a 4 ${NEON}`]);
    expect(listAfter(to(NEON, 15), living)).toEqual([`a 7 ${NEON}`]);
    expect(listAfter(to(NEON, 8), living)).toEqual([]);
    // Who lives there leaves by the journal only.
    expect(after(to(NEON, 7), living)).toBeNull();
    expect(after(to(NEON, 8), state([listed('b', BARB, 6)], { [NEON]: 8 }))).toBeNull();
  });
  it('adds a species that is not listed, as it is sold', () => {
    const made = after(to(PEACOCK, 3), two) as { listed: Editable['listed'] };
    expect(made.listed).toHaveLength(4);
    expect(made.listed.at(-1)).toEqual({
      key: 'new',
      group: { species: PEACOCK, count: 3, lengthCm: catalogue.byId.get(PEACOCK)!.size.soldCm },
    });
    expect(after(to('nobody', 3), two)).toBeNull();
  });
  it('is none where it is left out', () => {
    expect(listAfter({ kind: 'leave-out', species: NEON }, two)).toEqual([`b 6 ${BARB}`]);
    expect(after({ kind: 'leave-out', species: PEACOCK }, two)).toBeNull();
    expect(after({ kind: 'leave-out', species: NEON }, state([], { [NEON]: 3 }))).toBeNull();
  });
});

describe('the sexes and the origin of a species', () => {
  const sexes = (species: string) => ({ kind: 'set-sexes', species, males: 1, females: 3 });
  const origin = (species: string) => ({ kind: 'set-origin', species, origin: 'wild' });
  it('are changed where it is listed in one line and nobody of it lives there', () => {
    const made = after(sexes(PEACOCK), state([listed('a', PEACOCK, 4), listed('b', BARB, 6)])) as {
      listed: Editable['listed'];
    };
    expect(made.listed[0]!.group).toMatchObject({ count: 4, males: 1, females: 3 });
    expect(made.listed[1]).toEqual(listed('b', BARB, 6));
    expect(after(sexes(PEACOCK), state([listed('a', PEACOCK, 4), listed('b', PEACOCK, 2)]))).toBeNull();
    expect(after(sexes(PEACOCK), state([listed('a', PEACOCK, 4)], { [PEACOCK]: 1 }))).toBeNull();
    expect(after(sexes(PEACOCK), state([listed('a', BARB, 4)]))).toBeNull();
  });
  it('is the origin of all its lines', () => {
    const made = after(
      origin(NEON),
      state([listed('a', NEON, 4), listed('b', BARB, 6), listed('c', NEON, 2)]),
    ) as {
      listed: Editable['listed'];
    };
    expect(made.listed.map(({ group }) => group.origin)).toEqual(['wild', undefined, 'wild']);
    expect(after(origin(NEON), state([listed('a', NEON, 4)], { [NEON]: 1 }))).toBeNull();
  });
});

describe('another species in the place of one', () => {
  const swap = (to: string) => ({ kind: 'swap', species: NEON, to, count: 10 });
  it('takes its first line, and the others go', () => {
    const list = [listed('x', BARB, 6), listed('a', NEON, 4, { males: 2, females: 2 }), listed('b', NEON, 5)];
    expect(listAfter(swap('hyphessobrycon-amandae'), state(list))).toEqual([
      `x 6 ${BARB}`,
      'a 10 hyphessobrycon-amandae',
    ]);
  });
  it('is refused where nobody knows it, where none is listed, and where some of it live there', () => {
    expect(after(swap('nobody'), state([listed('a', NEON, 4)]))).toBeNull();
    expect(after(swap(BARB), state([listed('a', BARB, 4)]))).toBeNull();
    expect(after(swap(BARB), state([listed('a', NEON, 4)], { [NEON]: 2 }))).toBeNull();
    expect(after(swap(BARB), state([listed('a', NEON, 4)], { [PEACOCK]: 2 }))).not.toBeNull();
  });
});

describe('the tank', () => {
  it.each<[Record<string, unknown>, Record<string, unknown>]>([
    [{ kind: 'set-breaks', sightBreaks: 4 }, { tank: { ...tank.tank, sightBreaks: 4 } }],
    [{ kind: 'set-plants', plants: 'dense' }, { tank: { ...tank.tank, plants: 'dense' } }],
    [{ kind: 'set-lid', lid: true }, { tank: { ...tank.tank, lid: true } }],
    [{ kind: 'set-substrate', substrate: 'sand' }, { tank: { ...tank.tank, substrate: 'sand' } }],
    [{ kind: 'set-light', hours: 8 }, { tank: { ...tank.tank, lightHours: 8 } }],
    [{ kind: 'set-density', density: 'dense' }, { practice: { tankSize: 'middle', riftDensity: 'dense' } }],
    [
      { kind: 'set-routine', changeFraction: 0.4, everyDays: 5 },
      { routine: { mealsPerDay: 2, changeFraction: 0.4, everyDays: 5 } },
    ],
    [
      { kind: 'set-temperature', temperatureC: 23 },
      { water: { temperatureC: 23, ph: 7 }, entered: { lengthCm: 'in', heightCm: 'in', ph: 'x' } },
    ],
  ])('%j changes that, and nothing else', (edit, changed) =>
    expect(tankAfter(edit)).toEqual({ ...tank, ...changed }),
  );
  it('has another size while nobody lives in it, and forgets what was typed of the old one', () => {
    const larger = { kind: 'set-tank', lengthCm: 180, widthCm: 60, heightCm: 60 };
    const made = tankAfter(larger)!;
    expect(made.tank).toMatchObject({ lengthCm: 180, widthCm: 60 });
    expect(made.entered).toEqual({ temperatureC: '°F', ph: 'x' });
    expect(tankAfter(larger, state([], { [NEON]: 0 }))).not.toBeNull();
    expect(after(larger, state([], { [NEON]: 0, [BARB]: 1 }))).toBeNull();
    const longer = tankAfter({ kind: 'set-wall', wall: 'lengthCm', cm: 200 })!;
    expect(longer.tank.lengthCm).toBe(200);
    expect(longer.entered).toEqual({ temperatureC: '°F', ph: 'x' });
    expect(after({ kind: 'set-wall', wall: 'lengthCm', cm: 200 }, state([], { [NEON]: 2 }))).toBeNull();
  });
  it('forgets nothing that was typed where nothing was', () => {
    const untyped = { ...state([]), tank: { ...tank, entered: undefined } };
    expect(
      tankAfter({ kind: 'set-tank', lengthCm: 180, widthCm: 60, heightCm: 60 }, untyped)!.entered,
    ).toEqual({});
    expect(tankAfter({ kind: 'set-temperature', temperatureC: 23 }, untyped)!.entered).toEqual({});
  });
});
