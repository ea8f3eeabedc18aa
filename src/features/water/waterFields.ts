import { eventFields, type Happening } from '@/core/events';

export type Reading = Exclude<
  Extract<keyof Extract<Happening, { type: 'tested' }>, string>,
  'type' | 'tank' | 'note' | 'by'
>;

interface ReadingField {
  readonly name: Reading;
  readonly label: string;
}

/** What a test may read, in the order in which kits are used. */
export const READING_FIELDS: readonly ReadingField[] = [
  { name: 'temperatureC', label: 'Temperature' },
  { name: 'ph', label: 'pH' },
  { name: 'ammoniaMgL', label: 'Ammonia' },
  { name: 'nitriteMgL', label: 'Nitrite' },
  { name: 'nitrateMgL', label: 'Nitrate' },
  { name: 'ghDh', label: 'GH' },
  { name: 'khDh', label: 'KH' },
  { name: 'tdsPpm', label: 'TDS, ppm' },
];

const { temperatureC, ph, ammoniaMgL, nitriteMgL, nitrateMgL, ghDh, khDh, tdsPpm } = eventFields('tested');
/** Each reading with its bounds. */
export const READINGS = { temperatureC, ph, ammoniaMgL, nitriteMgL, nitrateMgL, ghDh, khDh, tdsPpm };
