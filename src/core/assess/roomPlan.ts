import { addMonths, monthOf, monthsBetween } from '../kernel';
import { lengthAfterMonths } from '../growth';
import type { DocumentBodies, DraftGroup } from '../records';
import type { Resident } from '../events';
import type { Catalogue, PlanFile, PlanGroup } from '../model';

/** What a resident most likely measures by now: its last measure, grown on. cm. */
export function lengthToday(resident: Resident, catalogue: Catalogue, today: string): number {
  const profile = catalogue.byId.get(resident.species);
  const months = Math.max(0, monthsBetween(resident.measuredOn, today));
  return profile ? lengthAfterMonths(profile, resident.lengthCm, months) : resident.lengthCm;
}

const rounded = (cm: number): number => Math.max(0.1, Math.round(cm * 10) / 10);

/** Sexes of residents of one species and one length, as far as they are known. */
function sexesOf(resident: Resident): { readonly males: number; readonly females: number } {
  if (!resident.individual) return { males: resident.males ?? 0, females: resident.females ?? 0 };
  return { males: resident.sex === 'male' ? 1 : 0, females: resident.sex === 'female' ? 1 : 0 };
}

/** A stay in quarantine or hospital ends: six weeks, written as two months from the arrival (common practice). */
const STAY_MONTHS = 2;

/** When these leave: as was said of them, or soon where nobody stays; null elsewhere. Never in the past: who is late leaves next. */
function staysUntil(
  tank: DocumentBodies['tank'],
  residents: readonly Resident[],
  today: string,
): string | null {
  const given = residents[0]?.until ?? null;
  if (given !== null) return monthOf(given) < monthOf(today) ? monthOf(today) : monthOf(given);
  if (tank.purpose !== 'quarantine' && tank.purpose !== 'hospital') return null;
  const last = residents.reduce(
    (latest, resident) => (resident.inTankSince > latest ? resident.inTankSince : latest),
    '',
  );
  const end = addMonths(monthOf(last), STAY_MONTHS);
  return end < monthOf(today) ? monthOf(today) : end;
}

function livingGroup(
  residents: readonly Resident[],
  catalogue: Catalogue,
  today: string,
  until: string | null,
): PlanGroup {
  const first = residents[0] as Resident;
  const sexes = residents.map(sexesOf);
  const males = sexes.reduce((sum, one) => sum + one.males, 0);
  const females = sexes.reduce((sum, one) => sum + one.females, 0);
  return {
    species: first.species,
    count: residents.reduce((sum, resident) => sum + resident.count, 0),
    ...(males + females > 0 ? { males, females } : {}),
    lengthCm: rounded(lengthToday(first, catalogue, today)),
    origin: first.origin,
    since: monthOf(residents.reduce((last, one) => (one.inTankSince > last ? one.inTankSince : last), '')),
    ...(until === null ? {} : { until }),
    ...(first.nextTank ? { nextTank: first.nextTank } : {}),
  };
}

/** Residents that a plan can take as one group: same species, origin and length. */
function bundles(
  residents: readonly Resident[],
  catalogue: Catalogue,
  today: string,
): readonly (readonly Resident[])[] {
  const byLook = new Map<string, Resident[]>();
  for (const resident of residents) {
    const look = `${resident.species}|${resident.origin}|${rounded(lengthToday(resident, catalogue, today))}|${resident.until ?? ''}|${resident.nextTank ?? ''}`;
    byLook.set(look, [...(byLook.get(look) ?? []), resident]);
  }
  return [...byLook.values()];
}

/**
 * The plan that a tank amounts to: who lives there, at the length they have by now, and what is listed to come.
 * `today` is an ISO date.
 */
export function roomPlan(
  tank: DocumentBodies['tank'],
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
  catalogue: Catalogue,
  today: string,
): PlanFile {
  const living = residents.filter((resident) => resident.count > 0 && catalogue.byId.has(resident.species));
  return {
    format: 'lomvik-plan',
    version: 1,
    tank: tank.tank,
    water: tank.water,
    routine: tank.routine,
    practice: tank.practice,
    groups: [
      ...bundles(living, catalogue, today).map((bundle) =>
        livingGroup(bundle, catalogue, today, staysUntil(tank, bundle, today)),
      ),
      ...listed.map((entry) => entry.group),
    ],
  };
}
