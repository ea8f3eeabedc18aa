import type { Celsius, Dh } from '../kernel';
import { assess, type Assessment, sharedRange } from '../assess';
import { type Catalogue, type PlanGroup, resolveSpecies, type SpeciesProfile } from '../model';
import { CROWDED, layerRoom, middleOf, NITRATE_BUDGET, NITRATE_EDGE, ruleOf } from '../rules';
import { planWith, stopOf } from './buildProblem';
import { LAYER_NAMES } from './problem';
import { anotherTank, type NamedSize, volumeOf } from './sizes';
import type { WishesFile } from './wishes';

/** One change that lets a wish in beside a line-up. */
export type Change =
  /** It is let in as all is. */
  | { readonly kind: 'nothing' }
  | { readonly kind: 'tank'; readonly size: NamedSize }
  | { readonly kind: 'plants' }
  | { readonly kind: 'lid' }
  | { readonly kind: 'sand' }
  | { readonly kind: 'temperature'; readonly temperatureC: Celsius }
  | { readonly kind: 'ph'; readonly ph: number }
  | { readonly kind: 'hardness'; readonly ghDh: Dh }
  /** More nitrate than the budget, carried by larger or more frequent changes. */
  | { readonly kind: 'routine'; readonly changeFraction: number; readonly everyDays: number }
  | { readonly kind: 'without'; readonly species: string };

const ROUTINES = [
  { changeFraction: 0.5, everyDays: 7 },
  { changeFraction: 0.5, everyDays: 4 },
  { changeFraction: 0.6, everyDays: 4 },
] as const;

/** Whether keepers would think twice about a species beside some other; what the whole list leads to is not asked. */
const isDoubted = ({ findings }: Assessment, species: string): boolean =>
  findings.some(
    (finding) =>
      finding.severity === 'caution' &&
      finding.species.length > 1 &&
      finding.species.includes(species) &&
      ruleOf(finding.rule).about !== 'the whole tank',
  );

/** A list that is no stop and keeps within the limits that line-ups keep within. */
function isAllowed(
  file: WishesFile,
  groups: readonly PlanGroup[],
  wished: PlanGroup,
  catalogue: Catalogue,
  today: string,
): boolean {
  const assessment = assess(planWith(file, groups), catalogue, today);
  if (stopOf(assessment) !== null) return false;
  const newcomer = resolveSpecies(catalogue, wished.species);
  if (file.calm === true && newcomer.ok && isDoubted(assessment, newcomer.profile.id)) return false;
  if (assessment.context.load.nitrateMgLWeek > (file.nitrateBudget ?? NITRATE_BUDGET)) return false;
  const room = layerRoom(assessment.context);
  return LAYER_NAMES.every((layer) => room[layer] <= CROWDED);
}

const middle = (ranges: readonly (readonly [number, number])[]): number | null => {
  const shared = sharedRange(ranges);
  return shared && middleOf(shared);
};

/** Water in the middle of what all can stand, where the tank's is measured. */
function waterChanges(file: WishesFile, profiles: readonly SpeciesProfile[]): readonly Change[] {
  const of = (measure: 'temperatureC' | 'ph' | 'ghDh'): number | null =>
    file.water?.[measure] === undefined
      ? null
      : middle(profiles.map((profile) => (profile.water.tankBred ?? profile.water.wild)[measure]));
  const [temperatureC, ph, ghDh] = [of('temperatureC'), of('ph'), of('ghDh')];
  return [
    ...(temperatureC === null ? [] : [{ kind: 'temperature', temperatureC } as const]),
    ...(ph === null ? [] : [{ kind: 'ph', ph } as const]),
    ...(ghDh === null ? [] : [{ kind: 'hardness', ghDh } as const]),
  ];
}

/** The wishes with one thing changed. */
function changed(file: WishesFile, change: Change): WishesFile {
  const { tank } = file;
  switch (change.kind) {
    case 'tank':
      return { ...file, tank: anotherTank(tank, change.size) };
    case 'plants':
      return { ...file, tank: { ...tank, plants: 'dense' } };
    case 'lid':
      return { ...file, tank: { ...tank, lid: true } };
    case 'sand':
      return { ...file, tank: { ...tank, substrate: 'sand' } };
    case 'temperature':
      return { ...file, water: { ...file.water, temperatureC: change.temperatureC } };
    case 'ph':
      return { ...file, water: { ...file.water, ph: change.ph } };
    case 'hardness':
      return { ...file, water: { ...file.water, ghDh: change.ghDh } };
    case 'routine': {
      const { changeFraction, everyDays } = change;
      return {
        ...file,
        routine: { ...file.routine, changeFraction, everyDays },
        nitrateBudget: (NITRATE_EDGE - (file.water?.nitrateTapMgL ?? 0)) * changeFraction * (7 / everyDays),
      };
    }
    case 'nothing':
    case 'without':
      return file;
  }
}

/**
 * What it would take to keep a wished species beside a line-up: each single change of the tank, its water or its routine with
 * which the whole is allowed, the larger tank the smallest of `sizes` that serves; and, when one species stands in the way,
 * that species. Nothing where it is allowed as it is; empty when no single change does. `today` is an ISO date.
 */
export function whatItTakes(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
  groups: readonly PlanGroup[],
  wished: PlanGroup,
  sizes: readonly NamedSize[],
): readonly Change[] {
  const all = [...groups, wished];
  const profiles = all.flatMap((group) => {
    const found = resolveSpecies(catalogue, group.species);
    return found.ok ? [found.profile] : [];
  });
  const works = (change: Change): boolean => isAllowed(changed(file, change), all, wished, catalogue, today);
  if (works({ kind: 'nothing' })) return [{ kind: 'nothing' }];
  const { tank } = file;
  const larger = sizes
    .filter((size) => volumeOf(size) > volumeOf(tank) || size.lengthCm > tank.lengthCm)
    .sort((a, b) => volumeOf(a) - volumeOf(b))
    .map((size) => ({ kind: 'tank', size }) as const)
    .find(works);
  const small: readonly Change[] = [
    ...(tank.lid === false ? [{ kind: 'lid' } as const] : []),
    ...(tank.substrate !== undefined && tank.substrate !== 'sand' ? [{ kind: 'sand' } as const] : []),
    ...(tank.plants === 'dense' ? [] : [{ kind: 'plants' } as const]),
    ...waterChanges(file, profiles),
  ];
  const routine = ROUTINES.map((one) => ({ kind: 'routine', ...one }) as const).find(works);
  const without = groups.filter((group) =>
    isAllowed(
      file,
      all.filter((one) => one !== group),
      wished,
      catalogue,
      today,
    ),
  );
  return [
    ...small.filter(works),
    ...(routine ? [routine] : []),
    ...(larger ? [larger] : []),
    ...without.map((group) => ({ kind: 'without', species: group.species }) as const),
  ];
}
