import { saysSame } from '../kernel';
import type { RoomDocument } from '../records';
import type { Entry } from '../events';

/** What a file would change in a room if it took its place. */
export interface BackupChanges {
  readonly documents: {
    readonly added: readonly string[];
    readonly changed: readonly string[];
    readonly removed: readonly string[];
  };
  readonly entries: { readonly added: number; readonly changed: number; readonly removed: number };
  readonly same: boolean;
}

interface Contents {
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
}

function named(document: RoomDocument): string {
  if (document.body !== null && 'name' in document.body) return `${document.kind} ${document.body.name}`;
  return document.kind;
}

/** Place, revision and moments differ between rooms that say the same. */
const UNSAID = ['seq', 'rev', 'clock'];
const isChanged = <T>(known: T | undefined, thing: T): boolean =>
  known !== undefined && !saysSame(known, thing, UNSAID);

/** Compares the room as it is with a file that would replace it. */
export function compareBackup(now: Contents, file: Contents): BackupChanges {
  const documentsNow = new Map<string, RoomDocument>(
    now.documents.filter((document) => document.body !== null).map((document) => [document.id, document]),
  );
  const documentsThen = new Map<string, RoomDocument>(
    file.documents.filter((document) => document.body !== null).map((document) => [document.id, document]),
  );
  const entriesNow = new Map<string, Entry>(now.entries.map((entry) => [entry.id, entry]));
  const entriesThen = new Map<string, Entry>(file.entries.map((entry) => [entry.id, entry]));
  const documents = {
    added: [...documentsThen.values()].filter((document) => !documentsNow.has(document.id)).map(named),
    changed: [...documentsThen.values()]
      .filter((document) => isChanged(documentsNow.get(document.id), document))
      .map(named),
    removed: [...documentsNow.values()].filter((document) => !documentsThen.has(document.id)).map(named),
  };
  const entries = {
    added: [...entriesThen.keys()].filter((id) => !entriesNow.has(id)).length,
    changed: [...entriesThen].filter(([id, entry]) => isChanged(entriesNow.get(id), entry)).length,
    removed: [...entriesNow.keys()].filter((id) => !entriesThen.has(id)).length,
  };
  const same =
    documents.added.length +
      documents.changed.length +
      documents.removed.length +
      entries.added +
      entries.changed +
      entries.removed ===
    0;
  return { documents, entries, same };
}
