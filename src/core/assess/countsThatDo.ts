/** Nobody keeps more of one species in a tank than this; a larger answer is no answer (from memory). */
export const MOST = 300;
/** So far above the comfortable number is looked for the first that does. */
export const LOOK = 6;

/** A few numbers in between may not do: six of rock dwellers do, and eight do again, which spread their chasing. */
const GAP = 3;

/** The last number from `low` on that `does`, of those that do up to some number and then no more, but for small gaps. */
export function lastThatDoes(low: number, exactly: (count: number) => boolean): number {
  const does = (count: number): boolean =>
    Array.from({ length: GAP }, (_, more) => count + more).some(exactly);
  let good = low;
  let step = 1;
  while (good + step <= MOST && does(good + step)) {
    good += step;
    step *= 2;
  }
  for (; step >= 1; step = Math.floor(step / 2)) if (good + step <= MOST && does(good + step)) good += step;
  while (good > low && !exactly(good)) good -= 1;
  return good;
}

/**
 * The fewest that do: in one run with the comfortable number where that does, or else with the number nearest to it that does, for
 * one of a shoal is no small shoal. Numbers to avoid may lie between.
 */
export function fewestOf(
  comfortable: number,
  does: (count: number) => boolean,
  avoided: (count: number) => boolean,
): number | null {
  const far = Array.from({ length: Math.max(comfortable, LOOK + 1) }, (_, away) => away);
  const start = far
    .flatMap((away) => [comfortable - away, ...(away <= LOOK ? [comfortable + away] : [])])
    .find((count) => count >= 1 && does(count));
  if (start === undefined) return null;
  let low = start;
  while (low > 1 && does(low - 1)) low -= 1;
  for (let count = low; count <= start + LOOK && does(count); count += 1) if (!avoided(count)) return count;
  return null;
}
