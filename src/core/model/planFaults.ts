import { describeValue, type Fault } from '../kernel';
import { resolveSpecies, type Catalogue } from './catalogue';
import type { PlanFile, PlanGroup } from './plan';

/** A name that leads to no species, with the nearest that does. */
export function speciesFaultsOf(name: string, path: string, catalogue: Catalogue): readonly Fault[] {
  const found = resolveSpecies(catalogue, name);
  if (found.ok) return [];
  const hint = found.nearest ? ` (nearest: ${found.nearest})` : '';
  return [{ path, expected: `a species of the catalogue${hint}`, received: describeValue(name) }];
}

/** What contradicts itself in a listed group, or names no species. */
export function groupFaultsOf(group: PlanGroup, path: string, catalogue: Catalogue): readonly Fault[] {
  const faults: Fault[] = [...speciesFaultsOf(group.species, `${path}.species`, catalogue)];
  const sexed = (group.males ?? 0) + (group.females ?? 0);
  if (sexed > group.count) {
    faults.push({
      path: `${path}.males`,
      expected: `males and females together at most the count of ${group.count}`,
      received: String(sexed),
    });
  }
  return faults;
}

/** Measures of a tank that cannot be together: water above the rim, ground above the water, glass without room. */
export function tankFaultsOf(tank: PlanFile['tank']): readonly Fault[] {
  const faults: Fault[] = [];
  if (tank.waterLineCm !== undefined && tank.waterLineCm > tank.heightCm) {
    faults.push({
      path: 'tank.waterLineCm',
      expected: 'a water line no higher than the tank',
      received: String(tank.waterLineCm),
    });
  }
  if (tank.substrateCm !== undefined && tank.substrateCm >= (tank.waterLineCm ?? tank.heightCm)) {
    faults.push({
      path: 'tank.substrateCm',
      expected: 'a substrate below the water line',
      received: String(tank.substrateCm),
    });
  }
  if (tank.bowCm !== undefined && tank.bowCm >= tank.widthCm) {
    faults.push({
      path: 'tank.bowCm',
      expected: 'a bow smaller than the width, which is measured over it',
      received: String(tank.bowCm),
    });
  }
  const glassCm = (tank.glassMm ?? 0) / 10;
  if (!tank.inside && 2 * glassCm >= Math.min(tank.lengthCm, tank.widthCm, tank.heightCm)) {
    faults.push({
      path: 'tank.glassMm',
      expected: 'glass that leaves room for water',
      received: String(tank.glassMm),
    });
  }
  return faults;
}
