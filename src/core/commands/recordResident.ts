import type { Stamp } from '../gate/change';
import type { Dated, Member } from '../events/events';
import type { Resident } from '../events/room';
import type { ResidentId, TankId } from '../kernel/schema/ids';
import { freshId } from './made';

/** What can be recorded about one that lives here. */
export const RECORDS = [
  'moved',
  'measured',
  'sexed',
  'named',
  'split off',
  'identified anew',
  'paired',
  'spawned',
  'fry seen',
  'young kept',
] as const;
export type RecordKind = (typeof RECORDS)[number];
type Body = Dated extends infer D ? (D extends Dated ? Omit<D, 'on'> : never) : never;

/** The fields of the form, as typed. */
export interface RecordFields {
  readonly number: string;
  readonly text: string;
  readonly choice: string;
  readonly sure: string;
  readonly species: string;
  readonly until: string;
}

export const NO_FIELDS: RecordFields = {
  number: '',
  text: '',
  choice: '',
  sure: 'likely',
  species: '',
  until: '',
};

/** The event that the filled-in fields say, or the words for what is missing. */
export function recordResident(
  kind: RecordKind,
  resident: Resident,
  fields: RecordFields,
  stamp: Pick<Stamp, 'id'>,
): Body | string {
  const amount = Number(fields.number.replace(',', '.'));
  const wholeUpTo = (most: number): boolean => Number.isInteger(amount) && amount >= 1 && amount <= most;
  const id = resident.id;
  const unsexed = (individual: boolean): Member => ({
    id: freshId<ResidentId>(stamp),
    name: fields.text.trim(),
    count: amount,
    individual,
    sex: 'unknown',
    males: null,
    females: null,
  });
  switch (kind) {
    case 'moved':
      return fields.choice
        ? {
            type: 'moved',
            resident: id,
            tank: fields.choice as TankId,
            note: fields.text,
            ...(fields.until ? { until: fields.until } : {}),
          }
        : 'Choose the tank it goes to.';
    case 'measured':
      return amount > 0 && amount <= 400
        ? { type: 'measured', resident: id, lengthCm: amount }
        : 'Expected a length in cm above 0.';
    case 'sexed':
      return fields.choice
        ? {
            type: 'sexed',
            resident: id,
            sex: fields.choice as 'male',
            sure: (fields.sure || 'likely') as 'likely',
            males: null,
            females: null,
            note: fields.text,
          }
        : 'Choose a sex.';
    case 'named':
      return fields.text.trim()
        ? { type: 'named', resident: id, name: fields.text.trim() }
        : 'Give it a name or a mark.';
    case 'split off':
      return wholeUpTo(resident.count) && fields.text.trim()
        ? {
            type: 'split',
            resident: id,
            into: [unsexed(amount === 1)],
          }
        : `Expected a name, and how many: 1 to ${resident.count}.`;
    case 'identified anew':
      return fields.species
        ? { type: 'identified', resident: id, species: fields.species, note: fields.text }
        : 'Choose the species it turned out to be.';
    case 'paired':
      return fields.choice
        ? { type: 'paired', first: id, second: fields.choice as ResidentId, note: fields.text }
        : 'Choose its partner.';
    case 'spawned':
      return {
        type: 'spawned',
        tank: resident.tank,
        parents: [id],
        species: resident.species,
        note: fields.text,
      };
    case 'fry seen':
      return wholeUpTo(100_000)
        ? { type: 'fry', tank: resident.tank, species: resident.species, seen: amount, note: fields.text }
        : 'Expected how many, a whole number.';
    case 'young kept':
      return wholeUpTo(10_000)
        ? {
            type: 'born',
            tank: resident.tank,
            species: resident.species,
            member: unsexed(false),
            lengthCm: 1,
            note: '',
          }
        : 'Expected how many, a whole number.';
  }
}
