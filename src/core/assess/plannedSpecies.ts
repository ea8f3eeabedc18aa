import type { SpeciesProfile } from '../model';
import { groupsAsOne, type PlannedGroup, type PlannedSpecies } from '../rules';

/**
 * Groups of one species taken together, by identifier. A species leaves only when its last group does.
 *
 * Species whose groups are told alike are the same object, also in another list: what is worked out for a species, or for two,
 * is kept with them and needs no second working out.
 */
export function plannedSpecies(groups: readonly PlannedGroup[]): readonly PlannedSpecies[] {
  const byProfile = new Map<SpeciesProfile, PlannedGroup[]>();
  for (const group of groups) {
    const members = byProfile.get(group.profile);
    if (members) members.push(group);
    else byProfile.set(group.profile, [group]);
  }
  return [...byProfile.values()].map(oneSpecies).sort((a, b) => (a.profile.id < b.profile.id ? -1 : 1));
}

/** A list of species with this one in its place, instead of what there was of it. */
export function withSpecies(
  planned: readonly PlannedSpecies[],
  species: PlannedSpecies,
): readonly PlannedSpecies[] {
  const { id } = species.profile;
  const at = planned.findIndex((one) => one.profile.id >= id);
  if (at < 0) return [...planned, species];
  const list = planned.slice();
  list.splice(at, planned[at]?.profile.id === id ? 1 : 0, species);
  return list;
}

/** Species that were made before, of each profile the latest few: the same groups are asked about again and again. */
const MADE = new WeakMap<SpeciesProfile, PlannedSpecies[]>();
const KEPT = 16;

/** These groups, all of one profile, as one species. */
export function oneSpecies(members: readonly PlannedGroup[]): PlannedSpecies {
  const { profile } = members[0] as PlannedGroup;
  const made = MADE.get(profile) ?? [];
  const before = made.find((species) => areAlike(species.groups, members));
  if (before) return before;
  const species = madeOf(members);
  MADE.set(profile, [species, ...made].slice(0, KEPT));
  return species;
}

/** What tells two groups of one profile apart. Their range follows from its source. */
const TOLD_BY: Readonly<Record<Exclude<keyof PlannedGroup, 'profile' | 'range'>, true>> = {
  count: true,
  males: true,
  females: true,
  lengthCm: true,
  judgedCm: true,
  leavesInMonths: true,
  rangeSource: true,
  asSold: true,
  breeding: true,
  grownTogether: true,
  wayOut: true,
  nextTank: true,
  monthsHere: true,
};
const FIELDS = Object.keys(TOLD_BY) as (keyof typeof TOLD_BY)[];

const areAlike = (before: readonly PlannedGroup[], now: readonly PlannedGroup[]): boolean =>
  before.length === now.length &&
  before.every((group, index) =>
    FIELDS.every((field) => Object.is(group[field], (now[index] as PlannedGroup)[field])),
  );

function madeOf(members: readonly PlannedGroup[]): PlannedSpecies {
  const first = members[0] as PlannedGroup;
  const strict = members.find((group) => group.rangeSource === 'wild') ?? first;
  return groupsAsOne(first.profile, strict.range, members);
}
