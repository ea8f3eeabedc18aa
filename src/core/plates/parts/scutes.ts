import type { Point } from '../curve';
import { hairline, isRough, path } from '../easel';
import type { Part } from './part';

/** Between gill and tail root; how far each edge leans back; how many are told. */
const [FROM, TO, LEAN] = [33, 95, 4];
const COUNT = 13;

/** Two rows of bony plates along the flank, above and below a seam. */
export const scutes: Part = (easel) => {
  if (isRough(easel)) return '';
  const { outline, pen } = easel;
  const curve = (...points: readonly Point[]): string => pen.curve(points);
  const edges = Array.from({ length: COUNT }, (_, i) => {
    const x = FROM + ((TO - FROM) * i) / (COUNT - 1);
    return (
      curve(outline.at(x + LEAN, 0.84), outline.at(x + LEAN * 0.6, 0.42), outline.at(x - LEAN * 0.4, 0.02)) +
      curve(outline.at(x - LEAN * 0.4, 0.02), outline.at(x + LEAN * 0.6, -0.4), outline.at(x + LEAN, -0.8))
    );
  }).join('');
  const seam = curve(outline.at(FROM - 3, 0.04), outline.at(64, 0.02), outline.at(100, 0));
  return path(edges + seam, { fill: 'none', ...hairline(easel, 0.34) });
};
