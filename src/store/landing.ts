import { type Change, type CommandRecord, landDocument, readDocument } from '@/core/gate';
import type { Entry } from '@/core/events';
import { type DocumentId, momentAfter } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import { StoreError, type Committed, type CommitNote } from './port';

export const GONE = 'Your room is no longer in this browser. This page still holds it: save it now.';

/** What is kept as this Lomvik reads it. What cannot be read is no base to build on: opening sets it aside. */
function lifted(document: RoomDocument | undefined): RoomDocument | undefined {
  if (!document) return undefined;
  const read = readDocument(document);
  return read.ok ? read.value : undefined;
}

/** What changes become on what is kept: placed entries, landed documents, the command with what it did. */
export function land(
  changes: readonly Change[],
  note: CommitNote,
  last: Pick<Entry, 'seq' | 'recorded'> | undefined,
  current: (id: DocumentId) => RoomDocument | undefined,
): Committed {
  const lastSeq = last?.seq ?? 0;
  let recorded = last?.recorded ?? '';
  const now = note.command?.at ?? '';
  if (lastSeq < (note.knownSeq ?? 0)) throw new StoreError('gone', GONE);
  const entries: Entry[] = [];
  const documents = new Map<DocumentId, RoomDocument>();
  const before = new Map<DocumentId, RoomDocument['body']>();
  for (const change of changes) {
    if (change.kind === 'append') {
      // Strictly later than what was written before: so journals of two devices can be put in one order.
      recorded = momentAfter(change.entry.recorded, recorded);
      entries.push({ ...change.entry, recorded, seq: lastSeq + entries.length + 1 });
      continue;
    }
    const { id } = change.document;
    const kept = documents.get(id) ?? lifted(current(id));
    const landed = landDocument(change, kept, now);
    if (!landed.ok)
      throw new StoreError('changed', 'The same was changed in another tab.', {
        conflicts: landed.conflicts,
        document: landed.document,
      });
    if (!before.has(id)) before.set(id, kept?.body ?? null);
    documents.set(id, landed.document);
  }
  const written = [...documents.values()];
  const command: CommandRecord | null = note.command
    ? {
        ...note.command,
        puts: written.map(({ id, kind, body }) => ({
          id,
          kind,
          before: before.get(id) ?? null,
          after: body,
        })),
      }
    : null;
  return { entries, documents: written, command };
}
