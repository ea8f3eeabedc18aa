import { stepsText, units } from '../easel';
import { attributes } from '../svgText';
import type { Mark } from './mark';

/** A round soft glow at x and a level, so wide and so high (% of length). */
export const glow: Mark = {
  main: 'at',
  numbers: { at: [40, -0.4], w: [22], h: [14], a: [0.8] },
  draw({ outline, pen, definitions }, values) {
    const opacity = values.one('a');
    const id = definitions.id(
      `glow${values.colour}${opacity}`,
      (own) =>
        `<radialGradient id="${own}">${stepsText([
          [0.1, values.colour, opacity],
          [0.6, values.colour, opacity * 0.6],
          [1, values.colour, 0],
        ])}</radialGradient>`,
    );
    const [cx, cy] = pen.place(outline.at(values.one('at', 0), values.one('at', 1)));
    return `<ellipse${attributes({ cx, cy, rx: units(values.one('w')), ry: units(values.one('h')), fill: `url(#${id})` })}/>`;
  },
};
