import type { DocumentBodies, DraftGroup } from '../records';
import { recountGroup, type SpeciesProfile } from '../model';
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

function setSexes(edit: Extract<PlanEdit, { kind: 'set-sexes' }>, state: Editable): Edited | null {
  const mine = state.listed.filter((entry) => entry.group.species === edit.species);
  const [first] = mine;
  if (!first || mine.length > 1 || (state.living[edit.species] ?? 0) > 0) return null;
  const { males, females } = edit;
  return {
    listed: state.listed.map((entry) =>
      entry === first
        ? { ...entry, group: { ...entry.group, count: males + females, males, females } }
        : entry,
    ),
  };
}

/**
 * The tank or the list after a fix; null when no press can do it, because fish that live here would have to leave or
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
