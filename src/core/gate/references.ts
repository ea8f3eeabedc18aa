import type { Schema } from 'yup';
import { readSomebody } from '../events';
import { type Fault, faultOf, type Reference } from '../kernel';
import type { Catalogue } from '../model';

/** Who and what is there to be spoken of. */
export interface There {
  readonly hasTank: (id: string) => boolean;
  /** Who has come by the moment that is asked of. */
  readonly hasResident: (id: string) => boolean;
  readonly catalogue: Catalogue;
}

interface Spot {
  /** Names on the way; `*` stands for each of a list. */
  readonly way: readonly string[];
  readonly what: Reference;
}

const spots = new WeakMap<Schema, readonly Spot[]>();

function find(schema: Schema): readonly Spot[] {
  if (!('spec' in schema)) return [];
  const what = (schema.describe().meta as { refersTo?: Reference } | undefined)?.refersTo;
  if (what) return [{ way: [], what }];
  const { fields, innerType } = schema as unknown as { fields?: Record<string, Schema>; innerType?: Schema };
  if (fields)
    return Object.entries(fields).flatMap(([name, field]) =>
      find(field).map((spot) => ({ ...spot, way: [name, ...spot.way] })),
    );
  return innerType ? find(innerType).map((spot) => ({ ...spot, way: ['*', ...spot.way] })) : [];
}

const spotsOf = (schema: Schema): readonly Spot[] => {
  const known = spots.get(schema) ?? find(schema);
  spots.set(schema, known);
  return known;
};

function isThere(what: Reference, id: string, there: There): boolean {
  switch (what) {
    case 'tank':
      return there.hasTank(id);
    case 'species':
      return there.catalogue.byId.has(id);
    case 'resident': {
      const somebody = readSomebody(id);
      return somebody ? there.catalogue.byId.has(somebody.species) : there.hasResident(id);
    }
  }
}

function check(
  value: unknown,
  [step, ...rest]: readonly string[],
  what: Reference,
  there: There,
  path: string,
): readonly Fault[] {
  if (value === undefined || value === null) return [];
  if (step === undefined)
    return typeof value !== 'string' || isThere(what, value, there)
      ? []
      : [faultOf(path, { is: 'known', what }, value)];
  if (step === '*')
    return Array.isArray(value)
      ? value.flatMap((one, i) => check(one, rest, what, there, `${path}[${i}]`))
      : [];
  return check(
    (value as Record<string, unknown>)[step],
    rest,
    what,
    there,
    path === '' ? step : `${path}.${step}`,
  );
}

const NONE: readonly Fault[] = [];

/** What a value speaks of that is not there. The value has passed its schema. */
export function missingReferences(schema: Schema, value: unknown, there: There): readonly Fault[] {
  let faults = NONE;
  for (const { way, what } of spotsOf(schema)) {
    const first = way.length === 1 ? (value as Record<string, unknown>)[way[0] as string] : undefined;
    // Most are a plain part of the value: asked without building anything.
    if (typeof first === 'string' && isThere(what, first, there)) continue;
    const found = check(value, way, what, there, '');
    if (found.length > 0) faults = [...faults, ...found];
  }
  return faults;
}
