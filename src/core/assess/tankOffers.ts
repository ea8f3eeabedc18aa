import type { Cm, Cm2 } from '../kernel';
import type { Catalogue, PlanFile, SpeciesProfile } from '../model';
import { assess, type Assessment, type Verdict, VERDICTS } from './assess';
import { candidatesFor } from './candidatesFor';
import type { SizeForSale } from './ways';

/** So many fish of a species that somebody wants. */
export interface WishedFish {
  readonly profile: SpeciesProfile;
  readonly count: number;
}

/** A size that is sold, with what the list will say in it. */
export interface TankOffer<T extends SizeForSale> {
  readonly size: T;
  readonly answer: Pick<Assessment, 'today' | 'later' | 'verdict'>;
  /** Wall that it takes with the clearance at each end. */
  readonly wallCm: Cm;
  readonly floorCm2: Cm2;
  readonly filledKg: number;
  readonly nitrateMgLWeek: number;
}

/** The list that the next screen shows: these fish, as sold, in a tank that nothing else is said of. */
export const wishedGroups = (wished: readonly WishedFish[]): PlanFile['groups'] =>
  wished.map(({ profile, count }) => ({ species: profile.id, count, lengthCm: profile.size.soldCm }));

/** Sizes that are looked at before those with the best verdict are offered. */
const LOOKED_AT = 14;

/**
 * Of the sizes given, smallest first, those worth offering: the smallest in which the list has the best verdict there is, and the
 * next larger ones that have it too.
 *
 * `planOf` makes the plan that the next screen will judge, so that the two never differ. `today` is an ISO date.
 */
export function tankOffers<T extends SizeForSale>(
  sizes: readonly T[],
  planOf: (size: T) => PlanFile,
  { clearanceCm, most }: { readonly clearanceCm: Cm; readonly most: number },
  catalogue: Catalogue,
  today: string,
): readonly TankOffer<T>[] {
  const offers = sizes.slice(0, LOOKED_AT).map((size): TankOffer<T> => {
    const { verdict, today: now, later, context } = assess(planOf(size), catalogue, today);
    return {
      size,
      answer: { verdict, today: now, later },
      wallCm: size.lengthCm + 2 * clearanceCm,
      floorCm2: size.lengthCm * size.widthCm,
      filledKg: context.tank.figures.mass.totalKg,
      nitrateMgLWeek: context.load.nitrateMgLWeek,
    };
  });
  const best = offers.reduce<Verdict>(
    (least, { answer }) =>
      VERDICTS.indexOf(answer.verdict) < VERDICTS.indexOf(least) ? answer.verdict : least,
    'stop',
  );
  return offers.filter(({ answer }) => answer.verdict === best).slice(0, most);
}

/** Species that fit a tank by themselves, those of most shops first; at most so many. `today` is an ISO date. */
export function whoCouldLive(
  plan: PlanFile,
  most: number,
  catalogue: Catalogue,
  today: string,
): readonly SpeciesProfile[] {
  return candidatesFor({ ...plan, groups: [] }, catalogue, today, undefined, 'numbers')
    .filter(({ verdict }) => verdict === 'fits')
    .flatMap(({ species }) => catalogue.byId.get(species) ?? [])
    .filter(({ formOf, trade, life }) => formOf === null && trade.met === 'shop' && life === 'fish')
    .sort((a, b) => b.confidence - a.confidence)
    .slice(0, most);
}
