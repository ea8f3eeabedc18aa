export type Span = readonly [number, number];

/**
 * The part that all ranges share, or null. In one dimension ranges that overlap pairwise overlap together (Helly).
 * No range at all gives null.
 * @example sharedRange([[22, 26], [24, 28]]) // [24, 26]
 */
export function sharedRange(ranges: readonly Span[]): Span | null {
  if (ranges.length === 0) return null;
  const low = Math.max(...ranges.map((range) => range[0]));
  const high = Math.min(...ranges.map((range) => range[1]));
  return low <= high ? [low, high] : null;
}
