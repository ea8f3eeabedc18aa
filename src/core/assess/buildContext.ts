import { lengthAfterMonths } from '../growth/speciesGrowth';
import { monthOf, monthsBetween } from '../growth/months';
import { resolveSpecies, type Catalogue } from '../model/catalogue';
import type { PlanFile, PlanGroup } from '../model/plan';
import { adultLengthCm } from '../model/species';
import type { Load, PlannedGroup, PlannedKind, RuleContext, RuleTank, SharedWater } from '../rules/context';
import { tankFigures } from '../tank/tankFigures';
import { fillRoutine, fillWater, furnish, takeOr } from './defaults';
import { fillLoad, type Fed } from './fillLoad';
import { rangeUsed } from './rangeUsed';
import { sexShare } from './sexShare';
import { sharedRange } from './sharedRange';

function plannedGroup(
  group: PlanGroup,
  index: number,
  catalogue: Catalogue,
  month: string,
  assumed: string[],
): PlannedGroup {
  const found = resolveSpecies(catalogue, group.species);
  if (!found.ok) throw new Error(`groups[${index}].species was not checked before it was assessed`);
  const { profile } = found;
  const path = `groups[${index}]`;
  const adult = adultLengthCm(profile);
  const lengthCm = takeOr(assumed, `${path}.lengthCm`, group.lengthCm, adult, `${adult}, grown`);
  const origin = takeOr(assumed, `${path}.origin`, group.origin, 'unknown' as const);
  const leavesInMonths = group.until === undefined ? null : Math.max(0, monthsBetween(month, group.until));
  const { range, source } = rangeUsed(profile, origin);
  return {
    key: String(index),
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

const sumKnown = (values: readonly (number | null)[]): number | null =>
  values.every((value) => value === null)
    ? null
    : values.reduce<number>((sum, value) => sum + (value ?? 0), 0);

/** Groups of one kind taken together. A kind leaves only when its last group does. */
function kindsOf(groups: readonly PlannedGroup[], known: readonly PlannedKind[]): readonly PlannedKind[] {
  const byId = new Map<string, PlannedGroup[]>();
  for (const group of groups) {
    const members = byId.get(group.profile.id);
    if (members) members.push(group);
    else byId.set(group.profile.id, [group]);
  }
  const before = new Map(known.map((kind) => [kind.profile.id, kind]));
  return [...byId.entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([id, members]) => {
      const same = before.get(id);
      return same?.groups.length === members.length ? same : oneKind(members);
    });
}

function oneKind(members: readonly PlannedGroup[]): PlannedKind {
  const first = members[0] as PlannedGroup;
  const leaves = members.map((group) => group.leavesInMonths);
  const strict = members.find((group) => group.rangeSource === 'wild') ?? first;
  return {
    profile: first.profile,
    groups: members,
    count: members.reduce((sum, group) => sum + group.count, 0),
    males: sumKnown(members.map((group) => group.males)),
    females: sumKnown(members.map((group) => group.females)),
    largestCm: Math.max(...members.map((group) => group.lengthCm)),
    smallestCm: Math.min(...members.map((group) => group.lengthCm)),
    judgedCm: Math.max(...members.map((group) => group.judgedCm)),
    leavesInMonths: leaves.some((months) => months === null) ? null : Math.max(...(leaves as number[])),
    range: strict.range,
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
): { readonly context: RuleContext; readonly assumed: readonly string[] } {
  const assumed: string[] = [];
  const groups = planGroups(plan, catalogue, today, assumed);
  return { assumed, context: contextOf(plan, groups, today, assumed) };
}

/** The groups of a plan with everything the rules ask of them. What was assumed is written into `assumed`. */
export const planGroups = (
  plan: Pick<PlanFile, 'groups'>,
  catalogue: Catalogue,
  today: string,
  assumed: string[] = [],
): readonly PlannedGroup[] =>
  plan.groups.map((group, index) => plannedGroup(group, index, catalogue, monthOf(today), assumed));

/**
 * The context of a tank with these groups in it; `focus` names the kind whose effect alone is asked for. `known` are kinds
 * of the same groups from before: those that gained no group are taken as they are.
 */
export function contextOf(
  plan: PlanFile,
  groups: readonly PlannedGroup[],
  today: string,
  assumed: string[] = [],
  focus: string | null = null,
  known: readonly PlannedKind[] = [],
): RuleContext {
  const month = monthOf(today);
  const kinds = kindsOf(groups, known);
  const shared: SharedWater = {
    temperatureC: sharedRange(kinds.map((kind) => kind.range.temperatureC)),
    ph: sharedRange(kinds.map((kind) => kind.range.ph)),
    ghDh: sharedRange(kinds.map((kind) => kind.range.ghDh)),
  };
  const { furnished, ...rest } = furnish(plan, assumed);
  const water = fillWater(plan, shared, groups, assumed);
  const figures = tankFigures(furnished, water.temperatureC);
  const tank: RuleTank = { ...rest, figures, hardscapeFraction: furnished.hardscapeFraction };
  const routine = fillRoutine(plan, assumed);
  const loadOf = (fed: readonly Fed[]): Load =>
    fillLoad(fed, tank, water.temperatureC, water.nitrateTapMgL, routine);
  return {
    kinds,
    tank,
    water,
    shared,
    routine,
    load: loadOf(groups.map((group) => ({ ...group, lengthCm: group.judgedCm * sexShare(group) }))),
    loadAfter: (months) =>
      loadOf(
        groups
          .filter((group) => group.leavesInMonths === null || group.leavesInMonths >= months)
          .map((group) => ({
            ...group,
            lengthCm: lengthAfterMonths(group.profile, group.lengthCm, months) * sexShare(group),
          })),
      ),
    school: takeOr(assumed, 'practice.tankSize', plan.practice?.tankSize, 'middle'),
    males: takeOr(assumed, 'practice.males', plan.practice?.males, 'harem'),
    riftDensity: plan.practice?.riftDensity ?? null,
    month,
    focus: focus === null ? null : (kinds.find((kind) => kind.profile.id === focus) ?? null),
  };
}
