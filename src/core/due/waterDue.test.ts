import { NEW_TANK_LIFE, type Resident, type Room } from '../events';
import { whenIn } from '../kernel';
import type { DocumentBodies } from '../records';
import { spareWarning, waitingDue, waterDue, wavesDue } from './waterDue';

const when = whenIn('2026-05-20T10:00:00.000Z', 'UTC');
const at = (day: number): string => `2026-05-${String(day).padStart(2, '0')}T10:00:00.000Z`;
const body = (more: object = {}): DocumentBodies['tank'] =>
  ({
    name: 'Fen',
    purpose: 'display',
    order: 1,
    tank: {},
    water: {},
    routine: { everyDays: 7 },
    practice: {},
    ...more,
  }) as unknown as DocumentBodies['tank'];
const one = (id: string, more: Partial<Resident> = {}): Resident =>
  ({ id, name: id, species: 'danio-rerio', tank: 'T', count: 1, inTankSince: at(1), ...more }) as Resident;
const room = (residents: readonly Resident[], life: object = {}): Room => ({
  residents: Object.fromEntries(residents.map((resident) => [resident.id, resident])),
  tanks: { T: { ...NEW_TANK_LIFE, ...life } },
  loose: [],
});
const water = (there: Room, more: object = {}) => waterDue({ id: 'T', body: body(more) }, there, when);

describe('changes of water', () => {
  const change = (fraction: number, lastDays: number | null, overdueDays: number) => [
    { tank: 'T', kind: 'change', fact: { says: 'change', fraction, lastDays }, overdueDays },
  ];
  it('count from the last one; before the first from the day on which fish were first in the tank', () => {
    expect(water(room([one('a')], { lastChange: at(10) }))).toEqual(change(0.5, 10, 3));
    const two = [one('late', { inTankSince: at(18) }), one('early', { inTankSince: at(15) })];
    expect(water(room(two))).toEqual(change(0.5, null, -2));
    expect(water(room([...two].reverse()))).toEqual(change(0.5, null, -2));
  });
  it('take the share of the routine, and are not asked for without one, nor in a tank that never held anything', () => {
    const routine = { everyDays: 7, changeFraction: 0.3 };
    expect(water(room([one('a')], { lastChange: at(10) }), { routine })).toEqual(change(0.3, 10, 3));
    expect(water(room([one('a')]), { routine: {} })).toEqual([]);
    expect(water(room([one('a')]), { routine: undefined })).toEqual([]);
    expect(water(room([]))).toEqual([]);
    expect(waterDue({ id: 'U', body: body() }, room([]), when)).toEqual([]);
  });
});

describe('tests of water', () => {
  const quiet = { routine: {} };
  it('come round after a fortnight, for who tests at all and has fish', () => {
    expect(water(room([one('a')], { lastTest: at(6) }), quiet)).toEqual([
      { tank: 'T', kind: 'test', fact: { says: 'test', lastDays: 14 }, overdueDays: 0 },
    ]);
    expect(water(room([one('a')], { lastTest: at(7) }), quiet)).toEqual([]);
    expect(water(room([], { lastTest: at(1) }), quiet)).toEqual([]);
    expect(water(room([one('a')]), quiet)).toEqual([]);
  });
  it('follow a dose of ammonia by a day', () => {
    const dosed = (day: number) => ({ filter: { ...NEW_TANK_LIFE.filter, dosedOn: at(day) } });
    const item = (overdueDays: number) => [
      { tank: 'T', kind: 'test', fact: { says: 'test the dose' }, overdueDays },
    ];
    expect(water(room([], dosed(18)), quiet)).toEqual(item(1));
    expect(water(room([], dosed(20)), quiet)).toEqual(item(-1));
  });
});

describe('waves of a plan that is kept', () => {
  const due = (...waves: readonly object[]) =>
    wavesDue({ tank: 'T', waves } as unknown as DocumentBodies['waves'], when);
  it('are brought home to quarantine, and released after it', () => {
    expect(
      due(
        { lane: 'Q', arrives: '2026-05-20', releases: '2026-06-17' },
        { lane: 'Q', arrives: '2026-05-19', releases: '2026-06-16' },
        { lane: null, arrives: '2026-05-25', releases: '2026-05-25' },
      ),
    ).toEqual([
      { tank: 'T', kind: 'wave', fact: { says: 'bring home', wave: 1 }, overdueDays: 0 },
      { tank: 'T', kind: 'wave', fact: { says: 'release', wave: 2 }, overdueDays: -27 },
      { tank: 'T', kind: 'wave', fact: { says: 'release', wave: 3 }, overdueDays: -5 },
    ]);
  });
});

describe('fish that wait for a taker', () => {
  const waits = (id: string, day: number, count: number, taker = ''): Resident =>
    one(id, { toGo: { since: at(day), count, taker, reason: 'surplus' } as unknown as Resident['toGo'] });
  const due = (...residents: readonly Resident[]) =>
    waitingDue({ id: 'T', body: body() }, room(residents), when);
  it('are asked about a fortnight after the first of them, all together', () => {
    const item = [
      { tank: 'T', kind: 'to-go', fact: { says: 'new home', count: 5, sinceDays: 16 }, overdueDays: 2 },
    ];
    expect(due(waits('a', 10, 2), waits('b', 4, 3), one('c'))).toEqual(item);
    expect(due(waits('b', 4, 3), waits('a', 10, 2), waits('taken', 1, 9, 'Maren'))).toEqual(item);
  });
  it('are none where each has a taker', () => {
    expect(due(waits('taken', 1, 9, 'Maren'))).toEqual([]);
    expect(due()).toEqual([]);
  });
});

describe('the spare tank', () => {
  const tank = (id: string, purpose: string) => ({ id, body: body({ name: id, purpose }) });
  const ripe = { filter: { ...NEW_TANK_LIFE.filter, ripeOn: at(1) } };
  const warning = (
    tanks: readonly ReturnType<typeof tank>[],
    residents: readonly Resident[],
    lives: object = {},
  ) => spareWarning(tanks, { ...room(residents), tanks: lives } as unknown as Room, '2026-05-20');
  const fish = one('a');
  it('must be there, empty and ripe, as soon as fish live in the room', () => {
    expect(warning([tank('T', 'display')], [fish])).toEqual({ says: 'none' });
    expect(
      warning(
        [tank('T', 'display'), tank('Q', 'quarantine')],
        [fish, one('b', { tank: 'Q' as Resident['tank'] })],
      ),
    ).toEqual({ says: 'none' });
    for (const purpose of ['quarantine', 'hospital']) {
      expect(warning([tank('T', 'display'), tank('Q', purpose)], [fish])).toEqual({
        says: 'unproven',
        tanks: ['Q'],
      });
      expect(
        warning([tank('T', 'display'), tank('Q', purpose)], [fish], { Q: { ...NEW_TANK_LIFE, ...ripe } }),
      ).toBeNull();
    }
    // One of two is enough.
    const two = [tank('Q', 'quarantine'), tank('R', 'hospital')];
    expect(warning(two, [fish], { R: { ...NEW_TANK_LIFE, ...ripe } })).toBeNull();
    expect(warning(two, [fish], { R: { lastArrival: null } })).toEqual({
      says: 'unproven',
      tanks: ['Q', 'R'],
    });
  });
  it('is not asked for where nobody lives, or all are gone', () => {
    expect(warning([tank('T', 'display')], [])).toBeNull();
    expect(warning([tank('T', 'display')], [one('a', { count: 0 })])).toBeNull();
  });
});
