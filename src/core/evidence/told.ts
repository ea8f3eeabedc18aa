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
import { HOUR_MS } from '../kernel';
import { lossCauseOf } from './lossCause';
import { SEEN_SIGNS, type Stay } from './stay';

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

type Measure = 'temperatureC' | 'ph' | 'ghDh';
const MEASURES: readonly Measure[] = ['temperatureC', 'ph', 'ghDh'];

/** A stay that is still being told. */
export interface Open {
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
  /** Head counts; interventions; the highest nitrate, mg/L; species of which some had to go as too big. */
  counts: number;
  steps: number;
  nitrateMgL: number;
  readonly tooBig: Set<string>;
}

const addTo = <T extends { readonly count: number }>(map: Map<string, T>, key: string, one: T): void => {
  const before = map.get(key);
  map.set(key, before ? { ...before, count: before.count + one.count } : one);
};

/** Losses as they were written down, fish by fish: one that is found alive was none. */
class Losses {
  private readonly of = new Map<
    string,
    { readonly in: Open['losses']; readonly key: string; count: number }[]
  >();

  add(resident: string, losses: Open['losses'], one: Stay['losses'][number]): void {
    const key = `${one.species} ${one.cause}`;
    addTo(losses, key, one);
    this.of.set(resident, [...(this.of.get(resident) ?? []), { in: losses, key, count: one.count }]);
  }

  /** So many of a resident live after all: those that were written down last. */
  takeBack(resident: string, count: number): void {
    let left = count;
    for (const loss of (this.of.get(resident) ?? []).toReversed()) {
      const some = Math.min(left, loss.count);
      loss.count -= some;
      left -= some;
      const before = loss.in.get(loss.key);
      if (before === undefined || before.count <= some) loss.in.delete(loss.key);
      else loss.in.set(loss.key, { ...before, count: before.count - some });
    }
  }
}

/** One tank as it goes through time: a stay ends where the species in it change. */
export class Told {
  readonly done: { readonly open: Open; readonly until: string; readonly ended: Stay['ended'] }[] = [];
  open: Open | null = null;

  /** What is told up to here stands by itself; the same fish go on. */
  cut(residents: readonly Resident[], on: string): void {
    this.now([], on, 'goes on');
    this.now(residents, on, 'goes on');
  }

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
      counts: 0,
      steps: 0,
      nitrateMgL: 0,
      tooBig: new Set(),
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

/** Where what is told of a tank is cut in two, though its fish stay. */
export interface Cut {
  readonly tank: string;
  /** ISO moment. */
  readonly at: string;
}

/** What the journal tells of these tanks, each by itself. */
export function tanksTold(
  happenings: readonly Standing[],
  tanks: readonly string[],
  cuts: readonly Cut[] = [],
): ReadonlyMap<string, Told> {
  const inOrder = [...cuts].sort((a, b) => (a.at < b.at ? -1 : 1));
  let cutsDone = 0;
  const told = new Map(tanks.map((id) => [id, new Told()]));
  const aside = new Map<string, string>();
  const losses = new Losses();
  let room: Room = EMPTY_ROOM;
  const speciesOf = (id: string): string | null =>
    readSomebody(id)?.species ?? room.residents[id]?.species ?? null;
  for (const event of happenings) {
    for (let cut = inOrder[cutsDone]; cut && cut.at <= event.on; cut = inOrder[(cutsDone += 1)])
      told.get(cut.tank)?.cut(residentsOf(room, cut.tank), cut.at);
    const open = 'tank' in event && typeof event.tank === 'string' ? told.get(event.tank)?.open : undefined;
    if (event.type === 'chased') {
      const [by, to] = [speciesOf(event.winner), speciesOf(event.loser)];
      const level = LEVEL[event.what];
      if (open && by !== null && to !== null && open.fish.has(by) && open.fish.has(to))
        addTo(open.contests, `${by} ${to} ${level}`, { by, to, level, count: 1 });
      continue;
    }
    if (event.type === 'watched' && open) open.minutes += event.minutes;
    if (event.type === 'stepped-in' && open) open.steps += 1;
    if (event.type === 'counted' && open) open.counts += 1;
    if (event.type === 'tested' && open) open.nitrateMgL = Math.max(open.nitrateMgL, event.nitrateMgL ?? 0);
    if (event.type === 'rehomed' && event.reason === 'too big') {
      const one = room.residents[event.resident];
      if (one) told.get(one.tank)?.open?.tooBig.add(one.species);
    }
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
        losses.add(event.resident, own.losses, { species: one.species, cause, count });
      }
    }
    if (event.type === 'back-again' && event.what === 'found alive')
      losses.takeBack(event.resident, event.count);
    const before = room;
    room = applyEvent(room, event);
    if (room.residents === before.residents) continue;
    const ended = endBy(event, aside);
    const ids = residentsOfEvent(event);
    const touched = new Set([before, room].flatMap(({ residents }) => ids.map((id) => residents[id]?.tank)));
    for (const id of touched) if (id !== undefined) told.get(id)?.now(residentsOf(room, id), event.on, ended);
  }
  return told;
}
