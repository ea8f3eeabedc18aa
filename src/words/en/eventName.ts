import type { Dated } from '@/core/events';

/** What a keeper calls each sort of entry. */
const NAMES: Readonly<Record<Dated['type'], string>> = {
  chased: 'a contest',
  died: 'a death',
  'back-again': 'a return',
  identified: 'an identification',
  named: 'a naming',
  claimed: 'a claim',
  sexed: 'a sexing',
  moved: 'a move',
  rehomed: 'a rehoming',
  measured: 'a measurement',
  split: 'a split',
  watched: 'a watch',
  'stepped-in': 'an intervention',
  came: 'an arrival',
  treated: 'a treatment',
  saw: 'a sign',
  quarantine: 'a quarantine step',
  looked: 'a follow-up check',
  born: 'young kept',
  paired: 'a pairing',
  filter: 'an entry of the filter',
  counted: 'a count',
  'water-changed': 'a water change',
  tested: 'a water test',
  noted: 'a note',
  recounted: 'a corrected head count',
  fry: 'fry seen',
  'brood-lost': 'a lost brood',
  'equipment-fault': 'an equipment fault',
  spawned: 'a spawning',
  'to-go': 'a decision to rehome',
  predicted: 'warnings kept score of',
  settled: 'a warning settled',
};

/** What a keeper calls a sort of entry; foreign ones by their own name. */
export const eventName = (type: string): string =>
  type === 'corrected'
    ? 'a correction'
    : Object.hasOwn(NAMES, type)
      ? NAMES[type as Dated['type']]
      : `"${type}"`;
