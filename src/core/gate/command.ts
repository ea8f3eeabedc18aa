import { type DocumentId, type EntryId, saysSame } from '../kernel';
import type { Dated } from '../events';
import type { DocumentKind, RoomDocument } from '../records';
import { correctionOf, type Change, type Stamp } from './change';
import { TAKE_BACK } from './landDocument';

/** What a command did, as plain data: enough to take back this and nothing else, also after a reload. */
export interface CommandRecord {
  readonly id: string;
  /** The tab that did it: undo and redo of a tab are its own. */
  readonly tab: string;
  readonly label: string;
  readonly at: string;
  /** Waits to be taken back, or, taken back, to be done again. */
  readonly stack: 'done' | 'undone';
  readonly appended: readonly { readonly id: EntryId; readonly on: string; readonly said: Dated | null }[];
  readonly corrected: readonly {
    readonly target: EntryId;
    readonly on: string;
    readonly before: Dated | null;
    readonly after: Dated | null;
  }[];
  readonly puts: readonly {
    readonly id: DocumentId;
    readonly kind: DocumentKind;
    readonly before: RoomDocument['body'];
    readonly after: RoomDocument['body'];
  }[];
}

/** What is needed to take a command back: what entries say by now. */
export interface Now {
  /** What an entry says now; null when it is struck out. */
  readonly standing: (id: EntryId) => Dated | null;
}

export type TakeBack =
  | { readonly ok: true; readonly changes: readonly Change[] }
  /** Something in it was changed since; `what` tells entries from documents. */
  | { readonly ok: false; readonly what: 'entry' | 'document' };

/**
 * The changes that take a command back, whatever came since: its entries are struck out, its corrections undone, and in
 * documents only what it changed itself goes back. An entry that somebody has corrected since is not touched: then nothing
 * is taken back, and the answer says so. Whether a document can be taken back shows when the changes land.
 */
export function takeBack(command: CommandRecord, { standing }: Now, stamp: Stamp): TakeBack {
  const changes: Change[] = [];
  for (const { id, on, said } of command.appended) {
    const now = standing(id);
    if (now !== null && said !== null && !saysSame(now, said)) return { ok: false, what: 'entry' };
    if (now !== null) changes.push(correctionOf(id, on, null, stamp));
  }
  for (const { target, on, before, after } of command.corrected) {
    if (!saysSame(standing(target), after)) return { ok: false, what: 'entry' };
    changes.push(correctionOf(target, on, before, stamp));
  }
  for (const { id, kind, before, after } of command.puts)
    changes.push({
      kind: 'put',
      document: { id, kind, body: before, rev: 1 } as RoomDocument,
      // No document has this revision: what came since is always merged.
      base: { id, kind, body: after, rev: TAKE_BACK } as unknown as RoomDocument,
    });
  return { ok: true, changes: changes.reverse() };
}
