import {
  type Fault,
  faultOf,
  firstVersionField,
  formatField,
  groupField,
  listField,
  type Outcome,
  positiveField,
  validate,
  wholeField,
  yesNoField,
} from '../kernel';
import {
  type Catalogue,
  type PlanFile,
  planPracticeSchema,
  withApproach,
  planRoutineSchema,
  planTankSchema,
  planWaterSchema,
  resolveSpecies,
  speciesFaultsOf,
  tankFaultsOf,
  type Wish,
  wishSchema,
} from '../model';

const WISHES_FORMAT = 'lomvik-wishes';

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
});

/** Wished species for a tank, `*.lomvik-wishes.json`. */
export interface WishesFile extends Pick<PlanFile, 'tank' | 'water' | 'routine' | 'practice'> {
  readonly wishes: readonly Wish[];
  readonly best?: number;
  readonly nitrateBudget?: number;
  /** Two species between which a caution is found are not put together either, unless both must be there. */
  readonly calm?: boolean;
}

/** One species wished twice would be two species to the search. */
function repeatFaults(wishes: readonly Wish[], catalogue: Catalogue): readonly Fault[] {
  const seen = new Map<string, number>();
  return wishes.flatMap((wish, index): Fault[] => {
    const found = resolveSpecies(catalogue, wish.species);
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

/** Wishes from foreign data. Errors: every fault with its path; species that lead nowhere name the nearest that do. */
export function readWishes(value: unknown, catalogue: Catalogue): Outcome<WishesFile> {
  const checked = validate(wishesSchema, withApproach(value));
  if (!checked.ok) return checked;
  const file = checked.value as unknown as WishesFile;
  const faults = [
    ...tankFaultsOf(file.tank),
    ...file.wishes.flatMap((wish, index) =>
      speciesFaultsOf(wish.species, `wishes[${index}].species`, catalogue),
    ),
    ...repeatFaults(file.wishes, catalogue),
  ];
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: file };
}
