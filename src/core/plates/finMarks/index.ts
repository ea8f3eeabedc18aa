import { band } from './band';
import { base } from './base';
import { dots } from './dots';
import { edge } from './edge';
import { front } from './front';
import { hoops } from './hoops';
import { lobes } from './lobes';
import { part } from './part';
import { streaks } from './streaks';
import type { FinMark } from './finMark';

/** Markings of fins, by name. */
export const FIN_MARKS: Readonly<Record<string, FinMark>> = {
  band,
  base,
  dots,
  edge,
  front,
  hoops,
  lobes,
  part,
  streaks,
};
