import type { EventType } from '@/core/events';
import type { DocumentKind } from '@/core/records';

/** Sorts of documents that keepers call otherwise than files do. */
const DOCUMENTS: Readonly<Partial<Record<DocumentKind, string>>> = {
  'former-life': 'the history of a fish',
  light: 'a light schedule',
  floor: 'a floor map',
  photo: 'a picture',
  waves: 'a plan of arrivals',
  'house-move': 'a tank move',
  shops: 'the stock of a shop',
  watching: 'a running watch',
  draft: 'a stock list',
  'put-off': 'a snoozed task',
  wishes: 'a wish list',
  care: 'recurring care',
  settings: 'the settings',
  species: 'a species of your own',
};

/** What a keeper calls a sort of document: "a stock list". */
export const documentName = (kind: string): string =>
  (Object.hasOwn(DOCUMENTS, kind) ? DOCUMENTS[kind as DocumentKind] : undefined) ??
  `a ${kind.replace(/-/g, ' ')}`;

/** Parts of an entry as forms call them. */
const PARTS: Readonly<Record<string, string>> = {
  lengthCm: 'Length',
  minutes: 'Minutes',
  count: 'Number',
  males: 'Males',
  females: 'Females',
  from: 'Shop or keeper',
  note: 'Note',
  text: 'Note',
  name: 'Name',
  place: 'Where',
  cause: 'Cause',
  taker: 'New keeper',
  credit: 'In return',
  reason: 'Reason',
  how: 'How',
  sex: 'Sex',
  sure: 'How sure',
  step: 'Intervention',
  origin: 'Origin',
  way: 'How acquired',
  quarantine: 'Quarantine',
  protocol: 'How introduced',
  ordered: 'Ordered',
  deadOnArrival: 'Dead on arrival',
  daysInShop: 'Days in the shop',
  bornAbout: 'Born about',
  until: 'Until',
  nextTank: 'Next tank',
  bad: 'Severity, 1 to 3',
  trigger: 'Trigger',
  hours: 'Hours after release',
  days: 'Days',
  about: 'Claim',
  outcome: 'How it was settled',
  why: 'Reason',
  fraction: 'Share changed',
  doseMgL: 'Ammonia dose',
  temperatureC: 'Temperature',
  ph: 'pH',
  ammoniaMgL: 'Ammonia',
  nitriteMgL: 'Nitrite',
  nitrateMgL: 'Nitrate',
  ghDh: 'GH',
  khDh: 'KH',
  tdsPpm: 'TDS, ppm',
  by: 'Measured by',
};

/** Parts of documents as forms call them. */
const OF_DOCUMENTS: Readonly<Record<string, string>> = {
  widthCm: 'Width',
  heightCm: 'Height',
  bowCm: 'Bow',
  glassMm: 'Glass',
  waterLineCm: 'Water line',
  substrateCm: 'Substrate depth',
  filterLph: 'Filter flow',
  species: 'Species',
  resident: 'Fish',
  tank: 'Tank',
  on: 'Date',
  winner: 'Winner',
  loser: 'Loser',
  price: 'Price',
  everyDays: 'Every',
};

/** Parts that mean something else in one sort of entry. */
const OF_ONE: Readonly<Partial<Record<EventType, Readonly<Record<string, string>>>>> = {
  chased: {
    what: 'What happened',
    winner: 'Won by',
    loser: 'Against',
    undecided: 'Neither had the better',
  },
  saw: { what: 'Sign' },
  filter: { what: 'Step' },
  'equipment-fault': { what: 'What failed' },
  quarantine: { what: 'Step' },
  treated: { what: 'Product and dose' },
  counted: { seen: 'Counted' },
  fry: { seen: 'Fry seen' },
  looked: { seen: 'Fish seen' },
};

/** What forms call the part at the end of a path: `tank.waterLineCm` is "Water line". Undefined where none has a name. */
export function partLabel(path: string): string | undefined {
  const parts = path.split(/[.[\]]+/).reverse();
  for (const part of parts) {
    const label = PARTS[part] ?? OF_DOCUMENTS[part];
    if (label !== undefined) return label;
  }
  return undefined;
}

/** What a part of an entry is called; undefined where nobody has named it. */
export const entryLabel = (type: EventType, part: string): string | undefined =>
  OF_ONE[type]?.[part] ?? PARTS[part];
