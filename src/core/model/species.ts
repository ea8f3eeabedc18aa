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
export const BASES = ['memory', 'common practice'] as const;

const waterRange = (meaning: string) =>
  groupField(meaning, {
    temperatureC: quantityRangeField('°C', 'temperature', 0, 40),
    ph: rangeField('pH', 3.5, 10),
    ghDh: quantityRangeField('°dH', 'general hardness', 0, 60),
    khDh: quantityRangeField('°dH', 'carbonate hardness', 0, 40).nullable().optional().default(null),
    salinityPpt: quantityRangeField('ppt', 'salinity', 0, 40),
  });

const tankFigure = (approach: string) =>
  groupField(`the ${approach} tank`, {
    lengthCm: positiveQuantityField('cm', 'length', 2000).nullable().optional().default(null),
    widthCm: positiveQuantityField('cm', 'width', 2000).nullable().optional().default(null),
    heightCm: positiveQuantityField('cm', 'height', 500).nullable().optional().default(null),
    litres: positiveQuantityField('L', 'volume', 100_000).nullable().optional().default(null),
  });

const level = (meaning: string) => wholeField(meaning, 0, 3);

/**
 * A species profile: everything the rules ask of a kind of animal. Lengths are total length in cm (disc width for rays,
 * body with tail for shrimps, shell for snails). Levels run from 0 (not at all) to 3 (as strong as it gets).
 */
export const speciesSchema = groupField('a species profile', {
  id: textField('an identifier').matches(
    /^[a-z0-9]+(-[a-z0-9]+)*$/,
    'an identifier such as "pterophyllum-scalare"',
  ),
  life: choiceField('the type of animal', LIFE_FORMS),
  scientificName: textField('the scientific name'),
  formerNames: listField<string>('former scientific names', textField('a name')),
  commonNames: listField<string>('common names', textField('a name')).min(1, 'at least one common name'),
  family: textField('the family'),
  kin: textField('the kin group'),
  lookalike: listField<string>('look-alike tags', textField('a tag')),
  region: textField('the region'),
  biotope: textField('the biotope'),
  size: groupField('size', {
    maleCm: positiveQuantityField('cm', 'adult length of males', 400),
    femaleCm: positiveQuantityField('cm', 'adult length of females', 400),
    measure: choiceField('what is measured', ['TL', 'disc', 'shell'] as const),
    heightCm: positiveQuantityField('cm', 'adult height with fins', 200),
    depthRatio: positiveField('body depth over length', 1.2),
    widthRatio: positiveField('body width over length', 1.2),
    shape: choiceField('the body shape', BODY_SHAPES),
    soldCm: positiveQuantityField('cm', 'length when sold', 200),
    monthsToGrown: positiveField('months to grown', 240),
    matureCm: positiveQuantityField('cm', 'length at maturity', 300),
    lifeYears: rangeField('life span in years', 0.2, 100),
  }),
  mouth: groupField('mouth', {
    gapeRatio: numberField('gape over length', 0, 0.4),
    diet: choiceField('diet', DIETS),
    eatsFish: choiceField('which fish it eats', EATS_FISH),
    eatsShrimp: choiceField('whether it eats shrimp', ['no', 'young', 'yes'] as const),
    eatsSnails: choiceField('whether it eats snails', SOME),
    eatsEggs: yesNoField('eats eggs'),
    picksApart: yesNoField('picks prey apart'),
  }),
  layers: groupField('layers', {
    top: numberField('share of time at the top', 0, 1),
    middle: numberField('share of time in the middle', 0, 1),
    bottom: numberField('share of time at the bottom', 0, 1),
  }),
  habits: groupField('habits', {
    activity: wholeField('activity', 1, 3),
    mealSpeed: wholeField('speed at meals', 1, 3),
    shyness: level('shyness'),
    nightActive: yesNoField('night-active'),
    jumps: choiceField('whether it jumps', ['no', 'seldom', 'often'] as const),
    panics: yesNoField('panics'),
  }),
  water: groupField('water', {
    wild: waterRange('the wild range'),
    tankBred: waterRange('the tank-bred range'),
    flow: choiceField('flow', ['still', 'gentle', 'moderate', 'strong'] as const),
    oxygen: wholeField('oxygen need', 1, 3),
    sensitivity: wholeField('sensitivity', 1, 3),
  }),
  company: groupField('company', {
    mode: choiceField('company', COMPANY_MODES),
    smallestGroup: wholeField('the smallest group', 1, 100),
    comfortableGroup: wholeField('the comfortable group', 1, 200),
    badNumbers: listField<number>('numbers to avoid', wholeField('a number to avoid', 1, 100)),
    femalesPerMale: numberField('females to each male', 0, 12).nullable().optional().default(null),
    sexesTold: choiceField('whether sexes can be told', ['always', 'adult', 'hardly', 'no'] as const),
    sexedFromCm: positiveField('the length from which sexes can be told', 200)
      .nullable()
      .optional()
      .default(null),
    pairs: choiceField('pairing and guarding', [
      'no',
      'scatters',
      'guards',
      'mouthbroods',
      'livebears',
    ] as const),
    ownKind: groupField('aggression to its own kind', {
      male: level('among males'),
      female: level('among females'),
    }),
    toLookalikes: level('aggression to look-alikes'),
    temper: groupField('temper', { young: level('temper when young'), mature: level('temper when mature') }),
    groundCm2: positiveQuantityField('cm²', 'held ground', 200_000).nullable().optional().default(null),
    holds: choiceField('what it holds', [
      'nothing',
      'cave',
      'shell',
      'rock',
      'floor',
      'plants',
      'corner',
    ] as const),
    spreadFrom: wholeField('the group that spreads chasing', 2, 100).nullable().optional().default(null),
    breeds: choiceField('how it multiplies', ['no', 'seldom', 'often', 'prolific'] as const),
    finNipping: level('fin nipping'),
    nipCalmGroup: wholeField('the group that calms nipping', 2, 100).nullable().optional().default(null),
    longFins: yesNoField('long fins'),
    slimeGrazing: choiceField('slime grazing', SOME),
  }),
  tank: groupField('tank', {
    cautious: tankFigure('cautious'),
    middle: tankFigure('middle'),
    tried: tankFigure('tried'),
    openSwimming: yesNoField('needs open swimming room'),
    sand: choiceField('sand', NEEDS),
    caves: choiceField('caves', NEEDS),
    overhangs: choiceField('overhangs', NEEDS),
    upright: choiceField('upright cover', NEEDS),
    shells: choiceField('shells', NEEDS),
    wood: choiceField('wood', NEEDS),
    plants: choiceField('plants', NEEDS),
    floating: choiceField('floating cover', NEEDS),
  }),
  effect: groupField('effect', {
    digs: level('digging'),
    eatsPlants: choiceField('whether it eats plants', SOME),
    eatsWood: yesNoField('eats wood'),
    mess: numberField('mess factor', 0.3, 3),
    work: listField<string>(
      'useful work',
      choiceField('work', ['algae', 'leftovers', 'snails', 'duckweed'] as const),
    ),
  }),
  handling: groupField('handling', {
    spines: yesNoField('spines'),
    sting: yesNoField('sting'),
    scaleless: yesNoField('scaleless'),
  }),
  trade: groupField('trade', {
    soldTiny: yesNoField('sold tiny'),
    mixedUpWith: noteField('what it is confused with and how to tell them apart'),
    soldInPairs: yesNoField('sold in pairs'),
    supply: choiceField('supply', ['farmed', 'wild', 'both'] as const),
    met: choiceField('where met', ['shop', 'specialist', 'club'] as const),
    restricted: yesNoField('restricted in some places'),
  }),
  look: groupField('look', {
    colours: listField<string>('colours', textField('a colour')),
    bothSexesColoured: yesNoField('both sexes coloured'),
    silhouette: choiceField('silhouette', SILHOUETTES),
  }),
  notes: noteField('notes'),
  contested: listField<{ species: string; why: string }>(
    'contested pairs',
    groupField('a contested pair', {
      species: textField('a species identifier'),
      why: textField('why it is contested'),
    }),
  ),
  badWith: listField<{ who: string; why: string }>(
    'known bad company',
    groupField('known bad company', {
      who: textField('a species identifier or a kin group'),
      why: textField('a reason'),
    }),
  ),
  basis: choiceField('basis', BASES),
  confidence: wholeField('confidence', 1, 3),
});

export type SpeciesProfile = InferType<typeof speciesSchema>;
export type TankFigure = SpeciesProfile['tank']['middle'];
export type WaterRange = SpeciesProfile['water']['wild'];
export type Approach = 'cautious' | 'middle' | 'tried';
export type Layer = 'top' | 'middle' | 'bottom';

/** The largest adult length of either sex, in cm. */
export function adultLengthCm(profile: SpeciesProfile): number {
  return Math.max(profile.size.maleCm, profile.size.femaleCm);
}
