import type { DBSchema } from 'idb';
import type { CommandRecord } from '@/core/gate/command';
import type { Entry } from '@/core/events/events';
import type { RoomDocument } from '@/core/records/documents';
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
  /** One row, `room`: what was there before a file took its place. */
  previous: { key: string; value: Previous };
}
