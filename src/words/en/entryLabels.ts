import type { EventType } from '@/core/events';

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

/** Parts that mean something else in one sort of entry. */
const OF_ONE: Readonly<Partial<Record<EventType, Readonly<Record<string, string>>>>> = {
  chased: { what: 'What happened' },
  saw: { what: 'Sign' },
  filter: { what: 'Step' },
  quarantine: { what: 'Step' },
  treated: { what: 'Product and dose' },
  counted: { seen: 'Counted' },
  fry: { seen: 'Fry seen' },
  looked: { seen: 'Fish seen' },
};

/** What a part of an entry is called; undefined where nobody has named it. */
export const entryLabel = (type: EventType, part: string): string | undefined =>
  OF_ONE[type]?.[part] ?? PARTS[part];
