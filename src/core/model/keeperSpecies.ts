import { buildCatalogue, type Catalogue } from './catalogue';
import type { SpeciesProfile } from './species';

/** A species of the keeper's own, or what the keeper says otherwise of a shipped one. */
export interface KeeperSpecies {
  readonly profile: SpeciesProfile;
  /** Paths that differ from the shipped entry, such as `size.maleCm`; empty for a species of the keeper's own. */
  readonly changed: readonly string[];
}

interface SpeciesDocument {
  readonly kind: string;
  readonly body: unknown;
}

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

/** Paths at which two profiles differ, down to single values; lists and ranges count as one value. */
export function changedPaths(base: unknown, other: unknown, path = ''): readonly string[] {
  if (isTree(base) && isTree(other))
    return Object.keys(other).flatMap((key) =>
      changedPaths(base[key], other[key], path === '' ? key : `${path}.${key}`),
    );
  return JSON.stringify(base) === JSON.stringify(other) ? [] : [path];
}

function withPath(target: Tree, from: Tree, [key, ...rest]: readonly string[]): Tree {
  if (key === undefined) return target;
  const value = from[key];
  const inner = target[key];
  return {
    ...target,
    [key]: rest.length > 0 && isTree(value) ? withPath(isTree(inner) ? inner : {}, value, rest) : value,
  };
}

/** A shipped profile with the keeper's changes laid over it: an update of the rest comes through. */
export function overlay(shipped: SpeciesProfile, { profile, changed }: KeeperSpecies): SpeciesProfile {
  return changed.reduce<Tree>(
    (tree, path) => withPath(tree, profile, path.split('.')),
    shipped as unknown as Tree,
  ) as unknown as SpeciesProfile;
}

/** The species documents of a room. */
export const keeperSpeciesOf = (documents: Iterable<SpeciesDocument>): readonly KeeperSpecies[] =>
  [...documents].flatMap((document) =>
    document.kind === 'species' && document.body !== null ? [document.body as KeeperSpecies] : [],
  );

/** An entry of the keeper's own, and not figures for a shipped one. */
export const isOfTheKeepersOwn = ({ changed }: KeeperSpecies): boolean => changed.length === 0;

/** A profile that was written before fields came that every entry has now. */
const today = (profile: SpeciesProfile): SpeciesProfile => ({
  ...profile,
  formOf: profile.formOf ?? null,
  form: profile.form ?? null,
  contestedNumbers: profile.contestedNumbers ?? [],
  water: { ...profile.water, youngPpt: profile.water.youngPpt ?? null },
});

/**
 * The shipped catalogue with the keeper's own species and changes. The shipped entries stay as they are.
 *
 * Where a new shipped entry has the identifier or a name of a species of the keeper's own, the keeper's stays and keeps its name.
 */
export function withKeeperSpecies(shipped: Catalogue, own: readonly KeeperSpecies[]): Catalogue {
  if (own.length === 0) return shipped;
  const byId = new Map(own.map((one) => [one.profile.id, one]));
  const all = shipped.all.flatMap((profile) => {
    const mine = byId.get(profile.id);
    if (!mine) return [profile];
    return isOfTheKeepersOwn(mine) ? [] : [overlay(profile, mine)];
  });
  const added = own
    .filter((one) => isOfTheKeepersOwn(one) || !shipped.byId.has(one.profile.id))
    .map((one) => today(one.profile));
  return buildCatalogue([...added, ...all]);
}
