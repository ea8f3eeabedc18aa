import fc from 'fast-check';
import type { Schema, SchemaDescription } from 'yup';

interface Meta {
  readonly choices?: readonly string[];
  readonly range?: readonly [number, number];
  readonly form?: 'day' | 'moment' | 'id';
  readonly words?: boolean;
}

interface Bounds {
  readonly min: number | undefined;
  readonly max: number | undefined;
  readonly above: boolean;
  readonly whole: boolean;
  readonly pattern: RegExp | undefined;
}

function boundsOf({ tests }: SchemaDescription): Bounds {
  const param = (test: string, name: string): unknown =>
    tests
      .filter((one) => one.name === test)
      .map((one) => one.params?.[name])
      .find((one) => one !== undefined);
  const more = param('min', 'more');
  return {
    min: (more ?? param('min', 'min')) as number | undefined,
    max: param('max', 'max') as number | undefined,
    above: more !== undefined,
    whole: tests.some((one) => one.name === 'integer'),
    pattern: param('matches', 'regex') as RegExp | undefined,
  };
}

const MINUTE_MS = 60_000;
/** Moments lie in three years, whole milliseconds. */
export const anyMoment = fc
  .integer({ min: 0, max: 3 * 525_600 * MINUTE_MS })
  .map((ms) => new Date(Date.UTC(2024, 0, 1) + ms).toISOString());
export const anyDay = anyMoment.map((moment) => moment.slice(0, 10));

function anyText(described: SchemaDescription, { form }: Meta): fc.Arbitrary<string> {
  if (form === 'moment') return anyMoment;
  if (form === 'day') return anyDay;
  if (form === 'id') return fc.stringMatching(/^[A-Za-z0-9_-]{1,12}$/);
  const { pattern, max } = boundsOf(described);
  const oneOf = described.oneOf.filter((one): one is string => typeof one === 'string');
  if (oneOf.length > 0) return fc.constantFrom(...oneOf);
  // A picture: the pattern gives only its beginning.
  if (pattern) return fc.stringMatching(pattern).filter((text) => text.length <= (max ?? 1000));
  const required = described.tests.some((one) => one.name === 'required');
  return fc.oneof(
    fc.string({ minLength: required ? 1 : 0, maxLength: Math.min(max ?? 60, 60), unit: 'grapheme' }),
    fc.constantFrom('a', '=1+1', '<b>x</b>', 'constructor', '__proto__', 'ä ö 漢'),
  );
}

function anyNumber(described: SchemaDescription): fc.Arbitrary<number> {
  const { min = -1e6, max = 1e6, above, whole } = boundsOf(described);
  if (whole) return fc.integer({ min: Math.ceil(min), max: Math.floor(max) });
  return fc
    .double({ min, max, minExcluded: above, noNaN: true, noDefaultInfinity: true })
    .map((value) => (Object.is(value, -0) ? 0 : value));
}

function anyThing(schema: Schema, described: SchemaDescription): fc.Arbitrary<unknown> {
  const meta = (described.meta ?? {}) as Meta;
  switch (described.type) {
    case 'string':
      return anyText(described, meta);
    case 'number':
      return anyNumber(described);
    case 'boolean':
      return fc.boolean();
    case 'tuple': {
      const [low, high] = meta.range ?? [0, 1];
      const number = fc.double({ min: low, max: high, noNaN: true });
      return fc.tuple(number, number).map(([a, b]) => (a <= b ? [a, b] : [b, a]));
    }
    case 'array': {
      const inner = (schema as unknown as { innerType: Schema }).innerType;
      return fc.array(anyOf(inner), { minLength: boundsOf(described).min ?? 0, maxLength: 3 });
    }
    case 'object':
      return anyGroup((schema as unknown as { fields: Record<string, Schema> }).fields);
    default:
      if (meta.choices) return fc.constantFrom(...meta.choices);
      if (meta.words)
        return fc.dictionary(fc.string({ minLength: 1, maxLength: 9 }), fc.string({ maxLength: 9 }));
      throw new Error(`no values can be made for a schema of type ${described.type}`);
  }
}

function anyGroup(fields: Record<string, Schema>): fc.Arbitrary<unknown> {
  const names = Object.keys(fields);
  return fc
    .tuple(...names.map((name) => anyOf(fields[name]!)))
    .map((values) =>
      Object.fromEntries(names.flatMap((name, i) => (values[i] === undefined ? [] : [[name, values[i]]]))),
    );
}

/**
 * Values that a schema takes, made from the schema itself: what a test tries is never picked by hand. Missing where the
 * schema lets them be missing, null where it lets them be null.
 */
export function anyOf(schema: Schema): fc.Arbitrary<unknown> {
  if (schema.type === 'lazy') {
    const resolved = (schema as unknown as { resolve(options: object): Schema }).resolve({
      value: undefined,
    });
    return anyOf(resolved);
  }
  const described = schema.describe();
  const made = anyThing(schema, described);
  const some = described.nullable ? fc.option(made, { nil: null }) : made;
  return described.optional ? fc.option(some, { nil: undefined }) : some;
}
