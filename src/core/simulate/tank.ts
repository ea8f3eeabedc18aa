import { normals, seededChance, type Chance } from '../stats';

/** A place on the floor, cm from the left wall and from the front. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Ground that a simulated fish holds. */
export interface Ground extends Spot {
  readonly radius: number;
}

/** A simulated fish: how strong it is, and which ground it holds. */
export interface SimFish {
  /** From 0; its place in all lists. */
  readonly id: number;
  /** Whoever is stronger by 1 wins about three contests of four. */
  readonly strength: number;
  readonly ground: Ground | null;
}

/** What sets them off, besides meeting on held ground. */
export const SIM_TRIGGERS = ['feeding', 'none'] as const;
export type SimTrigger = (typeof SIM_TRIGGERS)[number];

/** A simulated tank: its floor, its fish, and what sets them off. All of it is known: that is what a reading is held against. */
export interface SimTank {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly fish: readonly SimFish[];
  readonly trigger: SimTrigger;
}

/** Fish that are as strong as each other cannot be told apart: strengths are so far apart at least. */
const LEAST_APART = 0.7;
const CM_A_FISH = 14;
const LEAST_LENGTH_CM = 90;
/** Of all fish, so many hold ground. */
const HOLDING = 0.35;

/** A place that keeps away from the others, as far as a few throws find one. */
function apart(taken: readonly Spot[], length: number, width: number, chance: Chance): Spot {
  const nearest = ({ x, y }: Spot): number =>
    Math.min(...taken.map((one) => Math.hypot(one.x - x, one.y - y)), Infinity);
  const throws = Array.from({ length: 12 }, (): Spot => ({
    x: 8 + chance() * (length - 16),
    y: 5 + chance() * (width - 10),
  }));
  return throws.reduce((best, one) => (nearest(one) > nearest(best) ? one : best));
}

/** Grounds for so many fish of a floor, each with its own middle. */
export function groundsFor(
  count: number,
  lengthCm: number,
  widthCm: number,
  chance: Chance,
): readonly Ground[] {
  const grounds: Ground[] = [];
  for (let i = 0; i < count; i += 1)
    grounds.push({ ...apart(grounds, lengthCm, widthCm, chance), radius: 14 + chance() * 8 });
  return grounds;
}

/**
 * A tank of so many fish, drawn by chance: the same seed gives the same tank. Ground is held by some, mostly the strong ones.
 *
 * Domain: 2 to 60 fish.
 */
export function simTank(seed: number, count: number): SimTank {
  const chance = seededChance(seed);
  const normal = normals(chance);
  const lengthCm = Math.max(LEAST_LENGTH_CM, Math.round((count * CM_A_FISH) / 2));
  const widthCm = Math.round(lengthCm * 0.4);
  // Steps of chance from the weakest upward, then shuffled: no two are alike.
  let strength = 0;
  const strengths = Array.from({ length: count }, () => (strength += LEAST_APART + Math.abs(normal()) * 0.4));
  const middle = strength / 2;
  const shuffled = strengths
    .map((one) => ({ one: one - middle, at: chance() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
  const holding = Math.max(1, Math.round(count * HOLDING));
  // The strong are likelier to hold ground, not sure to.
  const holders = shuffled
    .map((one, id) => ({ id, by: one + normal() }))
    .sort((a, b) => b.by - a.by)
    .slice(0, holding)
    .map(({ id }) => id);
  const grounds = groundsFor(holding, lengthCm, widthCm, chance);
  return {
    lengthCm,
    widthCm,
    trigger: chance() < 0.6 ? 'feeding' : 'none',
    fish: shuffled.map((one, id) => ({
      id,
      strength: one,
      ground: grounds[holders.indexOf(id)] ?? null,
    })),
  };
}

/** The fish of a tank from the strongest to the weakest. */
export const trueOrder = ({ fish }: Pick<SimTank, 'fish'>): readonly number[] =>
  [...fish].sort((a, b) => b.strength - a.strength).map(({ id }) => id);
