import Papa from 'papaparse';
import {
  type Catalogue,
  changedPaths,
  type KeeperSpecies,
  resolveSpecies,
  type SpeciesProfile,
  speciesSchema,
} from '../model';
import { unsoundBeside, unsoundIn } from './soundProfile';
import {
  cellFault,
  type Fault,
  faultOf,
  type Outcome,
  parseQuantity,
  type QuantityKind,
  receivedOf,
  validate,
} from '../kernel';

/** Fields that hold lists of objects; they stay in the JSON and are kept from the entry that a row is like. */
const NOT_IN_CSV = ['contested', 'badWith'];
/** Takes everything that a row does not say from this species. */
const LIKE = 'like';

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

function cell(value: unknown, path: string): string {
  if (value === null || value === undefined) return '';
  if (path !== 'company.badNumbers' && isRange(value)) return `${value[0]} - ${value[1]}`;
  return Array.isArray(value) ? value.join('; ') : String(value);
}

/** The columns of a species CSV: one a field, named by its path. */
export const speciesColumns = (model: SpeciesProfile): readonly string[] =>
  leaves(model, '').filter((path) => !NOT_IN_CSV.includes(path));

/** Species as CSV (RFC 4180): a line each, a column a field; ranges as "24 - 28", lists parted by ";". */
export function writeSpeciesCsv(profiles: readonly SpeciesProfile[]): string {
  const [first] = profiles;
  if (!first) return '';
  const columns = speciesColumns(first);
  return `${Papa.unparse({ fields: [...columns], data: profiles.map((profile) => columns.map((path) => cell(at(profile, path), path))) }, { newline: '\n' })}\n`;
}

const KIND_OF: readonly (readonly [RegExp, QuantityKind, string])[] = [
  [/temperatureC$/, 'temperature', 'C'],
  [/(Cm|soldCm|matureCm)$/, 'length', 'cm'],
  [/(ghDh|khDh)$/, 'hardness', 'dH'],
  [/litres$/, 'volume', 'L'],
  [/salinityPpt$/, 'salinity', 'ppt'],
];

/** A number as a keeper writes it, with a unit where the field has one. NaN when it is none. */
function readNumber(text: string, path: string): number {
  const kind = KIND_OF.find(([pattern]) => pattern.test(path));
  if (!kind) return text.trim() === '' ? NaN : Number(text.replace(',', '.'));
  const parsed = parseQuantity(kind[1], text, kind[2]);
  return parsed.ok ? Number(parsed.quantity.core.toFixed(3)) : NaN;
}

/** "24 - 28", "75 - 82 F": a unit at the end counts for both. */
function readRange(text: string, path: string): unknown {
  const parts = text.split(/\s+(?:-|–|to)\s+|(?<=\d)[-–](?=\d)/);
  if (parts.length !== 2) return text;
  const unit = /[^\d.,\s-].*$/.exec(parts[1] as string)?.[0] ?? '';
  const first = /[a-z°]/i.test(parts[0] as string) ? (parts[0] as string) : `${parts[0]} ${unit}`;
  return [readNumber(first, path), readNumber(parts[1] as string, path)];
}

/** A cell as the value that its field holds, judged by what stands there in the entry that the row is like. */
function readCell(text: string, path: string, model: unknown): unknown {
  const kind = at(model, path);
  if (path === 'company.badNumbers')
    return text
      .split(';')
      .map((part) => part.trim())
      .filter(Boolean)
      .map(Number);
  if (isRange(kind) || /(temperatureC|ph|ghDh|khDh|salinityPpt|lifeYears)$/.test(path))
    return text.trim() === '' ? null : readRange(text, path);
  if (Array.isArray(kind))
    return text
      .split(';')
      .map((part) => part.trim())
      .filter(Boolean);
  if (typeof kind === 'boolean')
    return /^(true|yes|1)$/i.test(text) ? true : /^(false|no|0)$/i.test(text) ? false : text;
  if (typeof kind === 'number' || kind === null) {
    if (text.trim() === '') return null;
    const number = readNumber(text, path);
    return Number.isNaN(number) ? text : number;
  }
  return text;
}

function withValue(tree: Tree, [key, ...rest]: readonly string[], value: unknown): Tree {
  if (key === undefined) return tree;
  const inner = tree[key];
  return { ...tree, [key]: rest.length === 0 ? value : withValue(isTree(inner) ? inner : {}, rest, value) };
}

/** One row of the file: a species that can be taken in, or what is wrong with it. */
export interface SpeciesRow {
  /** Line of the file, the heading being 1. */
  readonly line: number;
  readonly name: string;
  readonly species: KeeperSpecies | null;
  /** Whether it changes a shipped entry. */
  readonly overrides: boolean;
  /** Faults by column. */
  readonly faults: readonly Fault[];
}

export interface SpeciesCsv {
  readonly rows: readonly SpeciesRow[];
  /** What is wrong with the file as a whole: no heading, columns that nobody knows. */
  readonly faults: readonly Fault[];
}

/** A temperature above the range that would be right in Fahrenheit is told to be so. */
function hint(fault: Fault, text: string): Fault {
  const warm =
    /temperatureC$/.test(fault.path) &&
    [...text.matchAll(/\d+(\.\d+)?/g)].some(([number]) => Number(number) > 45);
  return warm && !/f/i.test(text)
    ? { ...fault, expected: { is: 'quantity', kind: 'temperature range' } }
    : fault;
}

/** What a row begins with: the entry that it changes, or the species it is like without what is that one's alone. */
function startingFrom(like: SpeciesProfile | undefined, shipped: SpeciesProfile | undefined): Tree {
  if (like === undefined) return { contested: [], badWith: [] };
  if (like === shipped) return { ...like };
  return { ...like, formerNames: [], contested: [], notes: '', basis: 'memory', confidence: 1 };
}

/** Each field of a profile as the text of a cell, by its path. */
export const profileCells = (profile: SpeciesProfile): Readonly<Record<string, string>> =>
  Object.fromEntries(speciesColumns(profile).map((path) => [path, cell(at(profile, path), path)]));

/**
 * A profile from the texts of its cells, laid over what it begins with.
 *
 * Errors: every fault by path, those of the schema first, then what cannot be right in it or beside the other species.
 */
export function profileFromCells(
  cells: Readonly<Record<string, string>>,
  base: unknown,
  model: SpeciesProfile,
  catalogue: Catalogue,
  keepEmpty: boolean,
): Outcome<SpeciesProfile> {
  let tree = base as Tree;
  for (const [path, text] of Object.entries(cells)) {
    if (text.trim() === '' && keepEmpty) continue;
    tree = withValue(tree, path.split('.'), readCell(text, path, model));
  }
  const checked = validate(speciesSchema, tree);
  if (!checked.ok)
    return {
      ok: false,
      faults: checked.faults.map((fault) => {
        const text = cells[fault.path];
        return hint({ ...fault, received: text ? receivedOf(text) : fault.received }, text ?? '');
      }),
    };
  const profile = checked.value;
  const unsound = [...unsoundIn(profile), ...unsoundBeside(profile, catalogue)];
  return unsound.length > 0 ? { ok: false, faults: unsound } : { ok: true, value: profile };
}

function readRow(
  raw: Readonly<Record<string, string>>,
  line: number,
  catalogue: Catalogue,
  columns: readonly string[],
): SpeciesRow {
  const name = raw.scientificName?.trim() || raw.id?.trim() || `line ${line}`;
  const failed = (faults: readonly Fault[]): SpeciesRow => ({
    line,
    name,
    species: null,
    overrides: false,
    faults,
  });
  const asked = raw[LIKE]?.trim() ?? '';
  const found = asked === '' ? undefined : resolveSpecies(catalogue, asked);
  if (found && !found.ok)
    return failed([faultOf(LIKE, { is: 'known', what: 'species', nearest: found.nearest }, asked)]);
  const shipped = catalogue.byId.get(raw.id?.trim() ?? '');
  const like = found?.profile ?? shipped;
  const model = like ?? catalogue.all[0]!;
  const cells = Object.fromEntries(columns.map((path) => [path, raw[path] ?? '']));
  // With an entry to be like, an empty cell says nothing; without, it says "none".
  const read = profileFromCells(cells, startingFrom(like, shipped), model, catalogue, like !== undefined);
  if (!read.ok) return failed(read.faults);
  return {
    line,
    name,
    species: { profile: read.value, changed: shipped ? changedPaths(shipped, read.value) : [] },
    overrides: shipped !== undefined,
    faults: [],
  };
}

/**
 * Species from CSV, row by row. Nothing is taken in by reading: the good rows are offered, the others are told with line,
 * column and what was expected. A column `like` names a species that gives what a row leaves empty; a row whose `id` is
 * known changes that entry. Cells may carry units ("4 in", "75 - 82 F", "90 ppm").
 */
export function readSpeciesCsv(text: string, catalogue: Catalogue): SpeciesCsv {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const known = speciesColumns(catalogue.all[0] as SpeciesProfile);
  const fields = (parsed.meta.fields ?? []).map((field) => field.trim());
  const columns = known.filter((path) => fields.includes(path));
  if (!fields.includes('id'))
    return {
      rows: [],
      faults: [cellFault(1, '', { is: 'column', name: 'id' }, '')],
    };
  const strange = fields.filter((field) => field !== '' && field !== LIKE && !known.includes(field));
  const broken = parsed.errors
    .filter((error) => error.row !== undefined && error.code !== 'TooFewFields')
    .map((error): Fault => ({
      path: '',
      line: (error.row ?? 0) + 2,
      expected: { is: 'cells', count: fields.length },
      received: { is: 'many' },
    }));
  const seen = new Set<string>();
  const rows = parsed.data.map((raw, index) => {
    const row = readRow(raw, index + 2, catalogue, columns);
    const id = raw.id?.trim() ?? '';
    const twice = seen.has(id);
    seen.add(id);
    return twice && row.species
      ? {
          ...row,
          species: null,
          faults: [faultOf('id', { is: 'unique' }, id)],
        }
      : row;
  });
  return {
    rows,
    faults: [...strange.map((field) => cellFault(1, field, { is: 'known column' }, field)), ...broken],
  };
}
