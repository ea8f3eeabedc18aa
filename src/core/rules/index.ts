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
export { AROUND_THE_FIRST, OF_THE_WHOLE_TANK, plainReason, SEVERITIES } from './finding';
export type { Finding, Fix, PlanEdit, Reason, Severity } from './finding';
export { holdersOf } from './ground';
export { judgeAll } from './judgeAll';
export { CROWDED } from './layerCrowding';
export { layerRoom } from './layerRoom';
export { NITRATE_BUDGET, NITRATE_EDGE } from './nitrate';
