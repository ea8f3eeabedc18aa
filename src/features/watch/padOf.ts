import { isUnnamed, readSomebody, type Resident, somebodyId } from '@/core/events';
import type { ResidentId } from '@/core/kernel';

/** What can be pressed for a fish: one by name, or one of several that nobody tells apart. */
export interface PadFish {
  readonly id: ResidentId;
  readonly species: string;
  /** Null for one of several. */
  readonly resident: Resident | null;
  /** Of how many it is one; 1 for a fish by itself. */
  readonly of: number;
  /** What is known of the sex of one of several. */
  readonly sex: Resident['sex'];
}

/** The fish of a tank as they are offered to a thumb. */
export interface Pad {
  readonly species: readonly { readonly id: string; readonly heads: number }[];
  /** Those in contests of late, the latest first. */
  readonly active: readonly PadFish[];
  readonly others: readonly PadFish[];
}

/** So many stand first. */
const ACTIVE = 6;
/** With fewer buttons than this nothing stands apart. */
const ALL_AT_ONCE = 12;

const single = (resident: Resident): PadFish => ({
  id: resident.id,
  species: resident.species,
  resident,
  of: resident.individual ? 1 : resident.count,
  sex: resident.individual ? resident.sex : 'unknown',
});

/** One of a species whom nobody can tell from its like, of a sex or of none that is known. */
const oneOf = (species: string, of: number, sex: Resident['sex'] = 'unknown'): PadFish => ({
  id: somebodyId({ species, sex }),
  species,
  resident: null,
  of,
  sex,
});

/** Whether a second press means another of the same: one of a group on one of its own. */
export const isOneOfMany = (id: ResidentId, residents: readonly Resident[]): boolean =>
  readSomebody(id) !== null || residents.some((one) => one.id === id && !one.individual && one.count > 1);

/**
 * The buttons of a tank. Unnamed fish of one species are one button, "one of 6", until their species is opened; then each is
 * there, and "a male", "a female" and "one of them" besides. `lately` are those of the last contests, the latest first.
 */
export function padOf(residents: readonly Resident[], lately: readonly string[], opened: string | null): Pad {
  const speciesHere = [...new Set(residents.map((one) => one.species))];
  const all = speciesHere.flatMap((species): readonly PadFish[] => {
    const of = residents.filter((one) => one.species === species);
    const heads = of.reduce((sum, one) => sum + one.count, 0);
    const alike = of.filter((one) => one.individual && isUnnamed(one));
    // One group and nobody else: its button says "one of them" already.
    const isOneGroup = of.length === 1;
    if (species === opened && heads > 1)
      return [
        ...of.map(single),
        ...(isOneGroup ? [] : [oneOf(species, heads)]),
        oneOf(species, heads, 'male'),
        oneOf(species, heads, 'female'),
      ];
    if (alike.length < 2) return of.map(single);
    return [...of.filter((one) => !alike.includes(one)).map(single), oneOf(species, alike.length)];
  });
  const shown = opened === null ? all : all.filter((one) => one.species === opened);
  const active =
    all.length <= ALL_AT_ONCE || opened !== null
      ? []
      : lately.flatMap((id) => shown.filter((one) => one.id === id)).slice(0, ACTIVE);
  return {
    species: speciesHere.map((id) => ({
      id,
      heads: residents.filter((one) => one.species === id).reduce((sum, one) => sum + one.count, 0),
    })),
    active,
    others: shown.filter((one) => !active.includes(one)),
  };
}

const FIRST_KEYS = 9;

/**
 * The number key of each of the first nine buttons in sight. Those active lately keep the key that they have in the order of the
 * species, so that a key stays with its fish from watch to watch.
 */
export function keysOf(
  residents: readonly Resident[],
  { active, others }: Pad,
  opened: string | null,
): ReadonlyMap<string, ResidentId> {
  const inSight = opened === null && active.length > 0 ? padOf(residents, [], null).others : others;
  return new Map(inSight.slice(0, FIRST_KEYS).map(({ id }, i) => [String(i + 1), id]));
}
