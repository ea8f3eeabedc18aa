import type { DocumentBodies } from '../records';
import { NEW_TANK_LIFE, residentsOf, type Room } from '../events';
import type { When } from '../kernel';
import { ripeness } from '../water';
import type { DueItem } from './dueItem';

/** Water is tested so often once a keeper tests at all (from memory). */
const TEST_EVERY_DAYS = 14;
/** A fish waits this long for a taker before it is asked about again (from memory). */
const WAITING_DAYS = 14;

type TankOf = { readonly id: string; readonly body: DocumentBodies['tank'] };

/** Changes by the routine and tests, for those who keep account of them; and the test that a dose asks for. */
export function waterDue({ id, body }: TankOf, room: Room, when: When): readonly DueItem[] {
  const life = room.tanks[id] ?? NEW_TANK_LIFE;
  const due: DueItem[] = [];
  const every = body.routine?.everyDays;
  if (life.lastChange && every !== undefined) {
    const days = when.daysSince(life.lastChange);
    due.push({
      tank: id,
      kind: 'change',
      text: `Change ${Math.round((body.routine?.changeFraction ?? 0.5) * 100)} % of the water: the last was ${days} days ago.`,
      overdueDays: days - every,
    });
  }
  if (life.lastTest && residentsOf(room, id).length > 0) {
    const days = when.daysSince(life.lastTest);
    if (days >= TEST_EVERY_DAYS)
      due.push({
        tank: id,
        kind: 'test',
        text: `Not tested for ${days} days.`,
        overdueDays: days - TEST_EVERY_DAYS,
      });
  }
  const dosed = life.filter?.dosedOn;
  if (dosed)
    due.push({
      tank: id,
      kind: 'test',
      text: 'Test ammonia and nitrite: a day after the dose both must read nothing.',
      overdueDays: when.daysSince(dosed) - 1,
    });
  return due;
}

/** Waves that are to be fetched and released, by the plan that the keeper has kept. */
export function wavesDue(plan: DocumentBodies['waves'], when: When): readonly DueItem[] {
  return plan.waves.flatMap((wave, index): readonly DueItem[] => {
    const item = (text: string, on: string): DueItem => ({
      tank: plan.tank,
      kind: 'wave',
      text,
      overdueDays: when.daysSince(on),
    });
    const soon = wave.lane !== null && wave.arrives >= when.today;
    return [
      soon
        ? item(`Fetch wave ${index + 1} into quarantine.`, wave.arrives)
        : item(`Release wave ${index + 1}.`, wave.releases),
    ];
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
      text: `${waiting.reduce((sum, one) => sum + one.count, 0)} wait for a taker, the first for ${days} days.`,
      overdueDays: days - WAITING_DAYS,
    },
  ];
}

/** The standing warning: one spare tank must always be free, wet and ripe. Null when one is, or when nobody lives here. */
export function spareWarning(tanks: readonly TankOf[], room: Room, today: string): string | null {
  if (!Object.values(room.residents).some((resident) => resident.count > 0)) return null;
  const spares = tanks.filter(({ body }) => body.purpose === 'quarantine' || body.purpose === 'hospital');
  if (spares.length === 0)
    return 'No spare tank is in the rack: nowhere for a fish that has to come out tonight.';
  const empty = spares.filter(({ id }) => residentsOf(room, id).length === 0);
  if (empty.length === 0) return 'No spare tank is free: nowhere for a fish that has to come out tonight.';
  const ripe = empty.some(
    ({ id }) =>
      ripeness((room.tanks[id] ?? NEW_TANK_LIFE).filter ?? NEW_TANK_LIFE.filter, null, today).state ===
      'ripe',
  );
  return ripe
    ? null
    : `${empty.map(({ body }) => body.name).join(', ')}: free, but not known to be wet and ripe.`;
}
