import { type Clock, clockOf, isMoment, registersOf, type Registers, type Shape, viewOf } from '../kernel';
import { recordOf, type RoomDocument, versionOf } from '../records';

/** How the parts of a document are told apart. */
export const shapeOf = ({ kind }: Pick<RoomDocument, 'kind'>): Shape => recordOf(kind);

/** So many digits make revisions sort as text. */
const DIGITS = 10;
/** The moment of a document that nobody dated: before all moments, by its revision. */
const undated = (rev: number): string => `0:${String(rev).padStart(DIGITS, '0')}`;

/** What each part of a document says, and since when; a removed document says `null` as a whole. */
export const registersOfDocument = (document: RoomDocument): Registers =>
  registersOf(document.body, document.clock ?? { at: { '': undated(document.rev) } }, shapeOf(document));

/** The document that registers show, as this Lomvik writes it. */
export function documentWith(
  { id, kind }: Pick<RoomDocument, 'id' | 'kind'>,
  registers: Registers,
  rev: number,
): RoomDocument {
  const v = versionOf(kind);
  const shape = shapeOf({ kind });
  return {
    id,
    kind,
    body: viewOf(registers, shape) ?? null,
    rev,
    ...(v === 1 ? {} : { v }),
    clock: clockOf(registers, shape),
  } as unknown as RoomDocument;
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  value !== null && typeof value === 'object' && !Array.isArray(value);
const isWhen = (value: unknown): boolean =>
  typeof value === 'string' && (isMoment(value) || /^(0:\d{10})?$/.test(value));

/** A clock from foreign data; undefined where it is none, and the document counts as undated. */
export function readClock(value: unknown): Clock | undefined {
  if (!isRecord(value)) return undefined;
  const { at, hidden, gone } = value;
  const sound =
    isRecord(at) &&
    Object.values(at).every(isWhen) &&
    (hidden === undefined || isRecord(hidden)) &&
    (gone === undefined || (Array.isArray(gone) && gone.every((path) => typeof path === 'string')));
  return sound ? (value as unknown as Clock) : undefined;
}
