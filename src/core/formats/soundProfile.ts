import type { Fault } from '../kernel';
import { bodyMass } from '../fish';
import {
  adultLengthCm,
  type Catalogue,
  foldName,
  namesOf,
  type Approach,
  type SpeciesProfile,
} from '../model';

const APPROACHES: readonly Approach[] = ['tried', 'middle', 'cautious'];
const MEASURES = ['lengthCm', 'widthCm', 'heightCm', 'litres'] as const;
const WATER = ['temperatureC', 'ph', 'ghDh', 'salinityPpt'] as const;
/** A kind this many times longer than every other of its family is a slip of the pen (from memory). */
const GIANT = 5;
/** Families of fewer kinds say nothing about size. */
const KNOWN_KIN = 3;
/** Mass over length cubed, g/cm3, between a thread and a ball of water: pi/6 is the ball. */
const THREAD = 0.0005;
const BALL = 0.53;

type Check = (profile: SpeciesProfile) => readonly Fault[];
const fault = (path: string, expected: string, received: unknown): Fault => ({
  path,
  expected,
  received: String(received),
});
const when = (bad: boolean, path: string, expected: string, received: unknown): readonly Fault[] =>
  bad ? [fault(path, expected, received)] : [];

const water: Check = ({ water: { wild, tankBred } }) =>
  WATER.flatMap((name) =>
    when(
      tankBred[name][0] > wild[name][0] || tankBred[name][1] < wild[name][1],
      `water.tankBred.${name}`,
      `a range that contains the wild one (${wild[name].join(' to ')})`,
      tankBred[name].join(' to '),
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
      'cautious at least middle, middle at least tried',
      figures.join(', '),
    );
  });

const sizes: Check = (profile) => {
  const adult = adultLengthCm(profile);
  const { size, tank } = profile;
  const perCube = bodyMass(size.shape, adult) / adult ** 3;
  return [
    ...when(size.soldCm >= adult, 'size.soldCm', 'a length below the adult length', size.soldCm),
    ...when(size.matureCm >= adult, 'size.matureCm', 'a length below the adult length', size.matureCm),
    ...when(
      size.lifeYears[1] * 12 <= size.monthsToGrown,
      'size.lifeYears',
      'a life longer than the growing',
      size.lifeYears.join(' to '),
    ),
    ...when(
      perCube < THREAD || perCube > BALL,
      'size.shape',
      'a shape that gives a plausible mass',
      size.shape,
    ),
    ...when(
      tank.cautious.widthCm !== null && adult > tank.cautious.widthCm * 2,
      'tank.cautious.widthCm',
      'a width of at least half the adult length',
      tank.cautious.widthCm,
    ),
  ];
};

const company: Check = ({ company: it, layers, mouth }) => [
  ...when(
    it.comfortableGroup < it.smallestGroup,
    'company.comfortableGroup',
    `at least the smallest group of ${it.smallestGroup}`,
    it.comfortableGroup,
  ),
  ...when(
    it.mode === 'solitary' && it.smallestGroup > 1,
    'company.smallestGroup',
    'one, for a species that lives alone',
    it.smallestGroup,
  ),
  ...when(
    it.mode === 'shoal' && it.smallestGroup < 5,
    'company.smallestGroup',
    'five or more, for a shoal',
    it.smallestGroup,
  ),
  ...when(
    it.badNumbers.includes(it.comfortableGroup),
    'company.badNumbers',
    'numbers to avoid without the comfortable group',
    it.badNumbers.join(', '),
  ),
  ...when(
    Math.abs(layers.top + layers.middle + layers.bottom - 1) > 1e-6,
    'layers',
    'shares of time that sum to 1',
    layers.top + layers.middle + layers.bottom,
  ),
  ...when(
    mouth.eatsFish === 'any' && mouth.gapeRatio < 0.1,
    'mouth.gapeRatio',
    'at least 0.1 for a species that eats any fish',
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

/** What cannot be right beside the other species: a name that leads elsewhere, a size that no kin of it has. */
export function unsoundBeside(profile: SpeciesProfile, catalogue: Catalogue): readonly Fault[] {
  const taken = namesOf(profile).flatMap((name) => {
    const owner = catalogue.names.get(name);
    const path =
      name === foldName(profile.id)
        ? 'id'
        : name === foldName(profile.scientificName)
          ? 'scientificName'
          : 'commonNames';
    return owner === undefined || owner === profile.id
      ? []
      : [fault(path, `a name that is not ${owner} already`, JSON.stringify(name))];
  });
  const family = catalogue.all.filter((other) => other.family === profile.family && other.id !== profile.id);
  const [largest] = [...family].sort((a, b) => adultLengthCm(b) - adultLengthCm(a));
  const adult = adultLengthCm(profile);
  return [
    ...taken,
    ...when(
      largest !== undefined && family.length >= KNOWN_KIN && adult > adultLengthCm(largest) * GIANT,
      'size.maleCm',
      `a length that its family can reach (the largest known here: ${largest?.scientificName ?? ''})`,
      adult,
    ),
  ];
}
