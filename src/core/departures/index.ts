export { BEFORE_DAYS, beforeDeath } from './beforeDeath';
export { sumCredits } from './credits';
export { headCount } from './headCount';
export type { HeadCount } from './headCount';
export { tradersOf } from './traders';
export { broodOf } from './broodOf';
export { lifeStory } from './lifeStory';
export type { LifeStory } from './lifeStory';
export {
  FORTNIGHT_DAYS,
  GROUPINGS,
  fortnightOf,
  livesBy,
  livesInTanks,
  livesOf,
  livesSinceRelease,
  withoutIncidents,
} from './lives';
export type { Grouping, Life } from './lives';
export { lossWarnings } from './lossWarnings';
export type { LossWarning } from './lossWarnings';
export type { Possibility } from './beforeDeath';
