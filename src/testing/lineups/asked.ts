import type { WishesFile } from '@/core/lineups/wishes';
import type { Wish } from '@/core/model/wish';
import { TANKS } from '../plans';

export const wish = (species: string, more: Partial<Wish> = {}): Wish => ({ species, ...more });

/** Wishes for a US 75 gallon tank, unless another is named. */
export const file = (wishes: WishesFile['wishes'], more: Partial<WishesFile> = {}): WishesFile => ({
  tank: TANKS.us75,
  wishes,
  ...more,
});
