export { changed, clockOf, joined, momentAfter, registersOf, viewOf } from './clock/registers';
export type { Clock, Registers, Shape } from './clock/registers';
export { canonicalJson } from './schema/canonicalJson';
export { saysSame } from './schema/saysSame';
export { cellFault, readCsvTable, writeCsvTable } from './schema/csvTable';
export type { CsvRow } from './schema/csvTable';
export { DEEPEST, isTooDeep } from './schema/depth';
export { receivedOf } from './schema/expected';
export type { Expected, Received, Reference } from './schema/expected';
export { faultOf, under, validate, valueAt } from './schema/faults';
export type { Fault, Outcome } from './schema/faults';
export {
  choiceField,
  dayField,
  firstVersionField,
  formatField,
  groupField,
  listField,
  momentField,
  monthField,
  noteField,
  shareField,
  numberField,
  positiveField,
  positiveQuantityField,
  quantityField,
  quantityRangeField,
  rangeField,
  refersTo,
  says,
  textField,
  wholeField,
  wordsField,
  yesNoField,
} from './schema/fields';
export { idField } from './schema/ids';
export type { DocumentId, EntryId, ResidentId, TankId } from './schema/ids';
export { keepSame } from './schema/keepSame';
export { mergeThree } from './schema/mergeThree';
export type { Conflict } from './schema/mergeThree';
export { parseJson } from './schema/parseJson';
export { quickCheck } from './schema/quickCheck';
export { atOnce } from './steps/atOnce';
export { isDay, isMoment } from './time/calendar';
export { DAY_MS, HOUR_MS, MINUTE_MS, MONTH_DAYS, addDays, daysBetween } from './time/days';
export { addMonths, monthOf, monthsBetween } from './time/months';
export { whenIn } from './time/when';
export type { When } from './time/when';
export { fromCore, toCore } from './units/convert';
export { keeperUnit, keptUnit } from './units/keeperUnit';
export type { UnitChoice } from './units/keeperUnit';
export { parseQuantity } from './units/parseQuantity';
export type {
  Celsius,
  Cm,
  Cm2,
  Dh,
  KPa,
  KeptUnit,
  Kg,
  Litres,
  Lph,
  MgL,
  Mm,
  Ppt,
  Psf,
} from './units/quantities';
export { withUnit } from './units/withUnit';
export { CM_PER_INCH, unitById } from './units/units';
export type { QuantityKind, UnitDefinition } from './units/units';
