import { type Celsius, monthOf, monthsBetween } from '../kernel';
import { lengthAfterMonths } from '../growth';
import { adultLengthCm, type Catalogue, type PlanFile, type PlanGroup, resolveSpecies } from '../model';
import type { Load, PlannedGroup, PlannedSpecies, RuleContext, RuleTank, SharedWater } from '../rules';
import { tankFigures } from '../tank';
import { type Assumed, fillRoutine, fillWater, furnish, takeOr } from './defaults';
import { shareOf, bioloadOf, type BioloadShare, type Fed } from './bioload';
import { plannedSpecies } from './plannedSpecies';
import { rangeUsed } from './rangeUsed';
import { sexShare } from './sexShare';
import { sharedRange } from './sharedRange';

function plannedGroup(
  group: PlanGroup,
  index: number,
  catalogue: Catalogue,
  month: string,
  assumed: Assumed[],
): PlannedGroup {
  const found = resolveSpecies(catalogue, group.species);
  if (!found.ok) throw new Error(`groups[${index}].species was not checked before it was assessed`);
  const { profile } = found;
  const path = `groups[${index}]`;
  const adult = adultLengthCm(profile);
  const lengthCm = takeOr(assumed, `${path}.lengthCm`, group.lengthCm, adult, {
    how: 'grown',
    species: profile.id,
  });
  const origin = takeOr(assumed, `${path}.origin`, group.origin, 'unknown', { species: profile.id });
  const leavesInMonths = group.until === undefined ? null : Math.max(0, monthsBetween(month, group.until));
  const { range, source } = rangeUsed(profile, origin);
  return {
    profile,
    count: group.count,
    males: group.males ?? (group.females === undefined ? null : 0),
    females: group.females ?? (group.males === undefined ? null : 0),
    lengthCm,
    judgedCm:
      leavesInMonths === null
        ? Math.max(adult, lengthCm)
        : lengthAfterMonths(profile, lengthCm, leavesInMonths),
    leavesInMonths,
    range,
    rangeSource: source,
    breeding: group.breeding ?? false,
    grownTogether: group.grownTogether ?? null,
    wayOut: group.wayOut ?? '',
    nextTank: group.nextTank ?? '',
    monthsHere: group.since === undefined ? null : Math.max(0, monthsBetween(group.since, month)),
  };
}

/**
 * Everything the rules need of a checked plan, with what was assumed.
 *
 * `today` is an ISO date. Domain: a plan that `readPlan` accepted with this catalogue.
 */
export function buildContext(
  plan: PlanFile,
  catalogue: Catalogue,
  today: string,
): { readonly context: RuleContext; readonly assumed: readonly Assumed[] } {
  const assumed: Assumed[] = [];
  const groups = planGroups(plan, catalogue, today, assumed);
  return {
    assumed,
    context: contextOn(stageOf(plan, today, assumed), plannedSpecies(groups), null, assumed),
  };
}

/** The groups of a plan with everything the rules ask of them. What was assumed is written into `assumed`. */
export const planGroups = (
  plan: Pick<PlanFile, 'groups'>,
  catalogue: Catalogue,
  today: string,
  assumed: Assumed[] = [],
): readonly PlannedGroup[] =>
  plan.groups.map((group, index) => plannedGroup(group, index, catalogue, monthOf(today), assumed));

/** A tank with all that stays as it is whoever lives in it. */
export interface Stage {
  readonly plan: PlanFile;
  readonly month: string;
  readonly routine: RuleContext['routine'];
  readonly approach: RuleContext['approach'];
  readonly males: RuleContext['males'];
  /** The tank when its water has so many degrees. */
  readonly tankAt: (temperatureC: Celsius) => RuleTank;
}

/** The tank, the routine and the practice of a plan. What was assumed is written into `assumed`. */
export function stageOf(plan: PlanFile, today: string, assumed: Assumed[] = []): Stage {
  const { furnished, ...rest } = furnish(plan, assumed);
  const byTemperature = new Map<number, RuleTank>();
  const tankAt = (temperatureC: Celsius): RuleTank => {
    const known = byTemperature.get(temperatureC);
    if (known) return known;
    const figures = tankFigures(furnished, temperatureC);
    const tank: RuleTank = { ...rest, figures, hardscapeFraction: furnished.hardscapeFraction };
    byTemperature.set(temperatureC, tank);
    return tank;
  };
  return {
    plan,
    month: monthOf(today),
    routine: fillRoutine(plan, assumed),
    approach: takeOr(assumed, 'practice.tankSize', plan.practice?.tankSize, 'middle'),
    males: takeOr(assumed, 'practice.males', plan.practice?.males, 'harem'),
    tankAt,
  };
}

interface Warm {
  readonly temperatureC: Celsius;
  readonly burden: BioloadShare;
}
/** The burden of a species at the lengths it is judged at, and the temperature it was worked out for. */
const BURDENS = new WeakMap<PlannedSpecies, Warm>();

function judgedBurden(species: PlannedSpecies, temperatureC: Celsius): BioloadShare {
  const before = BURDENS.get(species);
  if (before?.temperatureC === temperatureC) return before.burden;
  const fed = species.groups.map((group) => ({ ...group, lengthCm: group.judgedCm * sexShare(group) }));
  const burden = shareOf(fed, temperatureC);
  BURDENS.set(species, { temperatureC, burden });
  return burden;
}

/** Those of the species who are still here after so many months, at the lengths that they have then. */
const stillHere = (planned: readonly PlannedSpecies[], months: number): readonly Fed[] =>
  planned.flatMap((species) =>
    species.groups
      .filter((group) => group.leavesInMonths === null || group.leavesInMonths >= months)
      .map((group) => ({
        ...group,
        lengthCm: lengthAfterMonths(group.profile, group.lengthCm, months) * sexShare(group),
      })),
  );

/** The context of a tank with these species in it; `focus` names the one whose effect alone is asked for. */
export function contextOn(
  stage: Stage,
  planned: readonly PlannedSpecies[],
  focus: PlannedSpecies | null = null,
  assumed: Assumed[] = [],
): RuleContext {
  const { plan, routine } = stage;
  const shared: SharedWater = {
    temperatureC: sharedRange(planned.map((species) => species.range.temperatureC)),
    ph: sharedRange(planned.map((species) => species.range.ph)),
    ghDh: sharedRange(planned.map((species) => species.range.ghDh)),
  };
  const water = fillWater(plan, shared, planned, assumed);
  const tank = stage.tankAt(water.temperatureC);
  const loadOf = (shares: readonly BioloadShare[]): Load =>
    bioloadOf(shares, tank, water.nitrateTapMgL, routine);
  return {
    planned,
    tank,
    water,
    shared,
    routine,
    load: loadOf(planned.map((species) => judgedBurden(species, water.temperatureC))),
    loadAfter: (months) => loadOf([shareOf(stillHere(planned, months), water.temperatureC)]),
    approach: stage.approach,
    males: stage.males,
    riftDensity: plan.practice?.riftDensity ?? null,
    month: stage.month,
    focus,
  };
}
