import type { InferType } from 'yup';
import type { Schema } from 'yup';
import type { EntryOf, NewEntryOf } from '../journal';
import type { EventDefinition } from './define';
import { EVENTS } from './registry';
import type { Room } from './room';

export * from './vocabulary';
export type { Member } from './define';

export type EventType = keyof typeof EVENTS;
export const EVENT_TYPES = Object.keys(EVENTS) as readonly EventType[];

export type EventBodies = { [T in EventType]: InferType<(typeof EVENTS)[T]['schema']> };
/** What happened: a type with the body that belongs to it. */
export type Happening = { [T in EventType]: { readonly type: T } & EventBodies[T] }[EventType];
/** A happening with its moment, ISO date and time. */
export type Dated = Happening & { readonly on: string };
export type Entry = EntryOf<Dated>;
/** An entry that the store has not placed yet. */
export type NewEntry = NewEntryOf<Dated>;

/** A definition seen without knowing which: its event is one of its own type. */
type AnyDefinition = Omit<EventDefinition<EventType, unknown>, 'apply' | 'residents' | 'sense'> & {
  readonly apply: (room: Room, event: Dated) => Room;
  readonly residents: (event: Dated) => readonly string[];
  readonly sense?: (
    event: Dated,
    room: Room,
  ) => ReturnType<NonNullable<EventDefinition<EventType, unknown>['sense']>>;
};

export const isEventType = (type: unknown): type is EventType =>
  typeof type === 'string' && Object.hasOwn(EVENTS, type);

/** All that is known of a type of event. */
export const definitionOf = (type: EventType): AnyDefinition => EVENTS[type] as unknown as AnyDefinition;
export const schemaOf = (type: EventType): Schema<unknown> => EVENTS[type].schema as Schema<unknown>;

/** The fields of a type of event, each a schema with its bounds: what a form of it asks for. */
export const eventFields = <T extends EventType>(type: T): (typeof EVENTS)[T]['fields'] =>
  EVENTS[type].fields;

/** The room after one happening. Total: an entry that makes no sense is kept as loose, never thrown away in silence. */
export const applyEvent = (room: Room, event: Dated): Room => definitionOf(event.type).apply(room, event);

/** Residents that an event speaks of. */
export const residentsOfEvent = (event: Dated): readonly string[] =>
  definitionOf(event.type).residents(event);

/** The tank that an event speaks of, as far as it says so itself. */
export const tankOfEvent = (event: Dated): string | null => ('tank' in event ? (event.tank ?? null) : null);

/** Parts of an event that may be corrected by themselves. */
export const correctableParts = (type: EventType): readonly string[] => definitionOf(type).correctable;
