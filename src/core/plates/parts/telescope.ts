import { units } from '../easel';
import { hexOf } from '../pigments';
import { attributes } from '../svgText';
import type { Part } from './part';

/** The eye of a telescope goldfish, on its stalk. */
export const telescope: Part = (easel) => {
  const { eye } = easel.animal.build;
  if (!eye) return '';
  const [cx, cy] = easel.pen.place([eye[0], eye[1]]);
  return (
    `<circle${attributes({ cx, cy, r: units(eye[2] + 2.4), fill: hexOf(easel.animal.tone[1]), stroke: 'currentColor', 'stroke-opacity': 0.5, 'stroke-width': easel.hair })}/>` +
    `<circle${attributes({ cx: cx - 4, cy, r: units(eye[2] - 0.4), fill: '#14181a' })}/>`
  );
};
