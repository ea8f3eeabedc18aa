import type { Cm } from '../kernel';
import type { Approach, SpeciesProfile, TankFigure } from '../model';

/** The least an approach asks for all these species together in each measure; null where no species minds. */
export function leastTank(profiles: readonly SpeciesProfile[], approach: Approach): TankFigure {
  const most = (measure: keyof TankFigure): number | null =>
    profiles.reduce<number | null>((largest, profile) => {
      const value = profile.tank[approach][measure];
      return value === null ? largest : Math.max(largest ?? 0, value);
    }, null);
  return {
    lengthCm: most('lengthCm'),
    widthCm: most('widthCm'),
    heightCm: most('heightCm'),
    litres: most('litres'),
  };
}

interface Sized {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

/** Makers round: a size may miss a figure by this share (common practice). */
const TOLERANCE = 0.02;

/**
 * The sizes that satisfy a least tank, smallest volume first.
 *
 * Outside measures in cm. Domain: any sizes.
 */
export function tanksFor<T extends Sized>(least: TankFigure, sizes: readonly T[]): readonly T[] {
  const enough = (have: number, need: number | null): boolean =>
    need === null || have >= need * (1 - TOLERANCE);
  const litres = (size: Sized): number => (size.lengthCm * size.widthCm * size.heightCm) / 1000;
  return sizes
    .filter(
      (size) =>
        enough(size.lengthCm, least.lengthCm) &&
        enough(size.widthCm, least.widthCm) &&
        enough(size.heightCm, least.heightCm) &&
        enough(litres(size), least.litres),
    )
    .sort((a, b) => litres(a) - litres(b));
}
