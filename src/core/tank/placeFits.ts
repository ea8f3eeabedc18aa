import type { Cm } from '../kernel';
import type { Approach, SpeciesProfile, TankFigure } from '../model';
import { leastTank, tanksFor } from './tanksFor';

/** A place for a tank, cm. Null where there is no limit. */
export interface Place {
  readonly widthCm: Cm | null;
  /** Kept free at each end for hands and hoses. */
  readonly clearanceCm: Cm;
  readonly depthCm: Cm | null;
  readonly heightCm: Cm | null;
}

/** Kept free at each end unless the keeper says: a 30 in tank suits a 40 in space (fact of the trade, common practice). */
export const USUAL_CLEARANCE_CM = 12.7;

/** Inches in cm do not come out even: a hair's breadth is no reason to refuse a size. */
const ROUNDING_CM = 0.05;

interface Sized {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

/** The sizes that stand in a place, smallest footprint first. */
export function sizesForPlace<T extends Sized>(place: Place, sizes: readonly T[]): readonly T[] {
  const longest = place.widthCm === null ? Infinity : place.widthCm - 2 * place.clearanceCm + ROUNDING_CM;
  return sizes
    .filter(
      (size) =>
        size.lengthCm <= longest &&
        size.widthCm <= (place.depthCm ?? Infinity) &&
        size.heightCm <= (place.heightCm ?? Infinity),
    )
    .sort((a, b) => a.lengthCm * a.widthCm - b.lengthCm * b.widthCm || a.heightCm - b.heightCm);
}

/** Who asks for the most in each measure of a least tank. */
export type Drivers = Readonly<Record<keyof TankFigure, readonly SpeciesProfile[]>>;

const MEASURES = ['lengthCm', 'widthCm', 'heightCm', 'litres'] as const;

function driversOf(profiles: readonly SpeciesProfile[], approach: Approach, least: TankFigure): Drivers {
  return Object.fromEntries(
    MEASURES.map((measure) => [
      measure,
      least[measure] === null
        ? []
        : profiles.filter((profile) => profile.tank[approach][measure] === least[measure]),
    ]),
  ) as unknown as Drivers;
}

/** What one approach says of wished species in a place. */
export interface ApproachAnswer<T extends Sized> {
  readonly approach: Approach;
  readonly least: TankFigure;
  readonly drivers: Drivers;
  /** Sizes that carry them together, smallest first, wherever they would stand. */
  readonly carry: readonly T[];
  /** Those of them that stand in the place. */
  readonly fit: readonly T[];
}

const APPROACHES: readonly Approach[] = ['cautious', 'middle', 'tried'];

/** Wished species, a place and sizes in: by approach the least tank, who drives it, and the sizes that carry and fit. */
export function fishFirst<T extends Sized>(
  profiles: readonly SpeciesProfile[],
  place: Place,
  sizes: readonly T[],
): readonly ApproachAnswer<T>[] {
  const standing = new Set(sizesForPlace(place, sizes));
  return APPROACHES.map((approach) => {
    const least = leastTank(profiles, approach);
    const carry = profiles.length === 0 ? [] : tanksFor(least, sizes);
    return {
      approach,
      least,
      drivers: driversOf(profiles, approach, least),
      carry,
      fit: carry.filter((size) => standing.has(size)),
    };
  });
}

/** Sizes of the same footprint and other heights, lowest first: the same to bottom fish, the taller for tall and mid-water fish. */
export function sameFootprint<T extends Sized>(size: Sized, sizes: readonly T[]): readonly T[] {
  const close = (a: number, b: number): boolean => Math.abs(a - b) < 1.5;
  return sizes
    .filter(
      (other) =>
        close(other.lengthCm, size.lengthCm) &&
        close(other.widthCm, size.widthCm) &&
        !close(other.heightCm, size.heightCm),
    )
    .sort((a, b) => a.heightCm - b.heightCm);
}
