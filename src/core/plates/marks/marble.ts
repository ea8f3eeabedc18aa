import { lerp, loop, type Point, random } from '../curve';
import { isRough, path, units } from '../easel';
import { hexOf } from '../pigments';
import { halo, type Mark } from './mark';

/** Uneven patches all over: so many, of a size. Koi colours, orange blotch, calico. */
export const marble: Mark = {
  main: 'n',
  numbers: { n: [9], size: [11], x: [8, 98], v: [-0.85, 0.95], seed: [11], a: [0.9], halo: [0.8] },
  draw(easel, values) {
    const { outline, pen } = easel;
    const roll = random(values.one('seed'));
    const count = values.one('n');
    const columns = Math.max(1, Math.round(Math.sqrt(count * 2.2)));
    const lines = Math.ceil(count / columns);
    let d = '';
    for (let i = 0; i < count; i++) {
      const [cx, cy] = outline.at(
        lerp(values.one('x', 0), values.one('x', 1), ((i % columns) + roll()) / columns),
        lerp(values.one('v', 0), values.one('v', 1), (Math.floor(i / columns) + roll()) / lines),
      );
      const [w, h] = [0.5 + roll() * 0.9, 0.4 + roll() * 0.7];
      const points = [0, 1, 2, 3, 4, 5].map((k): Point => {
        const t = ((k + roll() * 0.5) / 6) * 2 * Math.PI;
        const r = (values.one('size') / 2) * (0.6 + roll() * 0.7);
        return [cx + Math.cos(t) * r * w * 1.2, cy + Math.sin(t) * r * h];
      });
      d += pen.path([loop(points)], true);
    }
    const [hex, opacity] = [hexOf(values.colour), values.one('a')];
    return path(d, {
      fill: hex,
      'fill-opacity': opacity,
      ...halo(hex, units(values.one('halo')), 0.3 * opacity, isRough(easel)),
    });
  },
};
