import { units } from '../easel';
import type { Part } from './part';

/** The stalked eyes of a crab, seen from above. */
export const crabEyes: Part = (easel) =>
  [1, -1]
    .map((side) => {
      const [cx, cy] = easel.pen.place([4, 12 * side]);
      return `<circle cx="${cx}" cy="${cy}" r="${units(3.4)}" fill="#14181a"/>`;
    })
    .join('');
