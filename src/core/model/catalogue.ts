import { distance } from 'fastest-levenshtein';
import type { SpeciesProfile } from './species';

/** The species a room knows, with every name that leads to one. */
export interface Catalogue {
  readonly all: readonly SpeciesProfile[];
  readonly byId: ReadonlyMap<string, SpeciesProfile>;
  /** Folded name -> species id. */
  readonly names: ReadonlyMap<string, string>;
}

export type Resolved =
  | { readonly ok: true; readonly profile: SpeciesProfile }
  /** The nearest name in the catalogue, as it may be typed. */
  | { readonly ok: false; readonly nearest: string };

/** Case, accents, apostrophes, hyphens and doubled spaces do not tell two names apart. */
export function foldName(name: string): string {
  return name
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()
    .replace(/['’`]/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

/** Every name of a species, folded, without repeats. */
export function namesOf(profile: SpeciesProfile): readonly string[] {
  const names = [profile.id, profile.scientificName, ...profile.formerNames, ...profile.commonNames];
  return [...new Set(names.map(foldName))];
}

/** A catalogue of these profiles. Where two claim a name the first keeps it; the catalogue's own tests forbid that. */
export function buildCatalogue(profiles: readonly SpeciesProfile[]): Catalogue {
  const names = new Map<string, string>();
  for (const profile of profiles) {
    for (const name of namesOf(profile)) if (!names.has(name)) names.set(name, profile.id);
  }
  return { all: profiles, byId: new Map(profiles.map((profile) => [profile.id, profile])), names };
}

/**
 * The species that a keeper means by a scientific, former or common name or an identifier.
 *
 * Errors: an unknown name answers with the nearest known one (Levenshtein distance).
 */
export function resolveSpecies(catalogue: Catalogue, typed: string): Resolved {
  const known = catalogue.byId.get(typed);
  if (known) return { ok: true, profile: known };
  const wanted = foldName(typed);
  // "rainbow" and "rainbowfish", one and several: keepers write both.
  const single = wanted.replace(/e?s$/, '');
  const id = [wanted, single, wanted.replace(/ ?fish$/, ''), `${wanted}fish`, single.replace(/ ?fish$/, '')]
    .map((name) => catalogue.names.get(name))
    .find((known) => known !== undefined);
  const profile = id === undefined ? undefined : catalogue.byId.get(id);
  if (profile) return { ok: true, profile };
  let nearest = '';
  let best = Infinity;
  for (const name of catalogue.names.keys()) {
    const away = distance(wanted, name);
    if (away < best) [best, nearest] = [away, name];
  }
  const near = catalogue.byId.get(catalogue.names.get(nearest) ?? '');
  return { ok: false, nearest: near ? `${commonName(near)} (${near.id})` : '' };
}

/** What keepers call it: the first common name. */
export function commonName(profile: SpeciesProfile): string {
  return profile.commonNames[0] ?? profile.scientificName;
}
