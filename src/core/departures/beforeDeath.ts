import {
  CHANGE_CHECKS,
  type EquipmentFault,
  ILLNESS,
  residentsOfEvent,
  type Sign,
  type Standing,
  tankOfEvent,
  trackTanks,
} from '../events';
import type { DocumentBodies } from '../records';
import { ammoniaFraction, TOXIC_AMMONIA_MGL } from '../water';
import { addDays, type Celsius, daysBetween, type MgL } from '../kernel';

export const BEFORE_DAYS = 14;

/** What could have been behind a death: a possibility to look into, never the finding of a vet. */
export type Possibility =
  | { readonly says: 'chlorine' | 'cold tank' | 'jumped'; readonly on: string }
  | { readonly says: 'missed changes'; readonly days: number; readonly everyDays: number }
  | { readonly says: 'ammonia' | 'nitrite' | 'nitrate'; readonly mgL: MgL; readonly on: string }
  | {
      readonly says: 'temperature';
      readonly temperatureC: Celsius;
      readonly usualC: Celsius;
      readonly on: string;
    }
  | { readonly says: 'pH jump'; readonly from: number; readonly to: number; readonly on: string }
  | { readonly says: 'bullied'; readonly taken: number; readonly of: number }
  | { readonly says: 'illness'; readonly signs: readonly Sign[] }
  | { readonly says: 'wounds' }
  | { readonly says: 'arrival'; readonly days: number }
  | {
      readonly says: 'brought in';
      readonly species: string;
      readonly on: string;
      readonly quarantined: boolean;
    }
  | { readonly says: 'equipment'; readonly what: EquipmentFault; readonly on: string }
  /** Somebody came from another tank of the room. */
  | { readonly says: 'joined'; readonly species: string; readonly on: string }
  | { readonly says: 'moved'; readonly days: number }
  | { readonly says: 'treated'; readonly what: string; readonly on: string }
  | { readonly says: 'old age'; readonly years: number; readonly usualYears: number };

export interface BeforeDeath {
  /** Everything of the fortnight before that touches the fish or its tank, in the order of time. */
  readonly story: readonly Standing[];
  readonly possible: readonly Possibility[];
}

/** Any nitrite a kit can read counts (common practice: none). */
const NITRITE_MGL = 0.25;
const NITRATE_MGL = 40;
/** A temperature this far from the tank's own, a pH this far from the last test (from memory). */
const OFF_C = 3;
const OFF_PH = 0.7;
/** A move or a treatment within these days (from memory). */
const FRESH_DAYS = 7;
const DAYS_A_YEAR = 365.25;
/** A change is missed when the last is this many times the routine ago (from memory). */
const MISSED_TIMES = 1.6;

interface Input {
  readonly happenings: readonly Standing[];
  readonly resident: string;
  readonly tank: string;
  readonly on: string;
  readonly body: DocumentBodies['tank'] | null;
  /** When the species gets old, years; null when nobody knows. */
  readonly oldYears: number | null;
  readonly cameOn: string;
  /** The keeper's own day of a moment. */
  readonly dayOf: (moment: string) => string;
}

function waterCauses({ body, dayOf }: Input, story: readonly Standing[]): readonly Possibility[] {
  const found: Possibility[] = [];
  const usual = body?.water?.temperatureC;
  let ph = body?.water?.ph;
  for (const event of story) {
    if (event.type !== 'tested') continue;
    const day = dayOf(event.on);
    if (event.ammoniaMgL !== undefined && event.ammoniaMgL > 0) {
      const toxic =
        event.ammoniaMgL * ammoniaFraction(event.temperatureC ?? usual ?? 25, event.ph ?? ph ?? 7.5);
      if (toxic >= TOXIC_AMMONIA_MGL) found.push({ says: 'ammonia', mgL: toxic, on: day });
    }
    if ((event.nitriteMgL ?? 0) >= NITRITE_MGL)
      found.push({ says: 'nitrite', mgL: event.nitriteMgL ?? 0, on: day });
    if ((event.nitrateMgL ?? 0) > NITRATE_MGL)
      found.push({ says: 'nitrate', mgL: event.nitrateMgL ?? 0, on: day });
    if (
      event.temperatureC !== undefined &&
      usual !== undefined &&
      Math.abs(event.temperatureC - usual) >= OFF_C
    )
      found.push({ says: 'temperature', temperatureC: event.temperatureC, usualC: usual, on: day });
    if (event.ph !== undefined && ph !== undefined && Math.abs(event.ph - ph) >= OFF_PH)
      found.push({ says: 'pH jump', from: ph, to: event.ph, on: day });
    ph = event.ph ?? ph;
  }
  return found;
}

function changeCauses(input: Input, story: readonly Standing[]): readonly Possibility[] {
  const { dayOf } = input;
  const found: Possibility[] = [];
  for (const event of story)
    if (event.type === 'water-changed') {
      const missing = CHANGE_CHECKS.filter((check) => !event.checked.includes(check));
      if (missing.includes('dechlorinated')) found.push({ says: 'chlorine', on: dayOf(event.on) });
      if (missing.includes('heater on again')) found.push({ says: 'cold tank', on: dayOf(event.on) });
      if (missing.includes('lid closed')) found.push({ says: 'jumped', on: dayOf(event.on) });
    }
  const every = input.body?.routine?.everyDays;
  const changes = input.happenings.filter(
    (event) => event.type === 'water-changed' && event.tank === input.tank && event.on <= input.on,
  );
  const last = changes.at(-1);
  if (every !== undefined && last) {
    const days = daysBetween(last.on, input.on);
    if (days >= every * MISSED_TIMES) found.push({ says: 'missed changes', days, everyDays: every });
  }
  return found;
}

function socialCauses(input: Input, story: readonly Standing[]): readonly Possibility[] {
  const { dayOf } = input;
  const found: Possibility[] = [];
  const taken = story.filter(
    (event) => event.type === 'chased' && event.loser === input.resident && !event.undecided,
  ).length;
  const all = story.filter((event) => event.type === 'chased').length;
  if (taken >= 3) found.push({ says: 'bullied', taken, of: all });
  const own = story.flatMap((event) =>
    event.type === 'saw' && event.resident === input.resident ? [event.what] : [],
  );
  // Torn fins are told as wounds.
  const ill = own.filter((sign) => ILLNESS.has(sign) && sign !== 'torn');
  if (ill.length > 0) found.push({ says: 'illness', signs: [...new Set(ill)] });
  if (own.includes('torn')) found.push({ says: 'wounds' });
  const days = daysBetween(input.cameOn, input.on);
  if (days <= BEFORE_DAYS) found.push({ says: 'arrival', days });
  for (const event of story) {
    const ago = daysBetween(event.on, input.on);
    if (event.type === 'came' && !event.members.some((member) => member.id === input.resident))
      found.push({
        says: 'brought in',
        species: event.species,
        on: dayOf(event.on),
        quarantined: event.quarantine !== 'none',
      });
    if (event.type === 'equipment-fault')
      found.push({ says: 'equipment', what: event.what, on: dayOf(event.on) });
    if (event.type === 'moved' && event.resident !== input.resident) {
      const species = speciesIn(input.happenings, event.resident);
      if (species !== null) found.push({ says: 'joined', species, on: dayOf(event.on) });
    }
    if (event.type === 'moved' && event.resident === input.resident && ago <= FRESH_DAYS)
      found.push({ says: 'moved', days: ago });
    if (event.type === 'treated' && ago <= FRESH_DAYS)
      found.push({ says: 'treated', what: event.what, on: dayOf(event.on) });
  }
  if (input.oldYears !== null && days >= input.oldYears * DAYS_A_YEAR)
    found.push({ says: 'old age', years: days / DAYS_A_YEAR, usualYears: input.oldYears });
  return found;
}

/** What a fish or group is, as it came, was born or was split off. */
function speciesIn(happenings: readonly Standing[], id: string): string | null {
  for (const event of happenings) {
    if (event.type === 'came' && event.members.some((member) => member.id === id)) return event.species;
    if (event.type === 'born' && event.member.id === id) return event.species;
    if (event.type === 'split' && event.into.some((part) => part.id === id))
      return speciesIn(happenings, event.resident);
  }
  return null;
}

/** In which tank the fish was at each moment: what happened elsewhere then did not touch it. */
function whereabouts({ happenings, resident, tank }: Input): (on: string) => string {
  const track = trackTanks();
  const stays = happenings.map((event) => ({ on: event.on, tank: track(event)(resident) }));
  return (on) => stays.findLast((stay) => stay.on <= on)?.tank ?? tank;
}

/**
 * The fortnight before a death, gathered by itself: what happened to the fish and its tank, and what of that may have been
 * behind it. Possibilities with their evidence, in no order of likelihood that anybody has tested.
 */
export function beforeDeath(input: Input): BeforeDeath {
  const from = addDays(input.on, -BEFORE_DAYS);
  const tankAt = whereabouts(input);
  const story = input.happenings.filter(
    (event) =>
      event.on >= from &&
      event.on <= input.on &&
      !(event.type === 'died' && event.resident === input.resident) &&
      (tankOfEvent(event) === tankAt(event.on) || residentsOfEvent(event).includes(input.resident)),
  );
  const possible = [
    ...changeCauses(input, story),
    ...waterCauses(input, story),
    ...socialCauses(input, story),
  ];
  const seen = new Set<string>();
  return {
    story,
    possible: possible.filter((one) => {
      const key = JSON.stringify(one);
      return seen.has(key) ? false : Boolean(seen.add(key));
    }),
  };
}
