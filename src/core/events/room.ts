import type { Loose } from '../journal';
import type { Cm, ResidentId, TankId } from '../kernel';
import { inOrder } from './inOrder';
import { QUARANTINE_DAYS } from './quarantineDays';
import type { RehomeReason, Way } from './vocabulary';

/** A decision that a fish, or some of a group, is to leave. */
export interface ToGo {
  readonly count: number;
  readonly reason: RehomeReason;
  /** Who takes it; empty while nothing is arranged. */
  readonly taker: string;
  readonly note: string;
  readonly since: string;
}

/** A fish, or a group kept and counted as one, as the journal has it on a day. */
export interface Resident {
  readonly id: ResidentId;
  readonly name: string;
  readonly species: string;
  readonly tank: TankId;
  /** Animals alive and here. */
  readonly count: number;
  readonly individual: boolean;
  readonly sex: 'male' | 'female' | 'unknown';
  readonly sexSure: 'sure' | 'likely' | 'guess';
  /** Known males and females of a group. */
  readonly males: number | null;
  readonly females: number | null;
  readonly lengthCm: Cm;
  readonly measuredOn: string;
  readonly origin: 'tank-bred' | 'wild' | 'unknown';
  readonly source: string;
  readonly cameOn: string;
  readonly bornHere: boolean;
  /** How it was come by; null when nobody said. */
  readonly way: Way | null;
  /** Kept apart before it met the others; a batch that was not is a risk that later views tell. */
  readonly quarantine: 'here' | 'done' | 'none' | null;
  readonly protocol: 'plain' | 'single newcomer' | 'skittish' | null;
  readonly bornAbout: string;
  /** What was seen before it was taken: all well, or not all; null when nobody looked. */
  readonly condition: 'all well' | 'not all well' | null;
  /** Days that it had been in the shop; null when nobody asked. */
  readonly daysInShop: number | null;
  /** A home for a time ends on this day; null for one to stay. */
  readonly until: string | null;
  readonly nextTank: string;
  /** When it came to the tank it is in. */
  readonly inTankSince: string;
  readonly pairedWith: ResidentId | null;
  /** Its own run of quarantine in the tank it is in; null while none was begun for it. */
  readonly run?: QuarantineRun | null;
  /** Behind a divider or in a box, in its own tank: since when, and until which day. */
  readonly boxed?: { readonly since: string; readonly until: string | null } | null;
  /** Waiting to leave; still here, and counted in every sum. */
  readonly toGo: ToGo | null;
  readonly rehomed: number;
  readonly died: number;
  /** When the last of it left; null while any is here. */
  readonly leftOn: string | null;
}

/** What a tank's days looked like, for the due list. Moments are ISO; null means never. */
export interface TankLife {
  readonly lastArrival: string | null;
  readonly lastWatch: string | null;
  readonly watchedMinutes: number;
  readonly lastCount: string | null;
  readonly lastStep: string | null;
  readonly lastChange: string | null;
  readonly lastTest: string | null;
  readonly filter: FilterLife;
  readonly quarantine: QuarantineLife;
  /** Looks taken since the last arrival, in hours after it. */
  readonly looks: readonly number[];
  /** Claims with sellers that are not settled. */
  readonly claims: readonly { readonly from: string; readonly about: string; readonly since: string }[];
}

/** The quarantine of a batch: begun for it, with its own checks, and finished for it. Moments are ISO. */
export interface QuarantineRun {
  readonly begunOn: string;
  readonly days: number;
  readonly passedOn: string | null;
}

/** The quarantine that runs in a tank, or the last that did. */
export interface QuarantineLife {
  readonly begunOn: string | null;
  readonly days: number;
  /** When the batch came that a quarantine was begun for; null while the tank waits for it. */
  readonly takenOn?: string | null;
  /** When the last sign of illness showed, or the last treatment was given. */
  readonly lastSign: string | null;
  readonly passedOn: string | null;
}

/** How far a filter is: ripe when ammonia and nitrite were back to nothing within a day and a half of a test dose. */
export interface FilterLife {
  readonly startedOn: string | null;
  readonly seededOn: string | null;
  readonly dosedOn: string | null;
  readonly ripeOn: string | null;
  /** Torn down to dry, and nothing started since. */
  readonly downOn: string | null;
}

/** The room on a day: a fold over its journal. Plain data. */
export interface Room {
  readonly residents: Readonly<Record<string, Resident>>;
  readonly tanks: Readonly<Record<string, TankLife>>;
  /** Entries that could not be applied, such as a move of a fish that nobody brought in. */
  readonly loose: readonly Loose[];
}

export const EMPTY_ROOM: Room = { residents: {}, tanks: {}, loose: [] };
export const NEW_TANK_LIFE: TankLife = {
  lastArrival: null,
  lastWatch: null,
  watchedMinutes: 0,
  lastCount: null,
  lastStep: null,
  lastChange: null,
  lastTest: null,
  filter: { startedOn: null, seededOn: null, dosedOn: null, ripeOn: null, downOn: null },
  quarantine: { begunOn: null, days: QUARANTINE_DAYS, lastSign: null, passedOn: null },
  looks: [],
  claims: [],
};

/** Residents of a tank that are still here, by species and name. */
export function residentsOf(room: Room, tank: string): readonly Resident[] {
  return inOrder(
    Object.values(room.residents).filter((resident) => resident.tank === tank && resident.count > 0),
  );
}
