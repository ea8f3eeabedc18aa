import type { ProblemItem, ReducedProblem } from '@/core/lineups/problem';

/** A small generator with a seed (mulberry32): the same seed gives the same problems everywhere. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

const LAYERS = ['top', 'middle', 'bottom'] as const;

/** A made-up problem of so many wishes at one or two counts; all figures are drawn from the seed. */
export function randomProblem(seed: number, wishes: number): ReducedProblem {
  const chance = seeded(seed);
  const whole = (low: number, high: number): number => low + Math.floor(chance() * (high - low + 1));
  const density = 0.08 + chance() * 0.4;
  const roominess = 0.12 + chance() * 0.4;
  const items: ProblemItem[] = [];
  const oneOf: number[][] = [];
  const wishOf: number[] = [];
  for (let wish = 0; wish < wishes; wish += 1) {
    const weight = whole(1, 5);
    const home = LAYERS[whole(0, 2)] as (typeof LAYERS)[number];
    const second = LAYERS[whole(0, 2)] as (typeof LAYERS)[number];
    const load = 0.2 + chance() * 4;
    const counts = chance() < 0.6 ? [6, 10] : [whole(1, 8)];
    if (counts.length > 1) oneOf.push(counts.map((_, i) => items.length + i));
    for (const [i, count] of counts.entries()) {
      const share = count / (counts.at(-1) as number);
      const room = { top: 0, middle: 0, bottom: 0 };
      room[home] += Number((load * share * 0.2).toFixed(3));
      room[second] += Number((load * share * 0.1).toFixed(3));
      items.push({
        species: `wish ${wish}`,
        count,
        value: Number((weight * (i === counts.length - 1 ? 1 : 0.7)).toFixed(1)),
        nitrateMgLWeek: Number((load * share).toFixed(3)),
        room,
        covers: [...new Set([home, second])],
      });
      wishOf.push(wish);
    }
  }
  const conflicts: number[][] = [];
  for (let a = 0; a < wishes; a += 1)
    for (let b = a + 1; b < wishes; b += 1) {
      if (chance() >= density) continue;
      const partly = chance() < 0.2;
      items.forEach((_, i) => {
        items.forEach((__, j) => {
          if (wishOf[i] === a && wishOf[j] === b && (!partly || chance() < 0.5)) conflicts.push([i, j]);
        });
      });
    }
  const total = (of: (item: ProblemItem) => number): number =>
    Number((items.reduce((sum, item) => sum + of(item), 0) * roominess).toFixed(3));
  const requiredWish = chance() < 0.3 ? whole(0, wishes - 1) : null;
  return {
    items,
    oneOf,
    required: requiredWish === null ? [] : [items.flatMap((_, i) => (wishOf[i] === requiredWish ? [i] : []))],
    conflicts,
    limits: {
      nitrateMgLWeek: total((item) => item.nitrateMgLWeek),
      room: {
        top: total((item) => item.room.top),
        middle: total((item) => item.room.middle),
        bottom: total((item) => item.room.bottom),
      },
    },
    layerBonus: 1,
  };
}
