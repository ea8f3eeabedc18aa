type Tree = Readonly<Record<string, unknown>>;
const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

/** The item of a list before that this one follows: the one with its key, else the one at its place. */
function formerOf(before: readonly unknown[]): (item: unknown, index: number) => unknown {
  const byKey = new Map(before.flatMap((item) => (isTree(item) && 'key' in item ? [[item.key, item]] : [])));
  return (item, index) => (isTree(item) && 'key' in item ? byKey.get(item.key) : before[index]);
}

/**
 * `after` with every part that says the same as in `before` taken from `before`: what did not change is the same object.
 *
 * Domain: plain data, as JSON holds it. Never changes either of them. An absent part and an undefined one are the same.
 *
 * @example
 * const before = { name: 'Fen', groups: [{ key: 'a', count: 6 }, { key: 'b', count: 1 }] };
 * const after = keepSame(before, { name: 'Fen', groups: [{ key: 'b', count: 1 }] });
 * after.groups[0] === before.groups[1]; // true
 */
export function keepSame<T>(before: unknown, after: T): T {
  if (before === after) return after;
  if (Array.isArray(before) && Array.isArray(after)) {
    const former = formerOf(before);
    const items = after.map((item, index) => keepSame(former(item, index), item) as unknown);
    const same = items.length === before.length && items.every((item, index) => item === before[index]);
    return (same ? before : items) as T;
  }
  if (!isTree(before) || !isTree(after)) return after;
  const names = Object.keys(after);
  const made = Object.fromEntries(names.map((name) => [name, keepSame(before[name], after[name])]));
  const all = new Set([...names, ...Object.keys(before)]);
  return ([...all].every((name) => made[name] === before[name]) ? before : made) as T;
}
