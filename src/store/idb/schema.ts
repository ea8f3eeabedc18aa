import type { DBSchema } from 'idb';
import type { RoomDocument } from '@/core/records/documents';
import type { Entry } from '@/core/events/events';
import type { Snapshot } from '../port';

/** One database a room. Version 1 is the first. */
export const DATABASE_VERSION = 1;

export interface RoomSchema extends DBSchema {
  /** The journal, by place; ids are unique. */
  entries: { key: number; value: Entry; indexes: { id: string } };
  documents: { key: string; value: RoomDocument };
  /** One row, `room`. */
  snapshots: { key: string; value: Snapshot };
}
