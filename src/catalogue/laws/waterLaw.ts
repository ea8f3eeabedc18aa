import type { SpeciesProfile } from '@/core/model';
import { type Entry, lawOf } from './law';

const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/** Warmest and coolest that a tropical tank is kept at, °C (common practice); fish of cooler or hotter water are excused by name. */
const WARMEST = 31;
const COOLEST_TOP = 26;
/** A wild range is seldom wider than this, °C (from memory). */
const WIDEST = 11;

/** pH in the middle of the range, by group: lakes of the rift, soft waters, and all others (common practice). */
const PH: readonly (readonly [groups: RegExp, low: number, high: number])[] = [
  [/Lake Malawi|Lake Tanganyika|Lake Victoria/, 7.5, 8.6],
  [/estuary|mangrove|coastal lagoon/, 7.2, 8.6],
  [/blackwater|peat|leaf-litter/, 4.6, 6.6],
  [/./, 5.6, 7.9],
];

const limitsOf = ({ region, biotope }: SpeciesProfile): readonly [number, number] => {
  const found = PH.find(([pattern]) => pattern.test(`${region} ${biotope}`));
  return found ? [found[1], found[2]] : [0, 14];
};

/** So far may a species be from the median of its siblings, °C and pH (from memory). */
const APART_C = 2.5;
const APART_PH = 0.8;

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1
    ? (sorted[Math.floor(half)] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
};

const isNearSiblings = ({ profile, siblings }: Entry, name: 'temperatureC' | 'ph', apart: number): boolean =>
  siblings.length === 0 ||
  Math.abs(
    middle(profile.water.tankBred[name]) -
      median(siblings.map((other) => middle(other.water.tankBred[name]))),
  ) <= apart;

/** Water that fits where a fish comes from, and what its siblings live in. */
export const waterLaw = lawOf('water', (entry) => {
  const { wild, tankBred } = entry.profile.water;
  const [low, high] = limitsOf(entry.profile);
  const inside = (['temperatureC', 'ph', 'ghDh', 'salinityPpt'] as const).map(
    (name) =>
      [
        tankBred[name][0] <= wild[name][0] && tankBred[name][1] >= wild[name][1],
        `water.tankBred.${name}`,
        'a range that contains the wild one',
      ] as const,
  );
  return [
    ...inside,
    [tankBred.temperatureC[1] <= WARMEST, 'water.tankBred.temperatureC', `at most ${WARMEST} °C`],
    [
      tankBred.temperatureC[1] >= COOLEST_TOP,
      'water.tankBred.temperatureC',
      `up to ${COOLEST_TOP} °C at least`,
    ],
    [
      wild.temperatureC[1] - wild.temperatureC[0] <= WIDEST,
      'water.wild.temperatureC',
      `${WIDEST} °C at most from end to end`,
    ],
    [
      middle(wild.ph) >= low && middle(wild.ph) <= high,
      'water.wild.ph',
      `a middle from ${low} to ${high} where it comes from`,
    ],
    [
      isNearSiblings(entry, 'temperatureC', APART_C),
      'water.tankBred.temperatureC',
      `within ${APART_C} °C of its siblings`,
    ],
    [isNearSiblings(entry, 'ph', APART_PH), 'water.tankBred.ph', `within ${APART_PH} of its siblings`],
  ];
});
