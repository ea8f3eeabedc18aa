import type { DocumentBodies } from '../records';
import { QUARANTINE_DAYS, residentsOf, type Room, type Resident } from '../events';
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
      : [{ tank, kind: 'care', fact: { says: 'care', what, lastOn, everyDays }, overdueDays }];
  });
}

/** A home for a time is told from this many days before it ends (from memory: time to free the next tank). */
const STAY_NOTICE_DAYS = 21;

/** Homes for a time that end soon, or have slipped: it goes wrong when the date slips (common practice). */
export function staysDue(tank: string, room: Room, when: When): readonly DueItem[] {
  const ends = new Map<string, { species: string; until: string; count: number; nextTank: string }>();
  for (const { until, count, nextTank, species } of residentsOf(room, tank)) {
    if (!until) continue;
    const key = `${until}|${species}`;
    const so = ends.get(key);
    ends.set(key, {
      species,
      until,
      count: (so?.count ?? 0) + count,
      nextTank: so?.nextTank || nextTank,
    });
  }
  return [...ends.values()].flatMap(({ species, until, count, nextTank }): readonly DueItem[] => {
    const overdueDays = when.daysSince(until);
    return overdueDays < -STAY_NOTICE_DAYS
      ? []
      : [
          {
            tank,
            kind: 'stay',
            fact: { says: 'leaves', species, count, until, nextTank },
            overdueDays,
          },
        ];
  });
}

/** A box without a day of return is asked about after so many days (common practice: a box is for some days). */
const BOX_DAYS = 3;

/** Fish behind a divider or in a box: out again by the day that was said, or within days. */
export const boxesDue = (tank: string, room: Room, when: When): readonly DueItem[] =>
  residentsOf(room, tank).flatMap(({ name, species, boxed }): readonly DueItem[] =>
    boxed
      ? [
          {
            tank,
            kind: 'boxed',
            fact: { says: 'boxed', name, species, since: boxed.since },
            overdueDays: when.daysSince(boxed.until ?? addDays(when.dayOf(boxed.since), BOX_DAYS)),
          },
        ]
      : [],
  );

/** A seller is asked again after so many days (from memory). */
const CLAIM_DAYS = 7;

/** Claims with sellers that wait for an answer. */
export function claimsDue(tank: string, room: Room, when: When): readonly DueItem[] {
  return (room.tanks[tank]?.claims ?? []).map(({ from, about, since }) => ({
    tank,
    kind: 'claim',
    fact: { says: 'claim', from, about },
    overdueDays: when.daysSince(since) - CLAIM_DAYS,
  }));
}

/** What was not kept apart shows what it carries within the time that quarantine would have taken. */
const RISK_DAYS = QUARANTINE_DAYS;

/** How many of each species, in the order in which they live there. */
export function countedBySpecies(
  residents: readonly Pick<Resident, 'species' | 'count'>[],
): readonly { readonly species: string; readonly count: number }[] {
  const counts = new Map<string, number>();
  for (const { species, count } of residents) counts.set(species, (counts.get(species) ?? 0) + count);
  return [...counts].map(([species, count]) => ({ species, count }));
}

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
      fact: { says: 'risk', newcomers: countedBySpecies(fresh), until },
      overdueDays: when.daysSince(until),
    },
  ];
}
