export { HIDE_KINDS } from './context';
export type {
  HideKind,
  Hides,
  Load,
  PlannedGroup,
  PlannedKind,
  RuleContext,
  RuleTank,
  RuleWater,
  SharedWater,
} from './context';
export type {
  EatingFact,
  Fact,
  GrowthFact,
  HabitFact,
  NitrateFact,
  SizeFact,
  Span,
  WaterFact,
  WaterName,
} from './facts';
export { plainReason, SEVERITIES } from './finding';
export { ruleOf } from './registry';
export type { Finding, Fix, PlanEdit, Reason, Severity } from './finding';
export { holdersOf } from './ground';
export { judgeAll } from './judgeAll';
export { CROWDED } from './layerCrowding';
export { layerRoom } from './layerRoom';
export { NITRATE_BUDGET, NITRATE_EDGE } from './nitrate';
