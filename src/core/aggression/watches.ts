import {
  applyEvent,
  type Dated,
  EMPTY_ROOM,
  type Resident,
  residentsOf,
  type Room,
  type Standing,
} from '../events';

export type Contest = Extract<Dated, { type: 'chased' }>;

/** A watch with what was seen in it; quiet ones have no contests, and count. */
export interface Watch {
  /** ISO moment of its end. */
  readonly on: string;
  readonly minutes: number;
  readonly contests: readonly Contest[];
  /** Heads in the tank at that time, and the individuals among them. */
  readonly fish: number;
}

/** A contest belongs to the watch that ends after it within this time, where neither says more. */
const SAME_WATCH_MS = 6 * 3_600_000;

/** Behind glass of its own: what it does through it is no contest of the tank. */
const isApart = (one: Resident | undefined): boolean => one?.boxed != null;

/**
 * The watches of a tank with their contests, in the order of time. Contests seen in passing, in no watch, are in none:
 * nobody counted the minutes they came from. Complexity: one fold over the journal.
 */
export function watchesOf(happenings: readonly Standing[], tank: string): readonly Watch[] {
  const watches: Watch[] = [];
  let open: Contest[] = [];
  let room: Room = EMPTY_ROOM;
  for (const event of happenings) {
    if (event.type === 'chased') {
      // One of a group against another of it counts; a fish against itself is a slip of an old file.
      const [one, other] = [room.residents[event.winner], room.residents[event.loser]];
      if (event.tank === tank && (one !== other || !one?.individual) && !isApart(one) && !isApart(other))
        open.push(event);
      continue;
    }
    if (event.type === 'watched' && event.tank === tank) {
      const belongs = (contest: Contest): boolean =>
        event.watch && contest.watch
          ? contest.watch === event.watch
          : Date.parse(event.on) - Date.parse(contest.on) <= SAME_WATCH_MS;
      if (event.minutes > 0)
        watches.push({
          on: event.on,
          minutes: event.minutes,
          contests: open.filter(belongs),
          fish: residentsOf(room, tank).reduce((sum, one) => sum + (isApart(one) ? 0 : one.count), 0),
        });
      open = open.filter((contest) => !belongs(contest) && contest.watch !== '');
      continue;
    }
    room = applyEvent(room, event);
  }
  return watches;
}

/** How much a contest weighs when severity is asked for (from memory: a show is half a chase, what holds or hurts is more). */
export const CONTEST_WEIGHTS: Readonly<Record<Contest['what'], number>> = {
  flare: 0.5,
  display: 0.5,
  standoff: 0.5,
  guard: 0.5,
  chase: 1,
  evict: 1.5,
  nip: 2,
  bite: 2,
  lock: 2,
  fight: 2,
  ram: 2,
  pin: 3,
};

/** Weight of a contest: what was done, times how bad it was said to be. */
export const weightOf = ({ what, bad = 1 }: Pick<Contest, 'what' | 'bad'>): number =>
  CONTEST_WEIGHTS[what] * bad;

/** Contests that somebody won. */
export const decided = (contests: readonly Contest[]): readonly Contest[] =>
  contests.filter((one) => !one.undecided);

/** Contests and minutes of some watches. */
export interface Tally {
  readonly events: number;
  readonly minutes: number;
  readonly watches: number;
  /** Heads in the tank, weighted by the minutes. */
  readonly fish: number;
}

export function tally(watches: readonly Watch[]): Tally {
  const minutes = watches.reduce((sum, one) => sum + one.minutes, 0);
  return {
    events: watches.reduce((sum, one) => sum + one.contests.length, 0),
    minutes,
    watches: watches.length,
    fish: minutes > 0 ? watches.reduce((sum, one) => sum + one.fish * one.minutes, 0) / minutes : 0,
  };
}
