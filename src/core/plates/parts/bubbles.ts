import { units } from '../easel';
import { hexOf } from '../pigments';
import { attributes } from '../svgText';
import type { Part } from './part';

/** The sac under the eye of a bubble eye. */
export const bubbles: Part = (easel) => {
  const [cx, cy] = easel.pen.place([10, -7]);
  return `<circle${attributes({ cx, cy, r: units(9), fill: hexOf(easel.animal.tone[2]), 'fill-opacity': 0.85, stroke: 'currentColor', 'stroke-opacity': 0.4, 'stroke-width': easel.hair })}/>`;
};
