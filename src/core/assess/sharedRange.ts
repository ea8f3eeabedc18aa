export type Span = readonly [number, number];

/**
 * The part that all ranges share, or null. In one dimension ranges that overlap pairwise overlap together (Helly).
 * No range at all gives null.
 * @example sharedRange([[22, 26], [24, 28]]) // [24, 26]
 */
export function sharedRange(ranges: readonly Span[]): Span | null {
  let [low, high] = [-Infinity, Infinity];
  for (const range of ranges) {
    if (range[0] > low) low = range[0];
    if (range[1] < high) high = range[1];
  }
  return ranges.length > 0 && low <= high ? [low, high] : null;
}
