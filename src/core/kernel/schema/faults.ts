import { ValidationError, type Schema } from 'yup';
import { quickCheck } from './quickCheck';

/** One thing wrong with a file or a form: where, what was expected there, what stood there. */
export interface Fault {
  /** `tank.widthCm`, `groups[2].species`; empty for the file as a whole. */
  readonly path: string;
  readonly expected: string;
  readonly received: string;
}

/** Expected outcomes are values: either the thing, or every fault found. */
export type Outcome<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] };

/** The longest excerpt of a foreign value that a message repeats. */
const EXCERPT = 60;

/** What stood there, short enough for a sentence. */
export function describeValue(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return `a list of ${value.length}`;
  if (value !== null && typeof value === 'object') return 'an object';
  const text = JSON.stringify(value) ?? String(value);
  return text.length > EXCERPT ? `${text.slice(0, EXCERPT)}…` : text;
}

/** Faults of a part, told by their place in the whole. */
export const under = (path: string, faults: readonly Fault[]): readonly Fault[] =>
  faults.map((fault) => ({ ...fault, path: fault.path === '' ? path : `${path}.${fault.path}` }));

/** `tank.widthCm: expected a number above 0, found 0` */
export function faultLine(fault: Fault): string {
  return `${fault.path === '' ? 'the file' : fault.path}: expected ${fault.expected}, found ${fault.received}`;
}

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
 * Checks a foreign value against a schema whose messages say what was expected, without changing the value.
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
      faults.push({ path, expected: part.message, received: describeValue(valueAt(value, path)) });
    }
    return { ok: false, faults };
  }
}
