import { assess, type Assessment } from '../assess/assess';
import { contextOf, planGroups } from '../assess/buildContext';
import { resolveSpecies, type Catalogue } from '../model/catalogue';
import type { PlanFile, PlanGroup } from '../model/plan';
import type { Layer, SpeciesProfile } from '../model/species';
import { CROWDED } from '../rules/layerCrowding';
import { layerRoom } from '../rules/layerRoom';
import type { PlannedGroup } from '../rules/context';
import { NITRATE_BUDGET } from '../rules/nitrate';
import { RULES } from '../rules/registry';
import { the } from '../rules/words';
import { LAYER_NAMES, type ProblemItem, type ReducedProblem } from './problem';
import { solveProblem } from './solve';
import type { Wish, WishesFile } from './wishes';

/** A group below its comfortable number gives this share of the pleasure (fixed by the format). */
const BELOW_COMFORT = 0.7;
/** A kind covers a layer in which it spends this share of its time (fixed by the format). */
const COVERS = 0.25;
const LAYER_BONUS = 1;
const BEST = 10;
const WEIGHT = 1;

interface Candidate {
  readonly wish: number;
  readonly profile: SpeciesProfile;
  readonly group: PlanGroup;
  readonly planned: PlannedGroup;
  readonly item: ProblemItem;
}

/** Why a wish, at every count, is out before the search. */
interface Dropped {
  readonly wish: number;
  readonly why: string;
}

export interface BuiltProblem {
  readonly problem: ReducedProblem;
  readonly candidates: readonly Candidate[];
  readonly dropped: readonly Dropped[];
  /** What a pair of items excludes each other for. */
  readonly why: ReadonlyMap<string, string>;
}

const pairKey = (a: number, b: number): string => (a < b ? `${a},${b}` : `${b},${a}`);

const countsOf = (wish: Wish, { company }: SpeciesProfile): readonly number[] => [
  ...new Set(
    wish.counts && wish.counts.length > 0 ? wish.counts : [company.smallestGroup, company.comfortableGroup],
  ),
];

const planWith = (file: WishesFile, groups: readonly PlanGroup[]): PlanFile => ({
  format: 'lomvik-plan',
  version: 1,
  tank: file.tank,
  water: file.water,
  routine: file.routine,
  practice: file.practice,
  groups,
});

const stopOf = ({ findings }: Assessment): string | null =>
  findings.find((finding) => finding.severity === 'stop')?.text ?? null;

function candidatesOf(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
): { readonly candidates: readonly Candidate[]; readonly dropped: readonly Dropped[] } {
  const candidates: Candidate[] = [];
  const dropped: Dropped[] = [];
  file.wishes.forEach((wish, index) => {
    const found = resolveSpecies(catalogue, wish.species);
    if (!found.ok) throw new Error(`wishes[${index}].species was not checked before it was searched`);
    const { profile } = found;
    for (const count of countsOf(wish, profile)) {
      const group: PlanGroup = { species: profile.id, count };
      const alone = assess(planWith(file, [group]), catalogue, today);
      const stop = stopOf(alone);
      if (stop !== null) {
        dropped.push({ wish: index, why: stop });
        continue;
      }
      const weight = wish.weight ?? WEIGHT;
      candidates.push({
        wish: index,
        profile,
        group,
        planned: planGroups({ groups: [group] }, catalogue, today)[0] as PlannedGroup,
        item: {
          species: profile.id,
          count,
          value: weight * (count >= profile.company.comfortableGroup ? 1 : BELOW_COMFORT),
          nitrateMgLWeek: alone.context.load.nitrateMgLWeek,
          room: layerRoom(alone.context),
          covers: LAYER_NAMES.filter((layer: Layer) => profile.layers[layer] >= COVERS),
        },
      });
    }
  });
  return { candidates, dropped };
}

/** The first stop between two groups, or null; only what one does to the other is asked for. */
function stopBetween(file: WishesFile, a: Candidate, b: Candidate, today: string): string | null {
  const plan = planWith(file, [a.group, b.group]);
  const context = contextOf(plan, [a.planned, b.planned], today, [], b.profile.id);
  for (const rule of RULES)
    for (const finding of rule.judge(context)) if (finding.severity === 'stop') return finding.text;
  return null;
}

/**
 * A wish list reduced to figures: items that are no stop by themselves, pairs that are, and the limits that add up.
 *
 * Nitrate is that of each group alone in the tank, mg/L a week; room is in multiples of what the surface rule gives a
 * layer, and a layer offers as much as the point at which it counts as crowded. Items are judged grown. `today` is an ISO
 * date. Domain: wishes that `readWishes` accepted with this catalogue.
 */
export function buildProblem(file: WishesFile, catalogue: Catalogue, today: string): BuiltProblem {
  const { candidates, dropped } = candidatesOf(file, catalogue, today);
  const why = new Map<string, string>();
  const conflicts: number[][] = [];
  candidates.forEach((a, i) => {
    for (let j = i + 1; j < candidates.length; j += 1) {
      const b = candidates[j] as Candidate;
      if (a.wish === b.wish) continue;
      const stop = stopBetween(file, a, b, today);
      if (stop === null) continue;
      conflicts.push([i, j]);
      why.set(pairKey(i, j), stop);
    }
  });
  const itemsOf = (wish: number): number[] =>
    candidates.flatMap((candidate, index) => (candidate.wish === wish ? [index] : []));
  const limit = { top: CROWDED, middle: CROWDED, bottom: CROWDED };
  return {
    candidates,
    dropped,
    why,
    problem: {
      items: candidates.map((candidate) => candidate.item),
      oneOf: file.wishes.map((_, wish) => itemsOf(wish)).filter((list) => list.length > 1),
      required: file.wishes.flatMap((wish, index) => (wish.mustHave === true ? [itemsOf(index)] : [])),
      conflicts,
      limits: { nitrateMgLWeek: file.nitrateBudget ?? NITRATE_BUDGET, room: limit },
      layerBonus: LAYER_BONUS,
    },
  };
}

export interface LineUp {
  readonly value: number;
  readonly groups: readonly PlanGroup[];
  readonly assessment: Assessment;
}

export interface LineUps {
  readonly lineUps: readonly LineUp[];
  /** Nothing better exists. */
  readonly proven: boolean;
  readonly searched: number;
  /** Line-ups of value that the whole assessment refused. */
  readonly refused: number;
  /** Wishes that the best line-up leaves out, and why. */
  readonly leftOut: readonly { readonly species: string; readonly why: string }[];
  readonly problem: ReducedProblem;
}

/** Why a wish is not in the best line-up: a stop by itself, a chosen kind, a limit, or something better in its place. */
function reason(wish: number, built: BuiltProblem, chosen: readonly number[]): string {
  const { candidates, problem, why, dropped } = built;
  const mine = candidates.flatMap((candidate, index) => (candidate.wish === wish ? [index] : []));
  if (mine.length === 0)
    return dropped.find((one) => one.wish === wish)?.why ?? 'No count of it was left to consider.';
  const blocked = mine.map((index) => {
    const by = chosen.find((other) => why.has(pairKey(index, other)));
    return by === undefined ? null : (why.get(pairKey(index, by)) as string);
  });
  if (blocked.every((text) => text !== null)) return blocked[0] as string;
  const sum = (of: (item: ProblemItem) => number): number =>
    chosen.reduce((total, index) => total + of(problem.items[index] as ProblemItem), 0);
  const free = mine.filter((_, i) => blocked[i] === null).map((index) => problem.items[index] as ProblemItem);
  const left = problem.limits.nitrateMgLWeek - sum((item) => item.nitrateMgLWeek);
  if (free.every((item) => item.nitrateMgLWeek > left))
    return `It would make more nitrate than the ${Number(left.toFixed(1))} mg/L a week that this line-up leaves.`;
  const tight = LAYER_NAMES.find((layer) =>
    free.every((item) => item.room[layer] > problem.limits.room[layer] - sum((one) => one.room[layer])),
  );
  if (tight !== undefined)
    return `This line-up leaves too little room at ${tight === 'middle' ? 'mid-water' : `the ${tight}`} for it.`;
  return `The whole list with ${the((candidates[mine[0] as number] as Candidate).profile)} is refused, or gives less than this one.`;
}

/**
 * The best line-ups of a wish list, best first, with proof. Deterministic.
 *
 * Distinct lists count, also those contained in a better one. A line-up whose whole assessment has a stop is dropped and
 * counted under `refused`.
 */
export function lineUps(file: WishesFile, catalogue: Catalogue, today: string): LineUps {
  const built = buildProblem(file, catalogue, today);
  const groupsOf = (items: readonly number[]): readonly PlanGroup[] =>
    items.map((index) => (built.candidates[index] as Candidate).group);
  const judge = (items: readonly number[]): Assessment =>
    assess(planWith(file, groupsOf(items)), catalogue, today);
  const solved = solveProblem(built.problem, {
    best: file.best ?? BEST,
    accept: (items) => stopOf(judge(items)) === null,
  });
  const chosen = solved.best[0]?.items ?? [];
  const present = new Set(chosen.map((index) => built.candidates[index]?.wish));
  return {
    lineUps: solved.best.map(({ value, items }) => ({
      value,
      groups: groupsOf(items),
      assessment: judge(items),
    })),
    proven: solved.proven,
    searched: solved.searched,
    refused: solved.refused,
    leftOut: file.wishes.flatMap((wish, index) => {
      if (present.has(index)) return [];
      const found = resolveSpecies(catalogue, wish.species);
      return found.ok ? [{ species: found.profile.id, why: reason(index, built, chosen) }] : [];
    }),
    problem: built.problem,
  };
}
