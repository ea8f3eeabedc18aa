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
export { assumedInFile, sayAssumed } from './assumed';
export { sayHeadCount, sayLosses, sayPossibility } from './departures';
export { sayEvent } from './diary';
export { eventName } from './eventName';
export type { RoomNames } from './diary';
export { sayDue, sayLateness, saySpare } from './due';
export { documentName, entryLabel, partLabel } from './entryLabels';
export { sayNitrateMeasured } from './nitrate';
export { cameOut, predictedName, sayAbout, sayKept, sayWhy } from './predictions';
export {
  BORNE_OUT_RULE,
  EXPERIENCE_BIAS,
  outcomeName,
  ownFigureWords,
  sayAmount,
  sayBornOut,
  sayKeptHere,
  sayOutcome,
  sayOwn,
  sayOwnFigure,
  sayOwnRate,
  sayRate,
  sayStay,
  shareLimitsWords,
} from './experience';
export { faultLine, faultSentence, partSentence } from './faults';
export { careFood, careHow, careParts } from './careSheet';
export { facetName } from './facets';
export { formatQuantity } from './formatQuantity';
export { sayLeaves } from './fixes';
export { profileParts, profileText } from './profile';
export type { ProfileMatter, ProfilePart } from './profile';
export { sayInstead, sayWishesMet } from './lineUps';
export { sayLoose } from './loose';
export { sayContradiction, sayPartThatDiffers } from './merge';
export { sayHierarchy, sayMark, sayNoOrder, sayNoStrength, sayPairsToWatch } from './hierarchy';
export { capital, countedOf, countOf, everyOf, listed, manyOf } from './names';
export {
  METRIC,
  percent,
  quantitiesIn,
  type Quantities,
  tenth,
  UK,
  UNIT_SYSTEMS,
  unitsLine,
  US,
} from './quantities';
export { sayingsFor } from './sayings';
export type { Sayings } from './sayings';
export { NO_PROMISE, untilThen, VERDICTS } from './verdict';
export { termOf } from './vocabulary';
export {
  clockTime,
  dayName,
  dayOfYear,
  dayWords,
  fixed,
  grouped,
  momentName,
  momentWords,
  monthName,
  plain,
  shortMonth,
  upTo,
  wholeDay,
  wholeMonth,
  writeFor,
} from './locale';
export { type Words, wordsFor } from './words';
