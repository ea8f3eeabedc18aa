import { CLEAR_DAYS, NEW_TANK_LIFE, type QuarantineLife, residentsOf, type Room } from '../events';
import { addDays, type When } from '../kernel';

/** How a quarantine stands. Dates are ISO. */
export interface QuarantineState {
  readonly day: number;
  readonly days: number;
  /** The first day on which the batch may leave, if nothing more shows. */
  readonly freeOn: string;
  /** The day of the sign that makes it longer than was set; null when it does not. */
  readonly signOn: string | null;
}

/**
 * Day and end of a quarantine that began on a day: as long as was set, and at least two weeks clear after the last sign
 * or treatment. Days are the keeper's own.
 */
export function quarantineState(life: QuarantineLife, begun: string, when: When): QuarantineState {
  const start = when.dayOf(begun);
  const set = addDays(start, life.days);
  const clear = life.lastSign === null ? set : addDays(when.dayOf(life.lastSign), CLEAR_DAYS);
  const later = clear > set;
  return {
    day: when.daysSince(start) + 1,
    days: life.days,
    freeOn: later ? clear : set,
    signOn: later && life.lastSign !== null ? when.dayOf(life.lastSign) : null,
  };
}

/** When the quarantine of a batch counts from: the day that of its tank was begun, or the day it came, whichever is later. */
export const batchSince = ({ begunOn }: QuarantineLife, cameToTank: string): string =>
  begunOn !== null && begunOn > cameToTank ? begunOn : cameToTank;

/** When the quarantine of a tank counts from: that of the batch that came last. */
export const quarantineSince = (room: Room, tank: string): string =>
  residentsOf(room, tank).reduce((last, one) => {
    const since = batchSince(lifeIn(room, tank), one.inTankSince);
    return since > last ? since : last;
  }, '');

const lifeIn = (room: Room, tank: string): QuarantineLife =>
  room.tanks[tank]?.quarantine ?? NEW_TANK_LIFE.quarantine;

/** How the quarantine of a tank stands: one sum for every screen that says it. Asked of a tank that somebody lives in. */
export const quarantineOf = (room: Room, tank: string, when: When): QuarantineState =>
  quarantineState(lifeIn(room, tank), quarantineSince(room, tank), when);
