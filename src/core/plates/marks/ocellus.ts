import { units } from '../easel';
import { hexOf } from '../pigments';
import { attributes } from '../svgText';
import type { Mark } from './mark';

/** A round spot, with a ring where the dress names its colour. */
export const ocellus: Mark = {
  main: 'at',
  numbers: { at: [96, 0, 3], rw: [1], a: [1] },
  colours: ['ring'],
  draw({ outline, pen }, values) {
    const [cx, cy] = pen.place(outline.at(values.one('at', 0), values.one('at', 1)));
    const ring = values.colourOf('ring');
    const hex = hexOf(values.colour);
    return `<circle${attributes({
      cx,
      cy,
      r: units(values.one('at', 2)),
      fill: hex,
      'fill-opacity': values.one('a'),
      stroke: ring ? hexOf(ring) : hex,
      'stroke-opacity': ring ? 1 : 0.3,
      'stroke-width': units(ring ? values.one('rw') : 1),
    })}/>`;
  },
};
