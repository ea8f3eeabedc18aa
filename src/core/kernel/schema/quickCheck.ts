import type { Schema, SchemaDescription } from 'yup';
import { isDay, isMoment } from '../time/calendar';

/** True only for values that the schema takes; false means that the schema has to be asked for what is wrong. */
export type QuickCheck = (value: unknown) => boolean;

type Described = SchemaDescription & {
  readonly fields?: Readonly<Record<string, unknown>>;
  readonly innerType?: unknown;
};
type Tests = SchemaDescription['tests'];

/** Checks by the name of a test: those that cannot be told from its parameters are left to the schema. */
const NAMED: Readonly<Record<string, (params: Record<string, unknown>, meta: Meta) => QuickCheck | null>> = {
  /** Asked of texts only: an empty one counts as missing. */
  required: () => (value) => value !== '',
  finite: () => (value) => Number.isFinite(value),
  integer: () => (value) => Number.isInteger(value),
  day: () => (value) => isDay(value as string),
  moment: () => (value) => isMoment(value as string),
  range: (_params, { range }) => (range ? inRange(range[0], range[1]) : null),
  min: ({ min, more }) =>
    typeof more === 'number'
      ? (value) => (value as number) > more
      : typeof min === 'number'
        ? (value) => sizeOf(value) >= min
        : null,
  max: ({ max }) => (typeof max === 'number' ? (value) => sizeOf(value) <= max : null),
  matches: ({ regex }) =>
    regex instanceof RegExp && !regex.global ? (value) => regex.test(value as string) : null,
};

interface Meta {
  readonly choices?: readonly string[];
  readonly range?: readonly [number, number];
}

const sizeOf = (value: unknown): number =>
  typeof value === 'number' ? value : (value as { length: number }).length;

const inRange =
  (low: number, high: number): QuickCheck =>
  (value) => {
    const [a, b] = value as [number, number];
    return a <= b && a >= low && b <= high;
  };

function typeCheck(described: Described, schema: Schema): QuickCheck | null {
  const { type } = described;
  const meta = (described.meta ?? {}) as Meta;
  switch (type) {
    case 'string':
      return (value) => typeof value === 'string';
    case 'number':
      return (value) => typeof value === 'number' && !Number.isNaN(value);
    case 'boolean':
      return (value) => typeof value === 'boolean';
    case 'mixed': {
      const { choices } = meta;
      if (choices) {
        const known = new Set<unknown>(choices);
        return (value) => known.has(value);
      }
      return (value) => schema.isType(value);
    }
    case 'tuple':
      return (value) =>
        Array.isArray(value) &&
        value.length === 2 &&
        typeof value[0] === 'number' &&
        typeof value[1] === 'number' &&
        !Number.isNaN(value[0]) &&
        !Number.isNaN(value[1]);
    case 'array': {
      const inner = (schema as unknown as { innerType?: Schema }).innerType;
      const each = inner ? quickCheck(inner) : () => true;
      return each && ((value) => Array.isArray(value) && value.every(each));
    }
    case 'object': {
      const fields = Object.entries((schema as unknown as { fields: Record<string, Schema> }).fields);
      const checks: (readonly [string, QuickCheck])[] = [];
      for (const [name, field] of fields) {
        const check = quickCheck(field);
        if (!check) return null;
        checks.push([name, check]);
      }
      return (value) => {
        if (value === null || typeof value !== 'object' || Array.isArray(value)) return false;
        const said = value as Record<string, unknown>;
        return checks.every(([name, check]) => check(Object.hasOwn(said, name) ? said[name] : undefined));
      };
    }
    default:
      return null;
  }
}

function testChecks(tests: Tests, meta: Meta): readonly QuickCheck[] | null {
  const checks: QuickCheck[] = [];
  for (const { name, params } of tests) {
    const make = name !== undefined && Object.hasOwn(NAMED, name) ? NAMED[name] : undefined;
    const check = make?.(params ?? {}, meta) ?? null;
    if (!check) return null;
    checks.push(check);
  }
  return checks;
}

const compiled = new WeakMap<Schema, QuickCheck | null>();

function compile(schema: Schema): QuickCheck | null {
  if (typeof schema.describe !== 'function' || !('spec' in schema)) return null;
  const described = schema.describe() as Described;
  const type = typeCheck(described, schema);
  const tests = testChecks(described.tests ?? [], (described.meta ?? {}) as Meta);
  if (!type || !tests) return null;
  const { optional, nullable } = described;
  const oneOf = described.oneOf.length > 0 ? new Set<unknown>(described.oneOf) : null;
  return (value) => {
    if (value === undefined) return optional;
    if (value === null) return nullable;
    if (!type(value)) return false;
    if (oneOf && !oneOf.has(value)) return false;
    for (const test of tests) if (!test(value)) return false;
    return true;
  };
}

/**
 * A fast check made from a schema, for journals of hundreds of thousands of entries. What it takes, the schema takes too;
 * null where the schema has parts that cannot be made fast. Made once for each schema.
 *
 * Complexity: one look at each field. A property test holds it against the schema itself.
 */
export function quickCheck(schema: Schema): QuickCheck | null {
  const known = compiled.get(schema);
  if (known !== undefined) return known;
  const made = compile(schema);
  compiled.set(schema, made);
  return made;
}
