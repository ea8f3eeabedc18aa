import { random } from '../curve';
import { isRough, units } from '../easel';
import { hexOf } from '../pigments';
import { attributes, short } from '../svgText';
import type { Mark } from './mark';

/** Pearls all over the body: a tile of dots, each a little off its place. */
export const pearls: Mark = {
  main: 'gap',
  numbers: { gap: [3, 1.5], a: [0.9], seed: [3] },
  draw(easel, values) {
    if (isRough(easel)) return '';
    const { definitions } = easel;
    const gap = units(values.one('gap', 0));
    const roll = random(values.one('seed'));
    let d = '';
    for (let r = 0; r < 4; r++)
      for (let k = 0; k < 3; k++) {
        const x = Math.round((k + 0.3 + (r % 2) / 2 + (roll() - 0.5) * 0.35) * gap);
        const y = Math.round((r + 0.5 + (roll() - 0.5) * 0.3) * gap * 0.8);
        d += `M${x} ${y}h0`;
      }
    const id = definitions.id(
      `pearls${values.colour}${gap}`,
      (own) =>
        `<pattern id="${own}" width="${short(3 * gap)}" height="${short(3.2 * gap)}" patternUnits="userSpaceOnUse"><path d="${d}"${attributes({ stroke: hexOf(values.colour), 'stroke-width': units(values.one('gap', 1)), 'stroke-linecap': 'round' })}/></pattern>`,
    );
    return `<use href="#${definitions.id('body', () => '')}"${attributes({ fill: `url(#${id})`, 'fill-opacity': values.one('a') })}/>`;
  },
};
