import type { Change, Stamp } from '../gate';
import type { DocumentId, TankId } from '../kernel';
import type { PlanGroup } from '../model';
import type { DocumentBodies, DraftGroup } from '../records';
import { draftId, listChangeIn, putChange } from './documentChanges';
import { freshId } from './made';
import { bodyOf, editOf, type Documents } from './ofTank';

type Draft = DocumentBodies['draft'];

const anotherId = (tank: TankId, stamp: Pick<Stamp, 'id'>): DocumentId =>
  `draft-${tank}-${freshId<string>(stamp)}` as DocumentId;

/** Groups join the list that a tank goes by. */
export const addGroups = (
  documents: Documents,
  tank: TankId,
  groups: readonly PlanGroup[],
  stamp: Pick<Stamp, 'id'>,
): Change =>
  addEntries(
    documents,
    tank,
    groups.map((group) => ({ group })),
    stamp,
  );

/** The same with prices and how many to buy. */
export const addEntries = (
  documents: Documents,
  tank: TankId,
  entries: readonly Omit<DraftGroup, 'key'>[],
  stamp: Pick<Stamp, 'id'>,
): Change =>
  listChangeIn(documents, tank, (listed) => [
    ...listed,
    ...entries.map((entry) => ({ ...entry, key: freshId<string>(stamp) })),
  ]);

/** A list beside the one that the tank goes by, or the first where it has none. */
export function newList(
  documents: Documents,
  tank: TankId,
  list: { readonly name: string; readonly groups: readonly Omit<DraftGroup, 'key'>[] },
  stamp: Pick<Stamp, 'id'>,
): Change {
  const id = bodyOf(documents, 'draft', draftId(tank)) ? anotherId(tank, stamp) : draftId(tank);
  const groups = list.groups.map((entry) => ({ ...entry, key: freshId<string>(stamp) }));
  return putChange('draft', id, { tank, name: list.name, groups });
}

/** The same list once more, to be tried another way. */
export function copyList(documents: Documents, id: DocumentId, stamp: Pick<Stamp, 'id'>): readonly Change[] {
  const list = bodyOf(documents, 'draft', id);
  if (!list) return [];
  const groups = list.groups.map((entry) => ({ ...entry, key: freshId<string>(stamp) }));
  return [putChange('draft', anotherId(list.tank, stamp), { ...list, name: `${list.name}, copy`, groups })];
}

/** The name of a list, or the note on it. */
export const describeList = (
  documents: Documents,
  id: DocumentId,
  how: Partial<Pick<Draft, 'name' | 'note'>>,
): readonly Change[] => editOf(documents, 'draft', id, null, (list) => ({ ...list, ...how }));

export const removeList = (id: DocumentId): Change => putChange('draft', id, null);

/** The tank goes by another of its lists; the two change places. */
export function goByList(documents: Documents, id: DocumentId): readonly Change[] {
  const chosen = bodyOf(documents, 'draft', id);
  if (!chosen || id === draftId(chosen.tank)) return [];
  const before = bodyOf(documents, 'draft', draftId(chosen.tank));
  return [putChange('draft', draftId(chosen.tank), chosen), putChange('draft', id, before)];
}
