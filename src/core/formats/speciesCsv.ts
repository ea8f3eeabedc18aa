import { type Catalogue, changedPaths, type KeeperSpecies, type SpeciesProfile } from '../model';
import { resolveTyped } from '../search';
import { cellFault, type Fault, faultOf, readCsvTable, writeCsvTable } from '../kernel';
import { profileCells, profileFromCells, speciesColumns } from './speciesCells';

/** Takes everything that a row does not say from this species. */
const LIKE = 'like';

/** Species as CSV (RFC 4180): a line each, a column a field; ranges as "24 - 28", lists parted by ";". */
export function writeSpeciesCsv(profiles: readonly SpeciesProfile[]): string {
  const [first] = profiles;
  if (!first) return '';
  const columns = speciesColumns(first);
  const data = profiles.map((profile) => {
    const cells = profileCells(profile);
    return columns.map((path) => cells[path] ?? '');
  });
  return writeCsvTable(columns, data);
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

/** What a row begins with: the entry that it changes, or the species it is like without what is that one's alone. */
function startingFrom(like: SpeciesProfile | undefined, shipped: SpeciesProfile | undefined): object {
  if (like === undefined) return { contested: [], badWith: [] };
  if (like === shipped) return { ...like };
  return {
    ...like,
    formerNames: [],
    contested: [],
    contestedNumbers: [],
    notes: '',
    basis: 'memory',
    confidence: 1,
  };
}

function readRow(
  raw: Readonly<Record<string, string>>,
  line: number,
  catalogue: Catalogue,
  columns: readonly string[],
): SpeciesRow {
  const name = raw['scientificName'] || raw['id'] || `line ${line}`;
  const failed = (faults: readonly Fault[]): SpeciesRow => ({
    line,
    name,
    species: null,
    overrides: false,
    faults,
  });
  const asked = raw[LIKE] ?? '';
  const found = asked === '' ? undefined : resolveTyped(catalogue, asked);
  if (found && !found.ok)
    return failed([faultOf(LIKE, { is: 'known', what: 'species', nearest: found.nearest }, asked)]);
  const shipped = catalogue.byId.get(raw['id'] ?? '');
  const like = found?.profile ?? shipped;
  const model = like ?? catalogue.all[0]!;
  const cells = Object.fromEntries(columns.map((path) => [path, raw[path] ?? '']));
  // With an entry to be like, an empty cell says nothing; without, it says "none".
  const read = profileFromCells(cells, {
    base: startingFrom(like, shipped),
    model,
    catalogue,
    keepEmpty: like !== undefined,
  });
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
  const { rows, columns: fields, headingLine, faults } = readCsvTable(text, ['id'], 'filled');
  const known = speciesColumns(catalogue.all[0] as SpeciesProfile);
  const strange = fields.filter((field) => field !== '' && field !== LIKE && !known.includes(field));
  if (!fields.includes('id')) return { rows: [], faults };
  const columns = known.filter((path) => fields.includes(path));
  const seen = new Set<string>();
  return {
    rows: rows.map(({ line, cells }) => {
      const row = readRow(cells, line, catalogue, columns);
      const id = cells['id'] ?? '';
      const twice = seen.has(id);
      seen.add(id);
      return twice && row.species
        ? { ...row, species: null, faults: [faultOf('id', { is: 'unique' }, id)] }
        : row;
    }),
    faults: [
      ...strange.map((field) => cellFault(headingLine, field, { is: 'known column' }, field)),
      ...faults,
    ],
  };
}
