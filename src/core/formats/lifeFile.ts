import {
  choiceField,
  faultOf,
  groupField,
  noteField,
  type Outcome,
  positiveQuantityField,
  textField,
  validate,
  wholeField,
} from '../kernel';
import { storyFields } from '../records';
import { type Catalogue } from '../model';
import { resolveTyped } from '../search';
import type { InferType } from 'yup';

const VERSION = 1;

const lifeSchema = groupField({
  name: noteField(),
  species: textField(),
  count: wholeField(1, 10_000),
  sex: choiceField(['male', 'female', 'unknown']),
  lengthCm: positiveQuantityField('cm', 400),
  origin: choiceField(['tank-bred', 'wild', 'unknown']),
  bornAbout: noteField(),
  keeper: noteField(),
  ...storyFields(),
});

/** A fish with its story, for its next keeper: `*.lomvik-life.json`. */
export type LifeFile = InferType<typeof lifeSchema> & {
  readonly format: 'lomvik-life';
  readonly version: typeof VERSION;
};

export const newLifeFile = (life: InferType<typeof lifeSchema>): LifeFile => ({
  format: 'lomvik-life',
  version: VERSION,
  ...life,
});

/** A life from foreign data. Errors: every fault by path; a newer version is its own answer. */
export function readLifeFile(value: unknown, catalogue: Catalogue): Outcome<LifeFile> {
  const { version, species } = (value ?? {}) as { version?: unknown; species?: unknown };
  if (version !== VERSION)
    return {
      ok: false,
      faults: [
        faultOf(
          'version',
          { is: 'version', to: VERSION, newer: typeof version === 'number' && version > VERSION },
          version,
        ),
      ],
    };
  const checked = validate(lifeSchema, value);
  if (!checked.ok) return checked;
  const found = resolveTyped(catalogue, String(species));
  if (!found.ok)
    return {
      ok: false,
      faults: [faultOf('species', { is: 'known', what: 'species', nearest: found.nearest }, species)],
    };
  return { ok: true, value: { ...(value as LifeFile), species: found.profile.id } };
}
