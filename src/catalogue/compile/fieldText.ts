import { reach, type Schema } from 'yup';
import { speciesSchema } from '@/core/model';

/** A value as it stands in a line of a catalogue file, with the reason that the line gives. */
export interface Line {
  readonly value: unknown;
  /** Why; empty where the line says nothing. */
  readonly why: string;
}

const NONE = 'none';
const NUMBER = String.raw`-?\d+(?:\.\d+)?`;
const RANGE = new RegExp(`^(${NUMBER}) to (${NUMBER})$`);
const TANK = new RegExp(`^(${NUMBER}) x (${NUMBER})(?: x (${NUMBER}))? cm, (${NUMBER}) L$`);
const LAYERS = /^top (\d+), middle (\d+), bottom (\d+)$/;
/** Fields of prose: "because" in them is a word like any other. */
const PROSE = new Set(['notes', 'trade.mixedUpWith', 'region', 'biotope']);

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

/** Parts of a profile that one line holds, though the schema parts them further. */
const isWhole = (path: string): boolean => path === 'layers' || /^tank\.(cautious|middle|tried)$/.test(path);

/** The paths that a line of a catalogue file can set, in the order of the schema. */
export const LINE_PATHS: readonly string[] = pathsIn(speciesSchema.describe().fields, '');

function pathsIn(fields: Tree, prefix: string): readonly string[] {
  return Object.entries(fields).flatMap(([key, described]) => {
    const path = prefix === '' ? key : `${prefix}.${key}`;
    const inner = isTree(described) && described.type === 'object' ? described.fields : undefined;
    return isTree(inner) && !isWhole(path) ? pathsIn(inner, path) : [path];
  });
}

const isTruth = (path: string): boolean => (reach(speciesSchema, path) as Schema).type === 'boolean';

/** A text as the value of a field; a text that fits none of the shapes is the value itself, and the schema judges it. */
function valueOf(path: string, text: string): unknown {
  if (text === NONE) return null;
  const tank = TANK.exec(text);
  if (tank) {
    const [lengthCm, widthCm, heightCm, litres] = tank.slice(1).map((part) => (part ? Number(part) : null));
    return { lengthCm, widthCm, heightCm, litres };
  }
  const layers = LAYERS.exec(text);
  if (layers) {
    const [top, middle, bottom] = layers.slice(1).map((part) => Number(part) / 100);
    return { top, middle, bottom };
  }
  const range = RANGE.exec(text);
  if (range) return [Number(range[1]), Number(range[2])];
  if (new RegExp(`^${NUMBER}$`).test(text)) return Number(text);
  if (isTruth(path) && (text === 'yes' || text === 'no')) return text === 'yes';
  return text;
}

/**
 * The value and the reason of one line.
 *
 * @param path the field, such as `company.finNipping`
 * @param raw what stands there: "2 because it bites trailing fins", "22 to 28", "120 x 45 cm, 240 L", "none", a list, or
 *   names with a reason each
 * @example readLine('company.finNipping', '2 because it bites') // { value: 2, why: 'it bites' }
 */
export function readLine(path: string, raw: unknown): Line {
  if (isTree(raw)) return { value: Object.entries(raw), why: '' };
  if (typeof raw !== 'string') return { value: raw, why: '' };
  if (PROSE.has(path)) return { value: raw, why: '' };
  const [text = '', why = ''] = raw.split(/ because (.*)/s);
  return { value: valueOf(path, text), why };
}
