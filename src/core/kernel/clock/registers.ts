import { canonicalJson } from '../schema/canonicalJson';

/**
 * A value of many parts that two devices change apart from each other. Each part is a register: what it says, and when that was
 * last said. Two values are joined part by part, the later saying stands; so it does not matter in which order, or how often, devices
 * meet. What is no longer shown (a group that was removed) stays as a register, so that a device that still has it can be told.
 */

/** What one part says, and since when: an ISO moment, or the revision of a value that nobody dated, which is earlier than all. */
export interface Register {
  readonly at: string;
  /** `undefined`: not there. A tree is `{}` with its parts as registers of their own, a list of keyed items `[]`. */
  readonly value: unknown;
}
/** Registers by path: `tank/lengthCm`, `groups/@k1/count`; `groups/#` holds the order of a list; '' is the whole. */
export type Registers = ReadonlyMap<string, Register>;

/** When the parts of a value were last said, as it is kept beside it. */
export interface Clock {
  /** By path; a part that is not listed goes by the nearest that it is a part of. */
  readonly at: Readonly<Record<string, string>>;
  /** What is kept though the value does not show it. */
  readonly hidden?: Readonly<Record<string, unknown>> | undefined;
  /** Parts that were taken away. */
  readonly gone?: readonly string[] | undefined;
}

/** How the parts of a value are told apart. */
export interface Shape {
  /** By the path of a list, what tells its items apart. Other lists are one part. */
  readonly itemKeys: Readonly<Record<string, string>>;
  /** Parts that make sense only together: the value is one part. */
  readonly whole?: boolean | undefined;
}

type Tree = Readonly<Record<string, unknown>>;
const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);
const TREE: Tree = Object.freeze({});
const LIST: readonly never[] = Object.freeze([]);
/** A name as a step of a path (RFC 6901). */
const stepOf = (name: string): string => name.replaceAll('~', '~0').replaceAll('/', '~1');
const nameOf = (step: string): string => step.replaceAll('~1', '/').replaceAll('~0', '~');
const under = (path: string, step: string): string => (path === '' ? step : `${path}/${step}`);
const parentOf = (path: string): string | null => {
  if (path === '') return null;
  const cut = path.lastIndexOf('/');
  return cut < 0 ? '' : path.slice(0, cut);
};

/** What a record of foreign names holds under one of them: a name of the prototype is none. */
const ownOf = <T>(record: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(record, name) ? record[name] : undefined;

/** The keys of a list's items, each once. */
function keysOf(list: readonly unknown[], part: string): readonly string[] {
  const seen = new Map<string, number>();
  return list.map((item) => {
    const key = String(isTree(item) ? item[part] : item);
    const times = (seen.get(key) ?? 0) + 1;
    seen.set(key, times);
    return times === 1 ? key : `${key}#${times}`;
  });
}

/** What each part of a value says. */
export function partsOf(value: unknown, { itemKeys, whole = false }: Shape): ReadonlyMap<string, unknown> {
  const parts = new Map<string, unknown>();
  const walk = (one: unknown, path: string): void => {
    const part = ownOf(itemKeys, path);
    if (Array.isArray(one) && part !== undefined) {
      const keys = keysOf(one, part);
      parts.set(path, LIST).set(under(path, '#'), keys);
      one.forEach((item, i) => walk(item, under(path, `@${stepOf(keys[i]!)}`)));
    } else if (isTree(one)) {
      parts.set(path, TREE);
      for (const [name, inner] of Object.entries(one))
        if (inner !== undefined) walk(inner, under(path, stepOf(name)));
    } else parts.set(path, one);
  };
  if (whole) parts.set('', value);
  else walk(value, '');
  return parts;
}

interface Node {
  readonly parts: Map<string, Node>;
  value: unknown;
}

/** The value that registers show: the parts of what is there. */
export function viewOf(registers: Registers, { itemKeys, whole = false }: Shape): unknown {
  if (whole) return registers.get('')?.value;
  const root: Node = { parts: new Map(), value: undefined };
  for (const [path, { value }] of registers) {
    let node = root;
    for (const step of path === '' ? [] : path.split('/')) {
      const next = node.parts.get(step) ?? { parts: new Map(), value: undefined };
      node.parts.set(step, next);
      node = next;
    }
    node.value = value;
  }
  const show = (node: Node, path: string): unknown => {
    const { value, parts } = node;
    if (Array.isArray(value) && ownOf(itemKeys, path) !== undefined) {
      const ordered = (parts.get('#')?.value as readonly string[] | undefined) ?? [];
      const all = [...parts.keys()].filter((step) => step !== '#').map((step) => nameOf(step.slice(1)));
      const known = new Set(ordered);
      const keys = [...ordered, ...all.filter((key) => !known.has(key)).sort()];
      return keys.flatMap((key) => {
        const step = `@${stepOf(key)}`;
        const item = parts.get(step);
        const shown = item && show(item, under(path, step));
        return shown === undefined ? [] : [shown];
      });
    }
    if (!isTree(value)) return value;
    const tree: Record<string, unknown> = {};
    for (const [step, part] of parts) {
      const shown = show(part, under(path, step));
      if (shown !== undefined && step !== '__proto__') tree[nameOf(step)] = shown;
    }
    return tree;
  };
  return show(root, '');
}

/** When a part was last said. */
function momentIn(at: Clock['at'], path: string): string {
  for (let here: string | null = path; here !== null; here = parentOf(here)) {
    const known = ownOf(at, here);
    if (known !== undefined) return known;
  }
  return '';
}

/** The registers of a value with its clock. */
export function registersOf(value: unknown, clock: Clock, shape: Shape): Registers {
  const registers = new Map<string, Register>();
  for (const [path, said] of partsOf(value, shape))
    registers.set(path, { at: momentIn(clock.at, path), value: said });
  // What the value shows is there, whatever its clock says: a room that was put back shows what was gone.
  // Only the order of a list may be kept beside what it shows.
  for (const [path, said] of Object.entries(clock.hidden ?? {}))
    if (!registers.has(path) || path.endsWith('/#'))
      registers.set(path, { at: momentIn(clock.at, path), value: said });
  for (const path of clock.gone ?? [])
    if (!registers.has(path)) registers.set(path, { at: momentIn(clock.at, path), value: undefined });
  return registers;
}

const said = (value: unknown): string => (value === undefined ? '' : canonicalJson(value));

/** The clock of registers, as it is kept beside what they show. */
export function clockOf(registers: Registers, shape: Shape): Clock {
  const shown = partsOf(viewOf(registers, shape), shape);
  const at: Record<string, string> = {};
  const hidden: Record<string, unknown> = {};
  const gone: string[] = [];
  for (const [path, register] of [...registers].sort(([a], [b]) => (a < b ? -1 : 1))) {
    if (momentIn(at, path) !== register.at || path === '') at[path] = register.at;
    if (register.value === undefined) gone.push(path);
    else if (!shown.has(path) || said(shown.get(path)) !== said(register.value))
      hidden[path] = register.value;
  }
  return {
    at,
    ...(Object.keys(hidden).length > 0 && { hidden }),
    ...(gone.length > 0 && { gone }),
  };
}

/** The later of two sayings; of two at one moment the same one, whoever asks. */
const later = (a: Register, b: Register): Register => {
  if (a.at !== b.at) return a.at > b.at ? a : b;
  return said(a.value) >= said(b.value) ? a : b;
};

/** Two values as one: each part as it was last said. Commutative, associative, idempotent. */
export function joined(a: Registers, b: Registers): Registers {
  const all = new Map(a);
  for (const [path, theirs] of b) {
    const mine = all.get(path);
    all.set(path, mine === undefined ? theirs : later(mine, theirs));
  }
  return all;
}

/** A moment after all that was said so far, and not before now: a clock that goes wrong cannot hide what is said next. */
export function momentAfter(now: string, last: string): string {
  if (now > last) return now;
  const ms = Date.parse(last);
  return Number.isNaN(ms) ? now : new Date(ms + 1).toISOString();
}

/** The registers after the value was changed to `next`, now. Parts that say what they said keep their moment. */
export function changed(registers: Registers, next: unknown, now: string, shape: Shape): Registers {
  const last = [...registers.values()].reduce((latest, { at }) => (at > latest ? at : latest), '');
  const at = momentAfter(now, last);
  const parts = partsOf(next, shape);
  const after = new Map(registers);
  for (const [path, value] of parts) {
    const before = registers.get(path);
    if (before === undefined || before.value === undefined || said(before.value) !== said(value))
      after.set(path, { at, value });
  }
  // Only the outermost part that went is marked: what is within it is kept, unseen.
  for (const [path, { value }] of registers) {
    const parent = parentOf(path);
    if (value !== undefined && !parts.has(path) && parent !== null && parts.has(parent))
      after.set(path, { at, value: undefined });
  }
  return after;
}
