import type { Change } from '../gate/change';
import type { DocumentId } from '../kernel/schema/ids';
import type { DocumentBodies } from '../records/documents';
import { editOf, type Documents } from './ofTank';

export const SETTINGS = 'settings' as DocumentId;

/** The keeper's units, or his name. `usual` is what holds while nothing was chosen. */
export const changeSettings = (
  documents: Documents,
  usual: DocumentBodies['settings'],
  how: Partial<DocumentBodies['settings']>,
): readonly Change[] =>
  editOf(documents, 'settings', SETTINGS, usual, (settings) => ({ ...usual, ...settings, ...how }));
