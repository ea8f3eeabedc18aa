import { type Approach, buildCatalogue, type PlanFile, type SpeciesProfile } from '../model';
import { howMany, type HowMany } from './howMany';
import type { SizeForSale } from './ways';

/** The smallest tank that can be bought for a species by itself, and how many live in it. */
export interface SmallestTank {
  readonly approach: Approach;
  /** Null where no size that is sold carries it. */
  readonly size: SizeForSale | null;
  readonly numbers: HowMany | null;
}

const APPROACHES: readonly Approach[] = ['cautious', 'middle', 'tried'];
const litres = ({ lengthCm, widthCm, heightCm }: SizeForSale): number => lengthCm * widthCm * heightCm;

/** An empty tank of a size that is sold, with a lid, furnished as its fish need. */
const emptyTank = ({ lengthCm, widthCm, heightCm }: SizeForSale, tankSize: Approach): PlanFile => ({
  format: 'lomvik-plan',
  version: 1,
  tank: { lengthCm, widthCm, heightCm, lid: true },
  practice: { tankSize },
  groups: [],
});

/**
 * The smallest of the sizes in which a species can be kept by itself, by the three approaches, with how many: strict, usual,
 * lenient. `today` is an ISO date.
 */
export function smallestTanks(
  profile: SpeciesProfile,
  sizes: readonly SizeForSale[],
  today: string,
): readonly SmallestTank[] {
  const alone = buildCatalogue([profile]);
  const sorted = [...sizes].sort((a, b) => litres(a) - litres(b));
  return APPROACHES.map((approach) => {
    const least = profile.tank[approach];
    for (const size of sorted) {
      // No smaller than the figures of the approach, within what makers round off.
      if (size.lengthCm < (least.lengthCm ?? 0) * 0.97 || size.widthCm < (least.widthCm ?? 0) * 0.9) continue;
      const numbers = howMany(emptyTank(size, approach), profile, alone, today);
      if (numbers.fewest !== null && numbers.anyway.length === 0) return { approach, size, numbers };
    }
    return { approach, size: null, numbers: null };
  });
}
