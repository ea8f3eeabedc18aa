import type { Point, Polygon } from '../sightlines';
import type { Place } from './place';

/** A sign that a fish holds ground, or a contest that it won, and where. */
export interface Sighting {
  readonly place: Place;
  /** A fish that is seen to hold ground says more of it than a contest that it wins there. */
  readonly weight: number;
}

/** The ground of a holder: an oval, how much it rests on, and how sure that is. */
export interface Territory {
  readonly centre: Point;
  /** Half axes in cm and the turn of the longer one, degrees counter-clockwise. */
  readonly half: readonly [number, number];
  readonly turned: number;
  readonly sightings: number;
  readonly sureness: 'a guess' | 'likely' | 'sure';
}

export const HOLDS_WEIGHT = 3;
export const WON_WEIGHT = 1;

/** Before anything is seen, a holder is taken to hold an oval of this radius (from memory: half of a 30 cm square). */
const PRIOR_CM = 15;
const PRIOR_WEIGHT = 2;
/** Half axes are as many standard deviations: an oval that holds four of five places of an even one. */
const REACH = 1.4;
const [LIKELY, SURE] = [4, 9] as const;

/**
 * The ground that a fish holds: mean and covariance of where it was seen to hold or to win, drawn towards a round patch of
 * usual size while little is known. Null where nothing was seen.
 */
export function territoryOf(
  sightings: readonly Sighting[],
  lengthCm: number,
  widthCm: number,
): Territory | null {
  const whole = sightings.reduce((sum, { weight }) => sum + weight, 0);
  if (whole <= 0) return null;
  const mean = (k: 0 | 1): number =>
    sightings.reduce((sum, { place, weight }) => sum + place.at[k] * weight, 0) / whole;
  const [mx, my] = [mean(0), mean(1)];
  const prior = (PRIOR_CM / REACH) ** 2;
  const spread = (a: 0 | 1, b: 0 | 1): number => {
    const told = sightings.reduce((sum, { place, weight }) => {
      const own = a === b ? place.spread[a] ** 2 : 0;
      return sum + weight * ((place.at[a] - [mx, my][a]!) * (place.at[b] - [mx, my][b]!) + own);
    }, 0);
    return (told + (a === b ? prior * PRIOR_WEIGHT : 0)) / (whole + PRIOR_WEIGHT);
  };
  const [xx, yy, xy] = [spread(0, 0), spread(1, 1), spread(0, 1)];
  const middle = (xx + yy) / 2;
  const apart = Math.hypot((xx - yy) / 2, xy);
  const longest = Math.max(lengthCm, widthCm) / 2;
  const axis = (variance: number): number => Math.min(longest, REACH * Math.sqrt(Math.max(1, variance)));
  return {
    centre: [mx, my],
    half: [axis(middle + apart), axis(middle - apart)],
    turned: (Math.atan2(2 * xy, xx - yy) / 2) * (180 / Math.PI),
    sightings: sightings.length,
    sureness: whole >= SURE ? 'sure' : whole >= LIKELY ? 'likely' : 'a guess',
  };
}

const CORNERS = 36;

/** A territory as a shape, within the walls. */
export function groundOf({ centre, half, turned }: Territory, lengthCm: number, widthCm: number): Polygon {
  const a = (turned * Math.PI) / 180;
  return Array.from({ length: CORNERS }, (_, i): Point => {
    const t = (2 * Math.PI * i) / CORNERS;
    const [u, v] = [Math.cos(t) * half[0], Math.sin(t) * half[1]];
    return [
      Math.min(lengthCm, Math.max(0, centre[0] + u * Math.cos(a) - v * Math.sin(a))),
      Math.min(widthCm, Math.max(0, centre[1] + u * Math.sin(a) + v * Math.cos(a))),
    ];
  });
}
