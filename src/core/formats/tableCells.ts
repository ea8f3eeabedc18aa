import type { Dated } from '../events';
import { type CsvRow, type Expected, isDay, type ResidentId, type TankId } from '../kernel';
import type { Catalogue } from '../model';

/** What a reader of tables asks of the room. */
export interface TableRoom {
  readonly tank: TankId;
  readonly catalogue: Catalogue;
  /** ISO moment. */
  readonly now: string;
  /** A resident by its name, or by what the keeper said a strange name means. */
  readonly resolve: (name: string) => {
    readonly id: ResidentId;
    readonly cameOn: string;
    readonly leftOn: string | null;
    /** One fish; a group else, of which one may chase another. */
    readonly individual: boolean;
  } | null;
  /** Whether the same is in the journal already. */
  readonly known: (event: Dated) => boolean;
}

/** A row being read: cells, and faults as they are met. */
export interface Reading {
  readonly row: CsvRow;
  readonly cell: (column: string) => string;
  readonly say: (column: string, expected: Expected) => void;
}

/** `2026-11-03`, `2026-11-03 18:30`, or an ISO moment; a day alone counts as noon. Null when it is none, or lies ahead. */
export function moment(at: Reading, now: string): string | null {
  const text = at.cell('time');
  const [, day, hour] = /^(\d{4}-\d{2}-\d{2})(?:[T ](\d{2}:\d{2}.*))?$/.exec(text) ?? [];
  // Without a zone a time is the keeper's own.
  const parsed = day === undefined || !isDay(day) ? NaN : Date.parse(`${day}T${hour ?? '12:00'}`);
  if (Number.isNaN(parsed)) {
    at.say('time', { is: 'day and hour' });
    return null;
  }
  const iso = new Date(parsed).toISOString();
  if (iso > now) {
    at.say('time', { is: 'not in the future' });
    return null;
  }
  return iso;
}

export function choice<T extends string>(
  at: Reading,
  column: string,
  of: readonly T[],
  usual: T | null,
): T | null {
  const text = at.cell(column);
  if (text === '') return usual;
  const found = of.find((one) => one === text.toLowerCase());
  if (found === undefined) at.say(column, { is: 'choice', of });
  return found ?? null;
}

export function whole(at: Reading, column: string, usual: number | null, least = 1): number | null {
  const text = at.cell(column);
  if (text === '') return usual;
  const value = /^\d{1,5}$/.test(text) ? Number(text) : NaN;
  if (!(value >= least && value <= 10_000)) {
    at.say(column, { is: 'whole', from: least, to: null });
    return null;
  }
  return value;
}

/** A resident of a name, in the tank at that time. */
export function somebody(
  at: Reading,
  column: string,
  on: string | null,
  room: TableRoom,
  strangers: Set<string>,
): ResidentId | null {
  const name = at.cell(column);
  if (name === '') {
    at.say(column, { is: 'filled' });
    return null;
  }
  const found = room.resolve(name);
  if (!found) {
    strangers.add(name);
    at.say(column, { is: 'known', what: 'resident' });
    return null;
  }
  if (on !== null && on < found.cameOn) at.say(column, { is: 'arrived by', on: found.cameOn.slice(0, 10) });
  else if (on !== null && found.leftOn !== null && on > found.leftOn)
    at.say(column, { is: 'still here on', leftOn: found.leftOn.slice(0, 10) });
  return found.id;
}
