import type { SpeciesProfile } from '@/core/model';
import { readingRows } from './excuses';

/** A value in which the catalogue differs from a reading, and who is right. */
export interface Adjudged {
  readonly id: string;
  readonly field: string;
  readonly catalogue: string;
  readonly reading: string;
}

/** What a reading says of the species, by field. */
export interface Reading {
  readonly id: string;
  readonly says: Readonly<Record<string, string>>;
}

/** The fields that are compared word by word. */
const WORDS: Readonly<Record<string, (profile: SpeciesProfile) => string>> = {
  mature: ({ company }) => String(company.temper.mature),
  fish: ({ mouth }) => mouth.eatsFish,
  shrimp: ({ mouth }) => mouth.eatsShrimp,
  nip: ({ company }) => String(company.finNipping),
  long: ({ company }) => (company.longFins ? 'y' : 'n'),
  sexed: ({ company }) => company.sexesTold,
  pairs: ({ company }) => company.pairs,
};

/** Numbers and steps that may differ by so much (from memory): two readers seldom agree nearer. */
const NUMBERS: readonly (readonly [
  field: string,
  apart: number,
  of: (profile: SpeciesProfile) => readonly number[],
])[] = [
  ['T', 3, ({ water }) => water.tankBred.temperatureC],
  ['pH', 1.2, ({ water }) => water.tankBred.ph],
  ['GH', 8, ({ water }) => water.tankBred.ghDh],
  ['sal', 12, ({ water }) => water.tankBred.salinityPpt],
  ['min', 2.5, ({ company }) => [company.smallestGroup]],
  ['digs', 1, ({ effect }) => [effect.digs]],
];
/** The larger over the smaller, at most. */
const RATIOS: readonly (readonly [field: string, most: number, of: (profile: SpeciesProfile) => number])[] = [
  ['len', 1.4, ({ size }) => Math.max(size.maleCm, size.femaleCm)],
  ['tankL', 1.75, ({ tank }) => tank.middle.lengthCm ?? 0],
  ['grown', 2.6, ({ size }) => size.monthsToGrown],
];

const STEPS: Readonly<Record<string, readonly string[]>> = {
  jump: ['no', 'seldom', 'often'],
  plants: ['no', 'some', 'yes'],
};
const stepOf = (profile: SpeciesProfile, field: string): string =>
  field === 'jump' ? profile.habits.jumps : profile.effect.eatsPlants;

/** Every field in which a profile is apart from a reading, with what both say. */
export function apartFrom({ id, says }: Reading, profile: SpeciesProfile): readonly Adjudged[] {
  const found: Adjudged[] = [];
  const told = (field: string, mine: string): void => {
    found.push({ id, field, catalogue: mine, reading: says[field] ?? '' });
  };
  for (const [field, of] of Object.entries(WORDS)) if (of(profile) !== says[field]) told(field, of(profile));
  for (const [field, apart, of] of NUMBERS) {
    const theirs = (says[field] ?? '').split('-').map(Number);
    if (of(profile).some((value, at) => Math.abs(value - (theirs[at] ?? NaN)) > apart))
      told(field, of(profile).join('-'));
  }
  for (const [field, most, of] of RATIOS) {
    const ratio = of(profile) / Number(says[field]);
    if (Math.max(ratio, 1 / ratio) > most) told(field, String(of(profile)));
  }
  for (const [field, steps] of Object.entries(STEPS)) {
    const mine = stepOf(profile, field);
    if (Math.abs(steps.indexOf(mine) - steps.indexOf(says[field] ?? '')) > 1) told(field, mine);
  }
  return found;
}

/** The independent reading that ships with the project. */
export function blindReading(): readonly Reading[] {
  const [head = [], ...rows] = readingRows('blind.psv');
  return rows.map((row) => ({
    id: row[0] ?? '',
    says: Object.fromEntries(head.map((field, at) => [field, row[at] ?? ''])),
  }));
}

/** The differences that were looked at one by one. */
export const adjudged = (): readonly Adjudged[] =>
  readingRows('adjudicated.psv')
    .slice(1)
    .map(([id = '', field = '', catalogue = '', reading = '']) => ({ id, field, catalogue, reading }));
