import { mixed, type InferType } from 'yup';
import {
  choiceField,
  groupField,
  listField,
  noteField,
  numberField,
  positiveField,
  textField,
  wholeField,
  yesNoField,
} from '../kernel/schema/fields';
import { idField, type EntryId, type ResidentId, type TankId } from '../kernel/schema/ids';
import { ORIGINS } from '../model/plan';

import {
  SEXES,
  SURENESS,
  CONTEST_KINDS,
  TRIGGERS,
  SIGNS,
  WAYS,
  CONDITIONS,
  QUARANTINES,
  PROTOCOLS,
  QUARANTINE_STEPS,
  QUARANTINE_CHECKS,
  RECOUNTS,
  STEPS,
  DEATHS,
  REHOME_REASONS,
  MEASURED_BY,
  CHANGE_CHECKS,
  FILTER_STEPS,
  type Sign,
  type Condition,
  type QuarantineCheck,
  type ChangeCheck,
} from './vocabulary';

export * from './vocabulary';

const tank = () => idField<TankId>('a tank');
const resident = () => idField<ResidentId>('a fish or group');
const species = () => textField('a species identifier');
const count = () => wholeField('a count', 1, 10_000);
const length = () => positiveField('a length in cm', 400);
const note = () => noteField('a note');

/** A home for a time: until when, and where to then. */
const stay = () => ({
  until: textField('until when')
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'an ISO date')
    .optional(),
  nextTank: noteField('the next tank').optional(),
});

const memberSchema = groupField('a newcomer', {
  id: resident(),
  name: noteField('a name or mark'),
  count: count(),
  individual: yesNoField('an individual'),
  sex: choiceField('sex', SEXES),
  males: wholeField('males', 0, 10_000).nullable().optional().default(null),
  females: wholeField('females', 0, 10_000).nullable().optional().default(null),
});
export type Member = InferType<typeof memberSchema>;

/**
 * What can happen in a room, one body schema an event. A new event is one entry here and one case in `applyEvent`.
 * Lengths in cm, durations in minutes.
 */
export const EVENT_BODIES = {
  came: groupField('an arrival', {
    tank: tank(),
    species: species(),
    members: listField<Member>('newcomers', memberSchema).min(1, 'at least one newcomer'),
    lengthCm: length(),
    origin: choiceField('origin', ORIGINS),
    from: noteField('where from'),
    note: note(),
    way: choiceField('how it was come by', WAYS).optional(),
    /** How many were ordered, and how many of them were dead in the bag; those are not among the newcomers. */
    ordered: wholeField('how many were ordered', 1, 10_000).optional(),
    deadOnArrival: wholeField('how many were dead', 0, 10_000).optional(),
    quarantine: choiceField('quarantine', QUARANTINES).optional(),
    protocol: choiceField('how it was introduced', PROTOCOLS).optional(),
    /** What was seen to be well before it was taken; null when nobody looked. */
    seen: listField<Condition>('what was seen to be well', choiceField('a condition', CONDITIONS)).optional(),
    daysInShop: wholeField('days in the shop', 0, 3650).optional(),
    /** When it was born, as far as anybody knows: a year, a month or a day. */
    bornAbout: noteField('when it was born').optional(),
    ...stay(),
  }),
  moved: groupField('a move', {
    resident: resident(),
    tank: tank(),
    note: note(),
    protocol: choiceField('how it was introduced', PROTOCOLS).optional(),
    ...stay(),
  }),
  split: groupField('a split', {
    resident: resident(),
    into: listField<Member>('parts', memberSchema).min(1, 'at least one part'),
  }),
  named: groupField('a naming', { resident: resident(), name: textField('a name or mark') }),
  sexed: groupField('a sexing', {
    resident: resident(),
    sex: choiceField('sex', SEXES),
    sure: choiceField('how sure', SURENESS),
    males: wholeField('males', 0, 10_000).nullable().optional().default(null),
    females: wholeField('females', 0, 10_000).nullable().optional().default(null),
    note: note(),
  }),
  identified: groupField('an identification', { resident: resident(), species: species(), note: note() }),
  paired: groupField('a pairing', { first: resident(), second: resident(), note: note() }),
  spawned: groupField('a spawning', {
    tank: tank(),
    parents: listField<ResidentId>('parents', resident()),
    species: species(),
    note: note(),
  }),
  fry: groupField('fry seen', {
    tank: tank(),
    species: species(),
    seen: wholeField('fry seen', 0, 100_000),
    note: note(),
  }),
  born: groupField('young kept', {
    tank: tank(),
    species: species(),
    member: memberSchema,
    lengthCm: length(),
    note: note(),
  }),
  measured: groupField('a measuring', { resident: resident(), lengthCm: length() }),
  watched: groupField('a watch', {
    tank: tank(),
    minutes: numberField('minutes watched', 0, 1440),
    note: note(),
    /** The watch whose contests these minutes hold. */
    watch: noteField('the watch').optional(),
  }),
  chased: groupField('a contest', {
    tank: tank(),
    watch: noteField('the watch it belongs to'),
    winner: resident(),
    loser: resident(),
    what: choiceField('what happened', CONTEST_KINDS),
    place: noteField('where'),
    /** 1 passing, 2 hard, 3 hurt. */
    bad: wholeField('how bad, from 1 to 3', 1, 3).optional(),
    trigger: choiceField('what set it off', TRIGGERS).optional(),
  }),
  /** Something seen of a fish, or of the tank as a whole, without a contest. */
  saw: groupField('a sign', {
    tank: tank(),
    resident: resident().nullable().optional().default(null),
    what: choiceField('what was seen', SIGNS),
    place: noteField('where'),
    watch: noteField('the watch it belongs to').optional(),
    note: note(),
  }),
  /** The minute's look some hours after a release. */
  looked: groupField('a look at newcomers', {
    tank: tank(),
    hours: wholeField('hours after the release', 0, 1000),
    seen: wholeField('newcomers seen', 0, 10_000).nullable().optional().default(null),
    signs: listField<Sign>('signs', choiceField('a sign', SIGNS)),
    note: note(),
  }),
  /** Something given or added. Recorded, never dosed by Lomvik. */
  treated: groupField('a treatment', { tank: tank(), what: textField('what was given'), note: note() }),
  quarantine: groupField('a step of a quarantine', {
    tank: tank(),
    what: choiceField('the step', QUARANTINE_STEPS),
    days: wholeField('days it is to last', 1, 365).optional(),
    checked: listField<QuarantineCheck>(
      'what was ticked',
      choiceField('a check', QUARANTINE_CHECKS),
    ).optional(),
    note: note(),
  }),
  /** What is asked of a seller when the wrong kind came, or dead ones did; settled when an outcome is given. */
  claimed: groupField('a claim', {
    tank: tank(),
    from: textField('the seller'),
    about: textField('what is claimed'),
    outcome: noteField('how it ended'),
  }),
  /** The book brought to what was counted, and why it was off. */
  recounted: groupField('a count put right', {
    resident: resident(),
    count: wholeField('a count', 0, 10_000),
    why: choiceField('why it was off', RECOUNTS),
    note: note(),
  }),
  'stepped-in': groupField('a step taken', {
    tank: tank(),
    step: choiceField('the step', STEPS),
    note: note(),
    /** Steps of one bundle were taken in the same hour: their parts cannot be told apart. */
    bundle: noteField('the bundle it belongs to').optional(),
    who: resident().optional(),
    until: textField('until when')
      .matches(/^\d{4}-\d{2}-\d{2}$/, 'an ISO date')
      .optional(),
  }),
  counted: groupField('a count', {
    tank: tank(),
    species: species(),
    seen: wholeField('animals seen', 0, 100_000),
    note: note(),
  }),
  /** Somebody is to leave: why, and who takes it once that is arranged. A count of 0 says that it stays after all. */
  'to-go': groupField('a decision to rehome', {
    resident: resident(),
    count: wholeField('a count', 0, 10_000),
    reason: choiceField('the reason', REHOME_REASONS),
    taker: noteField('who takes it'),
    note: note(),
  }),
  rehomed: groupField('a rehoming', {
    resident: resident(),
    count: count(),
    reason: choiceField('the reason', REHOME_REASONS),
    taker: textField('who takes it'),
    credit: noteField('credit'),
    note: note(),
  }),
  died: groupField('a death', {
    resident: resident(),
    count: count(),
    how: choiceField('how it was found', DEATHS),
    cause: noteField('the cause'),
    note: note(),
    signs: listField<Sign>('signs', choiceField('a sign', SIGNS)).optional(),
    /** Deaths of one cause in one go share the name of the incident. */
    incident: noteField('the incident it belongs to').optional(),
  }),
  /** A water test. What was not measured is left out. */
  tested: groupField('a water test', {
    tank: tank(),
    temperatureC: numberField('a temperature from 0 to 45 °C', 0, 45).optional(),
    ph: numberField('a pH from 3 to 11', 3, 11).optional(),
    /** Ammonia and ammonium together, as kits read them, mg/L. */
    ammoniaMgL: numberField('ammonia from 0 to 50 mg/L', 0, 50).optional(),
    nitriteMgL: numberField('nitrite from 0 to 50 mg/L', 0, 50).optional(),
    nitrateMgL: numberField('nitrate from 0 to 500 mg/L', 0, 500).optional(),
    ghDh: numberField('hardness from 0 to 60 °dH', 0, 60).optional(),
    khDh: numberField('carbonate hardness from 0 to 60 °dH', 0, 60).optional(),
    tdsPpm: numberField('dissolved matter from 0 to 5000 ppm', 0, 5000).optional(),
    by: choiceField('what measured', MEASURED_BY).optional(),
    note: note(),
  }),
  'water-changed': groupField('a water change', {
    tank: tank(),
    fraction: numberField('a share of the water from 0.01 to 1', 0.01, 1),
    /** What was ticked: forgetting one of these kills fish. */
    checked: listField<ChangeCheck>('what was ticked', choiceField('a check', CHANGE_CHECKS)),
    note: note(),
  }),
  filter: groupField('something done with a filter', {
    tank: tank(),
    what: choiceField('what was done', FILTER_STEPS),
    /** Ammonia dosed to prove the filter, mg/L. */
    doseMgL: numberField('a dose from 0 to 10 mg/L', 0, 10).optional(),
    note: note(),
  }),
  noted: groupField('a note', {
    tank: tank().nullable().optional().default(null),
    text: textField('the note'),
  }),
} as const;

export type EventType = keyof typeof EVENT_BODIES;
export const EVENT_TYPES = Object.keys(EVENT_BODIES) as readonly EventType[];

export type EventBodies = { [T in EventType]: InferType<(typeof EVENT_BODIES)[T]> };
/** What happened: a type with the body that belongs to it. */
export type Happening = { [T in EventType]: { readonly type: T } & EventBodies[T] }[EventType];
/** A correction replaces what an earlier entry says, or strikes it out with `null`. The earlier entry stays in the journal. */
export interface Correction {
  readonly type: 'corrected';
  readonly target: EntryId;
  readonly replacement: Dated | null;
}
/** A happening with its moment, ISO date and time. */
export type Dated = Happening & { readonly on: string };
/** One line of the journal. `seq` is its place, given by the store; `recorded` the moment it was written down. */
export type Entry = (Dated | (Correction & { readonly on: string })) & {
  readonly id: EntryId;
  readonly seq: number;
  readonly recorded: string;
};
/** An entry that the store has not placed yet. */
export type NewEntry = Entry extends infer E ? (E extends Entry ? Omit<E, 'seq'> : never) : never;

export const momentField = (meaning: string) =>
  textField(meaning).test(
    'moment',
    `${meaning} as an ISO date and time`,
    (value) => typeof value === 'string' && /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/.test(value),
  );

export const entryBaseSchema = groupField('an entry', {
  id: idField<EntryId>('an entry identifier'),
  type: mixed<EventType | 'corrected'>(
    (value): value is EventType | 'corrected' =>
      value === 'corrected' || EVENT_TYPES.includes(value as EventType),
  )
    .typeError(`the kind of entry: one of ${[...EVENT_TYPES, 'corrected'].join(', ')}`)
    .required('the kind of entry'),
  on: momentField('when it happened'),
  recorded: momentField('when it was recorded'),
});
