export type { BodyOf, GroupOf } from './define';
export {
  ASIDE_STEPS,
  BROOD_ENDS,
  CHANGE_CHECKS,
  CONDITIONS,
  CONTEST_KINDS,
  DEATHS,
  EQUIPMENT_FAULTS,
  EVENT_TYPES,
  FILTER_STEPS,
  LOOK_HOURS,
  MAY_END_UNDECIDED,
  OFFERED_CONTESTS,
  OFFERED_SIGNS,
  PREDICTED_SEVERITIES,
  PREDICTION_ENDS,
  QUARANTINE_CHECKS,
  RECOUNTS,
  REHOME_REASONS,
  STEPS,
  SURENESS,
  TRIGGERS,
  WAYS,
  applyEvent,
  correctableParts,
  definitionOf,
  eventFields,
  isEventType,
  residentsOfEvent,
  schemaOf,
  tankOfEvent,
} from './events';
export type {
  ChangeCheck,
  Condition,
  ContestKind,
  Dated,
  Entry,
  EquipmentFault,
  EventBodies,
  EventType,
  Happening,
  Member,
  NewEntry,
  PredictionEnd,
  QuarantineCheck,
  RehomeReason,
  ReturnKind,
  Sign,
  Step,
  Sureness,
  Trigger,
  Way,
} from './events';
export { CLEAR_DAYS, QUARANTINE_DAYS, QUARANTINE_LONG_DAYS } from './quarantineDays';
export { ILLNESS, isGuest } from './quarantineLife';
export { isDamaged, unreadable } from './readable';
export { isUnnamed, marksOf } from './marks';
export { EMPTY_ROOM, NEW_TANK_LIFE, residentsOf } from './room';
export type { FilterLife, QuarantineRun, Resident, Room, ToGo } from './room';
export { effective, effectiveInSteps, foldInSteps, foldOnInSteps, readOn, roomAfter } from './roomAt';
export type { Standing } from './roomAt';
export { trackTanks } from './trackTanks';
export { readSomebody, somebodyId } from './somebody';
