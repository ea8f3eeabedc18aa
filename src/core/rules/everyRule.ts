import { allMale } from './allMale';
import { breeding } from './breeding';
import { conspecificAggression } from './conspecificAggression';
import { contestedNumber } from './contestedNumber';
import { diet } from './diet';
import { eggEating } from './eggEating';
import { finNipping } from './finNipping';
import { flow } from './flow';
import { groupNumber } from './groupNumber';
import { groupSize } from './groupSize';
import { handlingHazard } from './handlingHazard';
import { hides } from './hides';
import { hybridising } from './hybridising';
import { layerCrowding } from './layerCrowding';
import { lid } from './lid';
import { lightHours } from './lightHours';
import { load } from './load';
import { lookAlike } from './lookAlike';
import { meals } from './meals';
import { nitrate } from './nitrate';
import { outEating } from './outEating';
import { outgrows } from './outgrows';
import { panic } from './panic';
import { plantsEaten } from './plantsEaten';
import { predation } from './predation';
import { restricted } from './restricted';
import { settledTank } from './settledTank';
import { sexRatio } from './sexRatio';
import { shyness } from './shyness';
import { slimeGrazing } from './slimeGrazing';
import { solitary } from './solitary';
import { substrate } from './substrate';
import { tankHeight } from './tankHeight';
import { tankLength } from './tankLength';
import { tankVolume } from './tankVolume';
import { tankWidth } from './tankWidth';
import { temper } from './temper';
import { territory } from './territory';
import { turnover } from './turnover';
import { underStocked } from './underStocked';
import { waterHardness } from './waterHardness';
import { waterPh } from './waterPh';
import { waterSalinity } from './waterSalinity';
import { waterTemperature } from './waterTemperature';
import { wayOut } from './wayOut';
import type { Rule } from './rule';

/** Every rule there is, by the names of their files. Written by `npm run docs`: a new rule is one new file. */
export const RULES: readonly Rule[] = [
  allMale,
  breeding,
  conspecificAggression,
  contestedNumber,
  diet,
  eggEating,
  finNipping,
  flow,
  groupNumber,
  groupSize,
  handlingHazard,
  hides,
  hybridising,
  layerCrowding,
  lid,
  lightHours,
  load,
  lookAlike,
  meals,
  nitrate,
  outEating,
  outgrows,
  panic,
  plantsEaten,
  predation,
  restricted,
  settledTank,
  sexRatio,
  shyness,
  slimeGrazing,
  solitary,
  substrate,
  tankHeight,
  tankLength,
  tankVolume,
  tankWidth,
  temper,
  territory,
  turnover,
  underStocked,
  waterHardness,
  waterPh,
  waterSalinity,
  waterTemperature,
  wayOut,
];
