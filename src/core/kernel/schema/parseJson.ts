import { parseTree, printParseErrorCode, type ParseError } from 'jsonc-parser';
import { bracketDepth, isTooDeep } from './depth';
import type { Outcome } from './faults';

/** Where in a text an offset lies, as line and column from 1. */
function place(text: string, offset: number): { readonly line: number; readonly column: number } {
  const before = text.slice(0, offset).split('\n');
  return { line: before.length, column: (before[before.length - 1] ?? '').length + 1 };
}

/** What a reader misses in a text that ends early. */
const STILL_OPEN: ReadonlySet<string> = new Set([
  'CloseBraceExpected',
  'CloseBracketExpected',
  'UnexpectedEndOfString',
]);

/** Where strict JSON stops being read; engines word their own errors differently and often leave the place out. */
function whereItStops(text: string): { readonly offset: number; readonly cut: boolean } {
  const errors: ParseError[] = [];
  parseTree(text, errors, { disallowComments: true, allowTrailingComma: false });
  const first = errors[0] ?? { offset: text.length, length: 0 };
  const isAtTheEnd = first.offset + first.length >= text.trimEnd().length;
  // A comma too many before the last bracket is at the end as well, but nothing is missing.
  const isOpen = errors.some(({ error }) => STILL_OPEN.has(printParseErrorCode(error)));
  return { offset: first.offset, cut: isAtTheEnd && isOpen && /^\s*[{[]/.test(text) };
}

/** Files of ours are nested a few levels; a deeper one is foreign. */
const DEEPEST_FILE = 64;
const tooDeep: Outcome<never> = {
  ok: false,
  faults: [{ path: '', expected: { is: 'nested', most: DEEPEST_FILE }, received: { is: 'damage' } }],
};

/** A byte order mark that some editors write. */
const BOM = '\uFEFF';

/**
 * JSON text as a value.
 *
 * Errors: an empty, truncated or foreign text, with the line and column where the reading stopped.
 */
export function parseJson(text: string): Outcome<unknown> {
  const body = text.startsWith(BOM) ? text.slice(1) : text;
  if (body.trim() === '')
    return {
      ok: false,
      faults: [{ path: '', expected: { is: 'JSON', cut: false }, received: { is: 'empty file' } }],
    };
  try {
    const value = JSON.parse(body) as unknown;
    return isTooDeep(value, DEEPEST_FILE) ? tooDeep : { ok: true, value };
  } catch {
    if (bracketDepth(body) > DEEPEST_FILE) return tooDeep;
    const { offset, cut } = whereItStops(body);
    return {
      ok: false,
      faults: [
        {
          path: '',
          expected: { is: 'JSON', cut },
          received: { is: 'break', ...place(body, offset) },
        },
      ],
    };
  }
}
