import { conspecificAggression } from './conspecificAggression';
import { finNipping } from './finNipping';
import { groupNumber } from './groupNumber';
import { groupSize } from './groupSize';
import { handlingHazard } from './handlingHazard';
import { lid } from './lid';
import { load } from './load';
import { lookAlike } from './lookAlike';
import { nitrate } from './nitrate';
import { predation } from './predation';
import { restricted } from './restricted';
import type { Rule } from './rule';
import { sexRatio } from './sexRatio';
import { solitary } from './solitary';
import { substrate } from './substrate';
import { tankHeight } from './tankHeight';
import { tankLength } from './tankLength';
import { tankVolume } from './tankVolume';
import { tankWidth } from './tankWidth';
import { temper } from './temper';
import { waterHardness } from './waterHardness';
import { waterPh } from './waterPh';
import { waterSalinity } from './waterSalinity';
import { waterTemperature } from './waterTemperature';

/** Every rule there is. A new rule is one new file and one line here. */
export const RULES: readonly Rule[] = [
  waterTemperature,
  waterPh,
  waterHardness,
  waterSalinity,
  tankLength,
  tankWidth,
  tankHeight,
  tankVolume,
  groupSize,
  groupNumber,
  sexRatio,
  solitary,
  conspecificAggression,
  lookAlike,
  temper,
  predation,
  finNipping,
  lid,
  substrate,
  load,
  nitrate,
  handlingHazard,
  restricted,
];
