import type { Catalogue } from './catalogue';
import type { SpeciesProfile } from './species';

/** What is only for the eye and the shop: two that differ in nothing else are kept alike. */
const ASIDE: readonly string[] = [
  'id',
  'formOf',
  'form',
  'scientificName',
  'formerNames',
  'commonNames',
  'look',
  'notes',
  'trade',
  'confidence',
  'basis',
];

const keptAs = (profile: SpeciesProfile): string =>
  JSON.stringify(profile, (key, value: unknown) => (ASIDE.includes(key) ? undefined : value));

const OFFERED = new WeakMap<Catalogue, readonly SpeciesProfile[]>();

/**
 * The species of a catalogue, and those forms that are kept otherwise than their species. A colour alone is no other fish: what
 * is said of the species holds for it, and a long list stays one to read.
 */
export function distinctSpecies(catalogue: Catalogue): readonly SpeciesProfile[] {
  const before = OFFERED.get(catalogue);
  if (before) return before;
  const distinct = catalogue.all.filter((profile) => {
    const species = profile.formOf === null ? undefined : catalogue.byId.get(profile.formOf);
    return species === undefined || keptAs(profile) !== keptAs(species);
  });
  OFFERED.set(catalogue, distinct);
  return distinct;
}
