import { listed, type Made, madeUp } from '@/testing/madeUp';
import type { PlannedGroup, PlannedSpecies, RuleContext } from './context';
import {
  concernedSpecies,
  hasWayOut,
  judgedKinds,
  judgedSpecies,
  mayChange,
  monthsTogether,
  sharedWaterShare,
} from './pairs';

const one = (id: string, group: Partial<PlannedGroup> = {}, more: Made = {}) =>
  listed(madeUp('paracheirodon-innesi', id, more), group);
const form = (
  id: string,
  group: Partial<PlannedGroup> = {},
  fierce: readonly [0 | 1 | 2 | 3, 0 | 1 | 2 | 3] = [0, 0],
) =>
  one(id, group, {
    formOf: 'kind',
    form: 'colour',
    company: { ownKind: { male: fierce[0], female: fierce[1] } },
  });
const context = (planned: readonly PlannedSpecies[], focus: PlannedSpecies | null = null) =>
  ({ planned, focus }) as unknown as RuleContext;
const ids = (planned: readonly PlannedSpecies[]) =>
  planned.map(({ profile, count }) => `${profile.id} ${count}`);

describe('kinds that are judged', () => {
  const red = form('kind-red', { count: 2 });
  const blue = form('kind-blue', { count: 5 });
  const other = one('other', { count: 7 });
  it('are species, their forms counted together', () =>
    expect(ids(judgedKinds(context([red, other, blue])))).toEqual(['kind-blue 7', 'other 7']));
  it('are that of the one that is asked about, with its other forms', () => {
    expect(ids(judgedKinds(context([red, other, blue], red)))).toEqual(['kind-blue 7']);
    expect(judgedKinds(context([red, other], red))).toEqual([red]);
    expect(judgedKinds(context([red, other], other))).toEqual([other]);
  });
  it('go by the fiercest form, either sex counted, and of equals by the one there is most of', () => {
    const fierce = (a: readonly [0 | 1 | 2 | 3, 0 | 1 | 2 | 3], b: readonly [0 | 1 | 2 | 3, 0 | 1 | 2 | 3]) =>
      judgedKinds(context([form('kind-red', { count: 1 }, a), form('kind-blue', { count: 9 }, b)]))[0]
        ?.profile.id;
    expect(fierce([2, 1], [2, 0])).toBe('kind-red');
    expect(fierce([0, 3], [2, 0])).toBe('kind-red');
    expect(fierce([1, 1], [1, 1])).toBe('kind-blue');
  });
  it('leave a species without other forms as it is', () =>
    expect(judgedKinds(context([red, other]))).toEqual([red, other]));
});

describe('those that are asked about', () => {
  const [a, b] = [one('a'), one('b')];
  it('are all, or the one', () => {
    expect(judgedSpecies(context([a, b]))).toEqual([a, b]);
    expect(judgedSpecies(context([a, b], b))).toEqual([b]);
    expect(mayChange({ focus: null }, () => false)).toBe(true);
    expect([
      mayChange({ focus: a }, (species) => species === a),
      mayChange({ focus: a }, (species) => species === b),
    ]).toEqual([true, false]);
  });
});

describe('those to whom others do something', () => {
  const [first, second, victim, bystander] = ['first', 'second', 'victim', 'bystander'].map((id) => one(id));
  const planned = [first!, second!, victim!, bystander!];
  const isAbout = (species: PlannedSpecies) => species.profile.id === 'victim';
  const does =
    (...who: readonly string[]) =>
    (other: PlannedSpecies, species: PlannedSpecies) =>
      who.includes(other.profile.id) && species.profile.id === 'victim';
  const concerned = (focus: PlannedSpecies | null, ...who: readonly string[]) =>
    concernedSpecies(context(planned, focus), isAbout, does(...who)).map(({ profile }) => profile.id);
  it('are all that the rule is about', () => expect(concerned(null)).toEqual(['victim']));
  it('are the one that is asked about', () => {
    expect(concerned(victim!)).toEqual(['victim']);
    expect(concerned(bystander!)).toEqual([]);
  });
  it('are those to whom the one that is asked about is the first that does it', () => {
    expect(concerned(first!, 'first')).toEqual(['victim']);
    expect(concerned(first!, 'first', 'second')).toEqual([]);
    expect(concerned(first!, 'second')).toEqual([]);
    // Who does it to itself is no other.
    expect(concerned(first!, 'first', 'victim')).toEqual(['victim']);
  });
});

it('months together end when the first of two leaves, and with the horizon', () => {
  const leaving = (leavesInMonths: number | null) => one('x', { leavesInMonths });
  const months = (a: number | null, b: number | null) => monthsTogether(leaving(a), leaving(b), 120);
  expect([months(null, null), months(5, null), months(null, 7), months(5, 7), months(200, null)]).toEqual([
    120, 5, 7, 5, 120,
  ]);
});

it('the same water is what both use of each layer', () => {
  const of = (top: number, middle: number, bottom: number) =>
    one('x', {}, { layers: { top, middle, bottom } });
  expect(sharedWaterShare(of(1, 0, 0), of(0, 0, 1))).toBe(0);
  expect(sharedWaterShare(of(0.5, 0.5, 0), of(0.25, 0.5, 0.25))).toBeCloseTo(0.75, 9);
});

it('an exit plan is one of any group, and no blank', () => {
  const plan = (wayOut: string) => one('x', { wayOut });
  const [none, blank, some] = [plan(''), plan('  '), plan('a friend')];
  expect([hasWayOut(none, blank), hasWayOut(none, some), hasWayOut()]).toEqual([false, true, false]);
  expect(hasWayOut({ ...none, groups: [...none.groups, ...some.groups] })).toBe(true);
});
