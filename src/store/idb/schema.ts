import type { DBSchema } from 'idb';
import type { CommandRecord } from '@/core/gate';
import type { Entry } from '@/core/events';
import type { RoomDocument } from '@/core/records';
import type { Aside, Previous, Snapshot } from '../port';

export interface RoomSchema extends DBSchema {
  /** The journal, by place; ids are unique. */
  entries: { key: number; value: Entry; indexes: { id: string } };
  documents: { key: string; value: RoomDocument };
  /** One row, `room`. */
  snapshots: { key: string; value: Snapshot };
  /** Commands that can be taken back, by identity. */
  commands: { key: string; value: CommandRecord };
  /** Records that could not be read. */
  aside: { key: string; value: Aside };
  /** What was there before a file took its place, under `room`; when that was, under `on`, so that opening need not read it all. */
  previous: { key: string; value: Previous | string };
}
