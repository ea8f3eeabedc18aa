import { CONDITIONS, type Dated, type Member } from './events';
import { daysBetween } from '../kernel/time/days';
import { afterStep, afterTest } from '../water/ripening';
import { afterQuarantine, ILLNESS, QUARANTINE_DAYS } from '../arrivals/quarantine';
import { NEW_TANK_LIFE, type Resident, type Room, type ToGo, type TankLife } from './room';

const withResident = (room: Room, resident: Resident): Room => ({
  ...room,
  residents: { ...room.residents, [resident.id]: resident },
});

const withTank = (room: Room, tank: string, life: Partial<TankLife>): Room => ({
  ...room,
  tanks: { ...room.tanks, [tank]: { ...(room.tanks[tank] ?? NEW_TANK_LIFE), ...life } },
});

type Born = Pick<
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

const newcomer = (member: Member, born: Born): Resident => ({
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
  toGo: null,
  rehomed: 0,
  died: 0,
  leftOn: null,
});

/** Says of an entry that it could not be applied; the room stays as it was. */
export const loose = (room: Room, why: string): Room => ({ ...room, loose: [...room.loose, why] });

/** Changes one resident that must be here; otherwise the entry is loose. */
function change(room: Room, event: Dated, id: string, how: (resident: Resident) => Partial<Resident>): Room {
  const resident = room.residents[id];
  if (!resident) return loose(room, `${event.type} of ${id} on ${event.on}: nobody of that name has come`);
  return withResident(room, { ...resident, ...how(resident) });
}

/** Fewer known males and females when some of a group go: unknown which, so the larger share is trimmed. */
function trimmed(resident: Resident, left: number): Pick<Resident, 'males' | 'females'> {
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

function leave(room: Room, event: Dated, id: string, count: number, which: 'rehomed' | 'died'): Room {
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
function afterMove(resident: Resident, room: Room, on: string): Resident['quarantine'] {
  if (resident.quarantine !== 'here') return resident.quarantine;
  const life = room.tanks[resident.tank]?.quarantine;
  const passed = life !== undefined && life.passedOn !== null && life.passedOn >= resident.inTankSince;
  return passed || daysBetween(resident.inTankSince, on) >= QUARANTINE_DAYS ? 'done' : 'none';
}

/** A sign of illness or a treatment, where a quarantine may be running. */
function afterSign(room: Room, event: Extract<Dated, { type: 'saw' | 'treated' }>): Room {
  const life = room.tanks[event.tank]?.quarantine;
  if (!life || life.begunOn === null || (event.type === 'saw' && !ILLNESS.has(event.what))) return room;
  return withTank(room, event.tank, { quarantine: { ...life, lastSign: event.on } });
}

function split(room: Room, event: Extract<Dated, { type: 'split' }>): Room {
  const group = room.residents[event.resident];
  const taken = event.into.reduce((sum, part) => sum + part.count, 0);
  if (!group) return loose(room, `split of ${event.resident} on ${event.on}: nobody of that name has come`);
  if (taken > group.count)
    return loose(room, `split of ${event.resident} on ${event.on}: ${taken} out of ${group.count}`);
  const left = group.count - taken;
  const parts = event.into.map((part) => ({
    ...group,
    ...part,
    sexSure: 'guess' as const,
    toGo: null,
    rehomed: 0,
    died: 0,
    leftOn: null,
    pairedWith: null,
  }));
  const rest = { ...group, count: left, leftOn: left === 0 ? event.on : null, ...trimmed(group, left) };
  return [rest, ...parts].reduce(withResident, room);
}

/**
 * The room after one happening. Total: an entry that makes no sense is kept as loose, never thrown away in silence.
 */
export function applyEvent(room: Room, event: Dated): Room {
  switch (event.type) {
    case 'came': {
      const { species, tank, lengthCm, origin, from: source, on } = event;
      const born: Born = {
        species,
        tank,
        lengthCm,
        origin,
        source,
        bornHere: false,
        on,
        way: event.way ?? null,
        quarantine: event.quarantine ?? null,
        protocol: event.protocol ?? null,
        bornAbout: event.bornAbout ?? '',
        condition:
          event.seen === undefined
            ? null
            : event.seen.length === CONDITIONS.length
              ? 'all well'
              : 'not all well',
        daysInShop: event.daysInShop ?? null,
        until: event.until ?? null,
        nextTank: event.nextTank ?? '',
      };
      return withTank(
        event.members.map((member) => newcomer(member, born)).reduce(withResident, room),
        tank,
        { lastArrival: on, looks: [] },
      );
    }
    case 'born': {
      const { species, tank, lengthCm, on } = event;
      return withResident(
        room,
        newcomer(event.member, {
          species,
          tank,
          lengthCm,
          origin: 'tank-bred',
          source: '',
          bornHere: true,
          on,
          way: 'own brood',
          quarantine: 'done',
          protocol: null,
          bornAbout: on.slice(0, 10),
          condition: null,
          daysInShop: null,
          until: null,
          nextTank: '',
        }),
      );
    }
    case 'moved':
      return withTank(
        change(room, event, event.resident, (resident) => ({
          tank: event.tank,
          inTankSince: event.on,
          until: event.until ?? null,
          nextTank: event.nextTank ?? '',
          quarantine: afterMove(resident, room, event.on),
          protocol: event.protocol ?? resident.protocol,
        })),
        event.tank,
        { lastArrival: event.on, looks: [] },
      );
    case 'split':
      return split(room, event);
    case 'named':
      return change(room, event, event.resident, () => ({ name: event.name }));
    case 'sexed':
      return change(room, event, event.resident, () => ({
        sex: event.sex,
        sexSure: event.sure,
        males: event.males,
        females: event.females,
      }));
    case 'identified':
      return change(room, event, event.resident, () => ({ species: event.species }));
    case 'paired':
      return change(
        change(room, event, event.first, () => ({ pairedWith: event.second })),
        event,
        event.second,
        () => ({ pairedWith: event.first }),
      );
    case 'measured':
      return change(room, event, event.resident, () => ({ lengthCm: event.lengthCm, measuredOn: event.on }));
    case 'to-go': {
      const { count, reason, taker, note: why, on } = event;
      return change(room, event, event.resident, (resident) => ({
        toGo:
          count === 0
            ? null
            : { count: Math.min(count, resident.count), reason, taker, note: why, since: on },
      }));
    }
    case 'rehomed':
      return leave(room, event, event.resident, event.count, 'rehomed');
    case 'died':
      return leave(room, event, event.resident, event.count, 'died');
    case 'watched':
      return withTank(room, event.tank, {
        lastWatch: event.on,
        watchedMinutes: (room.tanks[event.tank]?.watchedMinutes ?? 0) + event.minutes,
      });
    case 'counted':
      return withTank(room, event.tank, { lastCount: event.on });
    case 'stepped-in':
      return withTank(room, event.tank, { lastStep: event.on });
    case 'water-changed':
      return withTank(room, event.tank, { lastChange: event.on });
    case 'tested':
      return withTank(room, event.tank, {
        lastTest: event.on,
        filter: afterTest(room.tanks[event.tank]?.filter ?? NEW_TANK_LIFE.filter, event),
      });
    case 'filter':
      return withTank(room, event.tank, {
        filter: afterStep(room.tanks[event.tank]?.filter ?? NEW_TANK_LIFE.filter, event),
      });
    case 'recounted':
      return change(room, event, event.resident, (resident) => ({
        count: event.count,
        leftOn: event.count === 0 ? event.on : null,
        died:
          event.why === 'lost unseen'
            ? resident.died + Math.max(0, resident.count - event.count)
            : resident.died,
        ...trimmed(resident, event.count),
      }));
    case 'looked':
      return withTank(room, event.tank, {
        looks: [...(room.tanks[event.tank]?.looks ?? []), event.hours],
      });
    case 'claimed': {
      const others = (room.tanks[event.tank]?.claims ?? []).filter(
        (one) => one.from !== event.from || one.about !== event.about,
      );
      const { from, about, on } = event;
      return withTank(room, event.tank, {
        claims: event.outcome === '' ? [...others, { from, about, since: on }] : others,
      });
    }
    case 'saw':
    case 'treated':
      return afterSign(room, event);
    case 'quarantine':
      return withTank(room, event.tank, {
        quarantine: afterQuarantine(room.tanks[event.tank]?.quarantine ?? NEW_TANK_LIFE.quarantine, event),
      });
    case 'chased':
    case 'spawned':
    case 'fry':
    case 'noted':
      return room;
  }
}
