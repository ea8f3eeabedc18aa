import { appendOf, type Change, type Stamp } from '../gate';
import type { Dated, RehomeReason, Resident } from '../events';
import type { Cm, ResidentId, TankId } from '../kernel';
import { membersFor } from './bringHome';
import { freshId } from './made';

/** What becomes of one fish or group in a sorting session; what is not said stays as it is. */
export interface Sorted {
  readonly resident: Resident;
  readonly sex?: Resident['sex'] | undefined;
  readonly name?: string | undefined;
  readonly lengthCm?: Cm | undefined;
  /** How many of a group; all where nobody says. */
  readonly count?: number | undefined;
  readonly goes: 'stays' | 'moves' | 'leaves' | 'died';
  readonly into?: TankId | undefined;
}

/** Who comes into the tank in the same hour: a fish or group of another tank, or newcomers from elsewhere. Length in cm. */
export type Incoming =
  | { readonly is: 'here'; readonly resident: Resident }
  | {
      readonly is: 'new';
      readonly species: string;
      readonly count: number;
      readonly as: 'individuals' | 'group';
      readonly lengthCm: Cm;
      readonly from: string;
    };

/** What all that leave, or all that died, have in common. */
export interface SortingSession {
  readonly tank: TankId;
  readonly on: string;
  readonly fish: readonly Sorted[];
  readonly incoming: readonly Incoming[];
  readonly taker: string;
  readonly reason: RehomeReason;
  readonly credit: string;
  readonly cause: string;
  readonly incident: string;
  readonly isRearranged: boolean;
  readonly note: string;
}

/** One that is sorted without anything being said of it changes nothing. */
export const isSorted = ({ resident, sex, name, lengthCm, goes }: Sorted): boolean =>
  goes !== 'stays' ||
  (sex !== undefined && sex !== resident.sex) ||
  (name !== undefined && name !== '' && name !== resident.name) ||
  lengthCm !== undefined;

/** The entries of one fish. Some of a group that move are told from the others first. */
function entriesOf(
  one: Sorted,
  session: SortingSession,
  isFirstGone: boolean,
  stamp: Stamp,
): readonly Dated[] {
  const { resident, sex, name, lengthCm, goes, into } = one;
  const { on, taker, reason, credit, cause, incident, note } = session;
  const id = resident.id;
  const count = Math.min(one.count ?? resident.count, resident.count);
  const said: Dated[] = [];
  if (sex !== undefined && sex !== resident.sex)
    said.push({ type: 'sexed', on, resident: id, sex, sure: 'likely', males: null, females: null, note: '' });
  if (name !== undefined && name !== '' && name !== resident.name)
    said.push({ type: 'named', on, resident: id, name });
  if (lengthCm !== undefined) said.push({ type: 'measured', on, resident: id, lengthCm });
  if (goes === 'moves' && into !== undefined) {
    if (count === resident.count) return [...said, { type: 'moved', on, resident: id, tank: into, note }];
    const part = freshId<ResidentId>(stamp);
    return [
      ...said,
      {
        type: 'split',
        on,
        resident: id,
        into: [
          {
            id: part,
            name: '',
            count,
            individual: count === 1,
            sex: 'unknown',
            males: null,
            females: null,
          },
        ],
      },
      { type: 'moved', on, resident: part, tank: into, note },
    ];
  }
  if (goes === 'leaves')
    // One credit for all that went: it stands with the first.
    return [
      ...said,
      { type: 'rehomed', on, resident: id, count, reason, taker, credit: isFirstGone ? credit : '', note },
    ];
  if (goes === 'died')
    return [
      ...said,
      {
        type: 'died',
        on,
        resident: id,
        count,
        how: 'found',
        cause,
        note,
        ...(incident !== '' && { incident }),
      },
    ];
  return said;
}

function comesIn(one: Incoming, { tank, on, note }: SortingSession, stamp: Stamp): Dated {
  if (one.is === 'here') return { type: 'moved', on, resident: one.resident.id, tank, note };
  return {
    type: 'came',
    on,
    tank,
    species: one.species,
    members: membersFor(one.as, one.count, '', {}, stamp),
    lengthCm: one.lengthCm,
    origin: 'unknown',
    from: one.from,
    quarantine: 'none',
    note,
  };
}

/**
 * A sorting session: several fish sexed, named, measured, moved, given away or found dead, newcomers in and the rock moved, in one go. The
 * entries of one fish stand in the order in which they were done; all share one moment. Fish of which nothing is said are left
 * out.
 */
export function sortFish(session: SortingSession, stamp: Stamp): readonly Change[] {
  const { tank, on, fish, incoming, isRearranged, note } = session;
  const firstGone = fish.find(({ goes }) => goes === 'leaves');
  const entries = fish.filter(isSorted).flatMap((one) => entriesOf(one, session, one === firstGone, stamp));
  const rock: readonly Dated[] = isRearranged
    ? [{ type: 'stepped-in', on, tank, step: 'rearranged', note }]
    : [];
  const newcomers = incoming.map((one) => comesIn(one, session, stamp));
  return [...entries, ...rock, ...newcomers].map((event) => appendOf(event, stamp));
}
