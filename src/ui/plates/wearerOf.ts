import type { SpeciesProfile } from '@/core/model';
import type { Wearer } from '@/core/plates';

/**
 * Whose dress a fish wears: that of the young until it is mature, then that of its sex; null where nobody knows the sex,
 * which is drawn as the species is known by.
 */
export function wearerOf(
  { size }: Pick<SpeciesProfile, 'size'>,
  lengthCm: number | null,
  sex: 'male' | 'female' | 'unknown' | null,
): Wearer | null {
  if (lengthCm !== null && lengthCm < size.matureCm) return 'young';
  return sex === 'male' || sex === 'female' ? sex : null;
}
