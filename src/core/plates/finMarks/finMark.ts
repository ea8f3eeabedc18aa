import type { Easel } from '../easel';
import type { Fin } from '../fins/fin';
import type { Values } from '../marks/mark';

/** A kind of marking on a fin. u runs along the base, f from the base (0) to the margin (1). */
export interface FinMark {
  readonly main: string;
  readonly numbers: Readonly<Record<string, readonly number[]>>;
  readonly draw: (easel: Easel, fin: Fin, values: Values) => string;
}
