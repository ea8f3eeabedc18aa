import type { LOOK_HOURS } from '../events';

/** What is due, as plain data. Days as `2026-11-24`; `lastDays` is days since it was done last, null where it never was. */
export type DueFact =
  | { readonly says: 'look'; readonly hours: (typeof LOOK_HOURS)[number] }
  | {
      readonly says: 'quarantine';
      /** Whose it is, where several batches share the tank; empty where there is one. */
      readonly batch: readonly { readonly species: string; readonly count: number }[];
      readonly day: number;
      readonly days: number;
      readonly freeOn: string;
      /** The day of the sign that made it longer. */
      readonly signOn: string | null;
      readonly over: boolean;
    }
  | { readonly says: 'watch'; readonly lastDays: number | null }
  | { readonly says: 'count'; readonly lastDays: number | null; readonly species: readonly string[] }
  | { readonly says: 'change'; readonly fraction: number; readonly lastDays: number | null }
  | { readonly says: 'test'; readonly lastDays: number }
  | { readonly says: 'test the dose' }
  | { readonly says: 'bring home'; readonly wave: number }
  | { readonly says: 'release'; readonly wave: number }
  | { readonly says: 'new home'; readonly count: number; readonly sinceDays: number }
  | {
      readonly says: 'leaves';
      readonly species: string;
      readonly count: number;
      readonly until: string;
      readonly nextTank: string;
    }
  | {
      readonly says: 'boxed';
      /** Its name; empty where it has none. */
      readonly name: string;
      readonly species: string;
      readonly since: string;
    }
  | { readonly says: 'care'; readonly what: string; readonly lastOn: string; readonly everyDays: number }
  | { readonly says: 'claim'; readonly from: string; readonly about: string }
  | {
      readonly says: 'risk';
      readonly newcomers: readonly { readonly species: string; readonly count: number }[];
      readonly until: string;
    };

/** No tank for a fish that has to come out tonight: none is free, or those that are have filters that are not proven. */
export type SpareFact =
  { readonly says: 'none' } | { readonly says: 'unproven'; readonly tanks: readonly string[] };

/** Something that wants doing in a tank. */
export interface DueItem {
  readonly tank: string;
  readonly kind:
    | 'look'
    | 'quarantine-over'
    | 'watch'
    | 'count'
    | 'unnamed'
    | 'change'
    | 'test'
    | 'wave'
    | 'to-go'
    | 'stay'
    | 'boxed'
    | 'care'
    | 'claim'
    | 'risk';
  readonly fact: DueFact;
  /** Days past due; 0 is today, negative is still to come. */
  readonly overdueDays: number;
}
