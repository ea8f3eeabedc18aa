import type { Change } from '../gate';
import type { DocumentId } from '../kernel';
import type { DocumentBodies } from '../records';
import { editOf, type Documents } from './ofTank';

export const SETTINGS = 'settings' as DocumentId;

/** The keeper's units, or his name. `usual` is what holds while nothing was chosen. */
export const changeSettings = (
  documents: Documents,
  usual: DocumentBodies['settings'],
  how: Partial<DocumentBodies['settings']>,
): readonly Change[] =>
  editOf(documents, 'settings', SETTINGS, usual, (settings) => ({ ...usual, ...settings, ...how }));
