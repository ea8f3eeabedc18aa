import {
  type Catalogue,
  type PlanFile,
  type PlanGroup,
  type PlanTank,
  recountGroup,
  resolveSpecies,
  type SpeciesProfile,
} from '../model';
import type { PlanEdit } from '../rules';

/** A tank with other outside measures: what was typed of the old glass and filling no longer holds. */
export function otherSize(
  tank: PlanTank,
  { lengthCm, widthCm, heightCm }: Pick<PlanTank, 'lengthCm' | 'widthCm' | 'heightCm'>,
): PlanTank {
  const { glassMm: _glass, waterLineCm: _line, bowCm: _bow, shape: _shape, inside: _inside, ...rest } = tank;
  return { ...rest, lengthCm, widthCm, heightCm };
}

/** A tank with one wall moved; the others stay where they are. */
export const otherWall = (
  tank: PlanTank,
  { wall, cm }: Pick<Extract<PlanEdit, { kind: 'set-wall' }>, 'wall' | 'cm'>,
): PlanTank =>
  otherSize(tank, {
    lengthCm: tank.lengthCm,
    widthCm: tank.widthCm,
    heightCm: tank.heightCm,
    [wall]: cm,
  });

/** A group of another species in its place: the sexes, the length and the exit plan were those of the old one. */
export const otherSpecies = (group: PlanGroup, profile: SpeciesProfile, count: number): PlanGroup => ({
  species: profile.id,
  count,
  ...(group.lengthCm === undefined ? {} : { lengthCm: profile.size.soldCm }),
  ...(group.origin === undefined ? {} : { origin: group.origin }),
});

/** A group with so many of each sex. */
export const withSexes = (group: PlanGroup, males: number, females: number): PlanGroup => ({
  ...group,
  count: males + females,
  males,
  females,
});

type GroupEdit = Extract<PlanEdit, { readonly species: string }>;

/** The groups of one species after an edit: the first takes the change, the others join it; none where it does not apply. */
function changedGroups(
  mine: readonly PlanGroup[],
  edit: GroupEdit,
  catalogue: Catalogue,
): readonly PlanGroup[] | null {
  const [first, second] = mine;
  if (!first) return null;
  switch (edit.kind) {
    case 'leave-out':
      return [];
    case 'set-count':
      return [recountGroup(first, edit.count)];
    case 'set-sexes':
      return second ? null : [withSexes(first, edit.males, edit.females)];
    case 'swap': {
      const to = catalogue.byId.get(edit.to);
      return to ? [otherSpecies(first, to, edit.count)] : null;
    }
    case 'set-origin':
      return mine.map((group) => ({ ...group, origin: edit.origin }));
  }
}

/**
 * The plan after an edit, as one press of a fix would make it; null where it does not apply. Species that are not there yet are
 * added by `set-count`.
 *
 * Domain: a plan that `readPlan` accepted.
 */
export function editPlan(plan: PlanFile, edit: PlanEdit, catalogue: Catalogue): PlanFile | null {
  switch (edit.kind) {
    case 'set-lid':
      return { ...plan, tank: { ...plan.tank, lid: edit.lid } };
    case 'set-substrate':
      return { ...plan, tank: { ...plan.tank, substrate: edit.substrate } };
    case 'set-light':
      return { ...plan, tank: { ...plan.tank, lightHours: edit.hours } };
    case 'set-breaks':
      return { ...plan, tank: { ...plan.tank, sightBreaks: edit.sightBreaks } };
    case 'set-plants':
      return { ...plan, tank: { ...plan.tank, plants: edit.plants } };
    case 'set-tank':
      return { ...plan, tank: otherSize(plan.tank, edit) };
    case 'set-wall':
      return { ...plan, tank: otherWall(plan.tank, edit) };
    case 'set-density':
      return { ...plan, practice: { ...plan.practice, riftDensity: edit.density } };
    case 'set-temperature':
      return { ...plan, water: { ...plan.water, temperatureC: edit.temperatureC } };
    case 'set-routine':
      return {
        ...plan,
        routine: { ...plan.routine, changeFraction: edit.changeFraction, everyDays: edit.everyDays },
      };
    default:
      return editGroups(plan, edit, catalogue);
  }
}

function editGroups(plan: PlanFile, edit: GroupEdit, catalogue: Catalogue): PlanFile | null {
  const isMine = ({ species }: PlanGroup): boolean => {
    const found = resolveSpecies(catalogue, species);
    return found.ok && found.profile.id === edit.species;
  };
  const mine = plan.groups.filter(isMine);
  if (mine.length === 0 && edit.kind === 'set-count') {
    const lengthCm = catalogue.byId.get(edit.species)?.size.soldCm;
    return lengthCm === undefined
      ? null
      : { ...plan, groups: [...plan.groups, { species: edit.species, count: edit.count, lengthCm }] };
  }
  const changed = changedGroups(mine, edit, catalogue);
  return (
    changed && {
      ...plan,
      groups: plan.groups.flatMap((group) => (!isMine(group) ? [group] : group === mine[0] ? changed : [])),
    }
  );
}
