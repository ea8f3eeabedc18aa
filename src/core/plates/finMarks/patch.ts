import { type Easel, path } from '../easel';
import type { Fin } from '../fins/fin';
import { finHexOf } from '../pigments';
import type { Values } from '../marks/mark';

/** Part of a fin in one colour. */
export const patch = (
  { pen }: Easel,
  fin: Fin,
  values: Values,
  [u0, u1, f0, f1]: readonly [number, number, number, number],
): string =>
  path(pen.path(fin.patch(u0, u1, f0, f1), true), {
    fill: finHexOf(values.colour),
    'fill-opacity': values.one('a'),
  });
