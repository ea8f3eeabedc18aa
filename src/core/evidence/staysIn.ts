import { effectsIn } from '../aggression';
import {
  applyEvent,
  ASIDE_STEPS,
  type ContestKind,
  EMPTY_ROOM,
  readSomebody,
  type RehomeReason,
  type Resident,
  residentsOf,
  residentsOfEvent,
  type Room,
  type Standing,
} from '../events';
import { DAY_MS, HOUR_MS, monthOf, validate } from '../kernel';
import { EXPERIENCE_FORMAT, type ExperienceFile } from './experienceFile';
import { lossCauseOf } from './lossCause';
import { SEEN_SIGNS, type Stay, stayFaults, staySchema } from './stay';

/** What is known of a tank: its measures, cm, and how many hides it has; null where nobody says. */
export interface TankSaid {
  readonly id: string;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly heightCm: number;
  readonly hides: number | null;
}

const LEVEL: Readonly<Record<ContestKind, Stay['contests'][number]['level']>> = {
  flare: 'show',
  display: 'show',
  standoff: 'show',
  guard: 'show',
  chase: 'chase',
  evict: 'chase',
  nip: 'bite',
  bite: 'bite',
  ram: 'bite',
  lock: 'fight',
  fight: 'fight',
  pin: 'fight',
};
const FOR_PEACE: ReadonlySet<RehomeReason> = new Set(['too rough', 'bullied', 'surplus male']);
/** Fish that were together for less are no experience, unless something happened (from memory). */
const LEAST_DAYS = 30;
/** More hides than this are many (from memory). */
const FEW_HIDES = 4;

type Measure = 'temperatureC' | 'ph' | 'ghDh';
const MEASURES: readonly Measure[] = ['temperatureC', 'ph', 'ghDh'];

/** A stay that is still being told. */
interface Open {
  readonly from: string;
  readonly key: string;
  readonly fish: Map<
    string,
    { count: number; males: number; females: number; sexed: boolean; lengthCm: number }
  >;
  readonly contests: Map<string, Stay['contests'][number]>;
  readonly losses: Map<string, Stay['losses'][number]>;
  readonly signs: Map<string, Stay['signs'][number]>;
  readonly water: Map<Measure, [number, number]>;
  minutes: number;
}

/** A name that tells nothing of what it is made of to somebody who lacks the secret: two 32-bit hashes (the FNV construction, public domain). */
function nameOf(...parts: readonly string[]): string {
  const text = parts.join('\u0000');
  return [0x811c9dc5, 0x1b873593]
    .map((seed) => {
      let hash = seed;
      for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
      return (hash >>> 0).toString(16).padStart(8, '0');
    })
    .join('');
}

const hidesOf = (hides: number | null): Stay['tank']['hides'] =>
  hides === null ? 'not said' : hides === 0 ? 'none' : hides <= FEW_HIDES ? 'few' : 'many';

const addTo = <T extends { readonly count: number }>(map: Map<string, T>, key: string, one: T): void => {
  const before = map.get(key);
  map.set(key, before ? { ...before, count: before.count + one.count } : one);
};

/** One tank as it goes through time: a stay ends where the species in it change. */
class Told {
  readonly done: { readonly open: Open; readonly until: string; readonly ended: Stay['ended'] }[] = [];
  open: Open | null = null;

  /** The species that live here from now on. */
  now(residents: readonly Resident[], on: string, ended: Stay['ended']): void {
    const key = [...new Set(residents.map(({ species }) => species))].sort().join(' ');
    if (this.open && this.open.key !== key) {
      this.done.push({
        open: this.open,
        until: on,
        ended: key === '' ? ended : ended === 'parted' ? 'parted' : 'list changed',
      });
      this.open = null;
    }
    if (key === '') return;
    this.open ??= {
      from: on,
      key,
      fish: new Map(),
      contests: new Map(),
      losses: new Map(),
      signs: new Map(),
      water: new Map(),
      minutes: 0,
    };
    this.count(this.open, residents);
  }

  /** The most there were of each species at a time; its length when it is first there. */
  private count(open: Open, residents: readonly Resident[]): void {
    const here = new Map<
      string,
      { count: number; males: number; females: number; sexed: boolean; lengthCm: number }
    >();
    for (const one of residents) {
      const of = here.get(one.species) ?? { count: 0, males: 0, females: 0, sexed: false, lengthCm: 0 };
      here.set(one.species, {
        count: of.count + one.count,
        males: of.males + (one.individual ? Number(one.sex === 'male') : (one.males ?? 0)),
        females: of.females + (one.individual ? Number(one.sex === 'female') : (one.females ?? 0)),
        sexed: of.sexed || one.sex !== 'unknown' || one.males !== null,
        lengthCm: Math.max(of.lengthCm, one.lengthCm),
      });
    }
    for (const [species, of] of here) {
      const before = open.fish.get(species);
      if (!before) open.fish.set(species, of);
      else if (of.count > before.count || (of.sexed && !before.sexed))
        open.fish.set(species, { ...of, count: Math.max(of.count, before.count), lengthCm: before.lengthCm });
    }
  }
}

/** How a stay ends with this event, where it does. */
function endBy(event: Standing, aside: ReadonlyMap<string, string>): Stay['ended'] {
  if (event.type === 'died') return 'none left';
  if (event.type === 'rehomed') return FOR_PEACE.has(event.reason) ? 'parted' : 'given up';
  if (event.type !== 'moved') return 'list changed';
  const put = aside.get(event.resident);
  return put !== undefined && Date.parse(event.on) - Date.parse(put) <= HOUR_MS ? 'parted' : 'moved on';
}

/**
 * What lived together in the tanks of a room, as stays: a new one begins where the species of a tank change. Fish that were together for
 * less than a month are left out, unless something was seen of them.
 *
 * @param secret drawn once for the room: without it nobody can tell from the name of a stay or a tank which it is
 * @param now ISO moment
 */
export function staysIn(
  happenings: readonly Standing[],
  tanks: readonly TankSaid[],
  secret: string,
  now: string,
): readonly Stay[] {
  const told = new Map(tanks.map(({ id }) => [id, new Told()]));
  const aside = new Map<string, string>();
  let room: Room = EMPTY_ROOM;
  const speciesOf = (id: string): string | null =>
    readSomebody(id)?.species ?? room.residents[id]?.species ?? null;
  for (const event of happenings) {
    const open = 'tank' in event && typeof event.tank === 'string' ? told.get(event.tank)?.open : undefined;
    if (event.type === 'chased') {
      const [by, to] = [speciesOf(event.winner), speciesOf(event.loser)];
      const level = LEVEL[event.what];
      if (open && by !== null && to !== null && open.fish.has(by) && open.fish.has(to))
        addTo(open.contests, `${by} ${to} ${level}`, { by, to, level, count: 1 });
      continue;
    }
    if (event.type === 'watched' && open) open.minutes += event.minutes;
    if (event.type === 'tested' && open)
      for (const name of MEASURES) {
        const value = event[name];
        if (value === undefined) continue;
        const [low, high] = open.water.get(name) ?? [value, value];
        open.water.set(name, [Math.min(low, value), Math.max(high, value)]);
      }
    if (event.type === 'saw' && event.resident && open) {
      const species = speciesOf(event.resident);
      const what = SEEN_SIGNS.find((sign) => sign === event.what);
      if (species !== null && what !== undefined && open.fish.has(species))
        open.signs.set(`${species} ${what}`, { species, what });
    }
    if (event.type === 'stepped-in' && event.who && ASIDE_STEPS.includes(event.step))
      aside.set(event.who, event.on);
    if (event.type === 'died') {
      const one = room.residents[event.resident];
      const own = one && told.get(one.tank)?.open;
      const count = Math.min(event.count, one?.count ?? 0);
      if (one && own && count > 0) {
        const cause = lossCauseOf(event.cause, event.how);
        addTo(own.losses, `${one.species} ${cause}`, { species: one.species, cause, count });
      }
    }
    const before = room;
    room = applyEvent(room, event);
    if (room.residents === before.residents) continue;
    const ended = endBy(event, aside);
    const ids = residentsOfEvent(event);
    const touched = new Set([before, room].flatMap(({ residents }) => ids.map((id) => residents[id]?.tank)));
    for (const id of touched) if (id !== undefined) told.get(id)?.now(residentsOf(room, id), event.on, ended);
  }
  const made = monthOf(now);
  const stays = tanks.flatMap((tank) => {
    const { done, open } = told.get(tank.id) as Told;
    const all = [...done, ...(open ? [{ open, until: null, ended: 'goes on' as const }] : [])];
    const effects = effectsIn(happenings, tank.id, now);
    return all.flatMap(({ open: one, until, ended }): readonly Stay[] => {
      const steps = effects
        .filter(({ bundle }) => bundle.on >= one.from && (until === null || bundle.on <= until))
        .flatMap(({ bundle, verdict }) =>
          bundle.steps.map((step) => ({
            step,
            effect: verdict === 'helped' || verdict === 'worse' ? verdict : ('open' as const),
          })),
        );
      const days = (Date.parse(until ?? now) - Date.parse(one.from)) / DAY_MS;
      const seen = one.minutes + one.contests.size + one.losses.size + one.signs.size + steps.length;
      if (days < LEAST_DAYS && seen === 0) return [];
      return [
        {
          id: nameOf(secret, tank.id, one.from, one.key),
          from: monthOf(one.from),
          until: until === null ? null : monthOf(until),
          tank: {
            id: nameOf(secret, tank.id),
            lengthCm: tank.lengthCm,
            widthCm: tank.widthCm,
            heightCm: tank.heightCm,
            hides: hidesOf(tank.hides),
          },
          ...(one.water.size > 0 ? { water: Object.fromEntries(one.water) } : {}),
          minutesWatched: Math.round(one.minutes),
          fish: [...one.fish].map(([species, { count, males, females, sexed, lengthCm }]) => ({
            species,
            count: Math.max(count, lostOf(one, species)),
            ...(sexed ? { males, females } : {}),
            lengthCm,
          })),
          contests: [...one.contests.values()],
          signs: [...one.signs.values()],
          losses: [...one.losses.values()],
          steps,
          ended,
        },
      ];
    });
  });
  // What a slip of the pen makes senseless, such as a year of 1926, is no experience.
  return stays.filter((stay) => validate(staySchema, stay).ok && stayFaults(stay, '', made).length === 0);
}

/**
 * The experience file of a room.
 *
 * @param secret drawn once for the room; the name of the room in the file follows from it, but not it from the name
 * @param now ISO moment
 */
export const experienceIn = (
  happenings: readonly Standing[],
  tanks: readonly TankSaid[],
  secret: string,
  now: string,
): ExperienceFile => ({
  format: EXPERIENCE_FORMAT,
  version: 1,
  room: nameOf(secret, 'room'),
  made: monthOf(now),
  stays: [...staysIn(happenings, tanks, secret, now)],
});

/** Young that came and went are lost in larger numbers than there ever were at a time. */
const lostOf = ({ losses }: Open, species: string): number =>
  [...losses.values()].reduce((all, one) => all + (one.species === species ? one.count : 0), 0);
