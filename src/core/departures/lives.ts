import { DAY_MS } from '../kernel';
import { applyEvent, EMPTY_ROOM, type Resident, type Room, type Standing, type Way } from '../events';
import type { Span } from '../stats';

/** Days of one animal in one tank, since it came to the room. */
export interface Stay {
  readonly tank: string;
  readonly start: number;
  readonly end: number;
}

/** One animal's time in the room, or in a tank of it. Days since it came to the room, or since its release. */
export interface Life extends Span {
  readonly resident: string;
  readonly species: string;
  readonly source: string;
  readonly way: Way | null;
  /** The tank it was in at the end; empty for one that was dead in the bag. */
  readonly tank: string;
  /** Every tank that it lived in, one after another. */
  readonly stays: readonly Stay[];
  /** Days from its arrival to its release among others; null for one still in its quarantine, or dead before. */
  readonly released: number | null;
  readonly quarantine: Resident['quarantine'];
  readonly protocol: Resident['protocol'];
  readonly condition: Resident['condition'];
  /** Whether it had been in the shop for a week, long enough to show what it carried. */
  readonly rested: 'rested' | 'fresh' | null;
  /** When it came, ISO. */
  readonly cameOn: string;
  /** It came back from its taker: the same animal, counted before. */
  readonly again: boolean;
  /** The incident it died in; empty for none. */
  readonly incident: string;
}

/** Written down later than this a fish enters the curves only then (delayed entry). */
const LATE_DAYS = 1;
/** A fish that came and went on one day still lived for a part of it. */
const LEAST_DAYS = 0.01;

/** A week in the shop shows what stock of a day still hides (common practice). */
const RESTED_DAYS = 7;
const restedIn = (days: number | null): Life['rested'] =>
  days === null ? null : days >= RESTED_DAYS ? 'rested' : 'fresh';

/** Where one animal or group was, and since when; moments are ISO. */
interface Track {
  readonly cameOn: string;
  /** Days between the day it came and the day that was written down: who died in between is not on record. */
  readonly lateDays: number;
  readonly moves: readonly { readonly tank: string; readonly on: string }[];
  readonly releasedOn: string | null;
  /** It is back from its taker. */
  readonly again: boolean;
}

type Happened<T extends Standing['type']> = Extract<Standing, { type: T }>;

/** Tracks as an event leaves them. `before` is whom it speaks of, as it was. */
function tracked(tracks: Map<string, Track>, event: Standing, before: Resident | undefined): void {
  if (event.type === 'came')
    for (const { id } of event.members) {
      const late = event.recorded ? (Date.parse(event.recorded) - Date.parse(event.on)) / DAY_MS : 0;
      tracks.set(id, {
        cameOn: event.on,
        lateDays: late > LATE_DAYS ? late : 0,
        moves: [{ tank: event.tank, on: event.on }],
        releasedOn: event.quarantine === 'here' ? null : event.on,
        again: false,
      });
    }
  const own = before && tracks.get(before.id);
  if (!own) return;
  // Those that are told apart bring the time of their group with them.
  if (event.type === 'split') for (const { id } of event.into) tracks.set(id, own);
  // Away with its taker it was under nobody's eye here: it enters again when it is back.
  if (event.type === 'back-again' && event.what === 'returned' && before.count === 0)
    tracks.set(before.id, {
      ...own,
      again: true,
      lateDays: daysFrom(own.cameOn, event.on),
      moves: [...own.moves, { tank: event.tank, on: event.on }],
    });
  if (event.type === 'moved') {
    const isRelease =
      event.protocol !== undefined || (own.releasedOn === null && before.quarantine === 'here');
    tracks.set(before.id, {
      ...own,
      moves: [...own.moves, { tank: event.tank, on: event.on }],
      releasedOn: isRelease ? event.on : own.releasedOn,
    });
  }
}

const daysFrom = (start: string, on: string): number => (Date.parse(on) - Date.parse(start)) / DAY_MS;

/** Those dead in the bag: lost by the shop that sold them, in no tank. */
function deadInBag(event: Happened<'came'>): readonly Life[] {
  const some: Life = {
    resident: '',
    species: event.species,
    source: event.from,
    way: event.way ?? null,
    tank: '',
    stays: [],
    released: null,
    quarantine: null,
    protocol: null,
    condition: null,
    rested: restedIn(event.daysInShop ?? null),
    cameOn: event.on,
    again: false,
    incident: '',
    start: 0,
    end: LEAST_DAYS,
    died: true,
  };
  return Array.from({ length: event.deadOnArrival ?? 0 }, () => some);
}

/** Takes the last ends of a resident back. */
function takeBack(lives: Life[], resident: string, count: number, died: boolean): void {
  for (let n = count; n > 0; n -= 1) {
    const at = lives.findLastIndex((life) => life.resident === resident && life.died === died);
    if (at >= 0) lives.splice(at, 1);
  }
}

/**
 * One life for each animal that ever came: until it died, was rehomed (censored), or today (censored). Groups count head by
 * head; those dead in the bag are deaths of the day they came. Those born here begin on the day they were kept. `today` is an
 * ISO date or moment.
 */
export function livesOf(happenings: readonly Standing[], today: string): readonly Life[] {
  const lives: Life[] = [];
  const now = today.length === 10 ? `${today}T23:59:59.999Z` : today;
  const tracks = new Map<string, Track>();
  let room: Room = EMPTY_ROOM;
  const end = (resident: Resident, on: string, heads: number, died: boolean, incident: string): void => {
    const { cameOn, lateDays, moves, releasedOn, again } = tracks.get(resident.id) ?? {
      cameOn: resident.cameOn,
      lateDays: 0,
      moves: [{ tank: resident.tank, on: resident.cameOn }],
      releasedOn: resident.cameOn,
      again: false,
    };
    const days = Math.max(LEAST_DAYS, daysFrom(cameOn, on));
    const stays = moves.map(({ tank, on: from }, i) => {
      const next = moves[i + 1];
      return { tank, start: daysFrom(cameOn, from), end: next ? daysFrom(cameOn, next.on) : days };
    });
    for (let i = 0; i < heads; i += 1)
      lives.push({
        resident: resident.id,
        species: resident.species,
        source: resident.source,
        way: resident.way,
        tank: resident.tank,
        stays: stays.filter((stay) => stay.end > stay.start),
        released: releasedOn === null ? null : Math.max(0, daysFrom(cameOn, releasedOn)),
        quarantine: resident.quarantine,
        protocol: resident.protocol,
        condition: resident.condition ?? null,
        rested: restedIn(resident.daysInShop ?? null),
        cameOn,
        again,
        incident,
        start: lateDays < days ? lateDays : 0,
        end: days,
        died,
      });
  };
  for (const event of happenings) {
    if (event.on > now) break;
    const before =
      'resident' in event && typeof event.resident === 'string' ? room.residents[event.resident] : undefined;
    if (event.type === 'came') lives.push(...deadInBag(event));
    // Thought dead and found: that death was none.
    if (event.type === 'back-again' && event.what === 'found alive')
      takeBack(lives, event.resident, event.count, true);
    // Of a group nobody can say which came back: it counts as if it had stayed.
    if (before && before.count > 0 && event.type === 'back-again' && event.what === 'returned')
      takeBack(lives, event.resident, event.count, false);
    if (before && (event.type === 'died' || event.type === 'rehomed'))
      end(
        before,
        event.on,
        Math.min(event.count, before.count),
        event.type === 'died',
        event.type === 'died' ? (event.incident ?? '') : '',
      );
    else if (before && event.type === 'recounted' && event.count < before.count)
      // Missed before: they were never there. Lost unseen: they died some time.
      end(before, event.on, before.count - event.count, event.why === 'lost unseen', '');
    room = applyEvent(room, event);
    tracked(tracks, event, before);
  }
  for (const resident of Object.values(room.residents)) end(resident, now, resident.count, false, '');
  return lives;
}

/**
 * The lives tank by tank: each stay is a life of its own that begins on the day it began and ends alive with a move (delayed
 * entry, censored), so that a tank answers for the days that fish spent in it.
 */
export const livesInTanks = (lives: readonly Life[]): readonly Life[] =>
  lives.flatMap((life) =>
    life.stays.flatMap(({ tank, start, end }, i) => {
      const from = Math.max(life.start, start);
      return from < end
        ? [{ ...life, tank, start: from, end, died: life.died && i === life.stays.length - 1 }]
        : [];
    }),
  );

/** The lives from the release on, days since it; those that were not released, or died before, are left out. */
export const livesSinceRelease = (lives: readonly Life[]): readonly Life[] =>
  lives.flatMap((life) => {
    const { released, start, end } = life;
    return released === null || released >= end
      ? []
      : [
          {
            ...life,
            start: Math.max(0, start - released),
            end: end - released,
            released: 0,
            stays: life.stays.flatMap((stay) =>
              stay.end > released
                ? [{ ...stay, start: Math.max(0, stay.start - released), end: stay.end - released }]
                : [],
            ),
          },
        ];
  });

export const GROUPINGS = [
  'species',
  'source',
  'tank',
  'quarantine',
  'protocol',
  'way',
  'condition',
  'rested',
] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** What a grouping is made of: a tank answers for the days in it, an introduction for those after it. */
const livesFor = (lives: readonly Life[], by: Grouping): readonly Life[] =>
  by === 'tank' ? livesInTanks(lives) : by === 'protocol' ? livesSinceRelease(lives) : lives;

/** Lives by one of their properties; those of whom it is not known stand apart. */
export function livesBy(lives: readonly Life[], by: Grouping): ReadonlyMap<string, readonly Life[]> {
  const groups = new Map<string, Life[]>();
  for (const life of livesFor(lives, by)) {
    const name = life[by] || 'not known';
    groups.set(name, [...(groups.get(name) ?? []), life]);
  }
  return groups;
}

/** Without the deaths of incidents: those that one cause killed in one go are taken out as if they had left alive then. */
export const withoutIncidents = (lives: readonly Life[]): readonly Life[] =>
  lives.map((life) => (life.died && life.incident !== '' ? { ...life, died: false } : life));

/** The first fortnight after an introduction is counted apart. */
export const FORTNIGHT_DAYS = 14;

/** Losses of the first fortnight and after, with the lives that they are out of. */
export interface Fortnight {
  readonly came: number;
  readonly lostEarly: number;
  readonly livedOn: number;
  readonly lostLater: number;
}

export function fortnightOf(lives: readonly Life[]): Fortnight {
  const early = lives.filter((life) => life.died && life.end <= FORTNIGHT_DAYS).length;
  const later = lives.filter((life) => life.end > FORTNIGHT_DAYS);
  const once = (list: readonly Life[]): number => list.filter((life) => !life.again).length;
  return {
    came: once(lives),
    lostEarly: early,
    livedOn: once(later),
    lostLater: later.filter((life) => life.died).length,
  };
}
