import type { Standing } from '../events';
import type { Cm } from '../kernel';
import { adultLengthCm, DEADLY, type SpeciesProfile } from '../model';
import { type Posterior, posteriorRate } from '../stats';
import { type GrowthScore, isNear, ownMonthsToGrown } from './growthScores';
import type { WithOthers } from './ownRoom';

/** A figure of the catalogue beside what this room's own fish showed. */
export type OwnFigure =
  /** From so many fish that were measured. */
  | { readonly name: 'monthsToGrown'; readonly said: number; readonly here: number; readonly fish: number }
  /** The longest that was measured, cm. */
  | { readonly name: 'longestCm'; readonly said: Cm; readonly here: Cm }
  | ({ readonly name: 'temper' } & OwnTemper);

/** A level of temper, and the level that this room shows. Rates are of contests that one fish starts with other species, an hour. */
export interface OwnTemper {
  readonly said: number;
  readonly here: number;
  readonly saidRate: number;
  readonly seenRate: number;
  readonly fishHours: number;
  readonly together: Posterior;
}

/** A ruler at the glass errs by this share (from memory). */
const RULER = 0.05;

/**
 * Contests that one fish starts with other species in an hour, by its level of temper: a gentle one hardly any, a pushy one about one, a
 * rough one every ten minutes (from memory). One that kills
 * is known by what it kills, not by a rate: that level is neither reached nor left by counting.
 */
const STARTED: readonly number[] = [0.1, 1, 6];

/** Fish are milder before they are grown, and a short look proves little: so many months and hours of watching come before a milder level (from memory). */
const MILDER = { months: 12, fishHours: 20 };

/** Where one level ends and the next begins: in the middle of their rates, as a ratio. */
const bound = (level: number): number =>
  Math.sqrt((STARTED[level] as number) * (STARTED[level + 1] as number));

/** The level whose range holds all of the limits; null where they reach over a bound. */
function levelOf([low, high]: readonly [number, number]): number | null {
  const level = STARTED.findIndex((_, at) => at === STARTED.length - 1 || high < bound(at));
  return level > 0 && low <= bound(level - 1) ? null : level;
}

/**
 * How rough a species was with others in this room, where that is another level than the catalogue's: the catalogue's level as a belief
 * that weighs as much as one contest, and what was watched, together. Null where it is the same level, or too little was seen to tell.
 */
export function ownTemper(
  profile: SpeciesProfile,
  { months, started, fishHours }: WithOthers,
): OwnTemper | null {
  const said = profile.company.temper.mature;
  const saidRate = STARTED[said];
  if (said >= DEADLY || saidRate === undefined || fishHours === 0) return null;
  const together = posteriorRate({ shape: 1, rate: 1 / saidRate }, { events: started, hours: fishHours });
  const here = levelOf(together.limits);
  if (here === null || here === said) return null;
  const isLong =
    months >= Math.max(MILDER.months, profile.size.monthsToGrown) && fishHours >= MILDER.fishHours;
  return here < said && !isLong
    ? null
    : { said, here, saidRate, seenRate: started / fishHours, fishHours, together };
}

/** The longest of each species that was measured in this room, cm. */
export function longestMeasured(happenings: readonly Standing[]): ReadonlyMap<string, Cm> {
  const species = new Map<string, string>();
  const longest = new Map<string, Cm>();
  for (const event of happenings) {
    if (event.type === 'came') for (const { id } of event.members) species.set(id, event.species);
    if (event.type === 'born') species.set(event.member.id, event.species);
    const of = event.type === 'measured' ? species.get(event.resident) : undefined;
    if (event.type === 'measured' && of !== undefined)
      longest.set(of, Math.max(longest.get(of) ?? 0, event.lengthCm));
  }
  return longest;
}

/** What this room shows of a species, as far as it was measured and watched. */
export interface SeenHere {
  readonly grown: readonly GrowthScore[];
  readonly longestCm: Cm | undefined;
  readonly withOthers: WithOthers | undefined;
}

/**
 * Figures of the catalogue that this room's own fish contradict. A longer fish than the catalogue knows counts; a shorter one may still
 * grow, and does not.
 */
export function ownFigures(
  profile: SpeciesProfile,
  { grown, longestCm, withOthers }: SeenHere,
): readonly OwnFigure[] {
  const { monthsToGrown } = profile.size;
  const growth = ownMonthsToGrown(profile, grown);
  const adult = adultLengthCm(profile);
  const temper = withOthers ? ownTemper(profile, withOthers) : null;
  return [
    ...(growth !== null && !isNear(growth.months, monthsToGrown)
      ? [
          {
            name: 'monthsToGrown' as const,
            said: monthsToGrown,
            here: growth.months,
            fish: growth.fish,
          },
        ]
      : []),
    ...(longestCm !== undefined && longestCm > adult * (1 + RULER)
      ? [{ name: 'longestCm' as const, said: adult, here: longestCm }]
      : []),
    ...(temper ? [{ name: 'temper' as const, ...temper }] : []),
  ];
}

/** The profile with a figure of this room in the place of the catalogue's. The sex that grows longer is the one that is longer. */
export function withOwnFigure(profile: SpeciesProfile, { name, said, here }: OwnFigure): SpeciesProfile {
  const { size, company } = profile;
  switch (name) {
    case 'monthsToGrown':
      return { ...profile, size: { ...size, monthsToGrown: here } };
    case 'longestCm':
      return {
        ...profile,
        size: {
          ...size,
          maleCm: size.maleCm === said ? here : size.maleCm,
          femaleCm: size.femaleCm === said ? here : size.femaleCm,
        },
      };
    case 'temper':
      return {
        ...profile,
        company: { ...company, temper: { young: Math.min(company.temper.young, here), mature: here } },
      };
  }
}
