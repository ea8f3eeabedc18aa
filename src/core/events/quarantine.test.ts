import { cameOf, happened, memberOf } from '@/testing/happened';
import { applyEvent, type Dated } from './events';
import { afterStep, afterTest } from './filterLife';
import { QUARANTINE_DAYS } from './quarantineDays';
import { isGuest } from './quarantineLife';
import { EMPTY_ROOM, type FilterLife, NEW_TANK_LIFE, type Resident, type Room } from './room';
import { quarantineAfterMove } from './roomChanges';

const day = (n: number, hour = 12, minute = 0): string =>
  new Date(Date.UTC(2026, 3, n, hour, minute)).toISOString();
const came = (on: string, id: string, more: object = {}) =>
  cameOf(on, [memberOf(id)], { quarantine: 'here', ...more });
const step = (on: string, what: string, more: object = {}) =>
  happened({ type: 'quarantine', on, what, ...more });
const roomOf = (...events: readonly Dated[]): Room => events.reduce(applyEvent, EMPTY_ROOM);
const runOf = (room: Room, id: string) => room.residents[id]?.run;

describe('the run of a batch', () => {
  it('is that of the tank where it was begun before they came, for those of the first day', () => {
    const room = roomOf(
      step(day(1), 'begun', { days: 30 }),
      came(day(2), 'a'),
      came(day(3), 'b'),
      came(day(3, 12, 1), 'c'),
    );
    const run = { begunOn: day(1), days: 30, passedOn: null };
    expect(['a', 'b', 'c'].map((id) => runOf(room, id))).toEqual([run, run, null]);
    expect(room.tanks['T']?.quarantine.takenOn).toBe(day(2));
  });
  it('is none without one, nor from one that begins later', () => {
    expect(runOf(roomOf(came(day(2), 'a')), 'a')).toBeNull();
    const room = roomOf(step(day(3), 'begun'));
    expect(runOf(applyEvent(room, came(day(2), 'a')), 'a')).toBeNull();
    expect(runOf(applyEvent(room, came(day(3), 'a')), 'a')).not.toBeNull();
  });
  it('is longer by what is said, or by the days without a sign; without a run it counts from the day they came', () => {
    const start = [came(day(2), 'a'), came(day(2), 'b')];
    expect(runOf(roomOf(...start, step(day(5), 'extended', { days: 40 })), 'a')).toEqual({
      begunOn: day(2),
      days: 40,
      passedOn: null,
    });
    const begun = roomOf(...start, step(day(3), 'begun'));
    const longer = applyEvent(begun, step(day(5), 'extended'));
    expect(runOf(longer, 'a')!.days).toBeGreaterThan(QUARANTINE_DAYS);
    expect(longer.tanks['T']?.quarantine.days).toBe(runOf(longer, 'a')!.days);
    expect(runOf(applyEvent(begun, step(day(30), 'passed')), 'b')).toMatchObject({ passedOn: day(30) });
    expect(runOf(applyEvent(begun, step(day(30), 'given up')), 'b')).toBeNull();
  });
  it('concerns those it names, of this tank, that are here', () => {
    const elsewhere = came(day(2), 'x', { tank: 'U' });
    const dead = happened({ type: 'died', on: day(3), resident: 'b', count: 1, how: 'found', cause: '' });
    const room = roomOf(came(day(2), 'a'), came(day(2), 'b'), came(day(2), 'c'), elsewhere, dead);
    const some = applyEvent(room, step(day(4), 'begun', { residents: ['a'] }));
    expect(['a', 'b', 'c', 'x'].map((id) => runOf(some, id)?.begunOn ?? null)).toEqual([
      day(4),
      null,
      null,
      null,
    ]);
    const all = applyEvent(room, step(day(4), 'begun'));
    expect(['a', 'b', 'c', 'x'].map((id) => runOf(all, id)?.begunOn ?? null)).toEqual([
      day(4),
      null,
      day(4),
      null,
    ]);
  });
  it('is none of a fish that is company for a newcomer', () => {
    const one = { until: '2026-05-01', inTankSince: day(3), cameOn: day(1) } as Resident;
    expect([
      isGuest(one),
      isGuest({ ...one, until: null }),
      isGuest({ ...one, inTankSince: day(1) }),
    ]).toEqual([true, false, false]);
  });
});

describe('a fish that moves on from quarantine', () => {
  const moved = (one: Partial<Resident>, on: string, room = EMPTY_ROOM) =>
    quarantineAfterMove(
      { tank: 'T', quarantine: 'here', inTankSince: day(1), run: null, ...one } as Resident,
      room,
      on,
    );
  const late = new Date(Date.parse(day(1)) + QUARANTINE_DAYS * 86_400_000).toISOString();
  const early = new Date(Date.parse(late) - 86_400_000).toISOString();
  it('has done it when it waited long enough or passed since it came', () => {
    expect([moved({}, late), moved({}, early)]).toEqual(['done', 'none']);
    const passed = (passedOn: string | null) => moved({ run: { begunOn: day(1), days: 9, passedOn } }, early);
    expect([passed(day(1)), passed(day(5)), passed(new Date(0).toISOString()), passed(null)]).toEqual([
      'done',
      'done',
      'none',
      'none',
    ]);
    expect(moved({ quarantine: 'done' }, early)).toBe('done');
    expect(moved({ quarantine: null }, late)).toBeNull();
  });
  it('goes by the tank where a room of old knows no runs', () => {
    const room = {
      ...EMPTY_ROOM,
      tanks: { T: { ...NEW_TANK_LIFE, quarantine: { ...NEW_TANK_LIFE.quarantine, passedOn: day(4) } } },
    };
    const { run: _run, ...old } = {
      tank: 'T',
      quarantine: 'here',
      inTankSince: day(1),
      run: null,
    } as Resident;
    expect(quarantineAfterMove(old as Resident, room, early)).toBe('done');
    expect(moved({}, early, room)).toBe('none');
  });
});

describe('a filter', () => {
  const NEW: FilterLife = { startedOn: null, seededOn: null, dosedOn: null, ripeOn: null, downOn: null };
  const dosed = { ...NEW, startedOn: day(1), dosedOn: day(5) };
  const test = (on: string, ammoniaMgL?: number, nitriteMgL?: number) => ({ on, ammoniaMgL, nitriteMgL });
  it('is proven where ammonia and nitrite are gone within a day and a half of a dose', () => {
    expect(afterTest(dosed, test(day(7, 0), 0.1, 0.1))).toEqual({
      ...dosed,
      ripeOn: day(7, 0),
      dosedOn: null,
    });
    expect(afterTest(dosed, test(day(7, 0, 1), 0, 0))).toEqual({ ...dosed, dosedOn: null });
    expect(afterTest({ ...dosed, ripeOn: day(3) }, test(day(6), 0, 0)).ripeOn).toBe(day(3));
  });
  it('is as it was after a test that says nothing of it', () => {
    for (const one of [
      test(day(6), 0.2, 0),
      test(day(6), 0, 0.2),
      test(day(6), undefined, 0),
      test(day(6), 0, undefined),
      test(day(5), 0, 0),
      test(day(4), 0, 0),
    ])
      expect(afterTest(dosed, one)).toBe(dosed);
    expect(afterTest(NEW, test(day(6), 0, 0))).toBe(NEW);
  });
  it('is started, seeded, dosed and torn down', () => {
    const all: FilterLife = {
      startedOn: day(1),
      seededOn: day(2),
      dosedOn: day(3),
      ripeOn: day(4),
      downOn: day(5),
    };
    const after = (what: Parameters<typeof afterStep>[1]['what'], from = all, doseMgL?: number) =>
      afterStep(from, { what, on: day(9), doseMgL });
    expect(after('started')).toEqual({ ...NEW, startedOn: day(9) });
    expect(after('seeded')).toEqual({ ...all, seededOn: day(9), downOn: null });
    expect(after('seeded', NEW)).toEqual({ ...NEW, startedOn: day(9), seededOn: day(9) });
    expect(after('dosed')).toEqual({ ...all, dosedOn: day(9), downOn: null });
    expect(after('dosed', all, 1)).toEqual({ ...all, dosedOn: day(9), downOn: null });
    expect(after('dosed', all, 0.9)).toBe(all);
    for (const what of ['torn down', 'dried'] as const)
      expect(after(what)).toEqual({ ...NEW, downOn: day(9) });
    expect(after('cleaned')).toBe(all);
  });
});
