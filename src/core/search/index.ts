export { byIdentifier, resolveTyped } from './typedSpecies';
export { findSpecies } from './findSpecies';
export { MOST_ON_LIST, numberedName } from './numberedName';
export { pastedInSteps } from './pasted';
export type { PastedItem } from './pasted';
export { meaningOf, nearestSpecies } from './sureSpecies';
