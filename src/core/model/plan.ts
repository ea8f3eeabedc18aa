import { lazy, type InferType } from 'yup';
import {
  choiceField,
  firstVersionField,
  formatField,
  groupField,
  listField,
  monthField,
  noteField,
  numberField,
  positiveField,
  positiveQuantityField,
  quantityField,
  textField,
  wholeField,
  yesNoField,
} from '../kernel';

export const SUBSTRATES = ['sand', 'fine-gravel', 'gravel', 'soil', 'rock', 'bare'] as const;
export const PLANTS = ['none', 'some', 'dense'] as const;
export const ORIGINS = ['tank-bred', 'wild', 'unknown'] as const;
export const TANK_APPROACHES = ['cautious', 'middle', 'tried'] as const;
/** The approaches to tank size as files name them today; their first names stay readable. */
export const APPROACH_NAMES = { strict: 'cautious', usual: 'middle', lenient: 'tried' } as const;

/** A file's approach under the name that the core has for it; anything else as it is. */
export function withApproach(value: unknown): unknown {
  const { practice } = (value ?? {}) as { practice?: { tankSize?: unknown } | null };
  const name = practice?.tankSize;
  return typeof name === 'string' && Object.hasOwn(APPROACH_NAMES, name)
    ? {
        ...(value as object),
        practice: { ...practice, tankSize: APPROACH_NAMES[name as keyof typeof APPROACH_NAMES] },
      }
    : value;
}

/** What files call an approach. */
export const approachName = (approach: string): string =>
  Object.entries(APPROACH_NAMES).find(([, first]) => first === approach)?.[0] ?? approach;

/** Ways to stock a tank with Lake Malawi cichlids. */
export const DENSITIES = ['roomy', 'dense'] as const;
export type Density = (typeof DENSITIES)[number];
export const MALES = ['harem', 'all-male', 'one-each'] as const;

/** Footprints that tanks have. Length and width are always those of the box around them. */
export const TANK_SHAPES = ['box', 'bow-front', 'corner', 'round'] as const;
export type TankShape = (typeof TANK_SHAPES)[number];

const hideCounts = groupField({
  caves: wholeField(0, 500).optional(),
  overhangs: wholeField(0, 500).optional(),
  upright: wholeField(0, 500).optional(),
  floating: wholeField(0, 500).optional(),
  shells: wholeField(0, 500).optional(),
});
const hidesField = lazy((value: unknown) =>
  value !== null && typeof value === 'object' ? hideCounts : wholeField(0, 500).optional(),
);

/** A tank in a plan file. Only the three measures are required. */
export const planTankFields = {
  lengthCm: positiveQuantityField('cm', 2000),
  widthCm: positiveQuantityField('cm', 1000),
  heightCm: positiveQuantityField('cm', 500),
  /** Whether the measures are those inside the glass. */
  inside: yesNoField().optional(),
  shape: choiceField(TANK_SHAPES).optional(),
  /** How far the front bows out. */
  bowCm: quantityField('cm', 0, 300).optional(),
  glassMm: quantityField('mm', 1, 60).optional(),
  waterLineCm: positiveQuantityField('cm', 500).optional(),
  substrate: choiceField(SUBSTRATES).optional(),
  substrateCm: quantityField('cm', 0, 100).optional(),
  /** Share of the water taken by rock and wood. */
  hardscapeFraction: numberField(0, 0.9).optional(),
  lid: yesNoField().optional(),
  hides: hidesField,
  plants: choiceField(PLANTS).optional(),
  filterLph: quantityField('L/h', 0, 200_000).optional(),
  lightHours: numberField(0, 24).optional(),
  sightBreaks: wholeField(0, 500).optional(),
};
export const planTankSchema = groupField(planTankFields);

export const planWaterFields = {
  temperatureC: quantityField('°C', 0, 40).optional(),
  ph: numberField(3, 11).optional(),
  ghDh: quantityField('°dH', 0, 60).optional(),
  khDh: quantityField('°dH', 0, 60).optional(),
  nitrateTapMgL: quantityField('mg/L', 0, 200).optional(),
  salinityPpt: quantityField('ppt', 0, 45).optional(),
};
export const planWaterSchema = groupField(planWaterFields);

export const planRoutineSchema = groupField({
  /** Share of the water changed. */
  changeFraction: positiveField(1).optional(),
  everyDays: positiveField(365).optional(),
  mealsPerDay: wholeField(0, 24).optional(),
});

export const planPracticeSchema = groupField({
  tankSize: choiceField(TANK_APPROACHES).optional(),
  riftDensity: choiceField(DENSITIES).optional(),
  males: choiceField(MALES).optional(),
});

export const planGroupFields = {
  species: textField(),
  count: wholeField(1, 10_000),
  males: wholeField(0, 10_000).optional(),
  females: wholeField(0, 10_000).optional(),
  /** Today's length. */
  lengthCm: positiveQuantityField('cm', 400).optional(),
  origin: choiceField(ORIGINS).optional(),
  breeding: yesNoField().optional(),
  until: monthField().optional(),
  nextTank: noteField().optional(),
  since: monthField().optional(),
  grownTogether: yesNoField().optional(),
  /** The exit plan. */
  wayOut: noteField().optional(),
};
export const planGroupSchema = groupField(planGroupFields);

/** A whole plan file, `*.lomvik-plan.json`. */
export const planSchema = groupField({
  format: formatField('lomvik-plan'),
  version: firstVersionField(),
  tank: planTankSchema,
  water: planWaterSchema.optional().default(undefined),
  routine: planRoutineSchema.optional().default(undefined),
  practice: planPracticeSchema.optional().default(undefined),
  groups: listField<InferType<typeof planGroupSchema>>(planGroupSchema, { most: 500 }),
});

export type PlanTank = InferType<typeof planTankSchema>;
export type PlanWater = InferType<typeof planWaterSchema>;
export type PlanRoutine = InferType<typeof planRoutineSchema>;
export type PlanPractice = InferType<typeof planPracticeSchema>;
export type PlanGroup = InferType<typeof planGroupSchema>;
/** A plan as it stands in a file: what is missing is missing. */
export interface PlanFile {
  readonly format: 'lomvik-plan';
  readonly version: 1;
  readonly tank: PlanTank;
  readonly water?: PlanWater;
  readonly routine?: PlanRoutine;
  readonly practice?: PlanPractice;
  readonly groups: readonly PlanGroup[];
}
export type Substrate = (typeof SUBSTRATES)[number];
