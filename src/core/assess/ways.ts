import { adultLengthCm, type Catalogue, type PlanFile, speciesOf, type SpeciesProfile } from '../model';
import { editOf, type PlanEdit } from '../rules';
import type { Assessment } from './assess';
import type { CauseGroup } from './causes';

/** Outside measures of a tank that can be bought, with its name. */
export interface SizeForSale {
  readonly name: string;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly heightCm: number;
}

/** So many larger tanks and species alike are tried for one cause. */
const SIZES = 4;
const ALIKE = 3;
/** Half the water once or twice a week: the routines that keepers hold (common practice). */
const ROUTINES: readonly (readonly [number, number])[] = [
  [0.5, 7],
  [0.5, 4],
];
/** Sight breaks that are added at a time. */
const BREAKS = 2;
/** How much longer or shorter a species may be that stands for another. */
const LIKE_SIZE = 0.5;

const litresOf = ({ lengthCm, widthCm, heightCm }: SizeForSale): number => lengthCm * widthCm * heightCm;

/** The next sizes that are no smaller in any measure. */
function largerTanks({ tank }: PlanFile, sizes: readonly SizeForSale[]): readonly PlanEdit[] {
  return sizes
    .filter(
      (size) =>
        size.lengthCm >= tank.lengthCm &&
        size.widthCm >= tank.widthCm &&
        size.heightCm >= tank.heightCm &&
        litresOf(size) > tank.lengthCm * tank.widthCm * tank.heightCm,
    )
    .sort((a, b) => litresOf(a) - litresOf(b))
    .slice(0, SIZES)
    .map((size) => ({ kind: 'set-tank', ...size }));
}

/** A wall is moved by so much at a time, and to no more than so many times its length. */
const WALL_STEP_CM = 5;
const WALL_MOST = 1.6;
type Wall = Extract<PlanEdit, { kind: 'set-wall' }>['wall'];

/** The wall that binds moved to where it no longer does: of what a species needs, or of a floor that is claimed. */
function movedWalls({ findings }: CauseGroup, { tank }: PlanFile): readonly PlanEdit[] {
  if (tank.shape !== undefined && tank.shape !== 'box') return [];
  const moved = (wall: Wall, to: number): readonly PlanEdit[] => {
    const cm = Math.ceil(to / WALL_STEP_CM) * WALL_STEP_CM;
    return cm > tank[wall] && cm <= tank[wall] * WALL_MOST ? [{ kind: 'set-wall', wall, cm }] : [];
  };
  return findings.flatMap(({ fact }) => {
    if (fact.says === 'floor/claimed') return moved('widthCm', tank.widthCm * fact.share);
    if (fact.says !== 'size/needs') return [];
    const { measure, have, need, approach } = fact;
    const wanted = need[approach] ?? have;
    return measure === 'litres'
      ? moved('lengthCm', (tank.lengthCm * wanted) / have)
      : moved(measure, tank[measure] + wanted - have);
  });
}

/** How alike two species are to look at and to place: shape, layer, colours, size, and the group they belong to. */
function likeness(a: SpeciesProfile, b: SpeciesProfile): number {
  const [la, lb] = [adultLengthCm(a), adultLengthCm(b)];
  const size = Math.abs(la - lb) / Math.max(la, lb);
  if (size > LIKE_SIZE || a.life !== b.life) return 0;
  const layers = (['top', 'middle', 'bottom'] as const).reduce(
    (sum, layer) => sum + Math.min(a.layers[layer], b.layers[layer]),
    0,
  );
  const colours = a.look.colours.filter((colour) => b.look.colours.includes(colour)).length;
  return (
    layers +
    (a.look.silhouette === b.look.silhouette ? 1 : 0) +
    (a.kin === b.kin ? 0.5 : 0) +
    (a.family === b.family ? 0.5 : 0) +
    colours / Math.max(1, a.look.colours.length) -
    size
  );
}

/** Less alike than this is another fish. */
const LEAST_LIKENESS = 2;
const AS_COMMON = { shop: 0, specialist: 1, club: 2 } as const;

/** Species that look and live much like one and are not there: those that are as easy to get, the most alike first. */
export function speciesLike(
  profile: SpeciesProfile,
  catalogue: Catalogue,
  there: ReadonlySet<string>,
): readonly SpeciesProfile[] {
  return catalogue.all
    .filter(
      (one) =>
        speciesOf(one) !== speciesOf(profile) &&
        one.company.temper.mature <= profile.company.temper.mature &&
        !there.has(speciesOf(one)) &&
        AS_COMMON[one.trade.met] <= AS_COMMON[profile.trade.met],
    )
    .map((one) => ({ one, alike: likeness(profile, one) }))
    .filter(({ alike }) => alike >= LEAST_LIKENESS)
    .sort((a, b) => b.alike - a.alike || (a.one.id < b.one.id ? -1 : 1))
    .slice(0, ALIKE)
    .map(({ one }) => one);
}

/** Forms of one whose fins do not trail: what nippers go for is the fins. */
const plainForms = (profile: SpeciesProfile, { all }: Catalogue): readonly SpeciesProfile[] =>
  profile.company.longFins
    ? all
        .filter(
          (one) =>
            speciesOf(one) === speciesOf(profile) &&
            !one.company.longFins &&
            one.trade.met === profile.trade.met,
        )
        .slice(0, 1)
    : [];

/** Other numbers of a species, as it is kept. */
function otherNumbers({ id, company }: SpeciesProfile, count: number): readonly PlanEdit[] {
  const { smallestGroup, comfortableGroup, spreadFrom, femalesPerMale, sexesTold, badNumbers } = company;
  const counts = [1, smallestGroup, comfortableGroup, spreadFrom ?? 0].filter(
    (one) => one > 0 && one !== count && !badNumbers.includes(one),
  );
  // Nobody buys by sex what cannot be told apart.
  const canBeSexed = sexesTold === 'always' || sexesTold === 'adult';
  const females = canBeSexed ? Math.round(femalesPerMale ?? 0) : 0;
  return [
    ...[...new Set(counts)].map((one): PlanEdit => ({ kind: 'set-count', species: id, count: one })),
    ...(females > 0 ? [{ kind: 'set-sexes', species: id, males: 1, females } as const] : []),
  ];
}

/** Ways that belong to the tank, by what a group of findings comes from. */
function ofTheTank(group: CauseGroup, plan: PlanFile, sizes: readonly SizeForSale[]): readonly PlanEdit[] {
  const { kind } = group.cause;
  const breaks: PlanEdit = { kind: 'set-breaks', sightBreaks: (plan.tank.sightBreaks ?? 0) + BREAKS };
  const routines = ROUTINES.map(([changeFraction, everyDays]): PlanEdit => ({
    kind: 'set-routine',
    changeFraction,
    everyDays,
  }));
  switch (kind) {
    case 'bioload':
      return [...routines, ...largerTanks(plan, sizes)];
    case 'tank size':
    case 'floor':
      return [...(kind === 'floor' ? [breaks] : []), ...movedWalls(group, plan), ...largerTanks(plan, sizes)];
    case 'pair':
    case 'species':
      return [breaks, { kind: 'set-plants', plants: 'dense' }, ...largerTanks(plan, sizes)];
    case 'lid':
      return [{ kind: 'set-lid', lid: true }];
    default:
      return [];
  }
}

/**
 * Every way that is worth trying for a group of findings: what its rules propose, other numbers, a larger tank, another origin, a
 * species alike, and leaving one out. `sizes` are tanks that can be bought.
 */
export function waysFor(
  group: CauseGroup,
  plan: PlanFile,
  { context }: Assessment,
  catalogue: Catalogue,
  sizes: readonly SizeForSale[],
): readonly PlanEdit[] {
  const there = new Set(context.planned.map(({ profile }) => speciesOf(profile)));
  const named = context.planned.filter(({ profile }) => group.species.includes(profile.id));
  const proposed = group.findings
    .filter(({ severity }) => severity === group.severity)
    .flatMap(({ fixes }) => fixes.map(editOf))
    .filter((edit) => edit !== null);
  // Of a note only what its rule proposes is worth a trial.
  if (group.severity === 'note') return proposed;
  const ofFish = named.flatMap(({ profile, count, groups }): readonly PlanEdit[] => [
    ...otherNumbers(profile, count),
    ...(group.cause.kind === 'water' &&
    profile.trade.supply !== 'wild' &&
    groups.some(({ rangeSource }) => rangeSource === 'wild') &&
    groups.every(({ monthsHere }) => monthsHere === null)
      ? [{ kind: 'set-origin', species: profile.id, origin: 'tank-bred' } as const]
      : []),
    ...(group.findings.some(({ rule }) => rule === 'fin-nipping') ? plainForms(profile, catalogue) : []).map(
      ({ id }): PlanEdit => ({ kind: 'swap', species: profile.id, to: id, count }),
    ),
    ...speciesLike(profile, catalogue, there).map(({ id, company }): PlanEdit => ({
      kind: 'swap',
      species: profile.id,
      to: id,
      count: company.comfortableGroup,
    })),
    { kind: 'leave-out', species: profile.id, count },
  ]);
  const all = [...proposed, ...ofTheTank(group, plan, sizes), ...ofFish];
  return [...new Map(all.map((edit) => [JSON.stringify(edit), edit])).values()];
}
