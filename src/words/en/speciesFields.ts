import { type QuantityKind } from '@/core/kernel';
import type { Quantities } from './quantities';
import { plain } from './locale';

/** Parts of a profile, by the beginning of their paths. */
export const SPECIES_GROUPS: Readonly<Record<string, string>> = {
  '': 'Names and place',
  size: 'Size',
  mouth: 'Feeding',
  layers: 'Share of time in each layer, 0 to 1',
  habits: 'Habits',
  water: 'Water',
  company: 'Social needs',
  tank: 'Tank',
  effect: 'Effect on the tank',
  handling: 'Handling',
  trade: 'Trade',
  look: 'Look',
};

/** The group that a field of a profile stands in. */
export const speciesGroup = (path: string): string =>
  path.includes('.') ? path.slice(0, path.indexOf('.')) : '';

const WATER = { temperatureC: 'temperature', ph: 'pH', ghDh: 'GH', khDh: 'KH', salinityPpt: 'salinity' };
const TANK = { lengthCm: 'length', widthCm: 'width', heightCm: 'height', litres: 'volume' };

const each = (
  path: string,
  name: string,
  parts: Readonly<Record<string, string>>,
): Readonly<Record<string, string>> =>
  Object.fromEntries(Object.entries(parts).map(([part, label]) => [`${path}.${part}`, `${name}: ${label}`]));

/** Fields of a profile as the editor calls them, by their paths. */
export const SPECIES_FIELDS: Readonly<Record<string, string>> = {
  id: 'Id',
  formOf: 'Form of',
  form: 'Differs by',
  life: 'Fish or other animal',
  scientificName: 'Scientific name',
  formerNames: 'Former names',
  commonNames: 'Common names',
  family: 'Family',
  kin: 'Species group',
  lookalike: 'Looks like (shared tags)',
  region: 'Region',
  biotope: 'Biotope',
  'size.maleCm': 'Grown male',
  'size.femaleCm': 'Grown female',
  'size.measure': 'Length is over',
  'size.heightCm': 'Height with fins',
  'size.depthRatio': 'Depth, share of length',
  'size.widthRatio': 'Width, share of length',
  'size.shape': 'Body shape',
  'size.soldCm': 'Length when sold',
  'size.monthsToGrown': 'Months to grown',
  'size.matureCm': 'Length at maturity',
  'size.lifeYears': 'Life, years',
  'mouth.gapeRatio': 'Gape, share of length',
  'mouth.diet': 'Diet',
  'mouth.eatsFish': 'Eats fish',
  'mouth.eatsShrimp': 'Eats shrimp',
  'mouth.eatsSnails': 'Eats snails',
  'mouth.eatsEggs': 'Eats eggs',
  'mouth.picksApart': 'Picks larger prey apart',
  'layers.top': 'Top',
  'layers.middle': 'Middle',
  'layers.bottom': 'Bottom',
  'habits.activity': 'Activity, 1 to 3',
  'habits.mealSpeed': 'Speed of eating, 1 to 3',
  'habits.shyness': 'Shyness, 0 to 3',
  'habits.nightActive': 'Active at night',
  'habits.jumps': 'Jumps',
  'habits.panics': 'Bolts when frightened',
  ...each('water.wild', 'Wild', WATER),
  ...each('water.tankBred', 'Tank-bred', WATER),
  'water.youngPpt': 'Salinity, young',
  'water.flow': 'Current',
  'water.oxygen': 'Needs oxygen, 1 to 3',
  'water.sensitivity': 'Sensitivity, 1 to 3',
  'company.mode': 'Lives',
  'company.smallestGroup': 'Smallest group',
  'company.comfortableGroup': 'Comfortable group',
  'company.badNumbers': 'Group sizes to avoid',
  'company.femalesPerMale': 'Females to each male',
  'company.sexesTold': 'Sexes can be told',
  'company.sexedFromCm': 'Length to tell the sexes',
  'company.pairs': 'Breeding',
  'company.ownKind.male': 'Males towards own kind, 0 to 3',
  'company.ownKind.female': 'Females towards own kind, 0 to 3',
  'company.toLookalikes': 'Towards fish that look alike, 0 to 3',
  'company.temper.young': 'Temperament, young, 0 to 3',
  'company.temper.mature': 'Temperament, mature, 0 to 3',
  'company.groundCm2': 'Territory',
  'company.holds': 'Territory around',
  'company.spreadFrom': 'Aggression diluted from, fish',
  'company.breeds': 'How freely it breeds',
  'company.finNipping': 'Nips fins, 0 to 3',
  'company.nipCalmGroup': 'Nips less from, fish',
  'company.longFins': 'Long fins',
  'company.slimeGrazing': 'Grazes on slime of fish',
  ...each('tank.cautious', 'Strict', TANK),
  ...each('tank.middle', 'Usual', TANK),
  ...each('tank.tried', 'Lenient', TANK),
  'tank.openSwimming': 'Open swimming room',
  'tank.sand': 'Sand',
  'tank.caves': 'Caves',
  'tank.overhangs': 'Overhangs',
  'tank.upright': 'Upright cover',
  'tank.shells': 'Empty shells',
  'tank.wood': 'Wood',
  'tank.plants': 'Plants',
  'tank.floating': 'Floating cover',
  'effect.digs': 'Digs, 0 to 3',
  'effect.eatsPlants': 'Eats plants',
  'effect.eatsWood': 'Eats wood',
  'effect.mess': 'Waste, 1 is usual for its mass',
  'effect.work': 'Useful for',
  'handling.spines': 'Spines that catch',
  'handling.sting': 'Venomous sting',
  'handling.scaleless': 'No scales',
  'trade.soldTiny': 'Sold small, grows large',
  'trade.mixedUpWith': 'Easily confused with',
  'trade.soldInPairs': 'Sold in pairs',
  'trade.supply': 'Farmed or wild',
  'trade.met': 'Found in',
  'trade.restricted': 'Restricted in some places',
  'look.colours': 'Colours',
  'look.markings': 'Markings',
  'look.dress': 'Dress',
  'look.bothSexesColoured': 'Both sexes coloured',
  'look.silhouette': 'Drawn as',
  notes: 'Notes',
  basis: 'Source',
  confidence: 'Confidence, 1 to 3',
};

/** What the editor calls a field of a profile, also one item of a list; the path itself where it has no name. */
export const speciesField = (path: string): string => SPECIES_FIELDS[path.replace(/\[.*$/, '')] ?? path;

/** How cells of a profile are written for a keeper: quantities with their unit, ranges as "75 to 82 °F". */
export const cellsIn = ({ reading, readings }: Pick<Quantities, 'reading' | 'readings'>) => ({
  one: (value: number, kind: QuantityKind | undefined): string =>
    kind === undefined ? plain(value) : reading(kind, value),
  two: ([low, high]: readonly [number, number], kind: QuantityKind | undefined): string =>
    kind === undefined ? `${plain(low)} to ${plain(high)}` : readings(kind, [low, high]),
  truth: (value: boolean): string => (value ? 'yes' : 'no'),
});
