import type { Change } from '@/core/gate/change';
import type { RoomDocument } from '@/core/records/documents';
import type { Entry } from '@/core/events/events';
import type { Room } from '@/core/events/room';

/** The room as it was after entry `seq`, kept so that opening does not fold the whole journal. */
export interface Snapshot {
  readonly seq: number;
  /** The latest moment that went into it; later entries that happened earlier need a new fold. */
  readonly lastOn: string;
  readonly room: Room;
}

/** What a room is shown from: its documents and the last snapshot. The entries after that are read for themselves: there may be many. */
export interface Opened {
  readonly documents: readonly RoomDocument[];
  readonly snapshot: Snapshot | null;
}

/** What a commit wrote: entries with their places, documents with their revisions. */
export interface Committed {
  readonly entries: readonly Entry[];
  readonly documents: readonly RoomDocument[];
}

/** What other tabs are told after the commit is durable. */
export type Announcement =
  | { readonly kind: 'committed'; readonly committed: Committed }
  | { readonly kind: 'replaced' }
  | { readonly kind: 'closing' };

/** Why a store could not do what was asked, in words a keeper can act on. Nothing was written. */
export class StoreError extends Error {
  constructor(
    readonly reason: 'newer' | 'blocked' | 'quota' | 'unavailable' | 'conflict' | 'failed',
    message: string,
    options?: { cause?: unknown },
  ) {
    super(message, options);
    this.name = 'StoreError';
  }
}

/**
 * Where a room is kept. A commit is whole or not at all, durable before it resolves, and announced to other tabs only
 * after that. All promises settle; failures are `StoreError`s.
 */
export interface RoomStore {
  open(): Promise<Opened>;
  /** The journal by place: all of it, or what stands after a place. Read in pieces, with room for the screen in between. */
  entries(after?: number): Promise<readonly Entry[]>;
  commit(changes: readonly Change[]): Promise<Committed>;
  saveSnapshot(snapshot: Snapshot): Promise<void>;
  /** Puts these documents and entries in the place of everything. */
  replaceAll(documents: readonly RoomDocument[], entries: readonly Entry[]): Promise<void>;
  onAnnouncement(listener: (announcement: Announcement) => void): () => void;
  close(): void;
}
