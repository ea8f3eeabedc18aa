import type { SpeciesProfile, WaterRange } from '../model';
import type { PlannedGroup, PlannedSpecies } from './context';

const sumKnown = (values: readonly (number | null)[]): number | null =>
  values.every((value) => value === null)
    ? null
    : values.reduce<number>((sum, value) => sum + (value ?? 0), 0);

/** Groups counted as one species: heads and known sexes added, the longest and the shortest of all; it leaves with the last. */
export function groupsAsOne(
  profile: SpeciesProfile,
  range: WaterRange,
  groups: readonly PlannedGroup[],
): PlannedSpecies {
  const leaves = groups.map((group) => group.leavesInMonths);
  return {
    profile,
    groups,
    count: groups.reduce((sum, group) => sum + group.count, 0),
    males: sumKnown(groups.map((group) => group.males)),
    females: sumKnown(groups.map((group) => group.females)),
    largestCm: Math.max(...groups.map((group) => group.lengthCm)),
    smallestCm: Math.min(...groups.map((group) => group.lengthCm)),
    judgedCm: Math.max(...groups.map((group) => group.judgedCm)),
    leavesInMonths: leaves.some((months) => months === null) ? null : Math.max(...(leaves as number[])),
    range,
  };
}
