import type { PlanGroup } from './plan';

/**
 * A group with another number of animals. Known sexes stay known: more animals are of unknown sex, and of fewer the
 * larger share goes first.
 * @example recountGroup({ species: 'x', count: 6, males: 2, females: 4 }, 5) // { species: 'x', count: 5, males: 2, females: 3 }
 */
export function recountGroup(group: PlanGroup, count: number): PlanGroup {
  const { males, females, ...rest } = group;
  const known = (males ?? 0) + (females ?? 0);
  const excess = Math.max(0, known - count);
  if (males === undefined && females === undefined) return { ...rest, count };
  const [fewerMales, fewerFemales] = trim(males ?? 0, females ?? 0, excess);
  return {
    ...rest,
    count,
    ...(males === undefined ? {} : { males: fewerMales }),
    ...(females === undefined ? {} : { females: fewerFemales }),
  };
}

/** Takes so many away, one by one, always of the sex of which there are more; females where both are as many. */
function trim(males: number, females: number, excess: number): readonly [number, number] {
  let [m, f] = [males, females];
  for (let i = 0; i < excess; i += 1) {
    if (f >= m) f -= 1;
    else m -= 1;
  }
  return [m, f];
}
