import { type Celsius, monthOf, monthsBetween } from '../kernel';
import { lengthAfterMonths } from '../growth';
import {
  adultLengthCm,
  canBeShown,
  type Catalogue,
  type PlanFile,
  type PlanGroup,
  resolveSpecies,
  type SpeciesProfile,
} from '../model';
import type {
  Load,
  Place,
  PlannedGroup,
  PlannedSpecies,
  RuleContext,
  RuleTank,
  RuleWater,
  SharedWater,
} from '../rules';
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
  practice: PlanFile['practice'],
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
    ...sexesOf(group, profile, practice),
    lengthCm,
    judgedCm:
      leavesInMonths === null
        ? Math.max(adult, lengthCm)
        : lengthAfterMonths(profile, lengthCm, leavesInMonths),
    leavesInMonths,
    range,
    rangeSource: source,
    asSold: origin === 'unknown',
    breeding: group.breeding ?? false,
    grownTogether: group.grownTogether ?? null,
    wayOut: group.wayOut ?? '',
    nextTank: group.nextTank ?? '',
    monthsHere: group.since === undefined ? null : Math.max(0, monthsBetween(group.since, month)),
  };
}

/** Known sexes; where nobody says, a practice of shown males says it: all are males, or the one of each kind is. */
function sexesOf(
  { males, females, count }: PlanGroup,
  profile: SpeciesProfile,
  practice: PlanFile['practice'],
): Pick<PlannedGroup, 'males' | 'females'> {
  if (males !== undefined || females !== undefined) return { males: males ?? 0, females: females ?? 0 };
  const shown =
    canBeShown(profile) &&
    (practice?.males === 'all-male' || (practice?.males === 'one-each' && count === 1));
  return shown ? { males: count, females: 0 } : { males: null, females: null };
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
  plan: Pick<PlanFile, 'groups' | 'practice'>,
  catalogue: Catalogue,
  today: string,
  assumed: Assumed[] = [],
): readonly PlannedGroup[] =>
  plan.groups.map((group, index) =>
    plannedGroup(group, index, catalogue, monthOf(today), plan.practice, assumed),
  );

/** A tank with all that stays as it is whoever lives in it. */
export interface Stage {
  readonly plan: PlanFile;
  /** The place when the tank has this water. */
  readonly placeIn: (water: RuleWater) => Place;
}

/** From such a floor and volume on a tank is a pond: nobody in it has to meet anybody (from memory). */
const POND_CM2 = 20_000;
const POND_L = 1_500;
const isPond = ({ figures }: RuleTank): boolean =>
  figures.footprintCm2 >= POND_CM2 && figures.grossL >= POND_L;

/** Places that were asked about before, the latest last: what is said of a species in a place is kept with it. */
const PLACES = new Map<string, Place>();
const KEPT = 64;

/** The same object for the same place, also in another question. */
function kept(key: string, make: () => Place): Place {
  const place = PLACES.get(key) ?? make();
  PLACES.delete(key);
  PLACES.set(key, place);
  const [oldest] = PLACES.keys();
  if (PLACES.size > KEPT && oldest !== undefined) PLACES.delete(oldest);
  return place;
}

/** The tank, the routine and the practice of a plan. What was assumed is written into `assumed`. */
export function stageOf(plan: PlanFile, today: string, assumed: Assumed[] = []): Stage {
  const { furnished, ...rest } = furnish(plan, assumed);
  const ways = {
    month: monthOf(today),
    routine: fillRoutine(plan, assumed),
    approach: takeOr(assumed, 'practice.tankSize', plan.practice?.tankSize, 'middle'),
    males: takeOr(assumed, 'practice.males', plan.practice?.males, 'harem'),
    riftDensity: plan.practice?.riftDensity ?? null,
  };
  const tankAt = (temperatureC: Celsius): RuleTank => ({
    ...rest,
    figures: tankFigures(furnished, temperatureC),
    hardscapeFraction: furnished.hardscapeFraction,
  });
  const key = JSON.stringify([plan.tank, ways]);
  let latest: Place | null = null;
  const placeIn = (water: RuleWater): Place => {
    if (latest === null || !isSameWater(latest.water, water))
      latest = kept(key + JSON.stringify([water, [...water.assumed]]), () => {
        const tank = tankAt(water.temperatureC);
        return { ...ways, tank, pond: isPond(tank), water };
      });
    return latest;
  };
  return { plan, placeIn };
}

const VALUES = ['temperatureC', 'ph', 'ghDh', 'salinityPpt', 'nitrateTapMgL'] as const;
/** Of one plan: what nobody says is the same for all lists in it. */
const isSameWater = (a: RuleWater, b: RuleWater): boolean => VALUES.every((name) => a[name] === b[name]);

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
  const { plan } = stage;
  const shared: SharedWater = {
    temperatureC: sharedRange(planned.map((species) => species.range.temperatureC)),
    ph: sharedRange(planned.map((species) => species.range.ph)),
    ghDh: sharedRange(planned.map((species) => species.range.ghDh)),
  };
  const water = fillWater(plan, shared, planned, assumed);
  const place = stage.placeIn(water);
  const loadOf = (shares: readonly BioloadShare[]): Load =>
    bioloadOf(shares, place.tank, water.nitrateTapMgL, place.routine);
  return {
    // Field by field: this is made for every species of the catalogue, and a spread is slow.
    tank: place.tank,
    pond: place.pond,
    water,
    routine: place.routine,
    approach: place.approach,
    males: place.males,
    riftDensity: place.riftDensity,
    month: place.month,
    place,
    planned,
    shared,
    load: loadOf(planned.map((species) => judgedBurden(species, water.temperatureC))),
    loadAfter: (months) => loadOf([shareOf(stillHere(planned, months), water.temperatureC)]),
    focus,
  };
}
