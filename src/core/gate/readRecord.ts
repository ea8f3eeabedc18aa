import { mixed } from 'yup';
import { definitionOf, type Entry, EVENT_TYPES, type EventType, isEventType, schemaOf } from '../events';
import {
  choiceField,
  DEEPEST,
  type DocumentId,
  type EntryId,
  type Fault,
  faultOf,
  groupField,
  idField,
  isDay,
  isMoment,
  isTooDeep,
  momentField,
  noteField,
  type Outcome,
  says,
  under,
  validate,
  wholeField,
} from '../kernel';
import {
  bodySchemaOf,
  DOCUMENT_KINDS,
  type DocumentKind,
  recordOf,
  type RoomDocument,
  versionOf,
} from '../records';

import { readClock } from './clocked';

type Tree = Record<string, unknown>;
export const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

const refused = (...faults: readonly Fault[]): Outcome<never> => ({ ok: false, faults });

const TYPE = says({ is: 'choice', of: [...EVENT_TYPES, 'corrected'] });
const typeField = mixed<EventType | 'corrected'>(
  (value): value is EventType | 'corrected' => value === 'corrected' || isEventType(value),
)
  .typeError(TYPE)
  .required(TYPE)
  .meta({ choices: [...EVENT_TYPES, 'corrected'] });

const entryBase = groupField({
  id: idField<EntryId>(),
  type: typeField,
  on: momentField(),
  recorded: momentField(),
  zone: noteField().optional(),
});

const documentBase = groupField({
  id: idField<DocumentId>(),
  kind: choiceField(DOCUMENT_KINDS),
  rev: wholeField(1, 1e9),
  v: wholeField(1, 1e6).optional(),
});

/** Earlier files could hold moments of other zones; they are the same moments in Coordinated Universal Time. */
function inUniversalTime(value: unknown): unknown {
  if (typeof value !== 'string' || isMoment(value)) return value;
  if (!/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d+)?)?(Z|[+-]\d{2}:\d{2})$/.test(value)) return value;
  const ms = Date.parse(value);
  // A day that the calendar does not have would become another.
  return Number.isNaN(ms) || !isDay(value.slice(0, 10)) ? value : new Date(ms).toISOString();
}

function liftMoments(entry: Tree): Tree {
  const on = inUniversalTime(entry.on);
  const recorded = inUniversalTime(entry.recorded);
  return on === entry.on && recorded === entry.recorded ? entry : { ...entry, on, recorded };
}

/** An event in the shape that this Lomvik writes: each kind lifts its own. */
function liftHappening(event: Tree): Tree {
  const upcast = isEventType(event.type) ? definitionOf(event.type).upcast : undefined;
  return upcast ? upcast(event) : event;
}

function happeningFaults(event: Tree, path: string): readonly Fault[] {
  const checked = validate(schemaOf(event.type as EventType), event);
  return checked.ok ? [] : path === '' ? checked.faults : under(path, checked.faults);
}

/** Parts that only the journal adds to what happened: a replacement says what happened, and nothing of the journal. */
const JOURNAL_PARTS = ['id', 'seq', 'recorded', 'zone', 'corrected'] as const;

function saidOf(replacement: Tree): Tree {
  if (!JOURNAL_PARTS.some((part) => Object.hasOwn(replacement, part))) return replacement;
  const said = { ...replacement };
  for (const part of JOURNAL_PARTS) delete said[part];
  return said;
}

function correctionOf(entry: Tree): Outcome<Entry> {
  const target = validate(idField<EntryId>(), entry.target);
  if (!target.ok) return refused(faultOf('target', { is: 'id' }, entry.target));
  if (target.value === entry.id)
    return refused(faultOf('target', { is: 'another', than: 'itself' }, entry.target));
  if (entry.replacement === null) return { ok: true, value: entry as unknown as Entry };
  if (!isTree(entry.replacement) || !isEventType(entry.replacement.type))
    return refused(faultOf('replacement', { is: 'truth or null' }, entry.replacement));
  const replacement = liftHappening(liftMoments(saidOf(entry.replacement)));
  const on = validate(momentField(), replacement.on);
  const faults = [
    ...(on.ok ? [] : [faultOf('replacement.on', { is: 'moment' }, replacement.on)]),
    ...happeningFaults(replacement, 'replacement'),
  ];
  if (faults.length > 0) return { ok: false, faults };
  return {
    ok: true,
    value: (replacement === entry.replacement ? entry : { ...entry, replacement }) as unknown as Entry,
  };
}

/**
 * An entry of the journal from foreign data: lifted to what this Lomvik writes, and checked in all its parts. Whether it
 * makes sense in the room is asked separately.
 *
 * Errors: every fault with its path within the entry. The place in the journal is not looked at.
 */
export function readEntry(value: unknown): Outcome<Entry> {
  if (!isTree(value)) return refused(faultOf('', { is: 'object' }, value));
  if (isTooDeep(value)) return refused(faultOf('', { is: 'nested', most: DEEPEST }, value));
  const entry = liftMoments(value);
  const base = validate(entryBase, entry);
  if (!base.ok) return base;
  if (entry.type === 'corrected') return correctionOf(entry);
  const lifted = liftHappening(entry);
  const faults = happeningFaults(lifted, '');
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: lifted as unknown as Entry };
}

/**
 * A document from foreign data: lifted to the version that this Lomvik writes, and checked in all its parts.
 *
 * Errors: every fault with its path within the document; a newer version is its own answer.
 */
export function readDocument(value: unknown): Outcome<RoomDocument> {
  if (!isTree(value)) return refused(faultOf('', { is: 'object' }, value));
  if (isTooDeep(value)) return refused(faultOf('', { is: 'nested', most: DEEPEST }, value));
  const base = validate(documentBase, value);
  if (!base.ok) return base;
  const kind = value.kind as DocumentKind;
  const current = versionOf(kind);
  const from = (value.v as number | undefined) ?? 1;
  if (from > current) return refused(faultOf('v', { is: 'version', to: current, newer: true }, from));
  if (value.body === undefined) return refused(faultOf('body', { is: 'object', orNull: true }));
  if (value.body === null) return { ok: true, value: placed(value, kind, null) };
  if (!isTree(value.body)) return refused(faultOf('body', { is: 'object' }, value.body));
  const body = recordOf(kind)
    .upcasts.filter((step) => step.from >= from)
    .reduce<Tree>((shape, step) => step.up(shape), value.body);
  const checked = validate(bodySchemaOf(kind), body);
  return checked.ok
    ? { ok: true, value: placed(value, kind, body) }
    : { ok: false, faults: under('body', checked.faults) };
}

/** The same object when nothing had to be lifted. Of a body that was lifted only moments are kept: what it hid has the old shape. */
function placed(value: Tree, kind: DocumentKind, body: Tree | null): RoomDocument {
  const v = versionOf(kind);
  const isLifted = value.body !== body || (value.v ?? 1) !== v;
  const known = readClock(value.clock);
  const clock = isLifted && known ? { at: known.at } : known;
  if (!isLifted && clock === value.clock) return value as unknown as RoomDocument;
  const { clock: _clock, ...rest } = value;
  return { ...rest, body, ...(v === 1 ? {} : { v }), ...(clock && { clock }) } as unknown as RoomDocument;
}
