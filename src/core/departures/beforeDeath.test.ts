import { cameOf, chasedOf, happened, memberOf } from '@/testing/happened';
import type { Standing } from '../events';
import type { DocumentBodies } from '../records';
import { beforeDeath } from './beforeDeath';

const day = (n: number): string => new Date(Date.UTC(2026, 0, n, 12)).toISOString();
const date = (n: number): string => day(n).slice(0, 10);
const body = {
  water: { temperatureC: 25, ph: 7 },
  routine: { everyDays: 7 },
} as unknown as DocumentBodies['tank'];
const came = cameOf(day(1), [memberOf('a'), memberOf('b')]);

/** What may have been behind the death of `a` on day 60. */
const before = (happenings: readonly Standing[], more: Partial<Parameters<typeof beforeDeath>[0]> = {}) =>
  beforeDeath({
    happenings: [came, ...happenings],
    resident: 'a',
    tank: 'T',
    on: day(60),
    body,
    oldYears: null,
    cameOn: day(1),
    dayOf: (moment) => moment.slice(0, 10),
    ...more,
  });
const possible = (...asked: Parameters<typeof before>) => before(...asked).possible;
const tested = (n: number, values: object): Standing => happened({ type: 'tested', on: day(n), ...values });
const changed = (n: number, checked: readonly string[], more: object = {}): Standing =>
  happened({ type: 'water-changed', on: day(n), fraction: 0.5, checked, ...more });
const saw = (n: number, resident: string, what: string): Standing =>
  happened({ type: 'saw', on: day(n), resident, what });

describe('the story before a death', () => {
  it('is a fortnight of what touched the fish or its tank, without the death itself', () => {
    const note = (n: number, more: object = {}): Standing =>
      happened({ type: 'noted', on: day(n), text: 'x', ...more });
    const told = [note(46), note(60)];
    const death = happened({ type: 'died', on: day(60), resident: 'a', count: 1, how: 'found', cause: '' });
    const mate = happened({ type: 'died', on: day(58), resident: 'b', count: 1, how: 'found', cause: '' });
    const { story } = before([note(45), note(50, { tank: 'U' }), ...told, mate, death, note(61)]);
    expect(story).toEqual([...told, mate]);
  });
});

describe('water before a death', () => {
  it('counts nitrite from what a kit can read, nitrate above 40 mg/L', () => {
    expect(possible([tested(58, { nitriteMgL: 0.25 })])).toEqual([
      { says: 'nitrite', mgL: 0.25, on: date(58) },
    ]);
    expect(possible([tested(58, { nitriteMgL: 0.2, nitrateMgL: 40 })])).toEqual([]);
    expect(possible([tested(58, { nitrateMgL: 41 })])).toEqual([{ says: 'nitrate', mgL: 41, on: date(58) }]);
  });

  it('counts the poisonous part of the ammonia, at the temperature and the pH of the test, else of the tank', () => {
    // Emerson and others 1975: at 25 °C and pH 8 a share of 0.0537; at pH 7 one of 0.0057.
    const [found] = possible([tested(58, { ammoniaMgL: 1, temperatureC: 25, ph: 8 })], { body: null });
    expect(found).toMatchObject({ says: 'ammonia', on: date(58) });
    expect(found?.says === 'ammonia' && found.mgL).toBeCloseTo(0.0537, 3);
    expect(possible([tested(58, { ammoniaMgL: 3 })])).toEqual([]);
    expect(possible([tested(58, { ammoniaMgL: 4 })])).toMatchObject([{ says: 'ammonia' }]);
    expect(possible([tested(58, { ammoniaMgL: 1 })], { body: null })).toEqual([]);
    // Nobody knows the tank: 25 °C and pH 7.5, a share of 0.0177.
    expect(possible([tested(58, { ammoniaMgL: 1.2 })], { body: null })).toMatchObject([{ says: 'ammonia' }]);
  });

  it('counts a temperature three degrees from the usual, either way, and none where nobody knows the usual', () => {
    expect(possible([tested(58, { temperatureC: 28 })])).toEqual([
      { says: 'temperature', temperatureC: 28, usualC: 25, on: date(58) },
    ]);
    expect(possible([tested(58, { temperatureC: 22 })])).toHaveLength(1);
    expect(possible([tested(58, { temperatureC: 27.9 })])).toEqual([]);
    expect(possible([tested(58, { temperatureC: 40 })], { body: null })).toEqual([]);
  });

  it('counts a pH that jumps from one test to the next, and from the usual to the first', () => {
    const jump = (n: number, from: number, to: number) => ({ says: 'pH jump', from, to, on: date(n) });
    expect(
      possible([tested(50, { ph: 7.6 }), tested(55, { nitrateMgL: 5 }), tested(58, { ph: 6.8 })]),
    ).toEqual([jump(58, 7.6, 6.8)]);
    expect(possible([tested(58, { ph: 7.71 })])).toEqual([jump(58, 7, 7.71)]);
    expect(possible([tested(58, { ph: 7.6 })])).toEqual([]);
    expect(possible([tested(58, { ph: 9 })], { body: null })).toEqual([]);
  });
});

describe('changes before a death', () => {
  const ALL = ['dechlorinated', 'heater on again', 'lid closed', 'temperature matched'];
  it('tell each step that was not ticked', () => {
    expect(possible([changed(58, ALL)])).toEqual([]);
    expect(possible([changed(58, ALL.slice(3))])).toEqual(
      ['chlorine', 'cold tank', 'jumped'].map((says) => ({ says, on: date(58) })),
    );
    expect(possible([changed(58, ALL.slice(1)), changed(59, ALL.slice(1))])).toHaveLength(2);
    expect(possible([changed(58, ALL.slice(1)), changed(58, ALL.slice(1))])).toHaveLength(1);
  });

  it('are missed when the last of this tank is more than one and a half routines ago', () => {
    expect(possible([changed(48, ALL)])).toEqual([{ says: 'missed changes', days: 12, everyDays: 7 }]);
    expect(possible([changed(49, ALL)])).toEqual([]);
    // Of another tank, or after the death, none counts.
    expect(possible([changed(40, ALL), changed(59, ALL, { tank: 'U' }), changed(62, ALL)])).toEqual([
      { says: 'missed changes', days: 20, everyDays: 7 },
    ]);
    expect(possible([changed(40, ALL)], { body: null })).toEqual([]);
    expect(possible([])).toEqual([]);
  });
});

describe('company before a death', () => {
  it('is bullying from three decided contests that the fish lost, beside all there were', () => {
    const lost = [55, 56, 57].map((n) => chasedOf(day(n), 'b', 'a'));
    expect(possible([...lost, chasedOf(day(58), 'a', 'b')])).toEqual([{ says: 'bullied', taken: 3, of: 4 }]);
    expect(possible(lost.slice(1))).toEqual([]);
    expect(possible([...lost.slice(1), chasedOf(day(58), 'b', 'a', { undecided: true })])).toEqual([]);
    expect(possible([55, 56, 57].map((n) => chasedOf(day(n), 'a', 'b')))).toEqual([]);
  });

  it('tells signs of illness of this fish once each, and torn fins as wounds', () => {
    const signs = [
      saw(55, 'a', 'spots or film'),
      saw(56, 'a', 'spots or film'),
      saw(57, 'b', 'spots or film'),
    ];
    expect(possible(signs)).toEqual([{ says: 'illness', signs: ['spots or film'] }]);
    expect(possible([saw(57, 'a', 'torn')])).toEqual([{ says: 'wounds' }]);
    expect(possible([saw(57, 'a', 'guarding'), saw(57, 'b', 'torn')])).toEqual([]);
  });

  it('tells an arrival within the fortnight, by its days', () => {
    expect(possible([], { cameOn: day(46) })).toEqual([{ says: 'arrival', days: 14 }]);
    expect(possible([], { cameOn: day(45) })).toEqual([]);
  });

  it('tells who was brought in, and whether in quarantine first', () => {
    const news = (quarantine: string) => cameOf(day(50), [memberOf('n')], { quarantine });
    const brought = { says: 'brought in', species: 'labidochromis-caeruleus', on: date(50) };
    expect(possible([news('none')])).toEqual([{ ...brought, quarantined: false }]);
    expect(possible([news('done')])).toEqual([{ ...brought, quarantined: true }]);
    // Its own arrival is none of somebody else.
    expect(possible([cameOf(day(50), [memberOf('a')])])).toEqual([]);
  });

  it('tells who moved in, by the kind it came, was born or was split off as', () => {
    const moves = (resident: string, n = 50): Standing =>
      happened({ type: 'moved', on: day(n), resident, tank: 'T' });
    const elsewhere = { tank: 'U' };
    const joined = (species: string) => ({ says: 'joined', species, on: date(50) });
    const group = cameOf(day(2), [memberOf('q', 6)], { ...elsewhere, species: 'danio-rerio' });
    const young = happened({
      type: 'born',
      on: day(3),
      tank: 'U',
      species: 'ancistrus-cirrhosus',
      member: memberOf('y', 9),
      lengthCm: 1,
    });
    const part = happened({
      type: 'split',
      on: day(4),
      resident: 'q',
      into: [memberOf('p', 2), memberOf('r', 1)],
    });
    const room = [group, young, part];
    expect(possible([...room, moves('q')])).toEqual([joined('danio-rerio')]);
    expect(possible([...room, moves('y')])).toEqual([joined('ancistrus-cirrhosus')]);
    expect(possible([...room, moves('r')])).toEqual([joined('danio-rerio')]);
    expect(possible([...room, moves('nobody')])).toEqual([]);
  });

  it('tells a move or a treatment of the last week, and a fault of the equipment', () => {
    const moved = (n: number): Standing => happened({ type: 'moved', on: day(n), resident: 'a', tank: 'T' });
    expect(possible([moved(53)])).toEqual([{ says: 'moved', days: 7 }]);
    expect(possible([moved(52)])).toEqual([]);
    const treated = (n: number): Standing => happened({ type: 'treated', on: day(n), what: 'salt' });
    expect(possible([treated(53)])).toEqual([{ says: 'treated', what: 'salt', on: date(53) }]);
    expect(possible([treated(52)])).toEqual([]);
    expect(possible([happened({ type: 'equipment-fault', on: day(52), what: 'power cut' })])).toEqual([
      { says: 'equipment', what: 'power cut', on: date(52) },
    ]);
  });

  it('tells old age from the years on at which the species gets old', () => {
    const born = new Date(Date.parse(day(60)) - 4 * 365.25 * 86_400_000).toISOString();
    expect(possible([], { cameOn: born, oldYears: 4 })).toEqual([
      { says: 'old age', years: 4, usualYears: 4 },
    ]);
    expect(possible([], { cameOn: born, oldYears: 4.1 })).toEqual([]);
    expect(possible([], { cameOn: born, oldYears: null })).toEqual([]);
  });
});
