import { allMale } from './allMale';
import { breeding } from './breeding';
import { conspecificAggression } from './conspecificAggression';
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
import type { Rule } from './rule';
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

/** Every rule there is. A new rule is one new file and one line here. */
export const RULES: readonly Rule[] = [
  waterTemperature,
  waterPh,
  waterHardness,
  waterSalinity,
  flow,
  turnover,
  tankLength,
  tankWidth,
  tankHeight,
  tankVolume,
  outgrows,
  groupSize,
  groupNumber,
  sexRatio,
  allMale,
  solitary,
  conspecificAggression,
  underStocked,
  lookAlike,
  hybridising,
  temper,
  territory,
  settledTank,
  breeding,
  eggEating,
  predation,
  finNipping,
  slimeGrazing,
  outEating,
  shyness,
  panic,
  layerCrowding,
  diet,
  lid,
  substrate,
  plantsEaten,
  hides,
  lightHours,
  meals,
  load,
  nitrate,
  handlingHazard,
  restricted,
  wayOut,
];

const BY_NAME: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.name, rule]));

/** What a rule says of itself: whom its findings are about, and why fish leave for them. */
export const ruleOf = (name: string): Pick<Rule, 'about' | 'leaveFor' | 'silentBeside'> =>
  BY_NAME.get(name) ?? {};
