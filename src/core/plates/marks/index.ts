import { bars } from './bars';
import { blotch } from './blotch';
import { coil } from './coil';
import { fade } from './fade';
import { glow } from './glow';
import { level } from './level';
import { line } from './line';
import { marble } from './marble';
import { maze } from './maze';
import { net } from './net';
import { ocellus } from './ocellus';
import { pearls } from './pearls';
import { plates } from './plates';
import { rows } from './rows';
import { spots } from './spots';
import { stripe } from './stripe';
import { waves } from './waves';
import { whorl } from './whorl';
import { zone } from './zone';
import type { Mark } from './mark';

/** Markings of the body, by name. */
export const MARKS: Readonly<Record<string, Mark>> = {
  bars,
  blotch,
  coil,
  fade,
  glow,
  level,
  line,
  marble,
  maze,
  net,
  ocellus,
  pearls,
  plates,
  rows,
  spots,
  stripe,
  waves,
  whorl,
  zone,
};
export { type Mark, valuesOf } from './mark';
