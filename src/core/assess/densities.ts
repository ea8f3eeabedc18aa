import type { MgL } from '../kernel';
import { type Catalogue, DENSITIES, type Density, type PlanFile } from '../model';
import {
  densityOf,
  heads,
  isOpenWater,
  isRockDweller,
  NITRATE_EDGE,
  partFilled,
  type PlannedSpecies,
  type RuleContext,
  turnoverWanted,
} from '../rules';
import { type ChangeRoutine, steadyState } from '../water';
import { assess, type Verdict } from './assess';
import { buildContext } from './buildContext';
import { editPlan } from './planEdit';
import { isBad } from './whatItAdds';

/** Peacocks and haps, or rock dwellers, of a list. */
interface Stocked {
  /** How many there are now. */
  readonly now: number;
  /** How many the approach has in such a tank. */
  readonly upTo: number;
}

/** One way to stock a tank with Lake Malawi cichlids: its numbers, its price, and what it makes of the list. */
export interface DensityChoice {
  readonly density: Density;
  readonly openWater: Stocked | null;
  readonly rockDwellers: Stocked | null;
  /** Whether all that is listed goes by it: chosen, or usual for the kind. */
  readonly current: boolean;
  /** Of the whole list with so many, the same species in the same shares, grown. */
  readonly nitrateMgLWeek: MgL;
  /** The lightest of the usual routines that holds nitrate under the edge; null where none does. */
  readonly routine: ChangeRoutine | null;
  /** Nitrate before a change by that routine, and after one that was missed. */
  readonly peakMgL: MgL;
  readonly missedMgL: MgL;
  /** Real turnovers an hour of the filter. */
  readonly turnoverPerHour: number;
  /** What the list as it stands is called by this approach. */
  readonly verdict: Verdict;
  readonly stops: number;
  readonly cautions: number;
}

/** Routines that keepers hold, the lightest first (common practice). */
const ROUTINES: readonly ChangeRoutine[] = [
  { fraction: 0.25, everyDays: 7 },
  { fraction: 0.4, everyDays: 7 },
  { fraction: 0.5, everyDays: 7 },
  { fraction: 0.25, everyDays: 3 },
  { fraction: 0.5, everyDays: 4 },
];
const DAYS = 7;

/** So many in the shares of these, by largest remainder, none left out. */
function shared(total: number, species: readonly PlannedSpecies[]): readonly number[] {
  const now = heads(species);
  const exact = species.map(({ count }) => (count / now) * total);
  const counts = exact.map((share) => Math.max(1, Math.floor(share)));
  const order = exact.map((share, at) => [share - Math.floor(share), at] as const).sort(([a], [b]) => b - a);
  let left = total - counts.reduce((sum, count) => sum + count, 0);
  for (const [, at] of order) {
    if (left <= 0) break;
    counts[at] = (counts[at] ?? 0) + 1;
    left -= 1;
  }
  return counts;
}

/** The list with as many of some of its species as an approach has. */
const stockedTo = (
  plan: PlanFile,
  species: readonly PlannedSpecies[],
  upTo: number,
  catalogue: Catalogue,
): PlanFile =>
  shared(upTo, species).reduce((list, count, at) => {
    const id = species[at]?.profile.id ?? '';
    return editPlan(list, { kind: 'set-count', species: id, count }, catalogue) ?? list;
  }, plan);

/** What the water of a tank does by the lightest routine that holds it. */
function priceOf({ load, water }: RuleContext): Pick<DensityChoice, 'routine' | 'peakMgL' | 'missedMgL'> {
  const perDay = load.nitrateMgLWeek / DAYS;
  const peak = (routine: ChangeRoutine): MgL => steadyState(routine, perDay, water.nitrateTapMgL).before;
  const holds = ROUTINES.find((routine) => peak(routine) <= NITRATE_EDGE) ?? null;
  const routine = holds ?? (ROUTINES[ROUTINES.length - 1] as ChangeRoutine);
  return { routine: holds, peakMgL: peak(routine), missedMgL: peak(routine) + perDay * routine.everyDays };
}

/**
 * Roomy and dense side by side: how many Lake Malawi cichlids each has in this tank, what that takes in water changes and filtration,
 * and what it makes of the list as it stands. Empty for a list without them. Numbers are common practice, partly from memory (see the
 * rules); nitrate is an estimate until it is measured. mg/L, days. `today` is an ISO date. Domain: a plan that `readPlan` accepted.
 */
export function densities(plan: PlanFile, catalogue: Catalogue, today: string): readonly DensityChoice[] {
  const { context } = buildContext(plan, catalogue, today);
  const open = context.planned.filter(isOpenWater);
  const rock = context.planned.filter(isRockDweller);
  if (open.length + rock.length === 0) return [];
  const goesBy = densityOf(context);
  return DENSITIES.map((density): DensityChoice => {
    const chosen: PlanFile = { ...plan, practice: { ...plan.practice, riftDensity: density } };
    // Where both kinds live in one tank they share it as they do now.
    const filled = partFilled(context, { openWater: density, rockDwellers: density });
    const stocked = (species: readonly PlannedSpecies[]): Stocked | null =>
      species.length === 0
        ? null
        : { now: heads(species), upTo: Math.max(species.length, Math.floor(heads(species) / filled)) };
    const [openWater, rockDwellers] = [stocked(open), stocked(rock)];
    const full = [[open, openWater] as const, [rock, rockDwellers] as const].reduce(
      (list, [species, kind]) => (kind ? stockedTo(list, species, kind.upTo, catalogue) : list),
      chosen,
    );
    const { today: verdict, findings } = assess(chosen, catalogue, today);
    const bad = findings.filter(isBad);
    const stops = bad.filter(({ severity }) => severity === 'stop').length;
    const fullContext = buildContext(full, catalogue, today).context;
    return {
      density,
      openWater,
      rockDwellers,
      current:
        (!openWater || goesBy.openWater === density) && (!rockDwellers || goesBy.rockDwellers === density),
      nitrateMgLWeek: fullContext.load.nitrateMgLWeek,
      ...priceOf(fullContext),
      turnoverPerHour: turnoverWanted(true, density === 'dense'),
      verdict,
      stops,
      cautions: bad.length - stops,
    };
  });
}
