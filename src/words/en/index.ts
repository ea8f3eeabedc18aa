export {
  sayAcclimation,
  sayMove,
  sayPurchase,
  sayRelease,
  sayWarmth,
  sayWave,
  shopQuestions,
} from './arrivals';
export { sayEffect, sayPattern, sayStep, sayStepWhy } from './aggression';
export { sayAssumed } from './assumed';
export { sayHeadCount, sayPossibility } from './departures';
export { sayEvent } from './diary';
export type { RoomNames } from './diary';
export { sayLateness, saySpare } from './due';
export { entryLabel } from './entryLabels';
export { facetName } from './facets';
export { sayHierarchy } from './hierarchy';
export { capital, countedOf, countOf, everyOf, manyOf } from './names';
export { METRIC, percent, tenth, UNIT_SYSTEMS, unitsLine } from './quantities';
export { sayingsFor } from './sayings';
export type { Sayings } from './sayings';
export { untilThen, VERDICTS } from './verdict';
export { termOf } from './vocabulary';
export { dayName, monthName, type Words, wordsFor } from './words';
