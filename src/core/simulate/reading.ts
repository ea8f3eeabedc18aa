import { davidsScore, rateRatio, type RateRatio, winTable } from '../stats';
import { SIM_CONTESTS, type SimContest, type SimStep, type Swim, swimIn } from './swim';
import { type SimTank, type SimTrigger, trueOrder } from './tank';

/** A contest as the newcomer logged it. */
export interface Logged {
  /** Seconds from the start. */
  readonly at: number;
  readonly winner: number;
  readonly loser: number;
}

/** The order that contests speak for, from the strongest: by David's score; fish without a contest stay in the middle. */
export function orderBy(
  contests: readonly Pick<Logged, 'winner' | 'loser'>[],
  count: number,
): readonly number[] {
  const { score } = davidsScore(
    winTable(
      contests.map(({ winner, loser }) => ({ winner: String(winner), loser: String(loser) })),
      Array.from({ length: count }, (_, id) => String(id)),
    ),
  );
  return score
    .map((own, id) => ({ id, own }))
    .sort((x, y) => y.own - x.own || x.id - y.id)
    .map(({ id }) => id);
}

/** How many of all pairs stand in the right order, 0 to 1; a half is what guessing comes to. */
export function pairsRight(order: readonly number[], truth: readonly number[]): number {
  const place = new Map(order.map((id, at) => [id, at]));
  let [right, all] = [0, 0];
  truth.forEach((above, at) => {
    for (const below of truth.slice(at + 1)) {
      if (!place.has(above) || !place.has(below)) continue;
      all += 1;
      if (place.get(above)! < place.get(below)!) right += 1;
    }
  });
  return all === 0 ? 1 : right / all;
}

/** A contest that is logged within this of the moment is that contest, s: fingers are slower than fish. */
const NEAR_S = 10;

/** What became of what happened: which log belongs to which contest, which way round. */
function matched(happened: readonly SimContest[], logged: readonly Logged[]) {
  const free = new Set(happened);
  const seen = new Map<SimContest, 'right' | 'swapped'>();
  let imagined = 0;
  for (const { at, winner, loser } of logged) {
    const near = [...free]
      .filter(
        (one) =>
          Math.abs(one.at - at) <= NEAR_S &&
          ((one.winner === winner && one.loser === loser) || (one.winner === loser && one.loser === winner)),
      )
      .sort((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at))[0];
    if (!near) imagined += 1;
    else {
      free.delete(near);
      seen.set(near, near.winner === winner ? 'right' : 'swapped');
    }
  }
  return { seen, imagined };
}

/** What a newcomer says of the tank after watching. */
export interface Judged {
  readonly strongest: number;
  readonly weakest: number;
  readonly holders: readonly number[];
  readonly trigger: SimTrigger;
}

/** A reading of a tank beside the truth. */
export interface ReadingScore {
  readonly minutes: number;
  readonly happened: number;
  /** Logged and right, logged the wrong way round, logged though nothing of the kind happened. */
  readonly right: number;
  readonly swapped: number;
  readonly imagined: number;
  readonly byKind: readonly {
    readonly what: SimContest['what'];
    readonly happened: number;
    readonly missed: number;
  }[];
  readonly order: readonly number[];
  /** The order that the log speaks for, and the share of pairs in it that are right; of all that happened in that time alike. */
  readonly loggedOrder: readonly number[];
  readonly loggedRight: number;
  readonly possibleRight: number;
  readonly strongest: boolean;
  readonly weakest: boolean;
  readonly trigger: boolean;
  /** Holders that were named, of how many; and named ones that hold nothing. */
  readonly holdersFound: number;
  readonly holders: number;
  readonly holdersWrong: number;
}

const HOUR_MIN = 60;
/** So many of all pairs in the right order make an order known (from memory). */
const KNOWN = 0.9;

/** A piece of a course between two looks at the clock, s. */
const PIECE_S = 120;

function* goes(swim: Swim, seconds: number): Generator<undefined> {
  for (let left = seconds; left > 0; left -= PIECE_S) {
    swim.go(Math.min(PIECE_S, left));
    yield;
  }
}

/**
 * Minutes of perfect watching after which nine of ten pairs stand in the right order and stay so; null where an hour is not enough. The
 * course is the one that was watched, to the end of the hour.
 */
export function* minutesNeededInSteps(tank: SimTank, seed: number): Generator<undefined, number | null> {
  const swim = swimIn(tank, seed);
  yield* goes(swim, HOUR_MIN * 60);
  const truth = trueOrder(tank);
  let needed: number | null = null;
  for (let minute = HOUR_MIN; minute >= 1; minute -= 1) {
    const until = swim.contests.filter(({ at }) => at <= minute * 60);
    if (pairsRight(orderBy(until, tank.fish.length), truth) < KNOWN) break;
    needed = minute;
    yield;
  }
  return needed;
}

/** Holds a reading against the truth: what was logged until a moment (s), and what was judged. */
export function scoreReading(
  {
    tank,
    contests,
    at,
  }: { readonly tank: SimTank; readonly contests: readonly SimContest[]; readonly at: number },
  logged: readonly Logged[],
  judged: Judged,
): ReadingScore {
  const { seen, imagined } = matched(contests, logged);
  const order = trueOrder(tank);
  const count = tank.fish.length;
  const loggedOrder = orderBy(logged, count);
  const holders = tank.fish.flatMap(({ id, ground }) => (ground ? [id] : []));
  const ways = [...seen.values()];
  return {
    minutes: at / 60,
    happened: contests.length,
    right: ways.filter((one) => one === 'right').length,
    swapped: ways.filter((one) => one === 'swapped').length,
    imagined,
    byKind: SIM_CONTESTS.map((what) => {
      const own = contests.filter((one) => one.what === what);
      return { what, happened: own.length, missed: own.filter((one) => !seen.has(one)).length };
    }),
    order,
    loggedOrder,
    loggedRight: pairsRight(loggedOrder, order),
    possibleRight: pairsRight(orderBy(contests, count), order),
    strongest: judged.strongest === order[0],
    weakest: judged.weakest === order.at(-1),
    trigger: judged.trigger === tank.trigger,
    holdersFound: judged.holders.filter((one) => holders.includes(one)).length,
    holders: holders.length,
    holdersWrong: judged.holders.filter((one) => !holders.includes(one)).length,
  };
}

const TRIED_MIN = 30;
const BEFORE_MIN = 10;

/** What an intervention does in a tank: contests an hour without it and with it, over so many courses of half an hour each. */
export function* stepTriedInSteps(
  tank: SimTank,
  step: SimStep,
  seed: number,
  courses = 12,
): Generator<undefined, RateRatio> {
  const counts = { without: 0, with: 0 };
  for (let i = 0; i < courses; i += 1)
    for (const which of ['without', 'with'] as const) {
      const swim = swimIn(tank, seed + i);
      yield* goes(swim, BEFORE_MIN * 60);
      const before = swim.contests.length;
      if (which === 'with') swim.step(step);
      yield* goes(swim, TRIED_MIN * 60);
      counts[which] += swim.contests.length - before;
    }
  const minutes = TRIED_MIN * courses;
  return rateRatio({ events: counts.without, minutes }, { events: counts.with, minutes });
}
