import type { DocumentBodies } from '../records';
import { QUARANTINE_DAYS, residentsOf, type Room } from '../events';
import { addDays, type When } from '../kernel';
import type { DueItem } from './dueItem';

export type Care = DocumentBodies['care'];

/** Care that comes round: from a week before its day. */
const BEFORE_DAYS = 7;

/** What of the recurring care of a tank is due, or will be within a week. */
export function careDue({ tank, items }: Care, when: When): readonly DueItem[] {
  return items.flatMap(({ what, everyDays, lastOn }): readonly DueItem[] => {
    const overdueDays = when.daysSince(addDays(lastOn, everyDays));
    return overdueDays < -BEFORE_DAYS
      ? []
      : [{ tank, kind: 'care', text: `${what}: last on ${lastOn}, every ${everyDays} days.`, overdueDays }];
  });
}

/** A home for a time is told from this many days before it ends (from memory: time to free the next tank). */
const STAY_NOTICE_DAYS = 21;

/** Homes for a time that end soon, or have slipped: it goes wrong when the date slips (common practice). */
export function staysDue(tank: string, room: Room, when: When): readonly DueItem[] {
  const ends = new Map<string, { count: number; next: string }>();
  for (const { until, count, nextTank } of residentsOf(room, tank)) {
    if (!until) continue;
    const so = ends.get(until);
    ends.set(until, { count: (so?.count ?? 0) + count, next: so?.next || nextTank });
  }
  return [...ends].flatMap(([until, { count, next }]): readonly DueItem[] => {
    const overdueDays = when.daysSince(until);
    return overdueDays < -STAY_NOTICE_DAYS
      ? []
      : [
          {
            tank,
            kind: 'stay',
            text: `${count} were to stay until ${until}${next ? `, then ${next}` : '; no next tank is named'}.`,
            overdueDays,
          },
        ];
  });
}

/** A seller is asked again after so many days (from memory). */
const CLAIM_DAYS = 7;

/** Claims with sellers that wait for an answer. */
export function claimsDue(tank: string, room: Room, when: When): readonly DueItem[] {
  return (room.tanks[tank]?.claims ?? []).map(({ from, about, since }) => ({
    tank,
    kind: 'claim',
    text: `${from} has not answered the claim: ${about}.`,
    overdueDays: when.daysSince(since) - CLAIM_DAYS,
  }));
}

/** What was not kept apart shows what it carries within the time that quarantine would have taken. */
const RISK_DAYS = QUARANTINE_DAYS;

/** Those that came without quarantine: a risk for all in the tank until the time that it would have taken is over. */
export function riskDue(tank: string, room: Room, when: When): readonly DueItem[] {
  const fresh = residentsOf(room, tank).filter(
    (one) => one.quarantine === 'none' && when.daysSince(one.inTankSince) < RISK_DAYS,
  );
  if (fresh.length === 0) return [];
  const last = fresh.reduce((late, one) => (one.inTankSince > late ? one.inTankSince : late), '');
  const until = addDays(when.dayOf(last), RISK_DAYS);
  return [
    {
      tank,
      kind: 'risk',
      text: `${fresh.reduce((sum, one) => sum + one.count, 0)} came without quarantine: look for spots, flashing and clamped fins in all until ${until}.`,
      overdueDays: when.daysSince(until),
    },
  ];
}
