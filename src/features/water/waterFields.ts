import { eventFields, type Happening } from '@/core/events';

export type Reading = Exclude<
  Extract<keyof Extract<Happening, { type: 'tested' }>, string>,
  'type' | 'tank' | 'note' | 'by'
>;

interface ReadingField {
  readonly name: Reading;
  readonly label: string;
  /** The unit that is kept. */
  readonly unit: string;
}

/** What a test may read, in the order in which kits are used. */
export const READING_FIELDS: readonly ReadingField[] = [
  { name: 'temperatureC', label: 'Temperature', unit: '°C' },
  { name: 'ph', label: 'pH', unit: '' },
  { name: 'ammoniaMgL', label: 'Ammonia', unit: 'mg/L' },
  { name: 'nitriteMgL', label: 'Nitrite', unit: 'mg/L' },
  { name: 'nitrateMgL', label: 'Nitrate', unit: 'mg/L' },
  { name: 'ghDh', label: 'Hardness', unit: '°dH' },
  { name: 'khDh', label: 'KH', unit: '°dH' },
  { name: 'tdsPpm', label: 'TDS', unit: 'ppm' },
];

const { temperatureC, ph, ammoniaMgL, nitriteMgL, nitrateMgL, ghDh, khDh, tdsPpm } = eventFields('tested');
/** Each reading with its bounds. */
export const READINGS = { temperatureC, ph, ammoniaMgL, nitriteMgL, nitrateMgL, ghDh, khDh, tdsPpm };
