import { type FacetName, FACETS, SIZE_LIMITS_CM } from '@/core/model';
import { termOf } from './vocabulary';
import type { Words } from './words';

/** A choice of a facet by name: sizes in the keeper's units, "4 to 8 cm". */
export function facetName(facet: FacetName, value: string, words: Words): string {
  if (facet !== 'size') return termOf(value);
  const at = (FACETS.size as readonly string[]).indexOf(value);
  const [low, high] = [SIZE_LIMITS_CM[at - 1], SIZE_LIMITS_CM[at]];
  if (low === undefined) return `up to ${words.quantity('length', high ?? 0)}`;
  return high === undefined ? `over ${words.quantity('length', low)}` : words.range('length', [low, high]);
}
