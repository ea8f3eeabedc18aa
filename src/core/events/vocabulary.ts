/** The words that entries of the journal are made of: what a field may say. */

export const SEXES = ['male', 'female', 'unknown'] as const;
export const SURENESS = ['sure', 'likely', 'guess'] as const;
export type Sureness = (typeof SURENESS)[number];
/** What is offered at the glass. */
export const OFFERED_CONTESTS = ['chase', 'nip', 'ram', 'pin', 'flare', 'standoff', 'lock', 'guard'] as const;
/** All that a file may say; the last four are of earlier files. */
export const CONTEST_KINDS = [...OFFERED_CONTESTS, 'bite', 'display', 'fight', 'evict'] as const;
export type ContestKind = (typeof CONTEST_KINDS)[number];
/** What often ends without a winner. */
export const MAY_END_UNDECIDED: ReadonlySet<ContestKind> = new Set([
  'flare',
  'standoff',
  'lock',
  'display',
  'fight',
]);
export const TRIGGERS = ['feeding', 'light', 'newcomer', 'breeding', 'none seen'] as const;
export type Trigger = (typeof TRIGGERS)[number];

/** What is offered at the glass to be said of a fish without a contest. */
export const OFFERED_SIGNS = [
  'holds ground',
  'hiding',
  'torn',
  'not eating',
  'paired',
  'dark',
  'digging',
  'guarding',
  'fry',
] as const;
/** All that can be seen of a fish or a tank without a contest. */
export const SIGNS = [
  ...OFFERED_SIGNS,
  'flashing',
  'spots or film',
  'gasping',
  'bloated',
  'thin',
  'panic',
  'eating',
] as const;
export type Sign = (typeof SIGNS)[number];

/** Ways in which fish are come by. */
export const WAYS = ['shop', 'breeder', 'club', 'auction', 'private', 'gift', 'own brood'] as const;
export type Way = (typeof WAYS)[number];
/** What is asked and looked at before a fish is taken. */
export const CONDITIONS = [
  'eats',
  'fins whole',
  'belly not sunken',
  'back not thin',
  'few scratches',
  'active',
  'is the kind ordered',
] as const;
export type Condition = (typeof CONDITIONS)[number];
/** Whether a batch was kept apart before it met the others. */
export const QUARANTINES = ['here', 'done', 'none'] as const;
export const PROTOCOLS = ['plain', 'single newcomer', 'skittish'] as const;
export const QUARANTINE_STEPS = ['begun', 'extended', 'passed', 'given up'] as const;
export type QuarantineStep = (typeof QUARANTINE_STEPS)[number];
/** Forgetting one of these kills the whole batch. */
export const QUARANTINE_CHECKS = ['seeded filter runs', 'dechlorinated', 'own nets and hoses'] as const;
export type QuarantineCheck = (typeof QUARANTINE_CHECKS)[number];
export const RECOUNTS = ['born here', 'missed before', 'lost unseen'] as const;
/** Hours after a release at which it is looked at again (common practice). */
export const LOOK_HOURS = [2, 24, 48, 168] as const;
export const STEPS = [
  'rearranged',
  'fed more often',
  'shorter light',
  'sight breaks',
  'more refuges',
  'fewer hides',
  'more of the kind',
  'dither fish',
  'sex ratio',
  'boss set aside',
  'larger tank',
  'box or divider',
  'slightly cooler',
  'rehomed',
  'other',
] as const;
export type Step = (typeof STEPS)[number];
/** How a brood came to its end. */
export const BROOD_ENDS = ['not known', 'eaten', 'fungused'] as const;
/** What is taken back of an earlier entry. */
export const RETURNS = ['found alive', 'returned', 'out of the box', 'pair parted'] as const;
export type ReturnKind = (typeof RETURNS)[number];
/** Steps in which one fish is put somewhere for a time. */
export const ASIDE_STEPS: readonly Step[] = ['boss set aside', 'box or divider'];
export const DEATHS = ['found', 'missing', 'put down'] as const;
export const REHOME_REASONS = [
  'too big',
  'too messy',
  'too rough',
  'bullied',
  'surplus',
  'surplus male',
  'wrong species',
  'blocks a planned fish',
  'not of this region',
  'old',
  'moving house',
  'other',
] as const;

export type RehomeReason = (typeof REHOME_REASONS)[number];

/** How a warning that is kept score of came out. */
export const PREDICTION_ENDS = ['happened', 'did not happen', 'cannot be told'] as const;
export type PredictionEnd = (typeof PREDICTION_ENDS)[number];
/** Warnings that are worth keeping score of. */
export const PREDICTED_SEVERITIES = ['stop', 'caution'] as const;

export const MEASURED_BY = ['kit', 'strip', 'probe', 'shop'] as const;
/** Steps of a water change that are ticked one by one. */
export const CHANGE_CHECKS = [
  'dechlorinated',
  'temperature matched',
  'heater on again',
  'lid closed',
] as const;
export type ChangeCheck = (typeof CHANGE_CHECKS)[number];
/** What fails in a fish room. */
export const EQUIPMENT_FAULTS = [
  'heater stuck on',
  'heater off',
  'filter stopped',
  'air pump stopped',
  'power cut',
  'leak',
] as const;
export type EquipmentFault = (typeof EQUIPMENT_FAULTS)[number];
export const FILTER_STEPS = ['started', 'seeded', 'dosed', 'cleaned', 'torn down', 'dried'] as const;
export type FilterStep = (typeof FILTER_STEPS)[number];
