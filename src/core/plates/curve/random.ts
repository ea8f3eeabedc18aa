/**
 * Dice that fall the same way for the same seed: every picture is the same each time it is drawn.
 *
 * @returns a function that gives numbers from 0 to below 1
 * @example random(7)() === random(7)() // true
 */
export function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t ^= t + Math.imul(t ^ (t >>> 7), 61 | t);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
