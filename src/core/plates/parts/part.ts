import type { Attributes } from '../svgText';
import { type Easel, hairline } from '../easel';

/** Something that a family has of its own: a sucker, finlets, the legs of a shrimp. */
export type Part = (easel: Easel) => string;

/** A shape in one colour with a hairline around it. */
export const inked = (easel: Easel, fill: string, lineOpacity: number, opacity = 1): Attributes => ({
  fill,
  'fill-opacity': opacity,
  ...hairline(easel, lineOpacity),
});
