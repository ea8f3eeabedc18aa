import fc from 'fast-check';
import type { Schema } from 'yup';
import { EVENT_TYPES, schemaOf } from '../../events/events';
import { speciesSchema } from '../../model/species';
import { bodySchemaOf, DOCUMENT_KINDS } from '../../records/documents';
import { anyOf } from '@/testing/anyOf';
import { quickCheck } from './quickCheck';

const SCHEMAS: readonly (readonly [string, Schema])[] = [
  ...EVENT_TYPES.map((type) => [type, schemaOf(type)] as const),
  ...DOCUMENT_KINDS.map((kind) => [kind, bodySchemaOf(kind)] as const),
  ['profile', speciesSchema],
];
const takes = (schema: Schema, value: unknown): boolean => schema.isValidSync(value, { strict: true });

const WRONG: readonly unknown[] = [
  null,
  undefined,
  '',
  'x',
  '2026-02-30',
  '2026-13-45T99:99',
  'x'.repeat(10_001),
  0,
  -1,
  0.5,
  1e9,
  Number.NaN,
  Number.POSITIVE_INFINITY,
  true,
  [],
  [null],
  {},
  { a: { b: 1 } },
];

/** A value with one part of it made something else. */
function spoiled(value: unknown, path: readonly number[], wrong: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined || value === null || typeof value !== 'object') return wrong;
  const names = Object.keys(value);
  const name = names[step % Math.max(1, names.length)];
  if (name === undefined) return wrong;
  const inner = spoiled((value as Record<string, unknown>)[name], rest, wrong);
  if (Array.isArray(value)) return value.map((one, i) => (String(i) === name ? inner : one));
  return { ...value, [name]: inner };
}

describe('the quick check', () => {
  it.each(SCHEMAS)('says of %s what the schema says', (name, schema) => {
    const quick = quickCheck(schema);
    if (!quick) {
      // A tank's hides are a number or counts by kind: that part is the schema's own.
      expect(['tank', 'species']).toContain(name);
      return;
    }
    fc.assert(
      fc.property(
        anyOf(schema),
        fc.array(fc.nat(30), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(...WRONG),
        (value, path, wrong) => {
          expect(takes(schema, value)).toBe(true);
          expect(quick(value)).toBe(true);
          const bad = spoiled(value, path, wrong);
          expect(quick(bad)).toBe(takes(schema, bad));
        },
      ),
      { numRuns: 120 },
    );
  });
});
