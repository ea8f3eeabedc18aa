import { type Point, random } from '../curve';
import { isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

/** Bands of a shell about its apex, each leaning forward on its way to the rim, and the spiral of the apex. */
export const whorl: Mark = {
  main: 'n',
  numbers: { n: [17, 4.6], apex: [82, 22], a: [0.9], seed: [4] },
  draw(easel, values) {
    const { pen } = easel;
    const roll = random(values.one('seed'));
    const [ax, ay] = [values.one('apex', 0), values.one('apex', 1)];
    const width = values.one('n', 1);
    const count = isRough(easel) ? Math.ceil(values.one('n', 0) / 2) : values.one('n', 0);
    const bands = Array.from({ length: count }, (_, i) => {
      const t = ((-60 + (262 * (i + 0.5)) / count) * Math.PI) / 180;
      const at = (r: number, turn: number): Point => {
        const q = t + turn + (roll() - 0.5) * 0.05;
        return [ax + Math.cos(q) * r, ay + Math.sin(q) * r * 0.8];
      };
      const more = (roll() - 0.5) * 1.4;
      return pen.ribbon([
        [...at(5, 0.6), 0.6],
        [...at(14, 0.32), width * 0.5],
        [...at(34, 0.1), width * 0.85 + more],
        [...at(58, -0.02), width + more],
        [...at(100, -0.1), width * 1.5],
      ]);
    }).join('');
    const hex = hexOf(values.colour);
    return (
      path(bands, { fill: hex, 'fill-opacity': values.one('a') }) +
      path(
        pen.curve([
          [ax + 6, ay - 5],
          [ax + 1, ay - 6.4],
          [ax - 5, ay - 1],
          [ax - 1, ay + 4.4],
          [ax + 4, ay + 1.6],
          [ax + 1.6, ay - 1.8],
          [ax - 1, ay],
        ]),
        roundStroke(hex, 0.75, values.one('a')),
      )
    );
  },
};
