import {
  describeValue,
  groupField,
  noteField,
  type Outcome,
  positiveQuantityField,
  textField,
  validate,
  wholeField,
} from '../kernel';
import { storyFields } from '../records';
import { type Catalogue, resolveSpecies } from '../model';
import type { InferType } from 'yup';

const VERSION = 1;

const lifeSchema = groupField('a life', {
  name: noteField('a name or mark'),
  species: textField('a species'),
  count: wholeField('a count', 1, 10_000),
  sex: textField('a sex').oneOf(['male', 'female', 'unknown'], 'male, female or unknown'),
  lengthCm: positiveQuantityField('cm', 'a length', 400),
  origin: textField('an origin').oneOf(['tank-bred', 'wild', 'unknown'], 'tank-bred, wild or unknown'),
  bornAbout: noteField('when it was born'),
  keeper: noteField('the keeper'),
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
        {
          path: 'version',
          expected:
            typeof version === 'number' && version > VERSION
              ? `version ${VERSION}: this file was made by a newer Lomvik`
              : `version ${VERSION}`,
          received: describeValue(version),
        },
      ],
    };
  const checked = validate(lifeSchema, value);
  if (!checked.ok) return checked;
  const found = resolveSpecies(catalogue, String(species));
  if (!found.ok)
    return {
      ok: false,
      faults: [
        {
          path: 'species',
          expected: `a species of the catalogue (nearest: ${found.nearest})`,
          received: describeValue(species),
        },
      ],
    };
  return { ok: true, value: { ...(value as LifeFile), species: found.profile.id } };
}
