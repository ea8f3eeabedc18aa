import { bristles } from './bristles';
import { bubbles } from './bubbles';
import { crabEyes } from './crabEyes';
import { finlets } from './finlets';
import { frogLegs } from './frogLegs';
import { hood } from './hood';
import { longArms } from './longArms';
import { rayEyes } from './rayEyes';
import { rayTail } from './rayTail';
import { scutes } from './scutes';
import { shrimpLegs } from './shrimpLegs';
import { snailFoot } from './snailFoot';
import { snoutProbe } from './snoutProbe';
import { sucker } from './sucker';
import { telescope } from './telescope';
import { crabLimbs, crayfishLimbs, crayfishNearClaw } from './claws';
import type { Part } from './part';

/** What some families have of their own, by name. */
export const PARTS: Readonly<Record<string, Part>> = {
  crabLimbs,
  crayfishLimbs,
  crayfishNearClaw,
  bristles,
  bubbles,
  crabEyes,
  finlets,
  frogLegs,
  hood,
  longArms,
  rayEyes,
  rayTail,
  scutes,
  shrimpLegs,
  snailFoot,
  snoutProbe,
  sucker,
  telescope,
};
