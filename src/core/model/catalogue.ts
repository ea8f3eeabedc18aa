import { distance } from 'fastest-levenshtein';
import type { SpeciesProfile } from './species';
import { foldName, nameKey } from './spelling';

/** The species a room knows, with every name that leads to one. */
export interface Catalogue {
  readonly all: readonly SpeciesProfile[];
  readonly byId: ReadonlyMap<string, SpeciesProfile>;
  /** Folded name -> species id. */
  readonly names: ReadonlyMap<string, string>;
  /** Names however they are spelt -> species id; empty for a key that would mean two. */
  readonly keys: ReadonlyMap<string, string>;
}

export type Resolved =
  | { readonly ok: true; readonly profile: SpeciesProfile }
  /** The nearest name in the catalogue, as it may be typed; empty where none is near. */
  | { readonly ok: false; readonly nearest: string };

/** Every name of a species, folded, without repeats. */
export function namesOf(profile: SpeciesProfile): readonly string[] {
  const names = [profile.id, profile.scientificName, ...profile.formerNames, ...profile.commonNames];
  return [...new Set(names.map(foldName))];
}

/** Letters that a name may have wrong, as a share of the longer one, to be near another. */
export const NEAR_SHARE = 0.45;

/** A catalogue of these profiles. Where two claim a name the first keeps it; the catalogue's own tests forbid that. */
export function buildCatalogue(profiles: readonly SpeciesProfile[]): Catalogue {
  const names = new Map<string, string>();
  const keys = new Map<string, string>();
  for (const profile of profiles) {
    for (const name of namesOf(profile)) {
      if (!names.has(name)) names.set(name, profile.id);
      const key = nameKey(name);
      keys.set(key, (keys.get(key) ?? profile.id) === profile.id ? profile.id : '');
    }
  }
  return { all: profiles, byId: new Map(profiles.map((profile) => [profile.id, profile])), names, keys };
}

/**
 * The species that has this scientific, former or common name or identifier, in any spelling: one or several, with hyphens,
 * spaces or neither, with or without "fish"; null where none has it.
 */
export function speciesNamed({ byId, names, keys }: Catalogue, typed: string): SpeciesProfile | null {
  const known = byId.get(typed);
  if (known) return known;
  const wanted = foldName(typed);
  const id = names.get(wanted) ?? (wanted === '' ? '' : keys.get(nameKey(wanted)));
  return byId.get(id ?? '') ?? null;
}

/**
 * The species that a keeper means by a name, as `speciesNamed` finds it.
 *
 * Errors: an unknown name answers with the nearest known one (Levenshtein distance), where one is near.
 */
export function resolveSpecies(catalogue: Catalogue, typed: string): Resolved {
  const profile = speciesNamed(catalogue, typed);
  if (profile) return { ok: true, profile };
  const wanted = foldName(typed);
  let nearest = '';
  let least = NEAR_SHARE;
  for (const name of catalogue.names.keys()) {
    const longer = Math.max(wanted.length, name.length, 1);
    // What one has more letters than the other, it differs by at least.
    if (Math.abs(wanted.length - name.length) / longer >= least) continue;
    const off = distance(wanted, name) / longer;
    if (off < least) [least, nearest] = [off, name];
  }
  const near = catalogue.byId.get(catalogue.names.get(nearest) ?? '');
  return { ok: false, nearest: near ? `${commonName(near)} (${near.id})` : '' };
}

/** What keepers call it: the first common name. */
export function commonName(profile: SpeciesProfile): string {
  return profile.commonNames[0] ?? profile.scientificName;
}
