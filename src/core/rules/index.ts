export { HIDE_KINDS } from './context';
export type {
  HideKind,
  Hides,
  Load,
  Place,
  PlannedGroup,
  PlannedSpecies,
  RuleContext,
  RuleTank,
  RuleWater,
  SharedWater,
} from './context';
export type {
  BioloadFact,
  CareFact,
  EatingFact,
  Fact,
  FloorFact,
  FoodFact,
  GroupFact,
  GrowthFact,
  HomeFact,
  LineUpFact,
  MalesFact,
  NitrateFact,
  OwnKindFact,
  PairFact,
  SexFact,
  SizeFact,
  Span,
  WaterFact,
  WaterName,
} from './facts';
export { editOf, lineUpReason, SEVERITIES } from './finding';
export { RULES } from './everyRule';
export { ruleOf } from './registry';
export type { Advice, AdviceName, Finding, Fix, PlanEdit, Reason, Severity } from './finding';
export { holdersOf } from './ground';
export type { MaleShape } from './sexRatio';
export { judgeAll, judgeTold, pairFindings } from './judgeAll';
export { CROWDED } from './layerCrowding';
export { layerRoom } from './layerRoom';
export { middleOf } from './middleOf';
export { NITRATE_BUDGET, NITRATE_EDGE } from './nitrate';
export { densityOf, heads, isOpenWater, isRockDweller, partFilled } from './riftNumbers';
export { groundClaims } from './territory';
export { turnoverWanted } from './turnover';
export { groupsAsOne } from './groupsAsOne';
