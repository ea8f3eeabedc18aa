import type { Change, CommandRecord } from '@/core/gate';
import type { Entry, Room } from '@/core/events';
import type { Conflict, Fault } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';

/** The room as it was after entry `seq`, kept so that opening does not fold the whole journal. */
export interface Snapshot {
  readonly seq: number;
  /** The latest moment that went into it; later entries that happened earlier need a new fold. */
  readonly lastOn: string;
  readonly room: Room;
}

/** A record that could not be read, as it stood, with what was wrong with it. */
export interface Aside {
  readonly key: string;
  readonly what: 'document' | 'entry';
  readonly raw: unknown;
  /** What was wrong with it; an older Lomvik kept it as text. */
  readonly why: readonly Fault[] | string;
  /** When it was set aside, ISO. */
  readonly at: string;
}

/** What a room held, or what a file put into it. */
export interface Contents {
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
}

/** Where records that are set aside stood: identifiers of documents, places of entries. */
export interface Taken {
  readonly documents: readonly string[];
  readonly entries: readonly number[];
}

/** The room as it was before a file took its place, and what that file held. */
export interface Previous {
  readonly at: string;
  readonly label: string;
  readonly before: Contents;
  /** What the file held: its documents, and the identifiers of its entries. */
  readonly file: { readonly documents: readonly RoomDocument[]; readonly entryIds: readonly string[] };
}

/** What a room is shown from. The entries after the snapshot are read for themselves: there may be many. */
export interface Opened {
  /** As they stand: whether they can be read is for the session to say. */
  readonly documents: readonly unknown[];
  readonly snapshot: Snapshot | null;
  readonly commands: readonly CommandRecord[];
  readonly aside: readonly Aside[];
  /** When the room was last replaced by a file; null when that was never, or cannot be taken back. */
  readonly replacedOn: string | null;
}

/** What a commit wrote: entries with their places, documents with their revisions, the command with what it changed. */
export interface Committed {
  readonly entries: readonly Entry[];
  readonly documents: readonly RoomDocument[];
  readonly command: CommandRecord | null;
}

/** What other tabs are told after the commit is durable. */
export type Announcement =
  | { readonly kind: 'committed'; readonly committed: Committed }
  | { readonly kind: 'replaced' }
  | { readonly kind: 'closing' }
  /** The room is no longer in this browser: cleared or deleted under the page. */
  | { readonly kind: 'gone' };

/** Why a store could not do what was asked, in words a keeper can act on. Nothing was written. */
export class StoreError extends Error {
  constructor(
    readonly reason:
      'newer' | 'blocked' | 'quota' | 'unavailable' | 'silent' | 'gone' | 'conflict' | 'changed' | 'failed',
    message: string,
    options?: {
      readonly cause?: unknown;
      readonly conflicts?: readonly Conflict[];
      readonly document?: RoomDocument;
    },
  ) {
    super(message, options);
    this.name = 'StoreError';
    this.conflicts = options?.conflicts ?? [];
    this.document = options?.document ?? null;
  }
  /** Parts of a document that were changed on both sides; `document` is what is kept. */
  readonly conflicts: readonly Conflict[];
  readonly document: RoomDocument | null;
}

/** What a commit carries besides its changes. */
export interface CommitNote {
  /** The command, to be kept so that it can be taken back; what it did to documents is filled in when it lands. */
  readonly command?: Omit<CommandRecord, 'puts'>;
  /** Commands that are used up by it. */
  readonly drops?: readonly string[];
  /** The place of the last entry that the page knows: a shorter journal is not this room. */
  readonly knownSeq?: number;
  /** What is still done with it once it is durable, before anybody is told of it: it may take its time, and does not fail. */
  readonly beforeTold?: (committed: Committed) => Promise<void>;
}

/**
 * Where a room is kept. A commit is whole or not at all, durable before it resolves, and announced to other tabs only
 * after that. All promises settle; failures are `StoreError`s.
 */
export interface RoomStore {
  open(): Promise<Opened>;
  /** How many entries and documents there are, without reading them. */
  counts(): Promise<{ readonly entries: number; readonly documents: number }>;
  /** The journal by place: all of it, or what stands after a place. Read in pieces, with room for the screen in between. */
  entries(after?: number): Promise<readonly Entry[]>;
  /**
   * Writes changes. A document that another tab changed since is merged; where both changed the same part the commit is
   * refused as `changed`. A command whose identity is there already is not written a second time.
   */
  commit(changes: readonly Change[], note?: CommitNote): Promise<Committed>;
  saveSnapshot(snapshot: Snapshot): Promise<void>;
  /** Puts these in the place of everything, and keeps what was there by then, so that it can be put back. */
  replaceAll(contents: Contents, keep?: { readonly label: string; readonly at: string }): Promise<void>;
  /** The room before the last file took its place; null when nothing is kept. */
  previous(): Promise<Previous | null>;
  /** Sets records aside that cannot be read, in one go with taking them from their place. */
  setAside(asides: readonly Aside[], from: Taken): Promise<void>;
  /** Forgets what was set aside. */
  dropAside(key: string): Promise<void>;
  /** Everything as it stands in the storage, read by nobody. */
  raw(): Promise<Readonly<Record<string, readonly unknown[]>>>;
  onAnnouncement(listener: (announcement: Announcement) => void): () => void;
  close(): void;
}

/** So many commands are kept to be taken back after a reload. */
export const MOST_COMMANDS = 100;
