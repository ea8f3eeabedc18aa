import { validate } from '@/core/kernel';
import { type ContestedNumber, isNamed, speciesSchema, type SpeciesProfile } from '@/core/model';
import { type Dress, markingsOf } from '@/core/plates';
import { dressFaults, dressFrom, type DressLines, isDressPath, strangeDressPaths } from './dresses';
import { LINE_PATHS, readLine, type Line } from './fieldText';

/** Lines by the path of the field they set. */
type Lines = Readonly<Record<string, unknown>>;

/** An entry of a file: its own lines, and its forms by identifier. */
export type EntrySource = Lines & { readonly forms?: Readonly<Record<string, Lines>> };

/** A file of the catalogue: the kinds of one family, or of one genus of it. */
export interface FileSource {
  readonly family: string;
  readonly group: string;
  readonly genera: Readonly<
    Record<string, { readonly all?: Lines; readonly species: Readonly<Record<string, EntrySource>> }>
  >;
}

/** What every animal has, unless its group, family, genus or itself says otherwise. */
export interface SharedSource {
  readonly every: Lines;
  readonly groups: Readonly<Record<string, Lines>>;
  readonly families: Readonly<Record<string, Lines>>;
}

/** Pairs of species or groups of kin about which keepers disagree, each told once. */
export interface CompanySource {
  readonly contested: readonly {
    readonly between: readonly string[];
    readonly and: readonly string[];
    readonly at: 'caution' | 'note';
    readonly why: string;
  }[];
  /** Numbers of a species or a group of kin about which they disagree. */
  readonly contestedNumbers: readonly ({ readonly of: readonly string[] } & ContestedNumber)[];
}

/** Where the values of an entry come from. */
export interface Origin {
  /** The levels it inherits from, the widest first, and itself last: "every", "group characins", ..., its identifier. */
  readonly levels: readonly string[];
}

/** What a level says itself: its fields, and the reasons given. */
export interface Level {
  readonly sets: readonly string[];
  readonly why: Readonly<Record<string, string>>;
}

/** All files of the catalogue. */
export interface Sources {
  readonly shared: SharedSource;
  readonly company: CompanySource;
  readonly files: readonly FileSource[];
}

/** What each level of the catalogue says itself, and the levels that each entry inherits from, the widest first. */
export interface Origins {
  readonly levels: Readonly<Record<string, Level>>;
  readonly entries: Readonly<Record<string, readonly string[]>>;
}

export interface Compiled {
  readonly profiles: readonly SpeciesProfile[];
  readonly levels: Readonly<Record<string, Level>>;
  readonly origins: Readonly<Record<string, Origin>>;
  /** How each entry looks. */
  readonly dresses: Readonly<Record<string, Dress>>;
  /** What is wrong, a line each with its place. */
  readonly faults: readonly string[];
}

type Read = ReadonlyMap<string, Line>;

/** Paths that an entry always says itself. */
const OWN = ['scientificName', 'commonNames'];
/** Lines of an entry that are no field of the profile. */
const NO_FIELD = ['forms'];
/** What a form does not take from its species: its names are its own. */
const NOT_PASSED_ON = ['commonNames', 'formerNames', 'scientificName', 'notes', 'trade.mixedUpWith'];

function readLines(name: string, lines: Lines, faults: string[]): Read {
  const read = new Map<string, Line>();
  for (const [path, raw] of Object.entries(lines)) {
    if (NO_FIELD.includes(path) || isDressPath(path)) continue;
    if (LINE_PATHS.includes(path)) read.set(path, readLine(path, raw));
    else faults.push(`${name}: no field is called "${path}"`);
  }
  return read;
}

type Tree = Record<string, unknown>;

function setAt(tree: Tree, path: string, value: unknown): void {
  const keys = path.split('.');
  const last = keys.pop() as string;
  let here = tree;
  for (const key of keys) here = (here[key] ??= {}) as Tree;
  here[last] = value;
}

const named = (path: string, value: unknown): unknown => {
  const key = path === 'contested' ? 'species' : path === 'badWith' ? 'who' : null;
  return key === null || !Array.isArray(value)
    ? value
    : (value as [string, string][]).map(([who, why]) => ({ [key]: who, why }));
};

/** A profile with what keepers disagree about added from either end. */
function withContested(
  profile: SpeciesProfile,
  { contested, contestedNumbers }: CompanySource,
): SpeciesProfile {
  const isMe = (name: string): boolean => isNamed(name, profile) || name === profile.kin;
  const told = contested.flatMap(({ between, and, at, why }) => [
    ...(between.some(isMe) ? and.map((species) => ({ species, why, at })) : []),
    // Kin that keepers dispute among themselves are told once.
    ...(and.some(isMe) && and.join() !== between.join()
      ? between.map((species) => ({ species, why, at }))
      : []),
  ]);
  const numbers = contestedNumbers.flatMap(({ of, ...number }) => (of.some(isMe) ? [number] : []));
  return { ...profile, contested: [...profile.contested, ...told], contestedNumbers: numbers };
}

/** Names in pairs that lead to nobody. */
const strangers = (
  { contested, contestedNumbers }: CompanySource,
  profiles: readonly SpeciesProfile[],
): readonly string[] => {
  const known = new Set(profiles.flatMap(({ id, kin }) => [id, kin]));
  return [
    ...contested.flatMap(({ between, and }) => [...between, ...and]),
    ...contestedNumbers.flatMap(({ of }) => of),
  ]
    .filter((name) => !known.has(name))
    .map((name) => `company.yaml: nobody is called "${name}"`);
};

/** The entries of all files with what they inherit, validated; and where each value comes from. */
export function compileCatalogue({ shared, company, files }: Sources): Compiled {
  const faults: string[] = [];
  const levels: Record<string, Level> = {};
  const origins: Record<string, Origin> = {};
  const profiles: SpeciesProfile[] = [];

  const dressLines: Record<string, DressLines> = {};
  const dresses: Record<string, Dress> = {};

  const level = (name: string, lines: Lines): [string, Read] => {
    const read = readLines(name, lines, faults);
    const looks = Object.fromEntries(Object.entries(lines).filter(([path]) => isDressPath(path)));
    dressLines[name] = looks;
    for (const path of strangeDressPaths(looks)) faults.push(`${name}: no dress has "${path}"`);
    const why = [...read].flatMap(([path, line]) => (line.why === '' ? [] : [[path, line.why] as const]));
    levels[name] = { sets: [...read.keys()], why: Object.fromEntries(why) };
    return [name, read];
  };
  const entry = (id: string, chain: readonly (readonly [string, Read])[], facts: Lines): void => {
    const tree: Tree = {};
    const merged = new Map<string, Line>();
    for (const [name, read] of chain)
      for (const [path, line] of read)
        if (name !== facts.formOf || !NOT_PASSED_ON.includes(path)) merged.set(path, line);
    for (const path of LINE_PATHS) {
      const line = path in facts ? { value: facts[path] } : merged.get(path);
      if (line !== undefined) setAt(tree, path, named(path, line.value));
    }
    for (const path of OWN)
      if (!chain[chain.length - 1]?.[1].has(path)) faults.push(`${id}: says no ${path} of its own`);
    const dress = dressFrom(chain.map(([name]) => dressLines[name] ?? {}));
    const wrong = dressFaults(dress, Number(merged.get('size.depthRatio')?.value));
    dresses[id] = dress;
    for (const fault of wrong) faults.push(`${id}: ${fault}`);
    if (!merged.has('look.markings') && wrong.length === 0) setAt(tree, 'look.markings', markingsOf(dress));
    const checked = validate(speciesSchema, tree);
    if (checked.ok) profiles.push(checked.value);
    else
      for (const fault of checked.faults)
        faults.push(`${id}: ${fault.path} is not ${JSON.stringify(fault.expected)}`);
    origins[id] = { levels: chain.map(([name]) => name) };
  };
  const every = level('every', shared.every);
  const groups = Object.fromEntries(
    Object.entries(shared.groups).map(([name, lines]) => [name, level(`group ${name}`, lines)]),
  );
  const families = Object.fromEntries(
    Object.entries(shared.families).map(([name, lines]) => [name, level(`family ${name}`, lines)]),
  );
  for (const { family, group, genera } of files) {
    const above = [every, groups[group], families[family]].filter((one) => one !== undefined);
    for (const [genus, { all, species }] of Object.entries(genera)) {
      const kin = all ? [...above, level(`genus ${genus}`, all)] : above;
      for (const [id, source] of Object.entries(species)) {
        const own = level(id, source);
        entry(id, [...kin, own], { id, family, formOf: null });
        for (const [formId, lines] of Object.entries(source.forms ?? {}))
          entry(formId, [...kin, own, level(formId, lines)], { id: formId, family, formOf: id });
      }
    }
  }
  profiles.sort((a, b) => (a.id < b.id ? -1 : 1));
  return {
    profiles: profiles.map((profile) => withContested(profile, company)),
    levels,
    origins,
    dresses,
    faults: [...faults, ...strangers(company, profiles)],
  };
}
