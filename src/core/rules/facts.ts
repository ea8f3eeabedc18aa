import type { Cm, MgL } from '../kernel';

/** Measures of the water that fish have ranges of. */
export type WaterName = 'temperatureC' | 'ph' | 'ghDh' | 'salinityPpt';
/** From the lowest to the highest. */
export type Span = readonly [number, number];

/** What a rule on the water found. The species of the finding are those it names, in order. */
export type WaterFact =
  /** A species cannot live well in the water of the tank. */
  | {
      readonly says: 'water/needs';
      readonly measure: WaterName;
      readonly range: Span;
      readonly tank: number;
      readonly count: number;
    }
  /** No water suits both. */
  | {
      readonly says: 'water/none for both';
      readonly measure: WaterName;
      readonly ranges: readonly [Span, Span];
    }
  /** They come from opposite waters, and share only the edge of both. */
  | { readonly says: 'water/opposite'; readonly measure: WaterName; readonly shared: Span }
  /** What all share is narrow. */
  | { readonly says: 'water/narrow'; readonly measure: WaterName; readonly range: Span }
  | { readonly says: 'water/suits all'; readonly measure: WaterName; readonly tank: number };

type Approach = 'cautious' | 'middle' | 'tried';

/** A tank that is too small for a species in one measure: lengths in cm, volume in litres. */
export interface SizeFact {
  readonly says: 'size/needs';
  readonly measure: 'lengthCm' | 'widthCm' | 'heightCm' | 'litres';
  /** What each approach of keepers gives it at the length it is judged at; null where nobody says. */
  readonly need: Readonly<Record<Approach, number | null>>;
  readonly have: number;
  /** The approach that the keeper follows. */
  readonly approach: Approach;
  readonly count: number;
}

/** Fish that grow too big for the tank, and stays that end. Months as `2027-06`. */
export type GrowthFact =
  | {
      readonly says: 'growth/too big';
      readonly limitCm: Cm;
      readonly by: 'width' | 'height';
      readonly later: boolean;
      readonly count: number;
    }
  | {
      readonly says: 'growth/stays';
      readonly until: string;
      readonly nextTank: string | null;
      readonly count: number;
    };

/** One species eats another: the eater first. */
export interface EatingFact {
  readonly says: 'eating/eats';
  readonly how: 'whole' | 'bit by bit' | 'while small' | 'snails';
  readonly later: boolean;
  readonly counts: readonly [number, number];
}

/** Nitrate that a list makes when it is grown, mg/L a week, and the highest it reaches between changes, mg/L. */
export interface NitrateFact {
  readonly says: 'nitrate/makes';
  readonly weekMgL: MgL;
  readonly peakMgL: MgL;
  readonly budgetMgL: MgL;
  readonly edgeMgL: MgL;
}

export type HabitFact =
  | {
      readonly says: 'habit/bolts';
      readonly freeSwimCm: Cm;
      readonly why: 'short' | 'hard' | null;
    }
  | { readonly says: 'habit/mixed ages' }
  | {
      readonly says: 'habit/show tank';
      readonly males: number;
      readonly bestFromCm: Cm;
      readonly lengthCm: Cm;
    };

/** What was found, as plain data: the words layer says it in the keeper's language and units. */
export type Fact = WaterFact | SizeFact | GrowthFact | EatingFact | NitrateFact | HabitFact;
