import type { Celsius } from '../kernel';
import type { Fact } from './facts';

export const SEVERITIES = ['stop', 'caution', 'note', 'good'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** A change that a fix proposes, as plain data, so that a screen can make it with one press and take it back. */
export type PlanEdit =
  | { readonly kind: 'set-count'; readonly species: string; readonly count: number }
  | { readonly kind: 'set-sexes'; readonly species: string; readonly males: number; readonly females: number }
  | {
      readonly kind: 'leave-out';
      readonly species: string;
      /** How many there are of it, for the words. */
      readonly count?: number;
    }
  | { readonly kind: 'set-lid'; readonly lid: boolean }
  | { readonly kind: 'set-substrate'; readonly substrate: 'sand' }
  | { readonly kind: 'set-light'; readonly hours: number }
  | { readonly kind: 'set-temperature'; readonly temperatureC: Celsius }
  | { readonly kind: 'set-routine'; readonly changeFraction: number; readonly everyDays: number };

export interface Fix {
  readonly text: string;
  readonly edit?: PlanEdit;
}

/** One thing a rule has to say about a plan. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  /** Species identifiers, the one that causes it first where there is one. */
  readonly species: readonly string[];
  /** What was found, as plain data. Null where the rule still says it itself, in `text`. */
  readonly fact: Fact | null;
  readonly text: string;
  /** The part of the tank it is about, such as a layer; null for all of it. */
  readonly part: string | null;
  readonly because: Readonly<Record<string, number | string | boolean>>;
  readonly contested: boolean;
  readonly school: string | null;
  /** Month it begins; null when it is true today. */
  readonly from: string | null;
  readonly fixes: readonly Fix[];
  /** A published source, "common practice" or "from memory". */
  readonly source: string;
}

/** What speaks against something: a finding, or what a search has to say itself. */
export type Reason = Pick<Finding, 'rule' | 'severity' | 'species' | 'fact' | 'text'>;

/** A reason that is no finding of a rule. */
export const plainReason = (text: string): Reason => ({
  rule: '',
  severity: 'note',
  species: [],
  fact: null,
  text,
});

type Draft = Pick<Finding, 'severity' | 'species'> &
  (Pick<Finding, 'text'> | { readonly fact: Fact }) &
  Partial<Finding>;

/** A finding with the quiet values filled in. */
export const finding = (rule: string, draft: Draft): Finding => ({
  fact: null,
  text: '',
  part: null,
  because: {},
  contested: false,
  school: null,
  from: null,
  fixes: [],
  source: 'common practice',
  ...draft,
  rule,
});
