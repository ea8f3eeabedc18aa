import { SHIPPED_SPECIES } from '@/catalogue';
import { buildCatalogue, type Catalogue, type KeeperSpecies, withKeeperSpecies } from '@/core/model';

const shipped = buildCatalogue(SHIPPED_SPECIES);
let before: { readonly said: string; readonly catalogue: Catalogue } = { said: '[]', catalogue: shipped };

/**
 * The shipped catalogue with species and figures of the keeper's own. The same object while these say the same, though each
 * question brings its own copy of them: what is kept with a species and a catalogue holds from question to question.
 * @example ownCatalogue([]) === ownCatalogue([]) // true
 */
export function ownCatalogue(own: readonly KeeperSpecies[]): Catalogue {
  const said = JSON.stringify(own);
  if (said !== before.said) before = { said, catalogue: withKeeperSpecies(shipped, own) };
  return before.catalogue;
}
