import type { Reason } from '../rules';
import { assess, roomPlan, verdictOf } from '../assess';
import { addDays, monthOf } from '../kernel';
import type { DocumentBodies, DraftGroup } from '../records';
import type { Resident } from '../events';
import type { Catalogue } from '../model';

/** Three or four residents join a single newcomer for about a week (common practice). */
export const RUSE_RESIDENTS = 3;
export const RUSE_DAYS = 7;

/**
 * What a week has no time for: numbers, sexes, ground and broods are judged for the tank that they all go home to. Left in
 * are water, space, filter, and who is eaten (our own choice; common practice keeps three or four together whatever a
 * lasting group of them would need).
 */
const FOR_LONGER: ReadonlySet<string> = new Set([
  'all-male',
  'breeding',
  'conspecific-aggression',
  'contested-number',
  'group-number',
  'group-size',
  'hides',
  'hybridising',
  'layer-crowding',
  'look-alike',
  'meals',
  'outgrows',
  'plants-eaten',
  'settled-tank',
  'sex-ratio',
  'shyness',
  'temper',
  'territory',
  'under-stocked',
  'way-out',
]);

/** Whether a spare tank carries a newcomer with those that join it for a week. */
export interface RuseTank {
  readonly tank: string;
  readonly verdict: 'stop' | 'caution' | 'fits';
  /** The worst that speaks against it; null when nothing does. */
  readonly why: Reason | null;
}

/** Who would join it: the residents of its own kind first, then the roughest. */
export function joinersFor(
  species: string,
  residents: readonly Resident[],
  catalogue: Catalogue,
): readonly Resident[] {
  const temper = (one: Resident): number => catalogue.byId.get(one.species)?.company.temper.mature ?? 0;
  return residents
    .filter((one) => one.individual)
    .sort((a, b) => Number(b.species === species) - Number(a.species === species) || temper(b) - temper(a))
    .slice(0, RUSE_RESIDENTS);
}

/** Each spare tank, judged with the newcomer and its joiners in it for a week. `today` is an ISO date. */
export function ruseTanks(
  newcomer: DraftGroup['group'],
  joiners: readonly Resident[],
  spares: readonly { readonly id: string; readonly body: DocumentBodies['tank'] }[],
  catalogue: Catalogue,
  today: string,
): readonly RuseTank[] {
  const until = addDays(today, RUSE_DAYS);
  const staying = joiners.map((one) => ({ ...one, until }));
  return spares.map(({ id, body }) => {
    const plan = roomPlan(
      body,
      staying,
      [{ key: 'ruse', group: { ...newcomer, until: monthOf(until) } }],
      catalogue,
      today,
    );
    const findings = assess(plan, catalogue, today).findings.filter(({ rule }) => !FOR_LONGER.has(rule));
    const verdict = verdictOf(findings);
    const worst =
      findings.find((one) => one.severity === verdict && one.from === null) ??
      findings.find((one) => one.severity === verdict);
    return { tank: id, verdict, why: verdict === 'fits' ? null : (worst ?? null) };
  });
}
