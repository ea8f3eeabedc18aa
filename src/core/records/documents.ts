import type { InferType, Schema } from 'yup';
import type { Clock, DocumentId } from '../kernel';
import type { RecordDefinition } from './define';
import { RECORDS } from './registry';

export { TANK_PURPOSES } from './kinds/tank';
export type { DraftGroup } from './kinds/draft';
export type { KeptWish } from './kinds/wishes';

export type DocumentKind = keyof typeof RECORDS;
export const DOCUMENT_KINDS = Object.keys(RECORDS) as readonly DocumentKind[];
export type DocumentBodies = { [K in DocumentKind]: InferType<(typeof RECORDS)[K]['schema']> };
/** A plan-like thing with revisions. `body: null` means removed; the last revision says so. */
export type RoomDocument = {
  [K in DocumentKind]: {
    readonly id: DocumentId;
    readonly kind: K;
    readonly body: DocumentBodies[K] | null;
    readonly rev: number;
    /** The version of the body's shape; the first when it is missing. */
    readonly v?: number | undefined;
    /** When its parts were last said; a document that an older Lomvik wrote has none. */
    readonly clock?: Clock | undefined;
  };
}[DocumentKind];

/** A definition seen without knowing which. */
export const recordOf = (kind: DocumentKind): RecordDefinition<DocumentKind, unknown> =>
  RECORDS[kind] as unknown as RecordDefinition<DocumentKind, unknown>;

export const bodySchemaOf = (kind: DocumentKind): Schema<unknown> => recordOf(kind).schema;

/** The version in which bodies of a kind are written. */
export const versionOf = (kind: DocumentKind): number => recordOf(kind).upcasts.length + 1;

/** A document as this Lomvik writes it; the store counts its revisions. */
export function documentOf<K extends DocumentKind>(
  kind: K,
  id: DocumentId,
  body: DocumentBodies[K] | null,
): RoomDocument {
  const v = versionOf(kind);
  return { id, kind, body, rev: 1, ...(v === 1 ? {} : { v }) } as unknown as RoomDocument;
}

export const DEFAULT_SETTINGS: DocumentBodies['settings'] = {
  length: 'cm',
  volume: 'L',
  temperature: 'C',
  hardness: 'dH',
  keeper: '',
};
