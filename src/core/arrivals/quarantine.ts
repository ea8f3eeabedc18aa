import {
  CLEAR_DAYS,
  isGuest,
  NEW_TANK_LIFE,
  type QuarantineRun,
  type Resident,
  residentsOf,
  type Room,
} from '../events';
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
 * or treatment since. Days are the keeper's own.
 */
export function quarantineState(
  { days, lastSign }: { readonly days: number; readonly lastSign: string | null },
  begun: string,
  when: When,
): QuarantineState {
  const start = when.dayOf(begun);
  const set = addDays(start, days);
  const clear = lastSign === null || lastSign < begun ? set : addDays(when.dayOf(lastSign), CLEAR_DAYS);
  const later = clear > set;
  return {
    day: when.daysSince(start) + 1,
    days,
    freeOn: later ? clear : set,
    signOn: later && lastSign !== null ? when.dayOf(lastSign) : null,
  };
}

/** Fish that came to a quarantine tank on one day, from one seller: they run their quarantine together. */
export interface Batch extends QuarantineState {
  readonly key: string;
  readonly residents: readonly Resident[];
  /** Who sold or gave them; empty when nobody said. */
  readonly source: string;
  readonly came: string;
  /** When its days count from: the day its quarantine was begun, or the day it came, whichever is later. */
  readonly since: string;
  readonly begun: boolean;
  readonly passed: boolean;
}

const runOf = (one: Resident): QuarantineRun | null => one.run ?? null;

/** The batches in a tank, first come first. Days are the keeper's own. */
export function batchesOf(room: Room, tank: string, when: When): readonly Batch[] {
  const life = room.tanks[tank]?.quarantine ?? NEW_TANK_LIFE.quarantine;
  const together = new Map<string, Resident[]>();
  for (const one of residentsOf(room, tank).filter((each) => !isGuest(each))) {
    const key = `${when.dayOf(one.inTankSince)} ${one.source}`;
    together.set(key, [...(together.get(key) ?? []), one]);
  }
  return [...together]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([key, residents]): readonly Batch[] => {
      const first = residents[0];
      if (!first) return [];
      const run = residents.map(runOf).find((each) => each !== null) ?? null;
      const came = residents.reduce((last, { inTankSince }) => (inTankSince > last ? inTankSince : last), '');
      const since = run !== null && run.begunOn > came ? run.begunOn : came;
      const days = run?.days ?? life.days;
      return [
        {
          key,
          residents,
          source: first.source,
          came,
          since,
          begun: run !== null,
          passed: run !== null && run.passedOn !== null,
          ...quarantineState({ days, lastSign: life.lastSign }, since, when),
        },
      ];
    });
}

/** The day on which the last batch of a tank may leave; null when none is in it. */
export const freeOnOf = (room: Room, tank: string, when: When): string | null =>
  batchesOf(room, tank, when).reduce<string | null>(
    (last, { freeOn }) => (last === null || freeOn > last ? freeOn : last),
    null,
  );

/** The batch that a fish is of; null when it is in no tank. */
export const batchOf = (room: Room, { id, tank }: Resident, when: When): Batch | null =>
  batchesOf(room, tank, when).find(({ residents }) => residents.some((one) => one.id === id)) ?? null;
