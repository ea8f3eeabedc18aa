import { DAY_MS } from '../kernel';
import { applyEvent, EMPTY_ROOM, type Resident, type Room, type Standing, type Way } from '../events';
import type { Span } from '../stats';

/** One animal's time in the room, or in a tank of it. Days since it came to the room. */
export interface Life extends Span {
  readonly resident: string;
  readonly species: string;
  readonly source: string;
  readonly way: Way | null;
  /** The tank it was in at the end. */
  readonly tank: string;
  readonly quarantine: Resident['quarantine'];
  readonly protocol: Resident['protocol'];
  readonly condition: Resident['condition'];
  /** Whether it had been in the shop for a week, long enough to show what it carried. */
  readonly rested: 'rested' | 'fresh' | null;
  /** When it came, ISO. */
  readonly cameOn: string;
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

/**
 * One life for each animal that ever came: until it died, was rehomed (censored), or today (censored). Groups count head by
 * head. Those born here begin on the day they were kept. `today` is an ISO date or moment.
 */
export function livesOf(happenings: readonly Standing[], today: string): readonly Life[] {
  const lives: Life[] = [];
  const now = today.length === 10 ? `${today}T23:59:59.999Z` : today;
  const cameOn = new Map<string, string>();
  /** Days between the day a fish came and the day that was written down: who died in between is not on record. */
  const lateBy = new Map<string, number>();
  let room: Room = EMPTY_ROOM;
  const end = (resident: Resident, on: string, heads: number, died: boolean, incident: string): void => {
    const came = cameOn.get(resident.id) ?? resident.cameOn;
    const days = Math.max(LEAST_DAYS, (Date.parse(on) - Date.parse(came)) / DAY_MS);
    const late = lateBy.get(resident.id) ?? 0;
    for (let i = 0; i < heads; i += 1)
      lives.push({
        resident: resident.id,
        species: resident.species,
        source: resident.source,
        way: resident.way,
        tank: resident.tank,
        quarantine: resident.quarantine,
        protocol: resident.protocol,
        condition: resident.condition ?? null,
        rested: restedIn(resident.daysInShop ?? null),
        cameOn: came,
        incident,
        start: late < days ? late : 0,
        end: days,
        died,
      });
  };
  for (const event of happenings) {
    if (event.on > now) break;
    const before =
      'resident' in event && typeof event.resident === 'string' ? room.residents[event.resident] : undefined;
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
    for (const resident of event.type === 'came' ? event.members : []) {
      cameOn.set(resident.id, event.on);
      const late = event.recorded ? (Date.parse(event.recorded) - Date.parse(event.on)) / DAY_MS : 0;
      if (late > LATE_DAYS) lateBy.set(resident.id, late);
    }
  }
  for (const resident of Object.values(room.residents)) end(resident, now, resident.count, false, '');
  return lives;
}

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

/** Lives by one of their properties; those of whom it is not known stand apart. */
export function livesBy(lives: readonly Life[], by: Grouping): ReadonlyMap<string, readonly Life[]> {
  const groups = new Map<string, Life[]>();
  for (const life of lives) {
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
  const livedOn = lives.filter((life) => life.end > FORTNIGHT_DAYS);
  return {
    came: lives.length,
    lostEarly: early,
    livedOn: livedOn.length,
    lostLater: livedOn.filter((life) => life.died).length,
  };
}
