import type { DocumentBodies, DraftGroup } from '../records';
import { type PlanGroup, type PlanTank, recountGroup, type SpeciesProfile } from '../model';
import { otherSize, otherSpecies, otherWall, withSexes } from './planEdit';
import type { PlanEdit } from '../rules';

/** What a keeper can change with one press: the tank and what is listed for it. Who lives there leaves by the journal only. */
export interface Editable {
  readonly tank: DocumentBodies['tank'];
  readonly listed: readonly DraftGroup[];
  /** Animals of each species that live in the tank. */
  readonly living: Readonly<Record<string, number>>;
  readonly profileOf: (species: string) => SpeciesProfile | undefined;
}

export type Edited = { readonly tank: DocumentBodies['tank'] } | { readonly listed: readonly DraftGroup[] };

/** A listed group with another count; known sexes stay known. */
const recount = (entry: DraftGroup, count: number): DraftGroup => ({
  ...entry,
  group: recountGroup(entry.group, count),
});

function setCount(
  edit: Extract<PlanEdit, { kind: 'set-count' }>,
  state: Editable,
  newKey: string,
): Edited | null {
  const wanted = edit.count - (state.living[edit.species] ?? 0);
  if (wanted < 0) return null;
  const mine = state.listed.filter((entry) => entry.group.species === edit.species);
  const [first] = mine;
  if (wanted === 0)
    return mine.length === 0 ? null : { listed: state.listed.filter((entry) => !mine.includes(entry)) };
  if (first)
    return {
      listed: state.listed.flatMap((entry) =>
        entry === first ? [recount(entry, wanted)] : mine.includes(entry) ? [] : [entry],
      ),
    };
  const profile = state.profileOf(edit.species);
  return profile
    ? {
        listed: [
          ...state.listed,
          { key: newKey, group: { species: edit.species, count: wanted, lengthCm: profile.size.soldCm } },
        ],
      }
    : null;
}

/** The groups of a species changed one by one; null where some of it live here, or none is listed. */
function changeListed(species: string, state: Editable, how: (group: PlanGroup) => PlanGroup): Edited | null {
  const isMine = (entry: DraftGroup): boolean => entry.group.species === species;
  if (!state.listed.some(isMine) || (state.living[species] ?? 0) > 0) return null;
  return {
    listed: state.listed.map((entry) => (isMine(entry) ? { ...entry, group: how(entry.group) } : entry)),
  };
}

function setSexes(edit: Extract<PlanEdit, { kind: 'set-sexes' }>, state: Editable): Edited | null {
  const mine = state.listed.filter((entry) => entry.group.species === edit.species);
  return mine.length > 1
    ? null
    : changeListed(edit.species, state, (group) => withSexes(group, edit.males, edit.females));
}

function swap(edit: Extract<PlanEdit, { kind: 'swap' }>, state: Editable): Edited | null {
  const to = state.profileOf(edit.to);
  const [first, ...others] = state.listed.filter((entry) => entry.group.species === edit.species);
  if (!to || !first || (state.living[edit.species] ?? 0) > 0) return null;
  return {
    listed: state.listed
      .filter((entry) => !others.includes(entry))
      .map((entry) =>
        entry === first ? { key: entry.key, group: otherSpecies(entry.group, to, edit.count) } : entry,
      ),
  };
}

/** The measures of a tank that were typed, without those that another size makes untrue. */
const OF_A_SIZE = /^(lengthCm|widthCm|heightCm|glassMm|waterLineCm|bowCm)$/;

/** Another size of the tank, while nobody lives in it. */
function resize({ tank, living }: Editable, to: (old: PlanTank) => PlanTank): Edited | null {
  if (Object.values(living).some((count) => count > 0)) return null;
  const entered = Object.fromEntries(
    Object.entries(tank.entered ?? {}).filter(([name]) => !OF_A_SIZE.test(name)),
  );
  return { tank: { ...tank, tank: to(tank.tank), entered } };
}

/**
 * The tank or the list after a fix; null when no press can do it, because fish that live here would have to leave, to move or
 * their sexes to change.
 *
 * `newKey` names a group that the fix may add.
 */
export function applyEdit(edit: PlanEdit, state: Editable, newKey: string): Edited | null {
  const { tank } = state;
  switch (edit.kind) {
    case 'set-count':
      return setCount(edit, state, newKey);
    case 'set-sexes':
      return setSexes(edit, state);
    case 'swap':
      return swap(edit, state);
    case 'set-origin':
      return changeListed(edit.species, state, (group) => ({ ...group, origin: edit.origin }));
    case 'set-tank':
      return resize(state, (old) => otherSize(old, edit));
    case 'set-wall':
      return resize(state, (old) => otherWall(old, edit));
    case 'set-breaks':
      return { tank: { ...tank, tank: { ...tank.tank, sightBreaks: edit.sightBreaks } } };
    case 'set-density':
      return { tank: { ...tank, practice: { ...tank.practice, riftDensity: edit.density } } };
    case 'set-plants':
      return { tank: { ...tank, tank: { ...tank.tank, plants: edit.plants } } };
    case 'leave-out':
      return setCount({ kind: 'set-count', species: edit.species, count: 0 }, state, newKey);
    case 'set-lid':
      return { tank: { ...tank, tank: { ...tank.tank, lid: edit.lid } } };
    case 'set-substrate':
      return { tank: { ...tank, tank: { ...tank.tank, substrate: edit.substrate } } };
    case 'set-light':
      return { tank: { ...tank, tank: { ...tank.tank, lightHours: edit.hours } } };
    case 'set-temperature': {
      const { temperatureC: _typed, ...entered } = tank.entered ?? {};
      return { tank: { ...tank, water: { ...tank.water, temperatureC: edit.temperatureC }, entered } };
    }
    case 'set-routine':
      return {
        tank: {
          ...tank,
          routine: { ...tank.routine, changeFraction: edit.changeFraction, everyDays: edit.everyDays },
        },
      };
  }
}
