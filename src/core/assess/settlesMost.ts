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

function without(plan: PlanFile, species: readonly string[], catalogue: Catalogue): PlanFile {
  const goes = (typed: string): boolean => {
    const found = resolveSpecies(catalogue, typed);
    return found.ok && species.includes(found.profile.id);
  };
  return { ...plan, groups: plan.groups.filter((group) => !goes(group.species)) };
}

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
  return removable
    .filter((species) => named.has(species))
    .sort((a, b) => (named.get(b) ?? 0) - (named.get(a) ?? 0) || (a < b ? -1 : 1))
    .slice(0, TRIED)
    .map((species): Settling => {
      const after = assess(without(plan, [species], catalogue), catalogue, today);
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

/** The fewest kinds without which no stop is left. */
export interface LeftOut {
  readonly species: readonly string[];
  readonly settles: number;
  readonly verdict: Verdict;
}

/** More kinds than this are another list. */
const MOST_LEFT_OUT = 3;
/** So many ways of as few kinds are judged. */
const WAYS = 6;

/** All choices of so many of these, in their order. */
function choices(of: readonly string[], many: number): readonly (readonly string[])[] {
  if (many === 0) return [[]];
  return of.flatMap((first, i) => choices(of.slice(i + 1), many - 1).map((rest) => [first, ...rest]));
}

/**
 * The fewest kinds that can be left out so that no stop is left, at most three: of several ways the one that settles most.
 * Null when there is no stop, or no such way. Each stop must lose one of those it names; that none is left, and none is new, is
 * proven by judging the rest. Domain as above.
 */
export function leastLeftOut(
  plan: PlanFile,
  before: Assessment,
  catalogue: Catalogue,
  today: string,
  removable: readonly string[],
): LeftOut | null {
  const stops = before.findings.filter((finding) => finding.severity === 'stop');
  const blamed = removable.filter((id) => stops.some((finding) => finding.species.includes(id)));
  const bad = before.findings.filter(isBad).length;
  for (let many = 1; stops.length > 0 && many <= MOST_LEFT_OUT; many += 1) {
    const ways = choices(blamed, many)
      .filter((way) =>
        stops.every(({ species }) => species.length === 0 || species.some((id) => way.includes(id))),
      )
      .slice(0, WAYS)
      .map((species): LeftOut => {
        const after = assess(without(plan, species, catalogue), catalogue, today);
        return { species, settles: bad - after.findings.filter(isBad).length, verdict: after.verdict };
      })
      .filter((way) => way.verdict !== 'stop');
    const [best] = ways.sort((a, b) => b.settles - a.settles);
    if (best) return best;
  }
  return null;
}
