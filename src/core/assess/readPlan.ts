import { type Fault, faultOf, type Outcome, validate } from '../kernel';
import {
  type Catalogue,
  groupFaultsOf,
  type PlanFile,
  planSchema,
  speciesFaultsOf,
  tankFaultsOf,
  withApproach,
} from '../model';
import { byIdentifier, resolveTyped } from '../search';

/** Says of a plan with a newer version that it is newer, before anything else is judged. */
function newerFault(value: unknown): Fault | null {
  const file = value as { format?: unknown; version?: unknown } | null;
  if (file === null || typeof file !== 'object' || file.format !== 'lomvik-plan') return null;
  if (typeof file.version !== 'number' || file.version <= 1) return null;
  return faultOf('version', { is: 'version', to: 1, newer: true }, file.version);
}

/** Unknown species in a plan that has other faults too, so that all are told at once. */
function strayNames(value: unknown, catalogue: Catalogue): readonly Fault[] {
  const groups = (value as { groups?: unknown } | null)?.groups;
  if (!Array.isArray(groups)) return [];
  return groups.flatMap((group: unknown, index) => {
    const species = (group as { species?: unknown } | null)?.species;
    return typeof species === 'string' && species !== ''
      ? speciesFaultsOf(species, `groups[${index}].species`, catalogue, resolveTyped)
      : [];
  });
}

/**
 * A plan from foreign data.
 *
 * Species may be named as on any screen; they are given back by identifier. Errors: every fault with its path; a name that means
 * several species, or none, says which it may mean.
 */
export function readPlan(value: unknown, catalogue: Catalogue): Outcome<PlanFile> {
  const newer = newerFault(value);
  if (newer) return { ok: false, faults: [newer] };
  const checked = validate(planSchema, withApproach(value));
  if (!checked.ok) return { ok: false, faults: [...checked.faults, ...strayNames(value, catalogue)] };
  const plan = checked.value as unknown as PlanFile;
  const faults = [
    ...tankFaultsOf(plan.tank),
    ...plan.groups.flatMap((group, index) =>
      groupFaultsOf(group, `groups[${index}]`, catalogue, resolveTyped),
    ),
  ];
  return faults.length > 0
    ? { ok: false, faults }
    : { ok: true, value: { ...plan, groups: plan.groups.map((group) => byIdentifier(catalogue, group)) } };
}
