import { isRough, units } from '../easel';
import { hexOf } from '../pigments';
import { attributes, short } from '../svgText';
import type { Mark } from './mark';

/** A net of scale edges: the size of a mesh and the width of its lines. */
export const net: Mark = {
  main: 'size',
  numbers: { size: [4.4, 0.8], a: [0.7] },
  draw(easel, values) {
    if (isRough(easel)) return '';
    const { definitions } = easel;
    const s = units(values.one('size', 0));
    const h = s * 0.84;
    const arc = (x: number, y: number): string =>
      `M${short(x)} ${short(y)}q${short(s * 0.9)} ${short(h / 2)} 0 ${short(h)}`;
    const id = definitions.id(
      `net${values.colour}${s}`,
      (own) =>
        `<pattern id="${own}" width="${short(s)}" height="${short(h)}" patternUnits="userSpaceOnUse"><path d="${arc(0, 0)}${arc(s / 2, -h / 2)}${arc(s / 2, h / 2)}"${attributes({ fill: 'none', stroke: hexOf(values.colour), 'stroke-width': units(values.one('size', 1)) })}/></pattern>`,
    );
    return `<use href="#${definitions.id('body', () => '')}"${attributes({ fill: `url(#${id})`, 'fill-opacity': values.one('a') })}/>`;
  },
};
