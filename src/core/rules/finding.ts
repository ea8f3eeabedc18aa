import type { Celsius, Cm, Dh } from '../kernel';
import type { Density } from '../model';
import type { HideKind } from './context';
import type { Fact, LineUpFact } from './facts';

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
  /** One species for another. */
  | { readonly kind: 'swap'; readonly species: string; readonly to: string; readonly count: number }
  | { readonly kind: 'set-origin'; readonly species: string; readonly origin: 'tank-bred' | 'wild' }
  | {
      readonly kind: 'set-tank';
      /** What makers call it. */
      readonly name: string;
      readonly lengthCm: Cm;
      readonly widthCm: Cm;
      readonly heightCm: Cm;
    }
  /** One outside measure, where the tank is still to be chosen. */
  | { readonly kind: 'set-wall'; readonly wall: 'lengthCm' | 'widthCm' | 'heightCm'; readonly cm: Cm }
  | { readonly kind: 'set-breaks'; readonly sightBreaks: number }
  | { readonly kind: 'set-density'; readonly density: Density }
  | { readonly kind: 'set-plants'; readonly plants: 'dense' }
  | { readonly kind: 'set-lid'; readonly lid: boolean }
  | { readonly kind: 'set-substrate'; readonly substrate: 'sand' }
  | { readonly kind: 'set-light'; readonly hours: number }
  | { readonly kind: 'set-temperature'; readonly temperatureC: Celsius }
  | { readonly kind: 'set-routine'; readonly changeFraction: number; readonly everyDays: number };

/** What only the keeper can do: no press of a button does it. */
export type Advice =
  | { readonly does: AdviceName }
  | { readonly does: 'lower pH' | 'raise pH'; readonly ph: number }
  | { readonly does: 'blend water'; readonly ghDh: Dh }
  | { readonly does: 'fewer males'; readonly species: string; readonly males: number }
  | { readonly does: 'add last'; readonly species: string }
  | { readonly does: 'leave out females'; readonly species: string }
  | { readonly does: 'one sex only'; readonly species: string }
  | { readonly does: 'more of them'; readonly species: readonly string[]; readonly count: number | null }
  | { readonly does: 'add hides'; readonly hide: HideKind | null; readonly count: number };

export const ADVICE = [
  'larger tank',
  'larger floor',
  'larger filter',
  'circulation pump',
  'calm outflow',
  'leaving date',
  'next tank',
  'exit plan',
  'divider',
  'own tank',
  'night light',
  'one size together',
  'harems instead',
  'one species or three males',
  'three males',
  'other layer',
  'one for another layer',
  'fewer fish',
  'less nitrate',
  'two meals',
  'greens',
  'target feeding',
  'plant densely',
  'swimming lane',
  'wood and rock',
  'rearrange rocks',
  'quarantine with residents',
] as const;
export type AdviceName = (typeof ADVICE)[number];

/** A way to change what was found: one that a press makes, or one that only the keeper can. */
export type Fix =
  | {
      readonly edit: PlanEdit;
      /** So many animals that live in the tank leave it for this. */
      readonly rehomes?: number;
    }
  | { readonly advice: Advice };

/** The edit that one press of a fix makes; null where only the keeper can do it. */
export const editOf = (fix: Fix): PlanEdit | null => ('edit' in fix ? fix.edit : null);

/** One thing a rule has to say about a plan. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  /** Species identifiers, the one that causes it first where there is one. */
  readonly species: readonly string[];
  /** What was found, as plain data. */
  readonly fact: Fact;
  /** The part of the tank it is about, such as a layer; null for all of it. */
  readonly part: string | null;
  readonly because: Readonly<Record<string, number | string | boolean>>;
  readonly contested: boolean;
  readonly approach: string | null;
  /** Month it begins; null when it is true today. */
  readonly from: string | null;
  readonly fixes: readonly Fix[];
  /** A published source, "common practice" or "from memory". */
  readonly source: string;
}

/** What a sentence about a finding is made of. */
export type Reason = Pick<Finding, 'severity' | 'species' | 'fact' | 'from'>;

/** Why a line-up does without a species, where no rule says it. */
export const lineUpReason = (species: string, fact: LineUpFact): Reason => ({
  severity: 'note',
  species: [species],
  fact,
  from: null,
});

type Draft = Pick<Finding, 'severity' | 'species' | 'fact'> & Partial<Finding>;

/** A finding with the quiet values filled in. Field by field: all have one shape, which is read hundreds of thousands of times a list. */
export const finding = (rule: string, draft: Draft): Finding => ({
  part: draft.part ?? null,
  because: draft.because ?? {},
  contested: draft.contested ?? false,
  approach: draft.approach ?? null,
  from: draft.from ?? null,
  fixes: draft.fixes ?? [],
  source: draft.source ?? 'common practice',
  severity: draft.severity,
  species: draft.species,
  fact: draft.fact,
  rule,
});
