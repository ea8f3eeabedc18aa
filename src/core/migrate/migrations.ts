import { writtenInOrder } from '../journal';

/** One step upward: the file as version `from` had it, to the shape of the next version. */
export interface Migration {
  readonly from: number;
  readonly name: string;
  readonly up: (file: Record<string, unknown>) => Record<string, unknown>;
}

/** The version that this code writes. */
export const BACKUP_VERSION = 4;

/** Steps in order from version 1. */
export const BACKUP_MIGRATIONS: readonly Migration[] = [
  {
    from: 1,
    name: 'signs, quarantines, claims and lives are new; nothing that version 1 says changes',
    up: (file) => file,
  },
  {
    from: 2,
    name: 'entries may carry the time zone, documents the version of their shape; what version 2 says is lifted where it is read',
    up: (file) => file,
  },
  {
    from: 3,
    name: 'entries are written strictly one after the other, documents may carry when their parts were last said',
    up: (file) =>
      Array.isArray(file.entries)
        ? { ...file, entries: writtenInOrder(file.entries as readonly unknown[]) }
        : file,
  },
];

/** Throws unless the steps lead from 1 to `current` without a gap: a programmer's mistake, found at start. */
export function assertContiguous(migrations: readonly Migration[], current: number): void {
  migrations.forEach((migration, index) => {
    if (migration.from !== index + 1)
      throw new Error(`Migration "${migration.name}" starts at ${migration.from}, expected ${index + 1}`);
  });
  if (migrations.length !== current - 1)
    throw new Error(`Migrations lead to version ${migrations.length + 1}, the code writes ${current}`);
}

/** Lifts a file of an older version to the current one. */
export function migrate(
  file: Record<string, unknown>,
  version: number,
  migrations: readonly Migration[],
): Record<string, unknown> {
  return migrations
    .filter((migration) => migration.from >= version)
    .reduce((shape, migration) => ({ ...migration.up(shape), version: migration.from + 1 }), file);
}

assertContiguous(BACKUP_MIGRATIONS, BACKUP_VERSION);
