import { type Chance, seededChance } from '../stats';
import { groundsFor, type Ground, type SimTank } from './tank';

export const SIM_CONTESTS = ['chase', 'nip', 'ram', 'flare'] as const;
/** A contest of the simulation, as it was. */
export interface SimContest {
  /** Seconds from the start. */
  readonly at: number;
  readonly winner: number;
  readonly loser: number;
  readonly what: (typeof SIM_CONTESTS)[number];
  readonly x: number;
  readonly y: number;
  readonly isFeeding: boolean;
}

/** What a keeper may do about it. */
export const SIM_STEPS = ['rearranged', 'strongest aside'] as const;
export type SimStep = (typeof SIM_STEPS)[number];

/** One step of time, s. */
export const STEP_S = 0.25;
/** Food comes so often, and is fought over for so long, s. */
export const FEEDING_EVERY_S = 300;
const FEEDING_FOR_S = 60;
const FEEDING_TIMES = 4;
/** How fast they swim, and flee, cm/s. */
const CRUISE = 5;
const FLEE = 24;
const FLEE_FOR_S = 3;
const FLEE_CM = 45;
/** Of two that just met nobody begins again at once, s. */
const REST_S = 5;
/** How likely a second on held ground, and anywhere near, brings a contest. */
const ON_GROUND = 0.02;
const NEAR = 0.004;
const NEAR_CM = 9;
/** Holding the ground is worth so much strength. */
const AT_HOME = 0.8;
/** A holder stays so much of the time on its ground; the others roam. */
const HOME_SHARE = 0.8;
/** After the rocks were moved all are busy finding their way for so long, and fight so much less, s. */
const LOST_FOR_S = 1800;
const LOST_TIMES = 0.4;

/** A tank that is swum in: where everybody is, and what happened so far. */
export interface Swim {
  readonly tank: SimTank;
  /** Seconds from the start. */
  readonly at: number;
  /** Where each fish is, cm; two numbers a fish. */
  readonly places: Float32Array;
  /** Which way each looks: 1 to the right, -1 to the left. */
  readonly facing: Int8Array;
  readonly isFeeding: boolean;
  readonly contests: readonly SimContest[];
  /** Who is not in the tank any more. */
  readonly aside: ReadonlySet<number>;
  /** Goes on for so many seconds. */
  readonly go: (seconds: number) => void;
  readonly step: (step: SimStep) => void;
}

/** Begins to swim in a tank. The same seed gives the same course, whatever the pieces in which it goes on. */
export function swimIn(tank: SimTank, seed: number): Swim {
  const chance: Chance = seededChance(seed);
  const { fish, lengthCm, widthCm } = tank;
  const n = fish.length;
  const places = new Float32Array(n * 2);
  const goals = new Float32Array(n * 2);
  const facing = new Int8Array(n).fill(1);
  const fleeUntil = new Float64Array(n);
  const restUntil = new Float64Array(n);
  const home = new Uint8Array(n);
  const grounds: (Ground | null)[] = fish.map(({ ground }) => ground);
  const contests: SimContest[] = [];
  const aside = new Set<number>();
  let ticks = 0;
  let owed = 0;
  let lostUntil = 0;
  const time = (): number => ticks * STEP_S;
  const feeding = (): boolean => time() >= FEEDING_EVERY_S && time() % FEEDING_EVERY_S < FEEDING_FOR_S;

  const head = (i: number, x: number, y: number): void => {
    goals[2 * i] = Math.min(lengthCm, Math.max(0, x));
    goals[2 * i + 1] = Math.min(widthCm, Math.max(0, y));
  };
  const newGoal = (i: number): void => {
    const ground = grounds[i];
    if (ground && chance() < HOME_SHARE) {
      const turn = chance() * 2 * Math.PI;
      const away = Math.sqrt(chance()) * ground.radius * 0.8;
      head(i, ground.x + Math.cos(turn) * away, ground.y + Math.sin(turn) * away);
    } else head(i, chance() * lengthCm, chance() * widthCm);
  };
  for (let i = 0; i < n; i += 1) {
    places[2 * i] = chance() * lengthCm;
    places[2 * i + 1] = chance() * widthCm;
    newGoal(i);
  }

  const move = (i: number): void => {
    const [dx, dy] = [goals[2 * i]! - places[2 * i]!, goals[2 * i + 1]! - places[2 * i + 1]!];
    const far = Math.hypot(dx, dy);
    const stride = (time() < fleeUntil[i]! ? FLEE : CRUISE) * STEP_S;
    if (far <= stride) return newGoal(i);
    places[2 * i]! += (dx / far) * stride;
    places[2 * i + 1]! += (dy / far) * stride;
    if (Math.abs(dx) > 1) facing[i] = dx > 0 ? 1 : -1;
  };
  const isOn = (i: number, ground: Ground | null | undefined): boolean => {
    if (!ground) return false;
    const [dx, dy] = [places[2 * i]! - ground.x, places[2 * i + 1]! - ground.y];
    return dx * dx + dy * dy <= ground.radius * ground.radius;
  };

  const fight = (i: number, j: number): void => {
    const home = Number(isOn(i, grounds[i])) - Number(isOn(j, grounds[j]));
    const edge = fish[i]!.strength - fish[j]!.strength + AT_HOME * home;
    const [winner, loser] = chance() < 1 / (1 + Math.exp(-edge)) ? [i, j] : [j, i];
    const roll = chance();
    const what = roll < 0.6 ? 'chase' : roll < 0.8 ? 'nip' : roll < 0.9 ? 'ram' : 'flare';
    const now = time();
    contests.push({
      at: now,
      winner,
      loser,
      what,
      x: places[2 * loser]!,
      y: places[2 * loser + 1]!,
      isFeeding: feeding(),
    });
    // The loser flees straight away from the winner, the winner follows for a moment.
    const [dx, dy] = [
      places[2 * loser]! - places[2 * winner]!,
      places[2 * loser + 1]! - places[2 * winner + 1]!,
    ];
    const far = Math.hypot(dx, dy) || 1;
    const [x, y] = [places[2 * loser]!, places[2 * loser + 1]!];
    head(loser, x + (dx / far) * FLEE_CM, y + (dy / far) * FLEE_CM);
    head(winner, x, y);
    fleeUntil[loser] = now + FLEE_FOR_S;
    fleeUntil[winner] = now + FLEE_FOR_S / 2;
    restUntil[i] = restUntil[j] = now + REST_S;
  };

  const meet = (times: number): void => {
    const now = time();
    const [onGround, near] = [ON_GROUND, NEAR].map((rate) => 1 - Math.exp(-rate * times * STEP_S)) as [
      number,
      number,
    ];
    for (let i = 0; i < n; i += 1) home[i] = Number(isOn(i, grounds[i]));
    for (let i = 0; i < n; i += 1) {
      if (restUntil[i]! > now || aside.has(i)) continue;
      for (let j = i + 1; j < n; j += 1) {
        if (restUntil[j]! > now || aside.has(j)) continue;
        const [dx, dy] = [places[2 * i]! - places[2 * j]!, places[2 * i + 1]! - places[2 * j + 1]!];
        const isHeld = (home[i] === 1 && isOn(j, grounds[i])) || (home[j] === 1 && isOn(i, grounds[j]));
        const odds = isHeld ? onGround : dx * dx + dy * dy <= NEAR_CM * NEAR_CM ? near : 0;
        if (odds > 0 && chance() < odds) {
          fight(i, j);
          break;
        }
      }
    }
  };

  const tick = (): void => {
    ticks += 1;
    for (let i = 0; i < n; i += 1) if (!aside.has(i)) move(i);
    const times =
      (tank.trigger === 'feeding' && feeding() ? FEEDING_TIMES : 1) * (time() < lostUntil ? LOST_TIMES : 1);
    meet(times);
  };

  return {
    tank,
    places,
    facing,
    contests,
    aside,
    get at() {
      return time();
    },
    get isFeeding() {
      return feeding();
    },
    go: (seconds) => {
      owed += seconds;
      while (owed >= STEP_S) {
        owed -= STEP_S;
        tick();
      }
    },
    step: (step) => {
      if (step === 'strongest aside') {
        const there = fish.filter(({ id }) => !aside.has(id));
        const strongest = there.reduce((best, one) => (one.strength > best.strength ? one : best), there[0]!);
        aside.add(strongest.id);
        return;
      }
      const holders = grounds.flatMap((ground, i) => (ground ? [i] : []));
      const moved = groundsFor(holders.length, lengthCm, widthCm, chance);
      holders.forEach((i, at) => (grounds[i] = moved[at]!));
      lostUntil = time() + LOST_FOR_S;
    },
  };
}
