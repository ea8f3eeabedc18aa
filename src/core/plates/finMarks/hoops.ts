import type { FinMark } from './finMark';
import { patch } from './patch';

/** So many bands across the rays, evenly from one height to another. */
export const hoops: FinMark = {
  main: 'n',
  numbers: { n: [4], f: [0.15, 0.95], w: [0.5], a: [0.8] },
  draw: (easel, fin, values) => {
    const count = values.one('n');
    const [from, to] = [values.one('f', 0), values.one('f', 1)];
    const step = (to - from) / count;
    return Array.from({ length: count }, (_, i) =>
      patch(easel, fin, values, [0, 1, from + i * step, from + (i + values.one('w')) * step]),
    ).join('');
  },
};
