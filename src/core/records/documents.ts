import { string, type InferType, type ObjectSchema } from 'yup';
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
import { idField, type DocumentId, type TankId } from '../kernel/schema/ids';
import {
  planGroupSchema,
  planPracticeSchema,
  planRoutineSchema,
  planTankSchema,
  planWaterSchema,
} from '../model/plan';
import { wishSchema, type Wish } from '../lineups/wishes';
import { shopItemSchema, type ShopItem } from '../arrivals/shopStock';
import { storyFields } from '../formats/lifeFile';
import { PIECES, type Piece } from '../sightlines/sightlines';
import { speciesSchema, type SpeciesProfile } from '../model/species';
import { momentField } from '../events/events';

export const TANK_PURPOSES = ['display', 'grow-out', 'quarantine', 'hospital'] as const;

/** Words a keeper typed for a measure, by the path of the field, so that they come back as typed. */
const enteredSchema = groupField('values as typed', {}).optional().default(undefined);

const tankDocument = groupField('a tank', {
  name: textField('a name'),
  purpose: choiceField('what it is for', TANK_PURPOSES),
  order: numberField('its place in the rack', -1e6, 1e6),
  tank: planTankSchema,
  water: planWaterSchema,
  routine: planRoutineSchema,
  practice: planPracticeSchema,
  entered: enteredSchema,
});

const draftGroupSchema = groupField('a listed group', {
  key: textField('a key'),
  group: planGroupSchema,
  /** Price of one, in the keeper's money; how many to buy when more are bought than stay. */
  price: numberField('a price', 0, 1e6).optional(),
  buy: wholeField('how many to buy', 1, 10_000).optional(),
});
export type DraftGroup = InferType<typeof draftGroupSchema>;

const draftDocument = groupField('a draft stock list', {
  tank: idField<TankId>('a tank'),
  name: textField('a name'),
  note: noteField('a note').optional(),
  groups: listField<DraftGroup>('groups', draftGroupSchema),
});

/** A wish with what it costs, in the keeper's money. */
const keptWishSchema = wishSchema.shape({ price: numberField('a price of one', 0, 1e6).optional() });
export type KeptWish = Wish & { readonly price?: number | undefined };

const wishesDocument = groupField('a wish list', {
  tank: idField<TankId>('a tank'),
  wishes: listField<KeptWish>('wishes', keptWishSchema),
  calm: yesNoField('whether pairs in doubt are left out').optional(),
  nitrateBudget: positiveField('nitrate in mg/L a week', 1000).optional(),
});

const dateField = (meaning: string) =>
  textField(meaning).matches(/^\d{4}-\d{2}-\d{2}$/, `${meaning} as an ISO date`);

const waveSchema = groupField('a wave', {
  keys: listField<string>('kinds that come together', textField('a key')),
  lane: textField('a quarantine tank').nullable().optional().default(null),
  arrives: dateField('when it comes'),
  releases: dateField('when it is released'),
});

const wavesDocument = groupField('a plan of waves', {
  tank: idField<TankId>('a tank'),
  school: choiceField('the school of order', ['gentlest first', 'favourite first'] as const),
  quarantineDays: wholeField('days in quarantine', 0, 120),
  waves: listField<InferType<typeof waveSchema>>('waves', waveSchema),
});

/** A release that runs: which kinds, and what was ticked when. */
const releaseDocument = groupField('a release', {
  tank: idField<TankId>('a tank'),
  who: textField('who is released'),
  startedOn: momentField('when it began'),
  done: listField<{ step: string; on: string }>(
    'steps done',
    groupField('a step', { step: textField('a step'), on: momentField('when') }),
  ),
});

/** What the light timer is told: dark from a moment, then raised slowly. */
const lightDocument = groupField('a light timer', {
  tank: idField<TankId>('a tank'),
  offOn: momentField('dark from'),
  rampFrom: momentField('raised from'),
  rampMinutes: wholeField('minutes to full light', 1, 2880),
});

const pieceSchema = groupField('a piece of hardscape', {
  kind: choiceField('what it is', PIECES),
  x: numberField('where along the tank, cm', 0, 2000),
  y: numberField('where from front to back, cm', 0, 2000),
  lengthCm: positiveField('a length in cm', 400),
  widthCm: positiveField('a depth in cm', 400),
  turned: numberField('degrees', -360, 360),
});

/** The floor of a tank seen from above: what stands on it, where a holder sits, and the map that was before. */
const floorDocument = groupField('a floor plan', {
  tank: idField<TankId>('a tank'),
  holder: groupField('where the holder sits', {
    x: numberField('where along the tank, cm', 0, 2000),
    y: numberField('where from front to back, cm', 0, 2000),
  })
    .nullable()
    .optional()
    .default(null),
  pieces: listField<Piece>('pieces', pieceSchema),
  before: listField<Piece>('pieces before', pieceSchema).optional(),
});

/** Due things put off, each with its day and the reason. */
const putOffDocument = groupField('what is put off', {
  items: listField<{ key: string; until: string; why: string }>(
    'things put off',
    groupField('a thing put off', {
      key: textField('what'),
      until: dateField('until when'),
      why: noteField('why'),
    }),
  ),
});

/** Shop stock that the keeper has read in from a file, beside the simulated shops. */
const shopsDocument = groupField('shop stock', {
  readOn: dateField('when it was read'),
  items: listField<ShopItem>('items', shopItemSchema),
});

/** A picture is made small before it is kept: so many characters at the most. */
export const LARGEST_PICTURE = 600_000;

/** A picture of a fish, made small before it is kept. */
const photoDocument = groupField('a picture', {
  resident: textField('whose'),
  on: momentField('when it was taken'),
  /** A JPEG as a data address. */
  data: string()
    .required('a picture')
    .max(LARGEST_PICTURE, 'a picture of at most 600,000 characters')
    .matches(/^data:image\/(jpeg|png|webp);base64,/, 'a picture as a data address'),
  note: noteField('a note'),
});

/** What a former keeper wrote of a fish, as it came with its file. */
const formerLifeDocument = groupField('a life before', {
  resident: textField('whose'),
  keeper: noteField('the former keeper'),
  ...storyFields(),
});

/** Care that comes round by itself. */
const careDocument = groupField('recurring care', {
  tank: idField<TankId>('a tank'),
  items: listField<{ what: string; everyDays: number; lastOn: string }>(
    'things to do',
    groupField('a thing to do', {
      what: textField('what'),
      everyDays: wholeField('days', 1, 730),
      lastOn: dateField('when it was last done'),
    }),
  ),
});

/** A move from tank to tank while it runs: what was ticked, and each bucket with its counts out and in. */
const houseMoveDocument = groupField('a move', {
  from: idField<TankId>('a tank'),
  to: idField<TankId>('a tank'),
  startedOn: momentField('when it began'),
  done: listField<string>('steps done', textField('a step')),
  loads: listField<{ resident: string; out: number; in: number | null }>(
    'buckets',
    groupField('a bucket', {
      resident: textField('who'),
      out: wholeField('how many went in the bucket', 1, 10_000),
      in: wholeField('how many came out of it', 0, 10_000).nullable().optional().default(null),
    }),
  ),
});

const speciesDocument = groupField("a keeper's species", {
  profile: speciesSchema as unknown as ObjectSchema<SpeciesProfile>,
  changed: listField<string>('changed fields', textField('a field')),
});

const watchingDocument = groupField('a watch that runs', {
  tank: idField<TankId>('a tank'),
  watch: textField('the watch'),
  startedOn: momentField('when it began'),
  /** Seconds already counted before the last pause. */
  countedSeconds: numberField('seconds counted', 0, 1e7),
  /** When the clock last started; null while it is paused. */
  runningSince: momentField('when the clock last started').nullable().optional().default(null),
});

const settingsDocument = groupField('settings', {
  length: choiceField('lengths in', ['cm', 'in'] as const),
  volume: choiceField('volumes in', ['L', 'gal', 'impgal'] as const),
  temperature: choiceField('temperatures in', ['C', 'F'] as const),
  hardness: choiceField('hardness in', ['dH', 'ppmCaCO3'] as const),
  keeper: noteField('the keeper'),
});

/** Bodies by kind of document. A new kind is one line here. */
export const DOCUMENT_BODIES = {
  tank: tankDocument,
  draft: draftDocument,
  wishes: wishesDocument,
  waves: wavesDocument,
  release: releaseDocument,
  light: lightDocument,
  floor: floorDocument,
  'put-off': putOffDocument,
  shops: shopsDocument,
  photo: photoDocument,
  care: careDocument,
  'former-life': formerLifeDocument,
  'house-move': houseMoveDocument,
  species: speciesDocument,
  watching: watchingDocument,
  settings: settingsDocument,
} as const;

export type DocumentKind = keyof typeof DOCUMENT_BODIES;
export type DocumentBodies = { [K in DocumentKind]: InferType<(typeof DOCUMENT_BODIES)[K]> };
/** A plan-like thing with revisions. `body: null` means removed; the last revision says so. */
export type RoomDocument = {
  [K in DocumentKind]: {
    readonly id: DocumentId;
    readonly kind: K;
    readonly body: DocumentBodies[K] | null;
    readonly rev: number;
  };
}[DocumentKind];

export const documentBaseSchema = groupField('a document', {
  id: idField<DocumentId>('a document identifier'),
  kind: choiceField('the kind of document', Object.keys(DOCUMENT_BODIES) as DocumentKind[]),
  rev: wholeField('a revision', 1, 1e9),
});

export const DEFAULT_SETTINGS: DocumentBodies['settings'] = {
  length: 'cm',
  volume: 'L',
  temperature: 'C',
  hardness: 'dH',
  keeper: '',
};
