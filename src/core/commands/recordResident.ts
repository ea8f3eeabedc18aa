import type { Stamp } from '../gate';
import type { BROOD_ENDS, Dated, Member, RECOUNTS, Resident, Sureness } from '../events';
import { type Cm, type Expected, type Fault, faultOf, type ResidentId, type TankId } from '../kernel';
import { freshId } from './made';

/** What can be recorded about one that lives here. */
export const RECORDS = [
  'moved',
  'measured',
  'sexed',
  'named',
  'split off',
  'identified',
  'paired',
  'spawned',
  'fry seen',
  'young kept',
  'brood lost',
  'number corrected',
] as const;
export type RecordKind = (typeof RECORDS)[number];
type Body = Dated extends infer D ? (D extends Dated ? Omit<D, 'on'> : never) : never;

/** What the keeper says of it; what a kind of record does not ask for is left out. Lengths in cm, days `YYYY-MM-DD`. */
export interface RecordInput {
  readonly tank?: TankId | undefined;
  readonly until?: string | undefined;
  readonly sex?: 'male' | 'female' | undefined;
  readonly sure?: Sureness | undefined;
  readonly partner?: ResidentId | undefined;
  readonly species?: string | undefined;
  readonly lengthCm?: Cm | undefined;
  readonly count?: number | undefined;
  /** Why the record of a group was off. */
  readonly why?: (typeof RECOUNTS)[number] | undefined;
  /** How a brood came to its end. */
  readonly brood?: (typeof BROOD_ENDS)[number] | undefined;
  /** A note, or the name or mark where the record gives one. */
  readonly text: string;
}

/** Length of young when they are first kept, cm (from memory: two or three weeks old). */
const YOUNG_CM = 1;

/** The event that the input says, or what is missing in it, by its part. */
export function recordResident(
  kind: RecordKind,
  resident: Resident,
  input: RecordInput,
  stamp: Pick<Stamp, 'id'>,
): Body | Fault {
  const { tank, until, sex, sure = 'likely', partner, species, lengthCm, count, why, brood, text } = input;
  const { id } = resident;
  const missing = (path: keyof RecordInput, expected: Expected = { is: 'filled' }): Fault =>
    faultOf(path, expected);
  const unsexed = (heads: number, individual: boolean): Member => ({
    id: freshId<ResidentId>(stamp),
    name: text,
    count: heads,
    individual,
    sex: 'unknown',
    males: null,
    females: null,
  });
  switch (kind) {
    case 'moved':
      return tank
        ? { type: 'moved', resident: id, tank, note: text, ...(until ? { until } : {}) }
        : missing('tank');
    case 'measured':
      return lengthCm ? { type: 'measured', resident: id, lengthCm } : missing('lengthCm');
    case 'sexed':
      return sex
        ? { type: 'sexed', resident: id, sex, sure, males: null, females: null, note: text }
        : missing('sex');
    case 'named':
      return text ? { type: 'named', resident: id, name: text } : missing('text');
    case 'split off':
      if (!count || count > resident.count)
        return missing('count', { is: 'whole', from: 1, to: resident.count });
      return text ? { type: 'split', resident: id, into: [unsexed(count, count === 1)] } : missing('text');
    case 'identified':
      return species ? { type: 'identified', resident: id, species, note: text } : missing('species');
    case 'paired':
      return partner ? { type: 'paired', first: id, second: partner, note: text } : missing('partner');
    case 'spawned':
      return {
        type: 'spawned',
        tank: resident.tank,
        parents: [id],
        species: resident.species,
        note: text,
      };
    case 'fry seen':
      return count
        ? { type: 'fry', tank: resident.tank, species: resident.species, seen: count, note: text }
        : missing('count', { is: 'whole', from: 1, to: null });
    case 'brood lost':
      return {
        type: 'brood-lost',
        tank: resident.tank,
        species: resident.species,
        parents: resident.individual ? [id] : [],
        how: brood ?? 'not known',
        note: text,
      };
    case 'number corrected':
      if (count === undefined || count === resident.count)
        return missing('count', { is: 'whole', from: 0, to: null });
      return why ? { type: 'recounted', resident: id, count, why, note: text } : missing('why');
    case 'young kept':
      return count
        ? {
            type: 'born',
            tank: resident.tank,
            species: resident.species,
            member: unsexed(count, false),
            lengthCm: YOUNG_CM,
            note: '',
          }
        : missing('count', { is: 'whole', from: 1, to: null });
  }
}
