/** A source of chance: numbers from 0 up to, not including, 1. */
export type Chance = () => number;

/**
 * A small repeatable source of chance: the same seed gives the same numbers. Period 2^32; good enough for resampling,
 * never for secrets. Source: a 32-bit counter with a mixing step (the "mulberry" construction, public domain).
 */
export function seededChance(seed: number): Chance {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** So many coins are read from one number of a source: its highest digits in base two. */
const COINS_A_NUMBER = 24;

/** Fair coins from a source of chance, many from each number. */
export function coins(chance: Chance): () => boolean {
  let bits = 0;
  let left = 0;
  return () => {
    if (left === 0) {
      bits = Math.floor(chance() * 2 ** COINS_A_NUMBER);
      left = COINS_A_NUMBER;
    }
    const coin = (bits & 1) === 1;
    bits >>>= 1;
    left -= 1;
    return coin;
  };
}

/** Means from this on are drawn from the normal curve: the skew left out is under one part in four; sums over many cells hide it. */
const NORMAL_FROM = 20;

/** Standard normal numbers from a source of chance, two at a time. Source: Box and Muller 1958. */
export function normals(chance: Chance): () => number {
  let spare: number | null = null;
  return () => {
    if (spare !== null) {
      const kept = spare;
      spare = null;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - chance()));
    const angle = 2 * Math.PI * chance();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}

/** A Poisson draw: by multiplication below a mean of 20 (Knuth), rounded from the normal curve above. Domain: mean >= 0. */
export function poissonDraw(mean: number, chance: Chance, normal: () => number = normals(chance)): number {
  if (mean <= 0) return 0;
  if (mean >= NORMAL_FROM) return Math.max(0, Math.round(mean + Math.sqrt(mean) * normal()));
  const limit = Math.exp(-mean);
  let product = chance();
  let count = 0;
  while (product > limit) {
    product *= chance();
    count += 1;
  }
  return count;
}
