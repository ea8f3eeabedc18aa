import type { Reason } from '../rules';
import { assess, roomPlan } from '../assess';
import { addDays, monthOf } from '../kernel';
import type { DocumentBodies, DraftGroup } from '../records';
import type { Resident } from '../events';
import type { Catalogue } from '../model';

/** Three or four residents join a single newcomer for about a week (common practice). */
export const RUSE_RESIDENTS = 3;
export const RUSE_DAYS = 7;

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
    const { verdict, findings } = assess(plan, catalogue, today);
    const worst =
      findings.find((one) => one.severity === verdict && one.from === null) ??
      findings.find((one) => one.severity === verdict);
    return { tank: id, verdict, why: verdict === 'fits' ? null : (worst ?? null) };
  });
}
