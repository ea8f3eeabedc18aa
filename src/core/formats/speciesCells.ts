import { reach, type Schema } from 'yup';
import { type Catalogue, type SpeciesProfile, speciesSchema } from '../model';
import { unsoundBeside, unsoundIn } from './soundProfile';
import {
  type Fault,
  keeperUnit,
  type Outcome,
  parseQuantity,
  type QuantityKind,
  receivedOf,
  type UnitChoice,
  validate,
} from '../kernel';

/** Fields that hold lists of objects; they stay in the JSON and are kept from the entry that a row is like. */
const NOT_IN_CELLS = ['contested', 'contestedNumbers', 'badWith'];

/** A list that shipped entries leave out, since their dresses are kept apart. */
const DRESS = 'look.dress';

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

function leaves(value: unknown, path: string): readonly string[] {
  return isTree(value)
    ? Object.keys(value).flatMap((key) => leaves(value[key], path === '' ? key : `${path}.${key}`))
    : [path];
}

const at = (value: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((here, key) => (isTree(here) ? here[key] : undefined), value);

const isRange = (value: unknown): value is readonly [number, number] =>
  Array.isArray(value) && value.length === 2 && value.every((one) => typeof one === 'number');

const KIND_OF: readonly (readonly [RegExp, QuantityKind])[] = [
  [/temperatureC$/, 'temperature'],
  [/Cm$/, 'length'],
  [/Cm2$/, 'area'],
  [/(ghDh|khDh)$/, 'hardness'],
  [/litres$/, 'volume'],
  [/(salinityPpt|youngPpt)$/, 'salinity'],
];

/** What a field measures; undefined for one without a unit. */
const kindOf = (path: string): QuantityKind | undefined =>
  KIND_OF.find(([pattern]) => pattern.test(path))?.[1];

/**
 * The values that a field of a profile can have, where they are a few words; null for all others.
 * @example choicesOf('mouth.eatsFish') // ['no', 'fry', 'small', 'any']
 */
export function choicesOf(path: string): readonly string[] | null {
  const meta = (reach(speciesSchema, path) as Schema).meta() as { choices?: readonly string[] } | undefined;
  return meta?.choices ?? null;
}

/** How values of a profile are written: as files have them, or as somebody reads them. */
export interface CellWriter {
  readonly one: (value: number, kind: QuantityKind | undefined) => string;
  readonly two: (range: readonly [number, number], kind: QuantityKind | undefined) => string;
  readonly truth: (value: boolean) => string;
}

/** Bare numbers in the units of the core: "24 - 28". */
const AS_FILE: CellWriter = {
  one: String,
  two: ([low, high]) => `${low} - ${high}`,
  truth: String,
};

/** The units of bare numbers in files. */
const FILE_UNITS: UnitChoice = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' };

function cell(value: unknown, path: string, writer: CellWriter): string {
  if (value === null || value === undefined) return '';
  if (path !== 'company.badNumbers' && isRange(value)) return writer.two(value, kindOf(path));
  if (Array.isArray(value)) return value.join('; ');
  if (typeof value === 'number') return writer.one(value, kindOf(path));
  return typeof value === 'boolean' ? writer.truth(value) : String(value);
}

/** The cells of a species: one a field, named by its path. */
export const speciesColumns = (model: SpeciesProfile): readonly string[] => {
  const paths = leaves(model, '').filter((path) => !NOT_IN_CELLS.includes(path) && path !== DRESS);
  const at = paths.findLastIndex((path) => path.startsWith('look.')) + 1;
  return [...paths.slice(0, at), DRESS, ...paths.slice(at)];
};

/**
 * Each field of a profile as the text of a cell, by its path: lists parted by ";", quantities as the writer has them
 * (without one as files have them, in core units).
 */
export const profileCells = (
  profile: SpeciesProfile,
  writer: CellWriter = AS_FILE,
): Readonly<Record<string, string>> =>
  Object.fromEntries(speciesColumns(profile).map((path) => [path, cell(at(profile, path), path, writer)]));

/** A number as a keeper writes it, with a unit where the field has one; a bare one is in `units`. NaN when it is none. */
function readNumber(text: string, path: string, units: UnitChoice): number {
  const kind = kindOf(path);
  if (!kind) return text.trim() === '' ? NaN : Number(text.replace(',', '.'));
  const parsed = parseQuantity(kind, text, keeperUnit(kind, units));
  return parsed.ok ? Number(parsed.quantity.core.toFixed(3)) : NaN;
}

/** "24 - 28", "75 to 82 F": a unit at the end counts for both. */
function readRange(text: string, path: string, units: UnitChoice): unknown {
  const parts = text.split(/\s+(?:-|–|to)\s+|(?<=[\da-z])[-–](?=\d)/i);
  if (parts.length !== 2) return text;
  const unit = /[^\d.,\s-].*$/.exec(parts[1] as string)?.[0] ?? '';
  const first = /[a-z°]/i.test(parts[0] as string) ? (parts[0] as string) : `${parts[0]} ${unit}`;
  return [readNumber(first, path, units), readNumber(parts[1] as string, path, units)];
}

const items = (text: string): readonly string[] =>
  text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);

/** A cell as the value that its field holds, judged by what stands there in the entry that the row is like. */
function readCell(text: string, path: string, model: unknown, units: UnitChoice): unknown {
  const like = at(model, path);
  if (path === 'company.badNumbers') return items(text).map(Number);
  if (isRange(like) || /(temperatureC|ph|ghDh|khDh|salinityPpt|youngPpt|lifeYears)$/.test(path))
    return text.trim() === '' ? null : readRange(text, path, units);
  if (Array.isArray(like) || path === DRESS) return items(text);
  if (typeof like === 'boolean')
    return /^(true|yes|1)$/i.test(text) ? true : /^(false|no|0)$/i.test(text) ? false : text;
  if (typeof like === 'number' || like === null) {
    if (text.trim() === '') return null;
    const number = readNumber(text, path, units);
    return Number.isNaN(number) ? text : number;
  }
  return text;
}

function withValue(tree: Tree, [key, ...rest]: readonly string[], value: unknown): Tree {
  if (key === undefined) return tree;
  const inner = tree[key];
  return { ...tree, [key]: rest.length === 0 ? value : withValue(isTree(inner) ? inner : {}, rest, value) };
}

/** °C that no fish lives in, and that are common in °F. */
const TOO_WARM_C = 45;

/** A temperature above the range that would be right in Fahrenheit is told to be so. */
function hint(fault: Fault, text: string, { temperature }: UnitChoice): Fault {
  const warm =
    temperature === 'C' &&
    /temperatureC$/.test(fault.path) &&
    [...text.matchAll(/\d+(\.\d+)?/g)].some(([number]) => Number(number) > TOO_WARM_C);
  return warm && !/f/i.test(text)
    ? { ...fault, expected: { is: 'quantity', kind: 'temperature range' } }
    : fault;
}

interface Reading {
  /** What the profile begins with. */
  readonly base: unknown;
  /** The entry that tells what each field holds. */
  readonly model: SpeciesProfile;
  readonly catalogue: Catalogue;
  /** An empty cell says nothing, and what the profile begins with stays; otherwise it says "none". */
  readonly keepEmpty?: boolean;
  /** The units of bare numbers; those of files when not given. */
  readonly units?: UnitChoice;
}

/**
 * A profile from the texts of its cells, laid over what it begins with. Cells that are not given stay as they are there.
 *
 * Errors: every fault by path, those of the schema first, then what cannot be right in it or beside the other species.
 */
export function profileFromCells(
  cells: Readonly<Record<string, string>>,
  { base, model, catalogue, keepEmpty = false, units = FILE_UNITS }: Reading,
): Outcome<SpeciesProfile> {
  let tree = base as Tree;
  for (const [path, text] of Object.entries(cells)) {
    if (text.trim() === '' && keepEmpty) continue;
    tree = withValue(tree, path.split('.'), readCell(text, path, model, units));
  }
  const checked = validate(speciesSchema, tree);
  if (!checked.ok)
    return {
      ok: false,
      faults: checked.faults.map((fault) => {
        const text = cells[fault.path];
        return hint({ ...fault, received: text ? receivedOf(text) : fault.received }, text ?? '', units);
      }),
    };
  const profile = checked.value;
  const unsound = [...unsoundIn(profile), ...unsoundBeside(profile, catalogue)];
  return unsound.length > 0 ? { ok: false, faults: unsound } : { ok: true, value: profile };
}
