import { type CellWriter, profileCells } from '@/core/formats';
import { commonName, type SpeciesProfile } from '@/core/model';

/** How fields and their values are said. */
export interface Said {
  readonly cells: CellWriter;
  readonly field: (path: string) => string;
}

/**
 * What is another in the entries of today than in those before, as a keeper reads it: a line a value, old beside new.
 *
 * Entries that came or went are named.
 */
export function changesBetween(
  before: readonly SpeciesProfile[],
  after: readonly SpeciesProfile[],
  say: Said,
): readonly string[] {
  const was = new Map(before.map((profile) => [profile.id, profile]));
  const is = new Set(after.map(({ id }) => id));
  return [
    ...after.flatMap((profile) => {
      const name = `${commonName(profile)} (${profile.id})`;
      const old = was.get(profile.id);
      if (!old) return [`new: ${name}`];
      const [had, has] = [profileCells(old, say.cells), profileCells(profile, say.cells)];
      return Object.keys(has)
        .filter((path) => had[path] !== has[path])
        .map((path) => `${name}: ${say.field(path)}: ${had[path] || 'none'} → ${has[path] || 'none'}`);
    }),
    ...before
      .filter(({ id }) => !is.has(id))
      .map((profile) => `gone: ${commonName(profile)} (${profile.id})`),
  ];
}
