import type { Loose } from '../journal';
import { daysBetween } from '../kernel';
import type { Member } from './define';
import { QUARANTINE_DAYS } from './quarantineDays';
import { NEW_TANK_LIFE, type Resident, type Room, type TankLife, type ToGo } from './room';

/** What every change of the room is made of. All pure: the room given is left as it is. */

interface Moment {
  readonly id?: string;
  readonly type: string;
  readonly on: string;
}

export const withResident = (room: Room, resident: Resident): Room => ({
  ...room,
  residents: { ...room.residents, [resident.id]: resident },
});

export const lifeOf = (room: Room, tank: string): TankLife =>
  (Object.hasOwn(room.tanks, tank) ? room.tanks[tank] : undefined) ?? NEW_TANK_LIFE;

export const withTank = (room: Room, tank: string, life: Partial<TankLife>): Room => ({
  ...room,
  tanks: { ...room.tanks, [tank]: { ...lifeOf(room, tank), ...life } },
});

/** What a newcomer has from the arrival or the brood that it came with. */
export type Born = Pick<
  Resident,
  | 'species'
  | 'tank'
  | 'lengthCm'
  | 'origin'
  | 'source'
  | 'bornHere'
  | 'way'
  | 'quarantine'
  | 'protocol'
  | 'bornAbout'
  | 'condition'
  | 'daysInShop'
  | 'until'
  | 'nextTank'
> & {
  readonly on: string;
};

export const newcomer = (member: Member, born: Born): Resident => ({
  id: member.id,
  name: member.name,
  species: born.species,
  tank: born.tank,
  count: member.count,
  individual: member.individual,
  sex: member.sex,
  sexSure: 'guess',
  males: member.males,
  females: member.females,
  lengthCm: born.lengthCm,
  measuredOn: born.on,
  origin: born.origin,
  source: born.source,
  cameOn: born.on,
  bornHere: born.bornHere,
  way: born.way,
  quarantine: born.quarantine,
  protocol: born.protocol,
  bornAbout: born.bornAbout,
  condition: born.condition,
  daysInShop: born.daysInShop,
  until: born.until,
  nextTank: born.nextTank,
  inTankSince: born.on,
  pairedWith: null,
  run: null,
  toGo: null,
  rehomed: 0,
  died: 0,
  leftOn: null,
});

/** Says of an entry that it could not be applied; the room stays as it was. */
export const loose = (room: Room, entry: Loose): Room => ({ ...room, loose: [...room.loose, entry] });

/** Says of an event that it does not fit the room. */
export const unfit = (room: Room, { id = '', type, on }: Moment, why: Loose['why']): Room =>
  loose(room, { id, type, on, why });

/** Changes one resident that must be here; otherwise the entry is loose. */
export function change(
  room: Room,
  event: Moment,
  id: string,
  how: (resident: Resident) => Partial<Resident>,
): Room {
  const resident = Object.hasOwn(room.residents, id) ? room.residents[id] : undefined;
  if (!resident) return unfit(room, event, 'nobody');
  return withResident(room, { ...resident, ...how(resident) });
}

/** Fewer known males and females when some of a group go: unknown which, so the larger share is trimmed. */
export function trimmed(resident: Resident, left: number): Pick<Resident, 'males' | 'females'> {
  const { males, females } = resident;
  if (males === null || females === null || males + females <= left) return { males, females };
  const excess = males + females - left;
  const fromFemales = Math.min(females, Math.ceil((excess * females) / (males + females)));
  return { males: Math.max(0, males - (excess - fromFemales)), females: females - fromFemales };
}

/** What of a decision to rehome is still open when some have gone: those rehomed were meant, those that died may not have been. */
function stillToGo({ toGo }: Resident, gone: number, left: number, which: 'rehomed' | 'died'): ToGo | null {
  if (!toGo) return null;
  const count = Math.min(left, which === 'rehomed' ? toGo.count - gone : toGo.count);
  return count > 0 ? { ...toGo, count } : null;
}

export function leave(room: Room, event: Moment, id: string, count: number, which: 'rehomed' | 'died'): Room {
  return change(room, event, id, (resident) => {
    const gone = Math.min(count, resident.count);
    const left = resident.count - gone;
    return {
      count: left,
      [which]: resident[which] + gone,
      leftOn: left === 0 ? event.on : null,
      toGo: stillToGo(resident, gone, left, which),
      ...trimmed(resident, left),
    };
  });
}

/** Whether a fish that waited in quarantine has done so when it moves on: long enough, or passed. */
export function quarantineAfterMove(resident: Resident, room: Room, on: string): Resident['quarantine'] {
  if (resident.quarantine !== 'here') return resident.quarantine;
  // A room that was folded before batches had runs of their own knows only the tank's.
  const passedOn =
    resident.run === undefined
      ? lifeOf(room, resident.tank).quarantine.passedOn
      : (resident.run?.passedOn ?? null);
  return (passedOn !== null && passedOn >= resident.inTankSince) ||
    daysBetween(resident.inTankSince, on) >= QUARANTINE_DAYS
    ? 'done'
    : 'none';
}
