/** Where a link of a plan leads. What stands after its # stays in the browser: no server ever sees the plan. */
export const PLAN_PATH = '/plan';

/** The two names that one machine has for itself; a browser keeps a room of its own for each. */
const TWINS: Readonly<Record<string, string>> = { localhost: '127.0.0.1', '127.0.0.1': 'localhost' };

/**
 * The other address under which the same server may be open, with a room of its own; null where there is none.
 * @example twinAddress('http://localhost:4173/files') // 'http://127.0.0.1:4173'
 */
export function twinAddress(href: string): string | null {
  const url = new URL(href);
  const twin = TWINS[url.hostname];
  if (twin === undefined) return null;
  url.hostname = twin;
  return url.origin;
}
