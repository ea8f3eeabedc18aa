import type { StoreApi } from 'zustand/vanilla';
import type { Change, Refusal, Stamp } from '@/core/gate';
import type { Entry, Room } from '@/core/events';
import type { Conflict } from '@/core/kernel';
import type { Catalogue, KeeperSpecies } from '@/core/model';
import type { RoomDocument } from '@/core/records';
import type { Aside, Contents, RoomStore } from '@/store/port';

export interface SessionState {
  readonly status: 'opening' | 'ready' | 'failed';
  /** Why the room cannot be used, in words; null when it can. */
  readonly failure: string | null;
  /** What has happened to the storage under the open page, in words; what is shown can still be saved. */
  readonly trouble: string | null;
  readonly documents: Readonly<Record<string, RoomDocument>>;
  readonly room: Room;
  /** The whole journal; null until it has been read behind the first picture. */
  readonly entries: readonly Entry[] | null;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  /** Records that could not be read. */
  readonly aside: readonly Aside[];
  /** When a file took the place of the room, while that can be taken back. */
  readonly replacedOn: string | null;
}

/** Everything a session needs of the world. */
export interface Surroundings {
  readonly store: RoomStore;
  readonly catalogue: Catalogue;
  readonly stamp: Stamp;
  /** Which tab this is: its undo is its own, also after a reload. */
  readonly tab?: string;
}

/** What to change, or how to tell it from the room as it stands. */
export type Changes = readonly Change[] | ChangesThen;
export type ChangesThen = (state: SessionState) => readonly Change[];

/** What became of a command. */
export type Outcome =
  /** Durable and shown; `id` names it for its own undo. Null when there was nothing to do. */
  | { readonly kind: 'done'; readonly id: string | null }
  /** The gate says no, and why. */
  | { readonly kind: 'refused'; readonly refusal: Refusal }
  /** The same part was changed in another tab meanwhile: nothing is written until the keeper says which one stays. */
  | {
      readonly kind: 'changed';
      readonly conflicts: readonly Conflict[];
      readonly document: RoomDocument;
      readonly keepMine: () => Promise<Outcome>;
    };

export type TakenBack =
  | { readonly kind: 'done'; readonly label: string }
  | { readonly kind: 'nothing' }
  /** Something in it was changed since: an entry corrected, a part of a document changed, or others depend on it. */
  | {
      readonly kind: 'refused';
      readonly label: string;
      readonly why: 'entry' | 'document' | 'gate';
      readonly refusal?: Refusal;
      readonly conflicts?: readonly Conflict[];
    };

export interface Session {
  readonly state: StoreApi<SessionState>;
  /** The shipped species with the keeper's own, as the room stands. */
  readonly catalogue: Catalogue;
  /** The same of given documents; the same object while no species of them changes. */
  readonly catalogueOf: (documents: SessionState['documents']) => Catalogue;
  /** The keeper's own and changed species among them; the same array while none of them changes. */
  readonly ownSpeciesOf: (documents: SessionState['documents']) => readonly KeeperSpecies[];
  readonly shipped: Catalogue;
  readonly stamp: Stamp;
  /**
   * Writes changes whole or not at all, after the gate has passed them; resolves once they are durable and shown, or with
   * the reason why not. Throws `StoreError` where the storage fails. Commands take turns: changes given as a function are
   * made from the room as it is when their turn comes. A press repeated while the same is being written is the same press.
   */
  readonly run: (label: string, changes: Changes) => Promise<Outcome>;
  /** Takes back the command of that identity, or the last one of this tab: that command and nothing else. */
  readonly undo: (id?: string) => Promise<TakenBack>;
  readonly redo: () => Promise<TakenBack>;
  /** The whole journal, read once. */
  readonly journal: () => Promise<readonly Entry[]>;
  /** Replaces the room; nothing of it is kept. */
  readonly replaceAll: (contents: Contents) => Promise<void>;
  /** Forgets a record that was set aside. */
  readonly dropAside: (key: string) => Promise<void>;
  /** Everything as it stands in the storage, for when nothing else works. */
  readonly raw: () => Promise<Readonly<Record<string, readonly unknown[]>>>;
  readonly close: () => void;
}

/** The keeper's own room, or the made-up one. Each has a database of its own. */
export type RoomName = 'own' | 'demo';
