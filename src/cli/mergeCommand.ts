import { type Backup, readBackupInSteps, writeBackup } from '@/core/formats';
import { atOnce } from '@/core/kernel';
import { mergeRooms, type RoomContents, settle } from '@/core/merge';
import { countOf, faultLine, METRIC, quantitiesIn, sayContradiction } from '@/words/en';
import { type Answer, failed, type Surroundings } from './answer';

/** A file as it was read: what it is called, and what is in it. */
export interface RoomFile {
  readonly path: string;
  readonly value: unknown;
}

/** Files of one room, written to on several devices, as one file on standard output; what contradicts stands in it under `aside`. */
export function mergeCommand(files: readonly RoomFile[], world: Surroundings): Answer {
  const { catalogue } = world;
  const rooms: (Backup & { readonly path: string })[] = [];
  for (const { path, value } of files) {
    const read = atOnce(readBackupInSteps(value, catalogue));
    // The screen shows what of a file cannot be read; a command must not pass over it.
    const faults = read.ok ? read.value.faults : read.faults;
    if (!read.ok || faults.length > 0)
      return failed(...faults.map((fault) => `${path}: ${faultLine(fault)}`));
    rooms.push({ ...read.value.backup, path });
  }
  const exportedOn = rooms.reduce((last, room) => (room.exportedOn > last ? room.exportedOn : last), '');
  let merged: RoomContents = { documents: [], entries: [] };
  const words = quantitiesIn(METRIC);
  let contradictions: readonly string[] = [];
  for (const room of rooms) {
    const settled = atOnce(
      settle(mergeRooms(merged, room), merged, room, { catalogue, now: exportedOn || world.today }),
    );
    contradictions = settled.aside.map((one) => sayContradiction(one, words));
    merged = { ...settled, aside: settled.aside.map(({ raw }) => raw) };
  }
  return {
    output: writeBackup(merged.documents, merged.entries, exportedOn, merged.aside ?? []),
    errors: [],
    notes: [
      `${rooms.map(({ path, entries }) => `${path}: ${countOf(entries.length, 'entry', 'entries')}`).join('; ')}; together ${merged.entries.length}`,
      ...contradictions.map((line) => `set aside: ${line}`),
    ],
  };
}
