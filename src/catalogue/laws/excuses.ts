import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isNamed, type SpeciesProfile } from '@/core/model';

/** A value of an entry that may differ from a law, and why. */
export interface Excuse {
  readonly id: string;
  readonly field: string;
  readonly why: string;
}

/** The lines of a table of the readings, without its head. */
export const readingRows = (name: string): readonly (readonly string[])[] =>
  readFileSync(join(process.cwd(), 'src', 'catalogue', 'readings', name), 'utf8')
    .trim()
    .split('\n')
    .map((line) => line.split('|'));

/** Everybody who is excused from a law. */
export const excusesIn = (): readonly Excuse[] =>
  readingRows('excused.psv')
    .slice(1)
    .map(([id = '', field = '', why = '']) => ({ id, field, why }));

/** Whether an entry is excused in one field; a form is excused with its species. */
export const isExcused = (excuses: readonly Excuse[], profile: SpeciesProfile, field: string): boolean =>
  excuses.some((excuse) => isNamed(excuse.id, profile) && excuse.field === field);
