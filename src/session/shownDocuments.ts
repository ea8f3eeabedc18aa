import type { StoreApi } from 'zustand/vanilla';
import type { Change } from '@/core/gate';
import { keepSame } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import type { SessionState } from './types';

type Documents = SessionState['documents'];

export const byId = (documents: readonly RoomDocument[]): Documents =>
  Object.fromEntries(documents.map((document) => [document.id, document]));

/**
 * With these documents in the place of the former ones; parts that say the same stay the same objects. What another tab tells late
 * does not take the place of what was written after it.
 */
export const withDocuments = (before: Documents, documents: readonly RoomDocument[]): Documents => ({
  ...before,
  ...byId(
    documents
      .filter(({ id, rev }) => rev >= (before[id]?.rev ?? 0))
      .map((document) => keepSame(before[document.id], document)),
  ),
});

/** The stock lists that changes make of those that are shown; null where they write anything else, or were made of others. */
function listsOf(changes: readonly Change[], shown: Documents): readonly RoomDocument[] | null {
  const lists: RoomDocument[] = [];
  for (const change of changes) {
    if (change.kind !== 'put' || change.document.kind !== 'draft') return null;
    const { document, base } = change;
    const former = shown[document.id];
    if (base !== undefined && base?.rev !== former?.rev) return null;
    // Of the revision before it: whatever the storage makes of it takes its place.
    lists.push({ ...former, ...document, rev: former?.rev ?? 0 });
  }
  return lists;
}

/**
 * Shows changes of stock lists before the storage has them: a plan answers in the frame of the press. A record is never shown
 * ahead. What it gives takes them back where the storage refuses them, but for what was replaced since.
 */
export function showAhead(
  state: Pick<StoreApi<SessionState>, 'getState' | 'setState'>,
  changes: readonly Change[],
): () => void {
  const { documents: former } = state.getState();
  const lists = listsOf(changes, former);
  if (lists === null) return () => undefined;
  const ahead = withDocuments(former, lists);
  state.setState({ documents: ahead });
  return () =>
    state.setState(({ documents: shown }) => {
      const back = new Set<string>(lists.flatMap(({ id }) => (shown[id] === ahead[id] ? [id] : [])));
      const rest = Object.fromEntries(Object.entries(shown).filter(([id]) => !back.has(id)));
      return { documents: { ...rest, ...byId([...back].flatMap((id) => former[id] ?? [])) } };
    });
}
