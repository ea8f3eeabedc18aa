import { lazy, mixed, number, string, type InferType } from 'yup';
import {
  choiceField,
  groupField,
  listField,
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
export const DENSITIES = ['roomy', 'dense'] as const;
export const MALES = ['harem', 'all-male', 'one-each'] as const;

/** Footprints that tanks have. Length and width are always those of the box around them. */
export const TANK_SHAPES = ['box', 'bow-front', 'corner', 'round'] as const;
export type TankShape = (typeof TANK_SHAPES)[number];

const hideCounts = groupField('hiding places by type', {
  caves: wholeField('caves', 0, 500).optional(),
  overhangs: wholeField('overhangs', 0, 500).optional(),
  upright: wholeField('upright cover', 0, 500).optional(),
  floating: wholeField('floating cover', 0, 500).optional(),
  shells: wholeField('shells', 0, 500).optional(),
});
const hidesField = lazy((value: unknown) =>
  value !== null && typeof value === 'object'
    ? hideCounts
    : wholeField('hiding places, or hiding places by type', 0, 500).optional(),
);

/** A tank in a plan file. Only the three measures are required. */
export const planTankFields = {
  lengthCm: positiveQuantityField('cm', 'length', 2000),
  widthCm: positiveQuantityField('cm', 'width', 1000),
  heightCm: positiveQuantityField('cm', 'height', 500),
  inside: yesNoField('whether the measures are inside ones').optional(),
  shape: choiceField('shape of the footprint', TANK_SHAPES).optional(),
  bowCm: quantityField('cm', 'how far the front bows out', 0, 300).optional(),
  glassMm: quantityField('mm', 'glass', 1, 60).optional(),
  waterLineCm: positiveQuantityField('cm', 'water line', 500).optional(),
  substrate: choiceField('substrate', SUBSTRATES).optional(),
  substrateCm: quantityField('cm', 'substrate depth', 0, 100).optional(),
  hardscapeFraction: numberField('share of the water taken by rock and wood', 0, 0.9).optional(),
  lid: yesNoField('lid').optional(),
  hides: hidesField,
  plants: choiceField('plants', PLANTS).optional(),
  filterLph: quantityField('L/h', 'filter flow', 0, 200_000).optional(),
  lightHours: numberField('hours of light', 0, 24).optional(),
  sightBreaks: wholeField('sight breaks', 0, 500).optional(),
};
export const planTankSchema = groupField('the tank', planTankFields);

export const planWaterFields = {
  temperatureC: quantityField('°C', 'temperature', 0, 40).optional(),
  ph: numberField('pH', 3, 11).optional(),
  ghDh: quantityField('°dH', 'general hardness', 0, 60).optional(),
  khDh: quantityField('°dH', 'carbonate hardness', 0, 60).optional(),
  nitrateTapMgL: quantityField('mg/L', 'nitrate in the tap', 0, 200).optional(),
  salinityPpt: quantityField('ppt', 'salinity', 0, 45).optional(),
};
export const planWaterSchema = groupField('the water', planWaterFields);

export const planRoutineSchema = groupField('the routine', {
  changeFraction: positiveField('share of water changed', 1).optional(),
  everyDays: positiveField('days between changes', 365).optional(),
  mealsPerDay: wholeField('meals a day', 0, 24).optional(),
});

export const planPracticeSchema = groupField('the practice', {
  tankSize: choiceField('approach to tank size', TANK_APPROACHES).optional(),
  riftDensity: choiceField('rift-lake density', DENSITIES).optional(),
  males: choiceField('approach to males', MALES).optional(),
});

const MONTH = /^\d{4}-(0[1-9]|1[0-2])$/;

export const planGroupFields = {
  species: textField('a species name or identifier'),
  count: wholeField('count', 1, 10_000),
  males: wholeField('males', 0, 10_000).optional(),
  females: wholeField('females', 0, 10_000).optional(),
  lengthCm: positiveQuantityField('cm', "today's length", 400).optional(),
  origin: choiceField('origin', ORIGINS).optional(),
  breeding: yesNoField('breeding').optional(),
  until: string()
    .typeError('a month as YYYY-MM')
    .matches(MONTH, 'a month as YYYY-MM')
    .nonNullable('a month as YYYY-MM')
    .optional(),
  nextTank: noteField('the next tank').optional(),
  since: string()
    .typeError('a month as YYYY-MM')
    .matches(MONTH, 'a month as YYYY-MM')
    .nonNullable('a month as YYYY-MM')
    .optional(),
  grownTogether: yesNoField('grown together').optional(),
  wayOut: noteField('the exit plan').optional(),
};
export const planGroupSchema = groupField('a group', planGroupFields);

const planFormat = mixed<'lomvik-plan'>((value): value is 'lomvik-plan' => value === 'lomvik-plan')
  .typeError('"lomvik-plan"')
  .required('"lomvik-plan"');
const planVersion = number().typeError('version 1').required('version 1').oneOf([1], 'version 1');

/** A whole plan file, `*.lomvik-plan.json`. */
export const planSchema = groupField('a plan file', {
  format: planFormat,
  version: planVersion,
  tank: planTankSchema,
  water: planWaterSchema.optional().default(undefined),
  routine: planRoutineSchema.optional().default(undefined),
  practice: planPracticeSchema.optional().default(undefined),
  groups: listField<InferType<typeof planGroupSchema>>('groups', planGroupSchema).max(
    500,
    'at most 500 groups',
  ),
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
