import { describeValue, validate, type Fault, type Outcome } from '../kernel/schema/faults';
import { resolveSpecies, type Catalogue } from '../model/catalogue';
import { planSchema, type PlanFile, type PlanGroup } from '../model/plan';

export function speciesFaultsOf(name: string, path: string, catalogue: Catalogue): readonly Fault[] {
  const found = resolveSpecies(catalogue, name);
  if (found.ok) return [];
  const hint = found.nearest ? ` (nearest: ${found.nearest})` : '';
  return [{ path, expected: `a species of the catalogue${hint}`, received: describeValue(name) }];
}

function groupFaults(group: PlanGroup, path: string, catalogue: Catalogue): readonly Fault[] {
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

export function tankFaultsOf(tank: PlanFile['tank']): readonly Fault[] {
  const faults: Fault[] = [];
  if (tank.waterLineCm !== undefined && tank.waterLineCm > tank.heightCm) {
    faults.push({
      path: 'tank.waterLineCm',
      expected: `a water line of at most the height of ${tank.heightCm} cm`,
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
      expected: `a bow of less than the width of ${tank.widthCm} cm, which is measured over it`,
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

/** Says of a plan with a newer version that it is newer, before anything else is judged. */
function newerFault(value: unknown): Fault | null {
  const file = value as { format?: unknown; version?: unknown } | null;
  if (file === null || typeof file !== 'object' || file.format !== 'lomvik-plan') return null;
  if (typeof file.version !== 'number' || file.version <= 1) return null;
  return {
    path: 'version',
    expected: 'version 1: this file was made by a newer Lomvik',
    received: String(file.version),
  };
}

/** Unknown species in a plan that has other faults too, so that all are told at once. */
function strayNames(value: unknown, catalogue: Catalogue): readonly Fault[] {
  const groups = (value as { groups?: unknown } | null)?.groups;
  if (!Array.isArray(groups)) return [];
  return groups.flatMap((group: unknown, index) => {
    const species = (group as { species?: unknown } | null)?.species;
    return typeof species === 'string' && species !== ''
      ? speciesFaultsOf(species, `groups[${index}].species`, catalogue)
      : [];
  });
}

/**
 * A plan from foreign data.
 *
 * Errors: every fault with its path; species names that lead nowhere name the nearest that do.
 */
export function readPlan(value: unknown, catalogue: Catalogue): Outcome<PlanFile> {
  const newer = newerFault(value);
  if (newer) return { ok: false, faults: [newer] };
  const checked = validate(planSchema, value);
  if (!checked.ok) return { ok: false, faults: [...checked.faults, ...strayNames(value, catalogue)] };
  const plan = checked.value as unknown as PlanFile;
  const faults = [
    ...tankFaultsOf(plan.tank),
    ...plan.groups.flatMap((group, index) => groupFaults(group, `groups[${index}]`, catalogue)),
  ];
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: plan };
}
