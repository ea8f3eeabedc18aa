import type { DocumentBodies } from '../records';
import { NEW_TANK_LIFE, residentsOf, type Room } from '../events';
import type { When } from '../kernel';
import { USUAL_ROUTINE } from '../tank';
import { ripeness } from '../water';
import type { DueItem, SpareFact } from './dueItem';

/** Water is tested so often once a keeper tests at all (from memory). */
const TEST_EVERY_DAYS = 14;
/** A fish waits this long for a taker before it is asked about again (from memory). */
const WAITING_DAYS = 14;

type TankOf = { readonly id: string; readonly body: DocumentBodies['tank'] };

/** Changes by the routine, tests for those who keep account of them, and the test that a dose asks for. */
export function waterDue({ id, body }: TankOf, room: Room, when: When): readonly DueItem[] {
  const life = room.tanks[id] ?? NEW_TANK_LIFE;
  const due: DueItem[] = [];
  const every = body.routine?.everyDays;
  const here = residentsOf(room, id);
  // Before the first change the routine counts from the day on which fish were first in it.
  const from = life.lastChange ?? [...here].map((one) => one.inTankSince).sort()[0];
  if (from !== undefined && every !== undefined) {
    const days = when.daysSince(from);
    due.push({
      tank: id,
      kind: 'change',
      fact: {
        says: 'change',
        fraction: body.routine?.changeFraction ?? USUAL_ROUTINE.changeFraction,
        lastDays: life.lastChange ? days : null,
      },
      overdueDays: days - every,
    });
  }
  if (life.lastTest && here.length > 0) {
    const days = when.daysSince(life.lastTest);
    if (days >= TEST_EVERY_DAYS)
      due.push({
        tank: id,
        kind: 'test',
        fact: { says: 'test', lastDays: days },
        overdueDays: days - TEST_EVERY_DAYS,
      });
  }
  const dosed = life.filter?.dosedOn;
  if (dosed)
    due.push({
      tank: id,
      kind: 'test',
      fact: { says: 'test the dose' },
      overdueDays: when.daysSince(dosed) - 1,
    });
  return due;
}

/** Waves that are to be fetched and released, by the plan that the keeper has kept. */
export function wavesDue(plan: DocumentBodies['waves'], when: When): readonly DueItem[] {
  return plan.waves.flatMap((wave, index): readonly DueItem[] => {
    const item = (says: 'bring home' | 'release', on: string): DueItem => ({
      tank: plan.tank,
      kind: 'wave',
      fact: { says, wave: index + 1 },
      overdueDays: when.daysSince(on),
    });
    const soon = wave.lane !== null && wave.arrives >= when.today;
    return [soon ? item('bring home', wave.arrives) : item('release', wave.releases)];
  });
}

/** Those that wait for a taker, asked about every fortnight. */
export function waitingDue({ id }: TankOf, room: Room, when: When): readonly DueItem[] {
  const waiting = residentsOf(room, id).flatMap(({ toGo }) => (toGo && toGo.taker === '' ? [toGo] : []));
  const [first] = [...waiting].sort((a, b) => (a.since < b.since ? -1 : 1));
  if (!first) return [];
  const days = when.daysSince(first.since);
  return [
    {
      tank: id,
      kind: 'to-go',
      fact: {
        says: 'new home',
        count: waiting.reduce((sum, one) => sum + one.count, 0),
        sinceDays: days,
      },
      overdueDays: days - WAITING_DAYS,
    },
  ];
}

/** The standing warning: one spare tank must always be free, wet and ripe. Null when one is, or when nobody lives here. */
export function spareWarning(tanks: readonly TankOf[], room: Room, today: string): SpareFact | null {
  if (!Object.values(room.residents).some((resident) => resident.count > 0)) return null;
  const spares = tanks.filter(({ body }) => body.purpose === 'quarantine' || body.purpose === 'hospital');
  const empty = spares.filter(({ id }) => residentsOf(room, id).length === 0);
  if (empty.length === 0) return { says: 'none' };
  const ripe = empty.some(
    ({ id }) =>
      ripeness((room.tanks[id] ?? NEW_TANK_LIFE).filter ?? NEW_TANK_LIFE.filter, null, today).state ===
      'ripe',
  );
  return ripe ? null : { says: 'unproven', tanks: empty.map(({ body }) => body.name) };
}
