type Tree = Readonly<Record<string, unknown>>;
/** A part of its own: `constructor` and its like are none. */
const partOf = (tree: Tree, name: string): unknown => (Object.hasOwn(tree, name) ? tree[name] : undefined);

/**
 * Whether two values say the same: whether they are one canonical JSON text, without writing it. Absent and undefined are the
 * same; the order of keys does not matter. `without` names parts of the two themselves that are not looked at.
 *
 * Domain: plain data, as JSON holds it.
 *
 * @example
 * saysSame({ id: 'a', seq: 1, note: undefined }, { seq: 2, id: 'a' }, ['seq']); // true
 */
export function saysSame(a: unknown, b: unknown, without: readonly string[] = []): boolean {
  if (a === b) return true;
  if (a === null || b === null || typeof a !== 'object' || typeof b !== 'object') return false;
  if (Array.isArray(a) || Array.isArray(b))
    return (
      Array.isArray(a) &&
      Array.isArray(b) &&
      a.length === b.length &&
      a.every((item, i) => saysSame(item, b[i]))
    );
  const [one, other] = [a as Tree, b as Tree];
  let more = 0;
  for (const name of Object.keys(one)) {
    const part = one[name];
    if (without.includes(name)) continue;
    if (part !== undefined) more += 1;
    if (part !== other[name] && !saysSame(part, partOf(other, name))) return false;
  }
  for (const name of Object.keys(other)) if (other[name] !== undefined && !without.includes(name)) more -= 1;
  return more === 0;
}
