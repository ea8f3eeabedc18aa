import { isRough, units } from '../easel';
import { hexOf } from '../pigments';
import { attributes } from '../svgText';
import type { Part } from './part';

/** Eyes and breathing holes on the back of a stingray. */
export const rayEyes: Part = (easel) =>
  [1, -1]
    .map((side) => {
      const [x, y] = easel.pen.place([27, 8.5 * side]);
      const [hx, hy] = easel.pen.place([31.5, 10 * side]);
      if (isRough(easel)) return `<circle cx="${x}" cy="${y}" r="${units(2)}" fill="#14181a"/>`;
      return (
        `<ellipse${attributes({ cx: hx, cy: hy, rx: units(3), ry: units(1.9), fill: '#000', 'fill-opacity': 0.5 })}/>` +
        `<circle${attributes({ cx: x, cy: y, r: units(2.9), fill: hexOf(easel.animal.tone[1]), stroke: '#000', 'stroke-opacity': 0.4, 'stroke-width': easel.hair })}/>` +
        `<circle${attributes({ cx: x - 4, cy: y, r: units(1.5), fill: '#14181a' })}/>`
      );
    })
    .join('');
