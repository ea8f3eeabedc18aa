import { isFine, isRough, path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The bristles of a male's snout; on a plate they fork. */
export const bristles: Part = (easel) => {
  const { animal, pen } = easel;
  if (isRough(easel) || !animal.build.bristles) return '';
  const d = animal.build.bristles
    .map(({ root: [x, y], reach: [dx, dy] }) => {
      const stem = pen.ribbon([
        [x, y, 1.1],
        [x + dx * 0.6 - 0.4, y + dy * 0.55, 0.8],
        [x + dx, y + dy, 0.3],
      ]);
      const fork = pen.ribbon([
        [x + dx * 0.5 - 0.3, y + dy * 0.5, 0.7],
        [x + dx * 0.5 - 2, y + dy * 0.5 + 2.2, 0.25],
      ]);
      return isFine(easel) ? stem + fork : stem;
    })
    .join('');
  return path(d, inked(easel, hexOf(animal.tone[1]), 0.5));
};
