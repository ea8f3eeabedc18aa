import { type Fault, faultOf } from '../kernel';
import { resolveSpecies, type Catalogue } from './catalogue';
import type { PlanFile, PlanGroup } from './plan';

/** A name that leads to no species, with the nearest that does. */
export function speciesFaultsOf(
  name: string,
  path: string,
  catalogue: Catalogue,
  resolve: typeof resolveSpecies = resolveSpecies,
): readonly Fault[] {
  const found = resolve(catalogue, name);
  return found.ok ? [] : [faultOf(path, { is: 'known', what: 'species', nearest: found.nearest }, name)];
}

/** What contradicts itself in a listed group, or names no species. */
export function groupFaultsOf(
  group: PlanGroup,
  path: string,
  catalogue: Catalogue,
  resolve: typeof resolveSpecies = resolveSpecies,
): readonly Fault[] {
  const { males = 0, females = 0, count } = group;
  return [
    ...speciesFaultsOf(group.species, `${path}.species`, catalogue, resolve),
    ...(males + females > count
      ? [faultOf(`${path}.males`, { is: 'sexes', males, females, count }, males + females)]
      : []),
  ];
}

/** Measures of a tank that cannot be together: water above the rim, ground above the water, glass without room. */
export function tankFaultsOf(tank: PlanFile['tank']): readonly Fault[] {
  const { heightCm, waterLineCm, substrateCm, bowCm, glassMm = 0 } = tank;
  const faults: Fault[] = [];
  const wrong = (path: keyof typeof tank, expected: Fault['expected']): void =>
    void faults.push(faultOf(`tank.${path}`, expected, tank[path]));
  if (waterLineCm !== undefined && waterLineCm > heightCm)
    wrong('waterLineCm', { is: 'at most', most: heightCm, than: 'heightCm', unit: 'cm' });
  const surface = waterLineCm ?? heightCm;
  if (substrateCm !== undefined && substrateCm >= surface)
    wrong('substrateCm', { is: 'below', below: surface, than: 'waterLineCm', unit: 'cm' });
  if (bowCm !== undefined && bowCm >= tank.widthCm)
    wrong('bowCm', { is: 'below', below: tank.widthCm, than: 'widthCm', unit: 'cm' });
  const narrowestCm = Math.min(tank.lengthCm, tank.widthCm, heightCm);
  if (!tank.inside && 2 * glassMm >= narrowestCm * MM_PER_CM)
    wrong('glassMm', {
      is: 'below',
      below: (narrowestCm * MM_PER_CM) / 2,
      than: 'room for water',
      unit: 'mm',
    });
  return faults;
}

const MM_PER_CM = 10;
