import fc from 'fast-check';
import type { Schema } from 'yup';
import { EVENT_TYPES, schemaOf, type Dated } from '@/core/events/events';
import type { Reference } from '@/core/kernel/schema/expected';
import type { DocumentId } from '@/core/kernel/schema/ids';
import {
  bodySchemaOf,
  DOCUMENT_KINDS,
  documentOf,
  type DocumentKind,
  type RoomDocument,
} from '@/core/records/documents';
import { anyMoment, anyOf } from './anyOf';
import { catalogue } from './plans';

/** Tanks, fish and species that a made-up room may speak of; some of the fish never come. */
export const TANKS_THERE = ['T', 'U'] as const;
const RESIDENTS = ['a', 'b', 'c', 'd'] as const;
const SPECIES = ['danio-rerio', 'pterophyllum-scalare', 'labidochromis-caeruleus', 'own-danio'] as const;

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

/** A species of the keeper's own: a shipped one under another name; taken away again now and then. */
const anySpecies: fc.Arbitrary<RoomDocument> = fc
  .tuple(
    fc.constantFrom('own-danio', 'own-angelfish'),
    fc.double({ min: 1, max: 40, noNaN: true }),
    fc.boolean(),
  )
  .map(([id, maleCm, gone]) => {
    const like = catalogue.byId.get('danio-rerio');
    if (!like) throw new Error('the catalogue has changed');
    const profile = {
      ...like,
      id,
      commonNames: [id],
      formerNames: [],
      scientificName: id,
      size: { ...like.size, maleCm },
    };
    return documentOf('species', `species-${id}` as DocumentId, gone ? null : { profile, changed: [] });
  });

/** A tank of the room renamed, resized within reason, put out of the rack, or made anew. */
const anyTank: fc.Arbitrary<RoomDocument> = fc
  .tuple(fc.constantFrom(...TANKS_THERE, 'V'), anyOf(bodySchemaOf('tank')), fc.nat(5))
  .map(([id, body, gone]) => documentOf('tank', id as DocumentId, gone === 0 ? null : (body as never)));

/** Any document of any kind, made from the definitions of the records themselves. */
export const anyDocument: fc.Arbitrary<RoomDocument> = fc.oneof(
  { weight: 1, arbitrary: anySpecies },
  { weight: 2, arbitrary: anyTank },
  { weight: 12, arbitrary: fc.constant(null).chain(() => anyPlain) },
);

const anyPlain: fc.Arbitrary<RoomDocument> = fc
  .constantFrom(...DOCUMENT_KINDS.filter((kind) => kind !== 'tank' && kind !== 'species'))
  .chain((kind) =>
    fc.tuple(anyOf(bodySchemaOf(kind)), choices, fc.nat(3), fc.boolean()).map(([body, numbers, n, gone]) => {
      const id = ANY_ID[kind] ?? (`${kind}-${n}` as DocumentId);
      return documentOf(kind, id, gone ? null : (named(bodySchemaOf(kind), body, round(numbers)) as never));
    }),
  );
