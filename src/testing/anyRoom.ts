import fc from 'fast-check';
import type { Schema } from 'yup';
import { EVENT_TYPES, schemaOf, type Dated } from '@/core/events/events';
import type { Reference } from '@/core/kernel/schema/fields';
import type { DocumentId } from '@/core/kernel/schema/ids';
import {
  bodySchemaOf,
  DOCUMENT_KINDS,
  documentOf,
  type DocumentKind,
  type RoomDocument,
} from '@/core/records/documents';
import { anyMoment, anyOf } from './anyOf';

/** Tanks, fish and species that a made-up room may speak of; some of the fish never come. */
export const TANKS_THERE = ['T', 'U'] as const;
const RESIDENTS = ['a', 'b', 'c', 'd'] as const;
const SPECIES = ['danio-rerio', 'pterophyllum-scalare', 'labidochromis-caeruleus'] as const;

const POOLS: Readonly<Record<Reference, readonly string[]>> = {
  tank: TANKS_THERE,
  resident: RESIDENTS,
  species: SPECIES,
};

/** A value in which every name of a tank, fish or species is one of a few, chosen by the numbers given. */
function named(schema: Schema, value: unknown, next: () => number): unknown {
  if (value === undefined || value === null || !('spec' in schema)) return value;
  const meta = schema.describe().meta as { refersTo?: Reference } | undefined;
  if (meta?.refersTo) {
    const pool = POOLS[meta.refersTo];
    return pool[next() % pool.length];
  }
  const { fields, innerType } = schema as unknown as { fields?: Record<string, Schema>; innerType?: Schema };
  if (fields)
    return Object.fromEntries(
      Object.entries(value).map(([name, inner]) => {
        const field = fields[name];
        // A newcomer's own name is no reference: it is one of those that may come.
        if (name === 'id') return [name, RESIDENTS[next() % RESIDENTS.length]];
        return [name, field ? named(field, inner, next) : inner];
      }),
    );
  return innerType && Array.isArray(value) ? value.map((one) => named(innerType, one, next)) : value;
}

/** Numbers one after the other, over and over. */
function round(numbers: readonly number[]): () => number {
  let i = -1;
  return () => {
    i += 1;
    return numbers[i % numbers.length] ?? 0;
  };
}

const choices = fc.array(fc.nat(1000), { minLength: 3, maxLength: 8 });

/** Anything that can happen, sensible in this room or not, made from the definitions of the events themselves. */
export const anyEvent: fc.Arbitrary<Dated> = fc
  .constantFrom(...EVENT_TYPES)
  .chain((type) =>
    fc
      .tuple(anyOf(schemaOf(type)), anyMoment, choices)
      .map(
        ([body, on, numbers]) =>
          ({ ...(named(schemaOf(type), body, round(numbers)) as object), type, on }) as Dated,
      ),
  );

/** An arrival that this room can take, so that there is somebody for the others to speak of. */
export const anyArrival: fc.Arbitrary<Dated> = fc
  .tuple(fc.constantFrom(...RESIDENTS), fc.integer({ min: 1, max: 9 }), fc.constantFrom(...TANKS_THERE))
  .map(
    ([id, count, tank]) =>
      ({
        type: 'came',
        on: '2023-06-01T10:00:00.000Z',
        tank,
        species: 'danio-rerio',
        members: [
          { id, name: '', count, individual: count === 1, sex: 'unknown', males: null, females: null },
        ],
        lengthCm: 3,
        origin: 'unknown',
        from: '',
        note: '',
      }) as unknown as Dated,
  );

const ANY_ID: Partial<Record<DocumentKind, DocumentId>> = {
  settings: 'settings' as DocumentId,
  watching: 'watching' as DocumentId,
};

/** Any document of any kind, made from the definitions of the records themselves. */
export const anyDocument: fc.Arbitrary<RoomDocument> = fc
  // The tanks of the room are the walk's own; a species of the keeper's would have to be a whole sound profile.
  .constantFrom(...DOCUMENT_KINDS.filter((kind) => kind !== 'tank' && kind !== 'species'))
  .chain((kind) =>
    fc.tuple(anyOf(bodySchemaOf(kind)), choices, fc.nat(3), fc.boolean()).map(([body, numbers, n, gone]) => {
      const id = ANY_ID[kind] ?? (`${kind}-${n}` as DocumentId);
      return documentOf(kind, id, gone ? null : (named(bodySchemaOf(kind), body, round(numbers)) as never));
    }),
  );
