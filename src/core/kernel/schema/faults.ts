import { ValidationError, type Schema } from 'yup';
import { type Expected, type Received, receivedOf } from './expected';
import { quickCheck } from './quickCheck';

/** One thing wrong with a file or a form, as facts: where, what should have stood there, what stood there. */
export interface Fault {
  /** `tank.widthCm`, `groups[2].species`, a column of a table; empty for the file as a whole. */
  readonly path: string;
  /** The line of a table, the heading being line 1. */
  readonly line?: number;
  readonly expected: Expected;
  readonly received: Received;
}

/** A fault of a value. */
export const faultOf = (path: string, expected: Expected, value?: unknown): Fault => ({
  path,
  expected,
  received: receivedOf(value),
});

/** Expected outcomes are values: either the thing, or every fault found. */
export type Outcome<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] };

/** Faults of a part, told by their place in the whole. */
export const under = (path: string, faults: readonly Fault[]): readonly Fault[] =>
  faults.map((fault) => ({ ...fault, path: fault.path === '' ? path : `${path}.${fault.path}` }));

/** What stands at a path such as `groups[2].species`; undefined where nothing does. */
export function valueAt(root: unknown, path: string): unknown {
  let here: unknown = root;
  for (const key of path.split(/[.[\]"]+/).filter((part) => part !== '')) {
    if (here === null || typeof here !== 'object' || !Object.hasOwn(here, key)) return undefined;
    here = (here as Record<string, unknown>)[key];
  }
  return here;
}

/**
 * Checks a foreign value against a schema whose messages are facts of what was expected, without changing the value.
 *
 * Errors: every fault, in file order; never throws for bad data.
 */
export function validate<T>(schema: Schema<T>, value: unknown): Outcome<T> {
  if (quickCheck(schema)?.(value)) return { ok: true, value: value as T };
  try {
    return { ok: true, value: schema.validateSync(value, { strict: true, abortEarly: false }) };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const parts = error.inner.length > 0 ? error.inner : [error];
    const seen = new Set<string>();
    const faults: Fault[] = [];
    for (const part of parts) {
      const path = part.path ?? '';
      if (seen.has(path)) continue;
      seen.add(path);
      faults.push(faultOf(path, part.errors[0] as unknown as Expected, valueAt(value, path)));
    }
    return { ok: false, faults };
  }
}
