import type { SpeciesProfile } from '@/core/model';

/** A place in the water for one animal: shares of the width and of the depth, 0 at the left and at the surface. */
export interface GlassPlace {
  readonly across: number;
  readonly down: number;
  readonly facing: 'left' | 'right';
}

/** Steps of the golden ratio spread any number of points evenly without a pattern. */
const GOLDEN = 0.618_033_988_75;
const GOLDEN_2 = 0.754_877_666_25;
/** Thirds of the water, counted from the surface. */
const BANDS = { top: [0, 1 / 3], middle: [1 / 3, 2 / 3], bottom: [2 / 3, 1] } as const;

function startOf(name: string): number {
  let hash = 3;
  for (const letter of name) hash = (hash * 33 + letter.charCodeAt(0)) % 9973;
  return hash / 9973;
}

/** Where each of `count` animals of a species is drawn: in the layers by the share of time it spends there. Always the same. */
export function glassPlaces(profile: SpeciesProfile, count: number): readonly GlassPlace[] {
  const start = startOf(profile.id);
  const { top, middle } = profile.layers;
  return Array.from({ length: count }, (_, i) => {
    const share = (i + 0.5) / count;
    const band = share < top ? BANDS.top : share < top + middle ? BANDS.middle : BANDS.bottom;
    const within = (start + i * GOLDEN_2) % 1;
    return {
      across: (start + i * GOLDEN) % 1,
      down: band[0] + within * (band[1] - band[0]),
      facing: (i * 7 + Math.floor(start * 10)) % 3 === 0 ? 'left' : 'right',
    };
  });
}
