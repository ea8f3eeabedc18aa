import type { InferType } from 'yup';
import {
  type Fault,
  faultOf,
  firstVersionField,
  formatField,
  groupField,
  listField,
  monthField,
  type Outcome,
  says,
  textField,
  validate,
} from '../kernel';
import { type Stay, stayFaults, staySchema } from './stay';

export const EXPERIENCE_FORMAT = 'lomvik-experience';
/** A keeper of twenty tanks for twenty years has fewer stays. */
const MOST_STAYS = 5000;

const experienceSchema = groupField({
  format: formatField(EXPERIENCE_FORMAT),
  version: firstVersionField(),
  /** Drawn by chance, once a room: so that the same room is not counted twice. It says nothing of anybody. */
  room: textField(),
  made: monthField().required(says({ is: 'month' })),
  stays: listField<Stay>(staySchema, { most: MOST_STAYS }),
});

/** What one room has lived through, without who, where or when exactly: `*.lomvik-experience.json`. */
export type ExperienceFile = InferType<typeof experienceSchema>;

const idFaults = (stays: readonly Stay[]): readonly Fault[] => {
  const seen = new Set<string>();
  return stays.flatMap(({ id }, at) => {
    const again = seen.has(id);
    seen.add(id);
    return again ? [faultOf(`stays[${at}].id`, { is: 'unique' }, id)] : [];
  });
};

/**
 * An experience file from foreign data. Species need not be in the catalogue: a newer one may know them.
 *
 * Errors: every fault with its path; nothing of a file is taken when anything is wrong with it.
 * @example readExperience({ format: 'lomvik-experience', version: 1, room: 'r', made: '2027-05', stays: [] }).ok // true
 */
export function readExperience(value: unknown): Outcome<ExperienceFile> {
  const { version } = (value ?? {}) as { version?: unknown };
  if (typeof version === 'number' && version > 1)
    return { ok: false, faults: [faultOf('version', { is: 'version', to: 1, newer: true }, version)] };
  const checked = validate(experienceSchema, value);
  if (!checked.ok) return checked;
  const { stays, made } = checked.value;
  const faults = [...idFaults(stays), ...stays.flatMap((stay, at) => stayFaults(stay, `stays[${at}]`, made))];
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: value as ExperienceFile };
}
