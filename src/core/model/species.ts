import type { InferType } from 'yup';
import {
  choiceField,
  groupField,
  listField,
  noteField,
  numberField,
  positiveField,
  positiveQuantityField,
  quantityRangeField,
  rangeField,
  says,
  textField,
  wholeField,
  yesNoField,
} from '../kernel';

/** How keepers live with a species: alone, as a pair, one male with females, a shoal, a colony, a loose group. */
export const COMPANY_MODES = ['solitary', 'pair', 'harem', 'shoal', 'colony', 'group'] as const;
export const LIFE_FORMS = ['fish', 'shrimp', 'crayfish', 'crab', 'snail', 'frog'] as const;
export const BODY_SHAPES = ['eel', 'elongated', 'fusiform', 'deep', 'flat', 'armoured', 'shell'] as const;
export const DIETS = [
  'herbivore',
  'algae',
  'detritus',
  'wood',
  'omnivore',
  'micro-predator',
  'invertivore',
  'molluscs',
  'piscivore',
] as const;
export const EATS_FISH = ['no', 'fry', 'small', 'any'] as const;
export const SOME = ['no', 'some', 'yes'] as const;
export const NEEDS = ['no', 'likes', 'needs'] as const;
export const SILHOUETTES = [
  'torpedo',
  'slim',
  'tall',
  'disc',
  'heavy',
  'bottom',
  'sucker',
  'eel',
  'hatchet',
  'labyrinth',
  'puffer',
  'ray',
  'shrimp',
  'crayfish',
  'snail',
  'frog',
  'veil',
  'catfish',
] as const;
/** How a species is marked, in a keeper's words. */
export const MARKINGS = ['plain', 'striped', 'barred', 'spotted', 'netted', 'lined', 'patched'] as const;
/** What sets a form apart from its species: colour, fins, size, the place it is from, breeding by man, or mixed blood. */
export const FORMS = ['colour', 'fins', 'size', 'place', 'strain', 'hybrid'] as const;
export const BASES = ['memory', 'common practice'] as const;

const waterRange = () =>
  groupField({
    temperatureC: quantityRangeField('°C', 0, 40),
    ph: rangeField(3.5, 10),
    ghDh: quantityRangeField('°dH', 0, 60),
    khDh: quantityRangeField('°dH', 0, 40).nullable().optional().default(null),
    salinityPpt: quantityRangeField('ppt', 0, 40),
  });

const tankFigure = () =>
  groupField({
    lengthCm: positiveQuantityField('cm', 2000).nullable().optional().default(null),
    widthCm: positiveQuantityField('cm', 2000).nullable().optional().default(null),
    /** Adult height with fins. */
    heightCm: positiveQuantityField('cm', 500).nullable().optional().default(null),
    litres: positiveQuantityField('L', 100_000).nullable().optional().default(null),
  });

const level = () => wholeField(0, 3);

/**
 * A species profile: everything the rules ask of a species. Lengths are total length in cm (disc width for rays,
 * body with tail for shrimps, shell for snails). Levels run from 0 (not at all) to 3 (as strong as it gets).
 */
export const speciesSchema = groupField({
  id: textField().matches(/^[a-z0-9]+(-[a-z0-9]+)*$/, {
    message: says({ is: 'lower-case id' }),
  }),
  /** The species that it is a form of; null for a species. */
  formOf: textField().nullable().optional().default(null),
  /** What makes it a form. */
  form: choiceField(FORMS).nullable().optional().default(null),
  life: choiceField(LIFE_FORMS),
  scientificName: textField(),
  formerNames: listField<string>(textField()),
  commonNames: listField<string>(textField(), { least: 1 }),
  family: textField(),
  /** The species group. */
  kin: textField(),
  /** Tags that easily confused species share. */
  lookalike: listField<string>(textField()),
  region: textField(),
  biotope: textField(),
  size: groupField({
    maleCm: positiveQuantityField('cm', 400),
    femaleCm: positiveQuantityField('cm', 400),
    /** What the length is measured over. */
    measure: choiceField(['TL', 'disc', 'shell'] as const),
    heightCm: positiveQuantityField('cm', 200),
    /** Body depth over length. */
    depthRatio: positiveField(1.2),
    /** Body width over length. */
    widthRatio: positiveField(1.2),
    shape: choiceField(BODY_SHAPES),
    /** Length when sold. */
    soldCm: positiveQuantityField('cm', 200),
    monthsToGrown: positiveField(240),
    /** Length at maturity. */
    matureCm: positiveQuantityField('cm', 300),
    /** Life span. */
    lifeYears: rangeField(0.2, 100),
  }),
  mouth: groupField({
    /** Gape over length. */
    gapeRatio: numberField(0, 0.4),
    diet: choiceField(DIETS),
    eatsFish: choiceField(EATS_FISH),
    eatsShrimp: choiceField(['no', 'young', 'yes'] as const),
    eatsSnails: choiceField(SOME),
    eatsEggs: yesNoField(),
    /** Picks prey apart that is too large to swallow. */
    picksApart: yesNoField(),
  }),
  layers: groupField({
    /** Shares of the time. */
    top: numberField(0, 1),
    middle: numberField(0, 1),
    bottom: numberField(0, 1),
  }),
  habits: groupField({
    activity: wholeField(1, 3),
    mealSpeed: wholeField(1, 3),
    shyness: level(),
    nightActive: yesNoField(),
    jumps: choiceField(['no', 'seldom', 'often'] as const),
    panics: yesNoField(),
  }),
  water: groupField({
    wild: waterRange(),
    tankBred: waterRange(),
    /** Salinity while it is young, of fish that go from river to sea as they grow; null for all others. */
    youngPpt: quantityRangeField('ppt', 0, 40).nullable().optional().default(null),
    flow: choiceField(['still', 'gentle', 'moderate', 'strong'] as const),
    oxygen: wholeField(1, 3),
    sensitivity: wholeField(1, 3),
  }),
  company: groupField({
    mode: choiceField(COMPANY_MODES),
    smallestGroup: wholeField(1, 100),
    comfortableGroup: wholeField(1, 200),
    /** Group sizes to avoid. */
    badNumbers: listField<number>(wholeField(1, 100)),
    /** Females to each male. */
    femalesPerMale: numberField(0, 12).nullable().optional().default(null),
    /** Whether the sexes can be told. */
    sexesTold: choiceField(['always', 'adult', 'hardly', 'no'] as const),
    /** The length from which they can. */
    sexedFromCm: positiveQuantityField('cm', 200).nullable().optional().default(null),
    /** Pairing and guarding. */
    pairs: choiceField(['no', 'scatters', 'guards', 'mouthbroods', 'livebears'] as const),
    ownKind: groupField({
      male: level(),
      female: level(),
    }),
    toLookalikes: level(),
    temper: groupField({ young: level(), mature: level() }),
    /** The territory. */
    groundCm2: positiveQuantityField('cm²', 200_000).nullable().optional().default(null),
    /** What it holds a territory around. */
    holds: choiceField(['nothing', 'cave', 'shell', 'rock', 'floor', 'plants', 'corner'] as const),
    /** The group that dilutes aggression. */
    spreadFrom: wholeField(2, 100).nullable().optional().default(null),
    /** How it multiplies. */
    breeds: choiceField(['no', 'seldom', 'often', 'prolific'] as const),
    finNipping: level(),
    /** The group that calms nipping. */
    nipCalmGroup: wholeField(2, 100).nullable().optional().default(null),
    longFins: yesNoField(),
    slimeGrazing: choiceField(SOME),
  }),
  tank: groupField({
    cautious: tankFigure(),
    middle: tankFigure(),
    tried: tankFigure(),
    /** Needs open swimming room. */
    openSwimming: yesNoField(),
    sand: choiceField(NEEDS),
    caves: choiceField(NEEDS),
    overhangs: choiceField(NEEDS),
    /** Upright cover. */
    upright: choiceField(NEEDS),
    shells: choiceField(NEEDS),
    wood: choiceField(NEEDS),
    plants: choiceField(NEEDS),
    /** Floating cover. */
    floating: choiceField(NEEDS),
  }),
  effect: groupField({
    digs: level(),
    eatsPlants: choiceField(SOME),
    eatsWood: yesNoField(),
    mess: numberField(0.3, 3),
    /** Useful work. */
    work: listField<string>(choiceField(['algae', 'leftovers', 'snails', 'duckweed'] as const)),
  }),
  handling: groupField({
    spines: yesNoField(),
    sting: yesNoField(),
    scaleless: yesNoField(),
  }),
  trade: groupField({
    soldTiny: yesNoField(),
    /** What it is confused with, and how to tell them apart. */
    mixedUpWith: noteField(),
    soldInPairs: yesNoField(),
    supply: choiceField(['farmed', 'wild', 'both'] as const),
    /** Where keepers meet it. */
    met: choiceField(['shop', 'specialist', 'club'] as const),
    /** Restricted in some places. */
    restricted: yesNoField(),
  }),
  look: groupField({
    colours: listField<string>(textField()),
    bothSexesColoured: yesNoField(),
    silhouette: choiceField(SILHOUETTES),
    /** Entries written before it came have none. */
    markings: listField<(typeof MARKINGS)[number]>(choiceField(MARKINGS)).optional(),
    /** The keeper's own dress, a line each ("tone: olive silver pearl"); the catalogue's where there is none. */
    dress: listField<string>(textField()).optional(),
  }),
  notes: noteField(),
  contested: listField<{ species: string; why: string; at?: 'caution' | 'note' | undefined }>(
    groupField({
      /** A species or a species group. */
      species: textField(),
      why: textField(),
      /** What it counts as while no exit is arranged; a caution where nothing is said. */
      at: choiceField(['caution', 'note'] as const).optional(),
    }),
  ),
  /** Numbers of its own kind about which keepers disagree; a form has them from its species. Entries written before they came have none. */
  contestedNumbers: listField<ContestedNumber>(
    groupField({
      counts: listField<number>(wholeField(1, 100), { least: 1 }),
      /** Only in tanks of this length and more, in cm. */
      fromLengthCm: numberField(10, 500).optional(),
      /** Only beside other species. */
      inCompany: yesNoField().optional(),
      at: choiceField(['caution', 'note'] as const),
      why: textField(),
    }),
  ).optional(),
  badWith: listField<{ who: string; why: string }>(
    groupField({
      /** A species or a species group. */
      who: textField(),
      why: textField(),
    }),
  ),
  basis: choiceField(BASES),
  confidence: wholeField(1, 3),
});

/** Numbers of a species about which keepers disagree, and what they count as while no exit is arranged. */
export interface ContestedNumber {
  readonly counts: readonly number[];
  readonly fromLengthCm?: number | undefined;
  readonly inCompany?: boolean | undefined;
  readonly at: 'caution' | 'note';
  readonly why: string;
}

export type SpeciesProfile = InferType<typeof speciesSchema>;
export type TankFigure = SpeciesProfile['tank']['middle'];
export type WaterRange = SpeciesProfile['water']['wild'];
export type Approach = 'cautious' | 'middle' | 'tried';
export type Layer = 'top' | 'middle' | 'bottom';
export const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

/** The layer in which a species spends most of its time. */
export const mainLayer = ({ layers }: Pick<SpeciesProfile, 'layers'>): Layer =>
  LAYERS.reduce((most, one) => (layers[one] > layers[most] ? one : most));

/** The species of a form; a species itself otherwise. Identifiers. */
export const speciesOf = ({ id, formOf }: Pick<SpeciesProfile, 'id' | 'formOf'>): string => formOf ?? id;

/** Whether somebody who names a species or a form means this one: a species stands for its forms as well. */
export const isNamed = (name: string, profile: Pick<SpeciesProfile, 'id' | 'formOf'>): boolean =>
  name === profile.id || name === profile.formOf;

/** The largest adult length of either sex, in cm. */
export function adultLengthCm(profile: SpeciesProfile): number {
  return Math.max(profile.size.maleCm, profile.size.femaleCm);
}
