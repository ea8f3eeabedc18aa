import { comb } from './comb';
import { crest } from './crest';
import { drape } from './drape';
import { fan } from './fan';
import { flag } from './flag';
import { lobe } from './lobe';
import { long } from './long';
import { pennant } from './pennant';
import { rim } from './rim';
import { sail } from './sail';
import { short } from './short';
import { sickle } from './sickle';
import { spiny } from './spiny';
import { trail } from './trail';
import type { EdgeFinType } from '../margin';

/** Fins along the back or the belly, by type. */
export const EDGE_FINS: Readonly<Record<string, EdgeFinType>> = {
  comb,
  crest,
  drape,
  fan,
  flag,
  lobe,
  long,
  pennant,
  rim,
  sail,
  short,
  sickle,
  spiny,
  trail,
};
