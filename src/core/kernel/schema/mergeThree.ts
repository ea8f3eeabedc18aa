import { saysSame } from './saysSame';

/** A part that was changed on both sides, each time to something else. */
export interface Conflict {
  /** Where, as `tank.lengthCm`; empty for the whole. */
  readonly path: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged {
  readonly value: unknown;
  readonly conflicts: readonly Conflict[];
}

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

/** Tells items of a list apart: by the text itself, or by a named part; null where they cannot be told apart. */
function keyed(list: readonly unknown[], part: string | undefined): ReadonlyMap<string, unknown> | null {
  const byKey = new Map<string, unknown>();
  for (const item of list) {
    const key = isTree(item) ? (part === undefined ? undefined : item[part]) : item;
    if ((typeof key !== 'string' && typeof key !== 'number') || byKey.has(String(key))) return null;
    byKey.set(String(key), item);
  }
  return byKey;
}

interface Sides {
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}

function mergeLists(
  {
    base,
    mine,
    theirs,
  }: {
    readonly base: readonly unknown[];
    readonly mine: readonly unknown[];
    readonly theirs: readonly unknown[];
  },
  itemKeys: Readonly<Record<string, string>>,
  path: string,
): Merged | null {
  const part = itemKeys[path];
  const [was, own, other] = [keyed(base, part), keyed(mine, part), keyed(theirs, part)];
  if (!was || !own || !other) return null;
  const conflicts: Conflict[] = [];
  // The order of the side that moved things; what only the other side has comes after.
  const moved = !saysSame(
    [...own.keys()].filter((key) => was.has(key)),
    [...was.keys()].filter((key) => own.has(key)),
  );
  const [first, second] = moved ? [own, other] : [other, own];
  const value = [...new Set([...first.keys(), ...second.keys()])].flatMap((key) => {
    const one = merge(
      { base: was.get(key), mine: own.get(key), theirs: other.get(key) },
      itemKeys,
      `${path}[${key}]`,
    );
    conflicts.push(...one.conflicts);
    return one.value === undefined ? [] : [one.value];
  });
  return { value, conflicts };
}

function merge(
  { base, mine, theirs }: Sides,
  itemKeys: Readonly<Record<string, string>>,
  path: string,
): Merged {
  if (saysSame(mine, theirs) || saysSame(theirs, base)) return { value: mine, conflicts: [] };
  if (saysSame(mine, base)) return { value: theirs, conflicts: [] };
  if (isTree(mine) && isTree(theirs) && (isTree(base) || base === undefined || base === null)) {
    const was = base;
    const conflicts: Conflict[] = [];
    const value: Tree = {};
    for (const name of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
      const one = merge(
        { base: was?.[name], mine: mine[name], theirs: theirs[name] },
        itemKeys,
        path === '' ? name : `${path}.${name}`,
      );
      conflicts.push(...one.conflicts);
      if (one.value !== undefined) value[name] = one.value;
    }
    return { value, conflicts };
  }
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    const lists = mergeLists({ base: Array.isArray(base) ? base : [], mine, theirs }, itemKeys, path);
    if (lists) return lists;
  }
  return { value: mine, conflicts: [{ path, mine, theirs }] };
}

/**
 * One value from two that were both made from `base`: fields by field, lists by entry. Where both sides changed the same
 * part differently, that is a conflict, and the value has `mine` there. Plain JSON values; `itemKeys` names, by the path of
 * a list, the part that tells its items apart.
 *
 * @example mergeThree({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }) // { value: { a: 2, b: 3 }, conflicts: [] }
 */
export const mergeThree = (
  base: unknown,
  mine: unknown,
  theirs: unknown,
  itemKeys: Readonly<Record<string, string>> = {},
): Merged => merge({ base, mine, theirs }, itemKeys, '');
