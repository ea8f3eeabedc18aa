import type { Change } from '../gate';
import type { DocumentId, TankId } from '../kernel';
import type { DocumentBodies, RoomDocument } from '../records';
import { putChange, type Documents } from './documentChanges';

export type { Documents };
type Kind = RoomDocument['kind'];

/** The document of a kind that a tank has one of: its wishes, its floor, its care. */
export const ofTank = (kind: Kind, tank: TankId): DocumentId => `${kind}-${tank}` as DocumentId;

/** The body of a document, when it is there and of that kind. */
export function bodyOf<K extends Kind>(
  documents: Documents,
  kind: K,
  id: DocumentId,
): DocumentBodies[K] | null {
  const document = documents[id];
  return document?.kind === kind ? (document.body as DocumentBodies[K] | null) : null;
}

/**
 * A document made anew from what it is when the command's turn comes, or from `blank` where there is none. Where it is
 * to begin with what is there and nothing is, nothing is changed.
 */
export function editOf<K extends Kind>(
  documents: Documents,
  kind: K,
  id: DocumentId,
  blank: DocumentBodies[K] | null,
  remake: (body: DocumentBodies[K]) => DocumentBodies[K],
): readonly Change[] {
  const body = bodyOf(documents, kind, id) ?? blank;
  return body === null ? [] : [putChange(kind, id, remake(body))];
}
