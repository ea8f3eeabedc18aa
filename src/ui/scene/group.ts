import type { SpeciesProfile } from '@/core/model';

/** A group of fish as it is put into the glass. */
export interface GlassGroup {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly lengthCm: number;
  /** The first and the last length of the slider; both the length where nothing grows. */
  readonly fromCm?: number;
  readonly toCm?: number;
  readonly sex?: 'male' | 'female' | null;
  readonly colour: string;
  /** On the list, not in the tank: drawn lighter. */
  readonly planned: boolean;
}
