export { writtenInOrder } from './writtenInOrder';
export { placedInOrder } from './entry';
export type { EntryOf, Loose, NewEntryOf, StandingOf } from './entry';
export { foldOnSteps, foldOne, foldSteps } from './fold';
export type { Folding } from './fold';
export { journalReader } from './reading';
