import { crown } from './crown';
import { delta } from './delta';
import { forked } from './forked';
import { halfmoon } from './halfmoon';
import { kite } from './kite';
import { lance } from './lance';
import { lyre } from './lyre';
import { moon } from './moon';
import { notch } from './notch';
import { round } from './round';
import { scythe } from './scythe';
import { spade } from './spade';
import { sword } from './sword';
import { trident } from './trident';
import { truncate } from './truncate';
import { veil } from './veil';
import type { TailFinType } from '../margin';

/** Tail fins, by type. */
export const TAIL_FINS: Readonly<Record<string, TailFinType>> = {
  crown,
  delta,
  forked,
  halfmoon,
  kite,
  lance,
  lyre,
  moon,
  notch,
  round,
  scythe,
  spade,
  sword,
  trident,
  truncate,
  veil,
};
