import type { Change } from '../gate';
import type { DocumentId, TankId } from '../kernel';
import type { KeeperSpecies } from '../model';
import { type DocumentBodies, documentOf, type DraftGroup, type RoomDocument } from '../records';

/** What a command is told of the room. */
export type Documents = Readonly<Record<string, RoomDocument>>;

/** What a list is called until the keeper names it. */
export const FIRST_LIST = 'Stock list';

/** The document that a tank goes by; other lists of it are kept beside it. */
export const draftId = (tank: TankId): DocumentId => `draft-${tank}` as DocumentId;

/** Gives a document a new body, or takes it away with null. */
export const putChange = <K extends RoomDocument['kind']>(
  kind: K,
  id: DocumentId,
  body: DocumentBodies[K] | null,
): Change => ({ kind: 'put', document: documentOf(kind, id, body) });

export const tankChange = (tank: TankId, body: DocumentBodies['tank']): Change =>
  putChange('tank', tank as unknown as DocumentId, body);

export const draftChange = (tank: TankId, groups: readonly DraftGroup[]): Change =>
  putChange('draft', draftId(tank), { tank, name: FIRST_LIST, groups: [...groups] });

/** A species of the keeper's own, or the keeper's figures for a shipped one; null takes them away. */
export const speciesChange = (id: string, species: KeeperSpecies | null): Change =>
  putChange(
    'species',
    `species-${id}` as DocumentId,
    species && { profile: species.profile, changed: [...species.changed] },
  );

/** What is listed for a tank and has not come yet. */
export function listedIn(documents: Documents, tank: TankId): readonly DraftGroup[] {
  const document = documents[draftId(tank)];
  return document?.kind === 'draft' && document.body ? document.body.groups : NOTHING;
}
const NOTHING: readonly DraftGroup[] = [];

/** The list of a tank made anew from what it is; its name and note stay. */
export function listChangeIn(
  documents: Documents,
  tank: TankId,
  remake: (listed: readonly DraftGroup[]) => readonly DraftGroup[],
): Change {
  const document = documents[draftId(tank)];
  const kept = document?.kind === 'draft' && document.body ? document.body : { tank, name: FIRST_LIST };
  return putChange('draft', draftId(tank), { ...kept, groups: [...remake(listedIn(documents, tank))] });
}
