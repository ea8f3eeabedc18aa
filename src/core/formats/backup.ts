import type { Schema } from 'yup';
import {
  DOCUMENT_BODIES,
  documentBaseSchema,
  type DocumentKind,
  type RoomDocument,
} from '../records/documents';
import { EVENT_BODIES, entryBaseSchema, type Entry, type EventType } from '../events/events';
import { BACKUP_MIGRATIONS, BACKUP_VERSION, migrate } from '../migrate/migrations';
import type { Catalogue } from '../model/catalogue';
import { keeperSpeciesOf, withKeeperSpecies } from '../model/keeperSpecies';
import { canonicalJson } from '../kernel/schema/canonicalJson';
import { describeValue, validate, type Fault, type Outcome } from '../kernel/schema/faults';

/** A whole room in a file, `*.lomvik.json`. */
export interface Backup {
  readonly format: 'lomvik';
  readonly version: typeof BACKUP_VERSION;
  readonly exportedOn: string;
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
}

/** The text of a backup: documents by id, entries by place, keys in order; the same room gives the same bytes. */
export function writeBackup(
  documents: readonly RoomDocument[],
  entries: readonly Entry[],
  exportedOn: string,
): string {
  const file: Backup = {
    format: 'lomvik',
    version: BACKUP_VERSION,
    exportedOn,
    documents: [...documents].sort((a, b) => (a.id < b.id ? -1 : 1)),
    entries: [...entries].sort((a, b) => a.seq - b.seq).map((entry, index) => ({ ...entry, seq: index + 1 })),
  };
  return canonicalJson(file);
}

const under = (path: string, faults: readonly Fault[]): readonly Fault[] =>
  faults.map((fault) => ({ ...fault, path: fault.path === '' ? path : `${path}.${fault.path}` }));

const isObject = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

function happeningFaults(
  value: Record<string, unknown>,
  path: string,
  catalogue: Catalogue,
): readonly Fault[] {
  const checked = validate(EVENT_BODIES[value.type as EventType] as Schema<unknown>, value);
  if (!checked.ok) return under(path, checked.faults);
  const { species } = value as { species?: unknown };
  return typeof species === 'string' && !catalogue.byId.has(species)
    ? [
        {
          path: `${path}.species`,
          expected: 'a species identifier of the catalogue',
          received: describeValue(species),
        },
      ]
    : [];
}

function entryFaults(value: unknown, index: number, catalogue: Catalogue): readonly Fault[] {
  const path = `entries[${index}]`;
  const base = validate(entryBaseSchema, value);
  if (!base.ok) return under(path, base.faults);
  const entry = value as Record<string, unknown>;
  if (entry.type !== 'corrected') return happeningFaults(entry, path, catalogue);
  if (typeof entry.target !== 'string')
    return [
      { path: `${path}.target`, expected: 'the entry it corrects', received: describeValue(entry.target) },
    ];
  if (entry.replacement === null) return [];
  if (!isObject(entry.replacement) || !(String(entry.replacement.type) in EVENT_BODIES)) {
    return [
      {
        path: `${path}.replacement`,
        expected: 'what is true instead, or null',
        received: describeValue(entry.replacement),
      },
    ];
  }
  return happeningFaults(entry.replacement, `${path}.replacement`, catalogue);
}

function documentFaults(value: unknown, index: number): readonly Fault[] {
  const path = `documents[${index}]`;
  const base = validate(documentBaseSchema, value);
  if (!base.ok) return under(path, base.faults);
  const { kind, body } = value as { kind: DocumentKind; body: unknown };
  if (body === null) return [];
  const checked = validate(DOCUMENT_BODIES[kind] as Schema<unknown>, body);
  return checked.ok ? [] : under(`${path}.body`, checked.faults);
}

/** Two things of one name would swallow one another. */
function repeats(items: readonly unknown[], list: string): readonly Fault[] {
  const seen = new Set<unknown>();
  return items.flatMap((item, index) => {
    const id = isObject(item) ? item.id : undefined;
    if (id === undefined || !seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [
      {
        path: `${list}[${index}].id`,
        expected: 'an identifier that no other has',
        received: describeValue(id),
      },
    ];
  });
}

/** At most this many faults are told: a foreign file has thousands of the same. */
const TOLD = 50;

/**
 * A backup from foreign data, lifted to the current version.
 *
 * Errors: a newer version is its own answer; otherwise up to fifty faults with their paths. Nothing is imported by reading.
 */
export function readBackup(value: unknown, catalogue: Catalogue): Outcome<Backup> {
  if (!isObject(value) || value.format !== 'lomvik') {
    return {
      ok: false,
      faults: [
        {
          path: 'format',
          expected: '"lomvik" (a room backup)',
          received: describeValue(isObject(value) ? value.format : value),
        },
      ],
    };
  }
  const { version } = value;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return {
      ok: false,
      faults: [
        {
          path: 'version',
          expected: `a version from 1 to ${BACKUP_VERSION}`,
          received: describeValue(version),
        },
      ],
    };
  }
  if (version > BACKUP_VERSION) {
    return {
      ok: false,
      faults: [
        {
          path: 'version',
          expected: `version ${BACKUP_VERSION} or older: this file was made by a newer Lomvik`,
          received: String(version),
        },
      ],
    };
  }
  const file = migrate(value, version, BACKUP_MIGRATIONS);
  const { documents, entries, exportedOn } = file;
  if (!Array.isArray(documents))
    return {
      ok: false,
      faults: [{ path: 'documents', expected: 'a list of documents', received: describeValue(documents) }],
    };
  if (!Array.isArray(entries))
    return {
      ok: false,
      faults: [{ path: 'entries', expected: 'a list of entries', received: describeValue(entries) }],
    };
  const wrongDocuments = documents.flatMap(documentFaults);
  // Species of the keeper's own travel with the room that they live in.
  const known =
    wrongDocuments.length === 0
      ? withKeeperSpecies(catalogue, keeperSpeciesOf(documents as RoomDocument[]))
      : catalogue;
  const faults = [
    ...wrongDocuments,
    ...entries.flatMap((entry, index) => entryFaults(entry, index, known)),
    ...repeats(documents, 'documents'),
    ...repeats(entries, 'entries'),
  ];
  if (faults.length > 0) return { ok: false, faults: faults.slice(0, TOLD) };
  const placed = (entries as Entry[]).map((entry, index) => ({ ...entry, seq: index + 1 }));
  return {
    ok: true,
    value: {
      format: 'lomvik',
      version: BACKUP_VERSION,
      exportedOn: typeof exportedOn === 'string' ? exportedOn : '',
      documents: documents as RoomDocument[],
      entries: placed,
    },
  };
}
