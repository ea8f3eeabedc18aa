import type { Cm, ResidentId, TankId } from '../kernel';
import { appendOf, type Change, type Stamp } from '../gate';
import type { Condition, Dated, Member, Way } from '../events';
import { type PlanGroup, recountGroup } from '../model';
import type { DraftGroup, RoomDocument } from '../records';
import { listChangeIn } from './documentChanges';
import { freshId } from './made';

/** What the keeper says of an arrival. Lengths in cm, moments ISO. */
export interface Arrival {
  readonly on: string;
  /** The tank they go into, and the one whose list they stand on. */
  readonly into: TankId;
  readonly listedFor: TankId;
  readonly lengthCm: Cm;
  readonly origin: 'tank-bred' | 'wild' | 'unknown';
  readonly from: string;
  readonly note: string;
  readonly as: 'individuals' | 'group';
  readonly count: number;
  /** Names or marks, separated by commas. */
  readonly names: string;
  readonly dead: number;
  /** What the seller was asked for; undefined where nobody says. */
  readonly ordered?: number | undefined;
  /** Sexes as they were seen; undefined where nobody looked. The list only wished them. */
  readonly males?: number | undefined;
  readonly females?: number | undefined;
  /** Whether the rest of a listed group is still to come. */
  readonly rest?: 'kept' | 'closed' | undefined;
  readonly way?: Way | undefined;
  /** What was seen to be well; missing when nobody looked. */
  readonly seen?: readonly Condition[] | undefined;
  readonly daysInShop?: number | undefined;
  readonly bornAbout?: string | undefined;
  readonly until?: string | undefined;
  readonly nextTank?: string | undefined;
  /** Of another kind, mixed in unasked. */
  readonly others?: { readonly species: string; readonly count: number; readonly note: string } | undefined;
  /** What is claimed from the seller. */
  readonly claim?: string | undefined;
}

/** Newcomers as they are kept from now on: one by one with their marks, or as a group, with the sexes that were seen. */
export function membersFor(
  as: Arrival['as'],
  count: number,
  names: string,
  group: Pick<PlanGroup, 'males' | 'females'>,
  stamp: Stamp,
): Member[] {
  const marks = names.split(/[,;\n]/).map((name) => name.trim());
  const { males, females } = group;
  const known = (males !== undefined || females !== undefined) && (males ?? 0) + (females ?? 0) <= count;
  if (as === 'group')
    return [
      {
        id: freshId<ResidentId>(stamp),
        name: names.trim(),
        count,
        individual: false,
        sex: 'unknown',
        males: known ? (males ?? 0) : null,
        females: known ? (females ?? 0) : null,
      },
    ];
  const sexOf = (index: number): Member['sex'] =>
    !known
      ? 'unknown'
      : index < (males ?? 0)
        ? 'male'
        : index < (males ?? 0) + (females ?? 0)
          ? 'female'
          : 'unknown';
  return Array.from({ length: count }, (_, index) => ({
    id: freshId<ResidentId>(stamp),
    name: marks[index] ?? '',
    count: 1,
    individual: true,
    sex: sexOf(index),
    males: null,
    females: null,
  }));
}

/** The list without those that came; the rest of a group stays on it. */
const without = (groups: readonly DraftGroup[], key: string, came: number): readonly DraftGroup[] =>
  groups.flatMap((one) => {
    if (one.key !== key) return [one];
    const rest = one.group.count - came;
    return rest <= 0 ? [] : [{ ...one, group: recountGroup(one.group, rest) }];
  });

/**
 * Brings a listed group home: the arrival, those mixed in, a claim, and the list without those that came.
 * `documents` are those of the room as it stands.
 */
export function bringHome(
  documents: Readonly<Record<string, RoomDocument>>,
  listed: DraftGroup,
  arrival: Arrival,
  stamp: Stamp,
): readonly Change[] {
  const { on, into, listedFor, from, others, claim } = arrival;
  const target = documents[into];
  const quarantine = target?.kind === 'tank' && target.body?.purpose === 'quarantine' ? 'here' : 'none';
  const shared = {
    type: 'came',
    on,
    tank: into,
    lengthCm: arrival.lengthCm,
    origin: arrival.origin,
    from,
    quarantine,
    ...(arrival.way ? { way: arrival.way } : {}),
    ...(arrival.seen ? { seen: [...arrival.seen] } : {}),
    ...(arrival.daysInShop === undefined ? {} : { daysInShop: arrival.daysInShop }),
    ...(arrival.until ? { until: arrival.until, nextTank: arrival.nextTank ?? '' } : {}),
  } as const;
  const events: Dated[] = [
    {
      ...shared,
      species: listed.group.species,
      members: membersFor(arrival.as, arrival.count, arrival.names, arrival, stamp),
      note: arrival.note,
      ...(arrival.ordered === undefined ? {} : { ordered: arrival.ordered }),
      ...(arrival.dead > 0 ? { deadOnArrival: arrival.dead } : {}),
      ...(arrival.bornAbout ? { bornAbout: arrival.bornAbout } : {}),
    },
  ];
  if (others && others.count > 0)
    events.push({
      ...shared,
      species: others.species,
      members: membersFor('group', others.count, '', {}, stamp),
      note: others.note,
    });
  if (claim && from) events.push({ type: 'claimed', on, tank: listedFor, from, about: claim, outcome: '' });
  return [
    ...events.map((event) => appendOf(event, stamp)),
    listChangeIn(documents, listedFor, (groups) =>
      without(groups, listed.key, arrival.rest === 'closed' ? Infinity : arrival.count),
    ),
  ];
}
