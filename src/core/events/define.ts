import type { InferType, ObjectShape, Schema } from 'yup';
import {
  choiceField,
  dayField,
  type Fault,
  groupField,
  idField,
  noteField,
  positiveQuantityField,
  refersTo,
  type ResidentId,
  type TankId,
  textField,
  wholeField,
  yesNoField,
} from '../kernel';
import type { Room } from './room';
import { SEXES } from './vocabulary';

/** A group of fields as a schema. */
export type GroupOf<S extends ObjectShape> = ReturnType<typeof groupField<S>>;
export type BodyOf<S extends ObjectShape> = InferType<GroupOf<S>>;

/** One kind of thing that can happen in a room: all that the core has to know of it, in one place. */
export interface EventDefinition<T extends string, B> {
  readonly type: T;
  /** What it says, and within which bounds. */
  readonly schema: Schema<B>;
  /** The room after it. Total: what makes no sense leaves the room as it is. */
  readonly apply: (room: Room, event: B & { readonly type: T; readonly on: string }) => Room;
  /** Residents that it speaks of. */
  readonly residents: (event: B) => readonly string[];
  /** What in it contradicts the room as it was at that moment. That tanks, fish and species are there is asked of every event. */
  readonly sense?: (event: B & { readonly on: string }, room: Room) => readonly Fault[];
  /** Parts that may be corrected by themselves; the others tie it to other entries. */
  readonly correctable: readonly string[];
  /** Lifts a body as an older Lomvik wrote it. */
  readonly upcast?: (body: Record<string, unknown>) => Record<string, unknown>;
}

/**
 * Defines one kind of event; `registry.ts` lists them all.
 * For example defineEvent('named', { resident: resident(), name: name() }, { correctable: ['name'], ... })
 */
export function defineEvent<const T extends string, S extends ObjectShape>(
  type: T,
  fields: S,
  rest: Omit<EventDefinition<T, BodyOf<S>>, 'type' | 'schema'>,
): EventDefinition<T, BodyOf<S>> & { readonly schema: GroupOf<S>; readonly fields: S } {
  return { type, schema: groupField(fields), fields, ...rest };
}

export const tank = () => refersTo('tank', idField<TankId>());
export const resident = () => refersTo('resident', idField<ResidentId>());
export const species = () => refersTo('species', textField());
export const count = () => wholeField(1, 10_000);
export const length = () => positiveQuantityField('cm', 400);
export const note = () => noteField();

/** A home for a time: until when, and where to then. */
export const stay = () => ({
  until: dayField().optional(),
  nextTank: noteField().optional(),
});

const knownOf = () => wholeField(0, 10_000).nullable().optional().default(null);
export const sexCounts = () => ({ males: knownOf(), females: knownOf() });

/** A newcomer: one fish, or a group kept as one. */
export const memberSchema = groupField({
  id: idField<ResidentId>(),
  name: noteField(),
  count: count(),
  individual: yesNoField(),
  sex: choiceField(SEXES),
  ...sexCounts(),
});
export type Member = InferType<typeof memberSchema>;
