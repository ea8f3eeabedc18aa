import { DERIVED, furnishTank, type FurnishedTank, TAP_NITRATE_MGL, USUAL_ROUTINE } from '../tank';
import type { PlanFile } from '../model';
import {
  HIDE_KINDS,
  type HideKind,
  type Hides,
  type PlannedSpecies,
  type RuleContext,
  type RuleTank,
  type RuleWater,
  type SharedWater,
} from '../rules';

/** What a plan does not say and an answer takes for granted. */
export interface Assumed {
  /** Where the plan would say it: `tank.lid`, `groups[0].origin`. */
  readonly path: string;
  /** In the unit of the field; null where nothing is taken, and nothing judged by it. */
  readonly value: string | number | boolean | null;
  /** Taken from what there is, not from what is usual. */
  readonly how?: 'grown' | 'shared middle';
  /** The species of the group that it is about. */
  readonly species?: string;
}

/** Fills gaps and remembers each in `assumed`, so that an answer says what it took for granted. */
export function takeOr<T extends string | number | boolean>(
  assumed: Assumed[],
  path: string,
  value: T | undefined,
  fallback: T,
  more: Pick<Assumed, 'how' | 'species'> = {},
): T {
  if (value !== undefined) return value;
  assumed.push({ path, value: fallback, ...more });
  return fallback;
}

export function furnish(
  plan: PlanFile,
  assumed: Assumed[],
): { readonly furnished: FurnishedTank } & Omit<RuleTank, 'figures' | 'hardscapeFraction'> {
  const { tank } = plan;
  const { furnished, assumed: derived } = furnishTank(tank);
  for (const part of DERIVED)
    if (derived.has(part)) assumed.push({ path: `tank.${part}`, value: furnished[part] });
  return {
    furnished,
    substrate: furnished.substrate,
    lid: takeOr(assumed, 'tank.lid', tank.lid, true),
    plants: takeOr(assumed, 'tank.plants', tank.plants, 'some'),
    hides: hidesOf(tank.hides, assumed),
    lightHours: tank.lightHours ?? unsaid(assumed, 'tank.lightHours'),
    sightBreaks: tank.sightBreaks ?? unsaid(assumed, 'tank.sightBreaks'),
    assumed: new Set(
      (['filterLph', 'plants', 'substrate'] as const).filter((name) => tank[name] === undefined),
    ),
  };
}

/** Remembers that nobody said: the rules that ask for it keep silent. */
function unsaid(assumed: Assumed[], path: string): null {
  assumed.push({ path, value: null });
  return null;
}

function hidesOf(hides: PlanFile['tank']['hides'], assumed: Assumed[]): Hides | null {
  if (hides === undefined) return unsaid(assumed, 'tank.hides');
  if (typeof hides === 'number') return { total: hides, byKind: null };
  const byKind = Object.fromEntries(HIDE_KINDS.map((kind) => [kind, hides[kind] ?? 0])) as Record<
    HideKind,
    number
  >;
  return { total: HIDE_KINDS.reduce((sum, kind) => sum + byKind[kind], 0), byKind };
}

/** What to stand at when nobody says and no range helps. */
const PLAIN_WATER = { temperatureC: 25, ph: 7.2, ghDh: 8 } as const;

/**
 * The tank's water. A value that nobody gave is set in the middle of what all species share, so that an unknown tap draws
 * no finding of its own; species are still compared with each other.
 */
export function fillWater(
  plan: PlanFile,
  shared: SharedWater,
  planned: readonly PlannedSpecies[],
  assumed: Assumed[],
): RuleWater {
  const given = plan.water ?? {};
  const missing = new Set<string>();
  const middle = (name: 'temperatureC' | 'ph' | 'ghDh'): number => {
    const value = given[name];
    if (value !== undefined) return value;
    missing.add(name);
    const range = shared[name];
    const chosen = range ? Math.round(((range[0] + range[1]) / 2) * 10) / 10 : PLAIN_WATER[name];
    assumed.push({ path: `water.${name}`, value: chosen, ...(range ? { how: 'shared middle' } : {}) });
    return chosen;
  };
  const salts = planned.map((species) => species.range.salinityPpt);
  const lowestSalt = salts.length > 0 ? Math.max(...salts.map((range) => range[0])) : 0;
  const ph = middle('ph');
  if (given.salinityPpt === undefined) missing.add('salinityPpt');
  return {
    temperatureC: middle('temperatureC'),
    ph,
    ghDh: middle('ghDh'),
    salinityPpt: takeOr(assumed, 'water.salinityPpt', given.salinityPpt, lowestSalt),
    nitrateTapMgL: takeOr(assumed, 'water.nitrateTapMgL', given.nitrateTapMgL, TAP_NITRATE_MGL),
    assumed: missing,
  };
}

export function fillRoutine(plan: PlanFile, assumed: Assumed[]): RuleContext['routine'] {
  return {
    changeFraction: takeOr(
      assumed,
      'routine.changeFraction',
      plan.routine?.changeFraction,
      USUAL_ROUTINE.changeFraction,
    ),
    everyDays: takeOr(assumed, 'routine.everyDays', plan.routine?.everyDays, USUAL_ROUTINE.everyDays),
    mealsPerDay: takeOr(assumed, 'routine.mealsPerDay', plan.routine?.mealsPerDay, USUAL_ROUTINE.mealsPerDay),
    mealsAssumed: plan.routine?.mealsPerDay === undefined,
    changesAssumed: plan.routine?.changeFraction === undefined || plan.routine.everyDays === undefined,
  };
}
