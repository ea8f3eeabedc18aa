import type { ObjectShape, Schema } from 'yup';
import type { BodyOf, GroupOf } from '../events';
import { type Fault, groupField, idField, refersTo, type TankId } from '../kernel';
import type { Catalogue } from '../model';

/** What a document may be held against. */
export interface World {
  /** The species of the room, the keeper's own among them. */
  readonly catalogue: Catalogue;
  /** The present moment, ISO; null where nobody can say. */
  readonly now: string | null;
}

/** One step upward of a body that an older Lomvik wrote. */
export interface Upcast {
  /** The version that it lifts from; the next is one more. */
  readonly from: number;
  readonly name: string;
  readonly up: (body: Record<string, unknown>) => Record<string, unknown>;
}

/** One kind of document: all that the core has to know of it, in one place. */
export interface RecordDefinition<K extends string, B> {
  readonly kind: K;
  readonly schema: Schema<B>;
  /** Steps from version 1 upward, without a gap. The version that is written is one more than there are steps. */
  readonly upcasts: readonly Upcast[];
  /** By what the items of a list are told from one another when two tabs changed it: list -> name of a part. */
  readonly itemKeys: Readonly<Record<string, string>>;
  /** Its parts make sense only together: of two devices one says all of it. */
  readonly whole: boolean;
  /** What in it contradicts itself or the world. That tanks and species are there is asked of every document. */
  readonly sense?: (body: B, world: World) => readonly Fault[];
}

/**
 * Defines one kind of document; `registry.ts` lists them all.
 * For example defineRecord('care', { tank: tank(), items: ... }, { itemKeys: { items: 'what' } })
 */
export function defineRecord<const K extends string, S extends ObjectShape>(
  kind: K,
  fields: S,
  rest: Partial<Omit<RecordDefinition<K, BodyOf<S>>, 'kind' | 'schema'>> = {},
): RecordDefinition<K, BodyOf<S>> & { readonly schema: GroupOf<S> } {
  const { upcasts = [], itemKeys = {}, whole = false, sense } = rest;
  upcasts.forEach((step, index) => {
    if (step.from !== index + 1)
      throw new Error(`${kind}: the step "${step.name}" starts at ${step.from}, expected ${index + 1}`);
  });
  return { kind, schema: groupField(fields), upcasts, itemKeys, whole, sense };
}

/** A tank that has to be in the room. */
export const tank = () => refersTo('tank', idField<TankId>());
