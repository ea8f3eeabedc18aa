import {
  assess,
  type Assessment,
  contextOn,
  plannedSpecies,
  planGroups,
  type Stage,
  stageOf,
} from '../assess';
import {
  type Catalogue,
  type Layer,
  type PlanFile,
  type PlanGroup,
  resolveSpecies,
  type SpeciesProfile,
  type Wish,
} from '../model';
import {
  CROWDED,
  type Finding,
  judgeAll,
  layerRoom,
  NITRATE_BUDGET,
  type PlannedGroup,
  type Reason,
} from '../rules';
import { judgedBefore } from './judgedBefore';
import { LAYER_NAMES, type ProblemItem, type ReducedProblem } from './problem';
import type { WishesFile } from './wishes';

/** A group below its comfortable number gives this share of the pleasure (fixed by the format). */
const BELOW_COMFORT = 0.7;
/** A species covers a layer in which it spends this share of its time (fixed by the format). */
const COVERS = 0.25;
const LAYER_BONUS = 1;
const WEIGHT = 1;

/** A wish at one of its counts. */
export interface Candidate {
  readonly wish: number;
  readonly profile: SpeciesProfile;
  readonly group: PlanGroup;
  readonly planned: PlannedGroup;
  readonly item: ProblemItem;
  /** Problems that it has by itself in this tank, short of a stop. */
  readonly trouble: number;
}

/** What speaks against a species or a pair: what a rule found. */
export type Against = Reason & Pick<Finding, 'rule'>;

/** Why a wish, at every count, is out before the search. */
interface Dropped {
  readonly wish: number;
  readonly against: Against;
}

export interface BuiltProblem {
  readonly problem: ReducedProblem;
  readonly candidates: readonly Candidate[];
  readonly dropped: readonly Dropped[];
  /** The species of each wish. */
  readonly speciesOf: readonly string[];
  /** What a pair of items excludes each other for. */
  readonly why: ReadonlyMap<string, Against>;
  /** What a list loses by its problems; undefined where problems do not count. */
  readonly loss: ((items: readonly number[]) => number) | undefined;
}

export const pairKey = (a: number, b: number): string => (a < b ? `${a},${b}` : `${b},${a}`);

const sexed = ({ males = 0, females = 0 }: Wish): number => males + females;

/** The numbers of a wish: those that are given, those that its sexes add up to, or the smallest and the comfortable group. */
function countsOf(wish: Wish, { company }: SpeciesProfile): readonly number[] {
  if (wish.counts && wish.counts.length > 0) return [...new Set(wish.counts)];
  return sexed(wish) > 0 ? [sexed(wish)] : [...new Set([company.smallestGroup, company.comfortableGroup])];
}

/** A wish at one of its numbers; sexes that are more than these are not known of them. */
const groupOf = (wish: Wish, { id }: SpeciesProfile, count: number): PlanGroup => ({
  species: id,
  count,
  ...(sexed(wish) > 0 && sexed(wish) <= count ? { males: wish.males ?? 0, females: wish.females ?? 0 } : {}),
  ...(wish.origin === undefined ? {} : { origin: wish.origin }),
});

/** The plan that some groups in the tank of the wishes amount to. */
export const planWith = (file: WishesFile, groups: readonly PlanGroup[]): PlanFile => ({
  format: 'lomvik-plan',
  version: 1,
  tank: file.tank,
  water: file.water,
  routine: file.routine,
  practice: file.practice,
  groups,
});

/** The worst that speaks against a list, or null. */
export function stopOf({ findings }: Assessment): Against | null {
  const stops = findings.filter((finding) => finding.severity === 'stop');
  // Nitrate follows from size: what is too big is told so.
  return stops.find((finding) => finding.rule !== 'nitrate') ?? stops[0] ?? null;
}

/** What the search asks of a group that was judged by itself. */
const aloneIn = (alone: Assessment) => ({
  stop: stopOf(alone),
  trouble: alone.findings.filter(({ severity }) => severity === 'caution').length,
  nitrateMgLWeek: alone.context.load.nitrateMgLWeek,
  room: layerRoom(alone.context),
});

/** Each wish at each of its counts, judged by itself in the tank: those that are no stop, and why the others are. */
export function candidatesOf(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
): { readonly candidates: readonly Candidate[]; readonly dropped: readonly Dropped[] } {
  const candidates: Candidate[] = [];
  const dropped: Dropped[] = [];
  const before = judgedBefore(planWith(file, []), today);
  file.wishes.forEach((wish, index) => {
    const found = resolveSpecies(catalogue, wish.species);
    if (!found.ok) throw new Error(`wishes[${index}].species was not checked before it was searched`);
    const { profile } = found;
    for (const count of countsOf(wish, profile)) {
      const group = groupOf(wish, profile, count);
      const planned = planGroups(
        { groups: [group], practice: file.practice },
        catalogue,
        today,
      )[0] as PlannedGroup;
      const { stop, trouble, nitrateMgLWeek, room } = before.alone(planned, () =>
        aloneIn(assess(planWith(file, [group]), catalogue, today)),
      );
      if (stop !== null) {
        dropped.push({ wish: index, against: stop });
        continue;
      }
      const weight = wish.weight ?? WEIGHT;
      candidates.push({
        wish: index,
        profile,
        group,
        planned,
        trouble,
        item: {
          species: profile.id,
          count,
          value: weight * (count >= profile.company.comfortableGroup ? 1 : BELOW_COMFORT),
          nitrateMgLWeek,
          room,
          covers: LAYER_NAMES.filter((layer: Layer) => profile.layers[layer] >= COVERS),
        },
      });
    }
  });
  return { candidates, dropped };
}

const isKept = (file: WishesFile, { wish }: Candidate): boolean => file.wishes[wish]?.mustHave === true;

/** What is found between two groups: only what one does to the other is asked for. */
function between(stage: Stage, a: Candidate, b: Candidate): readonly Finding[] {
  const planned = plannedSpecies([a.planned, b.planned]);
  const focus = planned.find((one) => one.profile === b.profile) ?? null;
  return judgeAll(contextOn(stage, planned, focus));
}

const isOfBoth = ({ species }: Finding, a: Candidate, b: Candidate): boolean =>
  species.includes(a.profile.id) && species.includes(b.profile.id);

/** The first stop of these, or null. Calm lists take a doubt for one, but for those that must be there. */
function stopIn(file: WishesFile, findings: readonly Finding[], a: Candidate, b: Candidate): Against | null {
  const stops = (finding: Finding): boolean =>
    finding.severity === 'stop' ||
    (file.calm === true &&
      !(isKept(file, a) && isKept(file, b)) &&
      finding.severity === 'caution' &&
      isOfBoth(finding, a, b));
  return findings.find(stops) ?? null;
}

/** Among lists of one value the one with fewer problems is better, however little problems count. */
const LEAST_LOSS = 1e-6;

/** What a list loses by its problems: so much for each that a group has by itself, and for each between two groups. */
function lossOf(
  weight: number | undefined,
  candidates: readonly Candidate[],
  pairs: ReadonlyMap<string, number>,
): BuiltProblem['loss'] {
  if (weight === undefined) return undefined;
  const each = Math.max(weight, LEAST_LOSS);
  return (items) => {
    let found = 0;
    items.forEach((a, at) => {
      found += (candidates[a] as Candidate).trouble;
      for (const b of items.slice(at + 1)) found += pairs.get(pairKey(a, b)) ?? 0;
    });
    return found * each;
  };
}

/**
 * A wish list reduced to figures: items that are no stop by themselves, pairs that are, and the limits that add up.
 *
 * Nitrate is that of each group alone in the tank, mg/L a week; room is in multiples of what the surface rule gives a
 * layer, and a layer offers as much as the point at which it counts as crowded. Items are judged grown. `today` is an ISO
 * date. Domain: wishes that `readWishes` accepted with this catalogue.
 */
export function buildProblem(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
  alone = candidatesOf(file, catalogue, today),
): BuiltProblem {
  const { candidates, dropped } = alone;
  const why = new Map<string, Against>();
  const conflicts: number[][] = [];
  const troubles = new Map<string, number>();
  const bare = planWith(file, []);
  const stage = stageOf(bare, today);
  const before = judgedBefore(bare, today);
  candidates.forEach((a, i) => {
    for (let j = i + 1; j < candidates.length; j += 1) {
      const b = candidates[j] as Candidate;
      if (a.wish === b.wish) continue;
      const findings = before.pair(a.planned, b.planned, () => between(stage, a, b));
      const stop = stopIn(file, findings, a, b);
      if (stop === null) {
        const found = findings.filter((one) => one.severity === 'caution' && isOfBoth(one, a, b)).length;
        if (found > 0) troubles.set(pairKey(i, j), found);
        continue;
      }
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
    loss: lossOf(file.trouble, candidates, troubles),
    speciesOf: file.wishes.map((wish) => {
      const found = resolveSpecies(catalogue, wish.species);
      return found.ok ? found.profile.id : wish.species;
    }),
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
