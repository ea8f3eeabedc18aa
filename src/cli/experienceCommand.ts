import { experienceOf, type ExperienceFile, poolOf, readExperience } from '@/core/evidence';
import { resolveTyped } from '@/core/search';
import { faultLine } from '@/words/en';
import { type Answer, failed, json, type Surroundings } from './answer';

/** A file with what stands in it, or what is wrong with it. */
export type ReadFile =
  | { readonly path: string; readonly ok: true; readonly value: unknown }
  | { readonly path: string; readonly ok: false; readonly errors: readonly string[] };

export interface ExperienceAsked {
  readonly species?: string | undefined;
  readonly with?: string | undefined;
}

function readAll(files: readonly ReadFile[]): {
  readonly read: readonly { readonly path: string; readonly file: ExperienceFile }[];
  readonly errors: readonly string[];
} {
  const read: { path: string; file: ExperienceFile }[] = [];
  const errors: string[] = [];
  for (const one of files) {
    if (!one.ok) {
      errors.push(...one.errors);
      continue;
    }
    const experience = readExperience(one.value);
    if (experience.ok) read.push({ path: one.path, file: experience.value });
    else errors.push(...experience.faults.map((fault) => `${one.path}: ${faultLine(fault)}`));
  }
  return { read, errors };
}

/** The identifier of a species as it was typed, or why there is none. */
function identifierOf(name: string, option: string, { catalogue }: Surroundings): string | Answer {
  const found = resolveTyped(catalogue, name);
  if (found.ok) return found.profile.id;
  const nearest = found.nearest === null ? '' : ` The nearest name is ${JSON.stringify(found.nearest)}.`;
  return failed(`--${option}: needs a known species. Found ${JSON.stringify(name)}.${nearest}`);
}

/** Experience files checked, or summed for a species and one beside it. */
export function experienceCommand(
  does: string | undefined,
  files: readonly ReadFile[],
  asked: ExperienceAsked,
  world: Surroundings,
): Answer {
  if (does !== 'check' && does !== 'sum')
    return failed(
      `experience: needs check or sum. Found ${does === undefined ? 'nothing' : JSON.stringify(does)}.`,
    );
  if (files.length === 0) return failed(`experience ${does}: needs a file. Found nothing.`);
  const { read, errors } = readAll(files);
  if (does === 'check')
    return {
      output: read
        .map(({ path, file }) => `${path}: a valid experience file, ${file.stays.length} stays\n`)
        .join(''),
      errors,
    };
  if (asked.species === undefined) return failed('experience sum: needs --species. Found nothing.');
  // A sum over part of the files would be a sum of something else.
  if (errors.length > 0) return failed(...errors);
  const species = identifierOf(asked.species, 'species', world);
  if (typeof species !== 'string') return species;
  const other = asked.with === undefined ? undefined : identifierOf(asked.with, 'with', world);
  if (other !== undefined && typeof other !== 'string') return other;
  const pool = poolOf(read.map(({ file }) => file));
  return json({
    ...experienceOf(pool, { species, with: other }),
    files: read.length,
    repeatedStays: pool.repeated,
    joinedRooms: pool.joined,
  });
}
