import { resolveSpecies, type Catalogue } from '../model/catalogue';
import type { PlanFile } from '../model/plan';
import { assess, type Assessment, type Verdict } from './assess';
import { isBad, whatItAdds } from './whatItAdds';

/** What a list would be rid of without one of its kinds. */
export interface Settling {
  readonly species: string;
  /** Stops and cautions that would be gone, and how many of them are stops. */
  readonly settles: number;
  readonly stops: number;
  /** What would be new: company that a shoal or a pair loses. */
  readonly brings: number;
  /** The verdict on the rest. */
  readonly verdict: Verdict;
}

/** So many kinds are tried, those that are named most often. */
const TRIED = 6;

/**
 * Which kinds a troubled list hangs on: those without which most stops, then most cautions, would be gone, net of what would be new.
 *
 * Each of `removable` (species identifiers) that is named in a stop or caution is tried by judging the list without it; a
 * kind that would settle nothing is left out. The best first. `today` is an ISO date. Domain: a plan that `readPlan` accepted, and its assessment.
 */
export function settlesMost(
  plan: PlanFile,
  before: Assessment,
  catalogue: Catalogue,
  today: string,
  removable: readonly string[],
): readonly Settling[] {
  const named = new Map<string, number>();
  for (const finding of before.findings.filter(isBad))
    for (const species of finding.species)
      named.set(species, (named.get(species) ?? 0) + (finding.severity === 'stop' ? TRIED : 1));
  const isIt = (typed: string, species: string): boolean => {
    const found = resolveSpecies(catalogue, typed);
    return found.ok && found.profile.id === species;
  };
  return removable
    .filter((species) => named.has(species))
    .sort((a, b) => (named.get(b) ?? 0) - (named.get(a) ?? 0) || (a < b ? -1 : 1))
    .slice(0, TRIED)
    .map((species): Settling => {
      const groups = plan.groups.filter((group) => !isIt(group.species, species));
      const after = assess({ ...plan, groups }, catalogue, today);
      const { brings, settles } = whatItAdds(before, after);
      return {
        species,
        settles: settles.length,
        stops: settles.filter((finding) => finding.severity === 'stop').length,
        brings: brings.length,
        verdict: after.verdict,
      };
    })
    .filter((one) => one.settles > one.brings)
    .sort(
      (a, b) =>
        b.stops - a.stops ||
        b.settles - b.brings - (a.settles - a.brings) ||
        (a.species < b.species ? -1 : 1),
    );
}
