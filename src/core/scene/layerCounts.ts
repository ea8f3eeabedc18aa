import type { SceneGroup } from './tank';

/**
 * Animals at the top, in the middle and at the bottom: each counts by the shares of its time, and one without any counts nowhere.
 * Whole animals, which add up to all the others; a larger remainder is counted up first.
 *
 * @example layerCounts([{ count: 10, layers: [0.1, 0.8, 0.1] }]) // [1, 8, 1]
 */
export function layerCounts(
  groups: readonly Pick<SceneGroup, 'count' | 'layers'>[],
): readonly [number, number, number] {
  const sums: [number, number, number] = [0, 0, 0];
  for (const { count, layers } of groups) {
    const whole = layers.reduce((sum, v) => sum + v, 0) || 1;
    layers.forEach((share, i) => (sums[i as 0 | 1 | 2] += (count * share) / whole));
  }
  const counts = sums.map(Math.floor) as typeof sums;
  const left = Math.round(sums.reduce((sum, v) => sum + v, 0)) - counts.reduce((sum, v) => sum + v, 0);
  const byRemainder = ([0, 1, 2] as const).map((i) => [sums[i] - counts[i], i] as const);
  byRemainder.sort(([a], [b]) => b - a);
  for (const [, i] of byRemainder.slice(0, left)) counts[i] += 1;
  return counts;
}
