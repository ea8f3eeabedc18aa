import {
  type Fault,
  faultOf,
  firstVersionField,
  formatField,
  groupField,
  listField,
  numberField,
  type Outcome,
  positiveField,
  validate,
  wholeField,
  yesNoField,
} from '../kernel';
import {
  type Catalogue,
  type PlanFile,
  type PlanGroup,
  planPracticeSchema,
  withApproach,
  planRoutineSchema,
  planTankSchema,
  planWaterSchema,
  speciesFaultsOf,
  tankFaultsOf,
  type Wish,
  wishSchema,
} from '../model';
import { byIdentifier, resolveTyped } from '../search';

const WISHES_FORMAT = 'lomvik-wishes';
/** One problem weighs no more than several dear wishes. */
const MOST_TROUBLE = 10;

const wishesSchema = groupField({
  format: formatField(WISHES_FORMAT).optional(),
  version: firstVersionField().optional(),
  tank: planTankSchema,
  water: planWaterSchema.optional().default(undefined),
  routine: planRoutineSchema.optional().default(undefined),
  practice: planPracticeSchema.optional().default(undefined),
  wishes: listField<Wish>(wishSchema, { most: 500 }),
  /** How many line-ups. */
  best: wholeField(1, 100).optional(),
  nitrateBudget: positiveField(1000).optional(),
  /** Whether pairs in doubt are left out. */
  calm: yesNoField().optional(),
  /** What each problem takes off a list's value; without it problems do not count. */
  trouble: numberField(0, MOST_TROUBLE).optional(),
});

/** Wished species for a tank, `*.lomvik-wishes.json`. */
export interface WishesFile extends Pick<PlanFile, 'tank' | 'water' | 'routine' | 'practice'> {
  readonly wishes: readonly Wish[];
  readonly best?: number;
  readonly nitrateBudget?: number;
  /** Two species between which a caution is found are not put together either, unless both must be there. */
  readonly calm?: boolean;
  /** What each problem short of a stop takes off a list's value; 0: only among lists of one value. Undefined: nothing. */
  readonly trouble?: number;
}

/** One species wished twice would be two species to the search. */
function repeatFaults(wishes: readonly Wish[], catalogue: Catalogue): readonly Fault[] {
  const seen = new Map<string, number>();
  return wishes.flatMap((wish, index): Fault[] => {
    const found = resolveTyped(catalogue, wish.species);
    if (!found.ok) return [];
    const first = seen.get(found.profile.id);
    if (first !== undefined)
      return [
        faultOf(`wishes[${index}].species`, { is: 'unique', holder: `wishes[${first}]` }, wish.species),
      ];
    seen.set(found.profile.id, index);
    return [];
  });
}

/** More males and females than any of its numbers has. */
const sexFaults = (wishes: readonly Wish[]): readonly Fault[] =>
  wishes.flatMap(({ males = 0, females = 0, counts = [] }, index): Fault[] => {
    const most = Math.max(0, ...counts);
    return counts.length > 0 && males + females > most
      ? [faultOf(`wishes[${index}].males`, { is: 'sexes', males, females, count: most }, males + females)]
      : [];
  });

/** Wishes from foreign data. Errors: every fault with its path; species that lead nowhere name the nearest that do. */
export function readWishes(value: unknown, catalogue: Catalogue): Outcome<WishesFile> {
  const checked = validate(wishesSchema, withApproach(value));
  if (!checked.ok) return checked;
  const file = checked.value as unknown as WishesFile;
  const faults = [
    ...tankFaultsOf(file.tank),
    ...file.wishes.flatMap((wish, index) =>
      speciesFaultsOf(wish.species, `wishes[${index}].species`, catalogue, resolveTyped),
    ),
    ...sexFaults(file.wishes),
    ...repeatFaults(file.wishes, catalogue),
  ];
  return faults.length > 0
    ? { ok: false, faults }
    : { ok: true, value: { ...file, wishes: file.wishes.map((wish) => byIdentifier(catalogue, wish)) } };
}

/**
 * Groups that live in a tank as wishes that must be there: their numbers, the sexes and the origin that are known of all of a
 * species.
 */
export function wishesOfGroups(
  groups: readonly PlanGroup[],
): readonly (Wish & { readonly counts: [number]; readonly mustHave: true })[] {
  const bySpecies = new Map<string, PlanGroup[]>();
  for (const group of groups) bySpecies.set(group.species, [...(bySpecies.get(group.species) ?? []), group]);
  return [...bySpecies].map(([species, all]) => {
    const sum = (of: (group: PlanGroup) => number): number => all.reduce((total, one) => total + of(one), 0);
    const [males, females] = [sum((one) => one.males ?? 0), sum((one) => one.females ?? 0)];
    const origins = new Set(all.map(({ origin = 'unknown' }) => origin));
    return {
      species,
      weight: 1,
      mustHave: true,
      counts: [sum(({ count }) => count)],
      ...(males + females > 0 ? { males, females } : {}),
      ...(origins.size === 1 ? { origin: [...origins][0] } : {}),
    };
  });
}
