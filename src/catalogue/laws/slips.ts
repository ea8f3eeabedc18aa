import { validate, valueAt } from '@/core/kernel';
import { speciesSchema, type SpeciesProfile } from '@/core/model';
import { excusesIn, isExcused } from './excuses';
import { breachesOf } from './index';
import type { Entry } from './law';
import { adjudged, apartFrom, blindReading } from './readings';

/** A slip of the pen: another value in some fields of an entry; null where the entry has no such value to spoil. */
interface Slip {
  readonly name: string;
  readonly spoil: (profile: SpeciesProfile) => Readonly<Record<string, unknown>> | null;
}

type Range = readonly [number, number];
const moved = ([low, high]: Range, by: number): Range => [low + by, high + by];

const bothWaters = (name: 'temperatureC' | 'ph', by: number): Slip => ({
  name: `${name} ${by > 0 ? '+' : ''}${by}, wild and bred`,
  spoil: ({ water }) => ({
    [`water.wild.${name}`]: moved(water.wild[name], by),
    [`water.tankBred.${name}`]: moved(water.tankBred[name], by),
  }),
});

/** One field with one value in place of others. */
const instead = (path: string, from: readonly unknown[], to: unknown): Slip => ({
  name: `${path} ${from.join(' or ')} to ${String(to)}`,
  spoil: (profile) => (from.includes(valueAt(profile, path)) ? { [path]: to } : null),
});

const times = (name: string, paths: readonly string[], factor: number): Slip => ({
  name: `${name} times ${factor}`,
  spoil: (profile) =>
    Object.fromEntries(
      paths.map((path) => {
        const value = valueAt(profile, path);
        return [
          path,
          Array.isArray(value) ? value.map((one: number) => one * factor) : (value as number) * factor,
        ];
      }),
    ),
});

/** Slips that a hand makes: a digit, a step, a yes for a no, the line of another fish. */
export const SLIPS: readonly Slip[] = [
  bothWaters('temperatureC', 5),
  bothWaters('temperatureC', -5),
  bothWaters('ph', 1.5),
  bothWaters('ph', -1.5),
  {
    name: 'temperature +5, bred only',
    spoil: ({ water }) => ({ 'water.tankBred.temperatureC': moved(water.tankBred.temperatureC, 5) }),
  },
  instead('company.temper.mature', [2, 3], 0),
  instead('company.temper.mature', [0], 3),
  instead('company.temper.mature', [3], 1),
  instead('company.temper.mature', [2], 1),
  instead('company.temper.mature', [1], 2),
  instead('company.ownKind.male', [2, 3], 0),
  instead('company.ownKind.male', [0], 3),
  instead('company.toLookalikes', [2, 3], 0),
  instead('mouth.eatsFish', ['any', 'small'], 'no'),
  instead('mouth.eatsFish', ['no', 'fry'], 'any'),
  instead('mouth.eatsShrimp', ['yes'], 'no'),
  instead('mouth.eatsShrimp', ['no'], 'yes'),
  instead('company.finNipping', [1, 2, 3], 0),
  instead('company.finNipping', [0], 2),
  instead('company.longFins', [true], false),
  instead('company.longFins', [false], true),
  instead('habits.jumps', ['often', 'seldom'], 'no'),
  instead('habits.jumps', ['no'], 'often'),
  instead('handling.sting', [true], false),
  instead('handling.spines', [true], false),
  instead('handling.scaleless', [true], false),
  instead('handling.scaleless', [false], true),
  {
    name: 'fresh to brackish',
    spoil: ({ water }) =>
      water.tankBred.salinityPpt[1] > 1
        ? null
        : { 'water.wild.salinityPpt': [5, 20], 'water.tankBred.salinityPpt': [5, 20] },
  },
  {
    name: 'brackish to fresh',
    spoil: ({ water }) =>
      water.tankBred.salinityPpt[1] <= 1
        ? null
        : { 'water.wild.salinityPpt': [0, 1], 'water.tankBred.salinityPpt': [0, 1] },
  },
  {
    name: 'shoal of one',
    spoil: ({ company }) => (company.mode === 'shoal' ? { 'company.smallestGroup': 1 } : null),
  },
  {
    name: 'shoal halved',
    spoil: ({ company }) =>
      company.mode === 'shoal' ? { 'company.smallestGroup': Math.ceil(company.smallestGroup / 2) } : null,
  },
  {
    name: 'loner in six',
    spoil: ({ company }) =>
      company.mode === 'solitary' ? { 'company.smallestGroup': 6, 'company.comfortableGroup': 8 } : null,
  },
  instead('company.mode', ['shoal'], 'solitary'),
  instead('company.mode', ['solitary'], 'shoal'),
  times('grown length', ['size.maleCm', 'size.femaleCm'], 2),
  times('grown length', ['size.maleCm', 'size.femaleCm'], 0.5),
  times('mouth', ['mouth.gapeRatio'], 3),
  times('months to grown', ['size.monthsToGrown'], 10),
  times('length of the usual tank', ['tank.middle.lengthCm'], 0.5),
  times('length of the usual tank', ['tank.middle.lengthCm'], 2),
  times('volume of the usual tank', ['tank.middle.litres'], 10),
];

function withValues(profile: SpeciesProfile, values: Readonly<Record<string, unknown>>): SpeciesProfile {
  const tree = structuredClone(profile) as unknown as Record<string, unknown>;
  for (const [path, value] of Object.entries(values)) {
    const keys = path.split('.');
    const last = keys.pop() as string;
    const parent = keys.reduce((here, key) => here[key] as Record<string, unknown>, tree);
    parent[last] = value;
  }
  return tree as unknown as SpeciesProfile;
}

export interface Noticed {
  readonly slip: string;
  readonly tried: number;
  readonly noticed: number;
}

/**
 * How many slips the schema, the laws and the readings notice, by kind. A slip counts for each species that has the value to
 * spoil; forms take theirs from their species.
 */
export function slipsNoticed(entries: readonly Entry[]): readonly Noticed[] {
  const excuses = excusesIn();
  const readings = new Map(blindReading().map((reading) => [reading.id, reading]));
  const known = new Set(adjudged().map((one) => JSON.stringify(one)));
  const isNoticed = (entry: Entry, profile: SpeciesProfile): boolean => {
    if (!validate(speciesSchema, profile).ok) return true;
    if (breachesOf({ ...entry, profile }).some(({ path }) => !isExcused(excuses, profile, path))) return true;
    const reading = readings.get(profile.id);
    return (
      reading !== undefined && apartFrom(reading, profile).some((one) => !known.has(JSON.stringify(one)))
    );
  };
  const species = entries.filter(({ profile }) => profile.formOf === null);
  return SLIPS.map(({ name, spoil }) => {
    const tries = species.flatMap((entry) => {
      const values = spoil(entry.profile);
      return values === null ? [] : [isNoticed(entry, withValues(entry.profile, values))];
    });
    return { slip: name, tried: tries.length, noticed: tries.filter(Boolean).length };
  });
}
