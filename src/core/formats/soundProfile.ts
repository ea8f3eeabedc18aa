import { type Expected, type Fault, faultOf } from '../kernel';
import { bodyMass } from '../fish';
import {
  adultLengthCm,
  type Catalogue,
  foldName,
  namesOf,
  resolveSpecies,
  type Approach,
  type SpeciesProfile,
} from '../model';

const APPROACHES: readonly Approach[] = ['tried', 'middle', 'cautious'];
const MEASURES = ['lengthCm', 'widthCm', 'heightCm', 'litres'] as const;
/** Parts of the water, with the units they are kept in. */
const WATER = [
  ['temperatureC', '°C'],
  ['ph', undefined],
  ['ghDh', '°dH'],
  ['salinityPpt', 'ppt'],
] as const;
/** A species this many times longer than every other of its family is a slip of the pen (from memory). */
const GIANT = 5;
/** Families of fewer species say nothing about size. */
const KNOWN_KIN = 3;
/** Mass over length cubed, g/cm3, between a thread and a ball of water: pi/6 is the ball. */
const THREAD = 0.0005;
const BALL = 0.53;

type Check = (profile: SpeciesProfile) => readonly Fault[];
const when = (bad: boolean, path: string, expected: Expected, found: unknown): readonly Fault[] =>
  bad ? [faultOf(path, expected, found)] : [];

const water: Check = ({ water: { wild, tankBred } }) =>
  WATER.flatMap(([name, unit]) =>
    when(
      tankBred[name][0] > wild[name][0] || tankBred[name][1] < wild[name][1],
      `water.tankBred.${name}`,
      { is: 'around', range: wild[name], of: 'wild', unit },
      tankBred[name].join(' - '),
    ),
  );

const approaches: Check = ({ tank }) =>
  MEASURES.flatMap((measure) => {
    const figures = APPROACHES.map((approach) => tank[approach][measure]);
    const known = figures.filter((figure): figure is number => figure !== null);
    const inOrder = known.every((figure, index) => index === 0 || figure >= (known[index - 1] as number));
    return when(
      !inOrder,
      `tank.cautious.${measure}`,
      { is: 'ordered', parts: APPROACHES },
      figures.join(', '),
    );
  });

const sizes: Check = (profile) => {
  const adult = adultLengthCm(profile);
  const { size, tank } = profile;
  const perCube = bodyMass(size.shape, adult) / adult ** 3;
  return [
    ...when(
      size.soldCm >= adult,
      'size.soldCm',
      { is: 'below', below: adult, than: 'adult length', unit: 'cm' },
      size.soldCm,
    ),
    ...when(
      size.matureCm >= adult,
      'size.matureCm',
      { is: 'below', below: adult, than: 'adult length', unit: 'cm' },
      size.matureCm,
    ),
    ...when(
      size.lifeYears[1] * 12 <= size.monthsToGrown,
      'size.lifeYears',
      { is: 'above', above: size.monthsToGrown / 12, than: 'years to grown' },
      size.lifeYears.join(' - '),
    ),
    ...when(
      perCube < THREAD || perCube > BALL,
      'size.shape',
      { is: 'another', than: 'a shape of that mass' },
      size.shape,
    ),
    ...when(
      tank.cautious.widthCm !== null && adult > tank.cautious.widthCm * 2,
      'tank.cautious.widthCm',
      { is: 'at least', least: adult / 2, than: 'half the adult length', unit: 'cm' },
      tank.cautious.widthCm,
    ),
  ];
};

const company: Check = ({ company: it, layers, mouth }) => [
  ...when(
    it.comfortableGroup < it.smallestGroup,
    'company.comfortableGroup',
    { is: 'at least', least: it.smallestGroup, than: 'company.smallestGroup' },
    it.comfortableGroup,
  ),
  ...when(
    it.mode === 'solitary' && it.smallestGroup > 1,
    'company.smallestGroup',
    { is: 'exactly', value: 1, for: 'solitary' },
    it.smallestGroup,
  ),
  ...when(
    it.mode === 'shoal' && it.smallestGroup < 5,
    'company.smallestGroup',
    { is: 'at least', least: 5, than: 'shoal' },
    it.smallestGroup,
  ),
  ...when(
    it.badNumbers.includes(it.comfortableGroup),
    'company.badNumbers',
    { is: 'without', value: it.comfortableGroup, of: 'company.comfortableGroup' },
    it.badNumbers.join(', '),
  ),
  ...when(
    Math.abs(layers.top + layers.middle + layers.bottom - 1) > 1e-6,
    'layers',
    { is: 'sum', of: 1 },
    layers.top + layers.middle + layers.bottom,
  ),
  ...when(
    mouth.eatsFish === 'any' && mouth.gapeRatio < 0.1,
    'mouth.gapeRatio',
    { is: 'at least', least: 0.1, than: 'eats any fish' },
    mouth.gapeRatio,
  ),
];

/**
 * What cannot be right in one profile by itself: ranges, approaches, sizes, company. Empty for a sound one.
 *
 * The schema has been passed before; paths are those of the schema.
 */
export const unsoundIn = (profile: SpeciesProfile): readonly Fault[] =>
  [water, approaches, sizes, company].flatMap((check) => check(profile));

/** The species that a form may belong to instead of one that is not there, or is a form itself. */
function nearestSpecies(catalogue: Catalogue, name: string): string | null {
  const found = resolveSpecies(catalogue, name);
  return found.ok ? found.profile.formOf : found.nearest || null;
}

/** The part of a profile that has a name, folded. */
function placeOf(profile: SpeciesProfile, name: string): string {
  if (name === foldName(profile.id)) return 'id';
  if (name === foldName(profile.scientificName)) return 'scientificName';
  return profile.formerNames.some((former) => name === foldName(former)) ? 'formerNames' : 'commonNames';
}

/** What cannot be right beside the other species: a name that leads elsewhere, a size that no kin of it has. */
export function unsoundBeside(profile: SpeciesProfile, catalogue: Catalogue): readonly Fault[] {
  const taken = namesOf(profile).flatMap((name) => {
    const owner = catalogue.names.get(name);
    return owner === undefined || owner === profile.id
      ? []
      : [faultOf(placeOf(profile, name), { is: 'unique', holder: owner }, name)];
  });
  const family = catalogue.all.filter((other) => other.family === profile.family && other.id !== profile.id);
  const [largest] = [...family].sort((a, b) => adultLengthCm(b) - adultLengthCm(a));
  const adult = adultLengthCm(profile);
  const { formOf } = profile;
  return [
    ...taken,
    ...when(
      formOf !== null && catalogue.byId.get(formOf)?.formOf !== null,
      'formOf',
      { is: 'known', what: 'species', nearest: nearestSpecies(catalogue, formOf ?? '') },
      formOf,
    ),
    ...when(
      largest !== undefined && family.length >= KNOWN_KIN && adult > adultLengthCm(largest) * GIANT,
      'size.maleCm',
      {
        is: 'like its family',
        most: largest ? adultLengthCm(largest) * GIANT : 0,
        largest: largest?.scientificName ?? '',
        unit: 'cm',
      },
      adult,
    ),
  ];
}
