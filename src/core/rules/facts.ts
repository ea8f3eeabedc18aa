import type { Cm, MgL } from '../kernel';
import type { Approach, Layer } from '../model';
import type { HideKind } from './context';

/** Measures of the water that fish have ranges of. */
export type WaterName = 'temperatureC' | 'ph' | 'ghDh' | 'salinityPpt';
/** From the lowest to the highest. */
export type Span = readonly [number, number];
/** How many there are of each of two species, in the order of the finding. */
export type Counts = readonly [number, number];

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

/** How many there are of one species, against how many it wants. */
export type GroupFact =
  | { readonly says: 'group/too few'; readonly count: number; readonly least: number; readonly ideal: number }
  /** One or two of a species that pairs. */
  | { readonly says: 'group/pair'; readonly count: number; readonly least: number }
  /** Males for show; `females` is how many a breeding group adds. */
  | { readonly says: 'group/shown'; readonly count: number; readonly females: number }
  | { readonly says: 'group/will do'; readonly count: number; readonly ideal: number }
  | { readonly says: 'group/good'; readonly count: number }
  /** A number that keepers have learned to avoid; of three fish that pair, two turn on the third. */
  | { readonly says: 'group/avoid'; readonly count: number; readonly pairs: boolean }
  | { readonly says: 'group/keep one'; readonly count: number; readonly deadly: boolean }
  | { readonly says: 'group/few to spread'; readonly count: number; readonly from: number }
  /** Rock dwellers of all species together, fewer than a dense tank holds. */
  | { readonly says: 'group/light'; readonly count: number; readonly dense: number }
  /** Peacocks and haps together, more than a roomy tank holds. */
  | { readonly says: 'group/dense'; readonly count: number; readonly roomy: number };

/** Males and females. */
export type SexFact =
  | { readonly says: 'sexes/two males'; readonly deadly: boolean; readonly mode: 'harem' | 'other' }
  | {
      readonly says: 'sexes/few females';
      readonly males: number;
      readonly females: number;
      readonly perMale: number;
      readonly livebearers: boolean;
    }
  | { readonly says: 'sexes/unknown'; readonly count: number; readonly perMale: number }
  | { readonly says: 'sexes/good'; readonly males: number; readonly females: number };

/** Tanks of males only. */
export type MalesFact =
  | { readonly says: 'males/rock dwellers'; readonly colouredBoth: boolean }
  | {
      readonly says: 'males/show tank';
      readonly males: number;
      readonly bestFromCm: Cm;
      readonly lengthCm: Cm;
    }
  | { readonly says: 'males/females among'; readonly females: number }
  | { readonly says: 'males/more than one'; readonly count: number }
  | { readonly says: 'males/rival species' };

/** Fish of one species against their own kind. */
export type OwnKindFact =
  | {
      readonly says: 'own/territories';
      readonly count: number;
      readonly holders: number;
      readonly fit: number;
    }
  | { readonly says: 'own/spread'; readonly count: number; readonly from: number }
  | { readonly says: 'own/fierce'; readonly count: number }
  | { readonly says: 'own/mixed ages' };

/** One species against another: the one that does it first. */
export type PairFact =
  | { readonly says: 'pair/rivals'; readonly counts: Counts }
  | { readonly says: 'pair/cross' }
  | {
      readonly says: 'pair/too aggressive';
      readonly counts: Counts;
      /** The other cannot defend itself; both are killers. */
      readonly other: 'helpless' | 'weaker' | 'as bad';
    }
  | { readonly says: 'pair/pushes around'; readonly counts: Counts }
  | { readonly says: 'pair/known bad'; readonly why: string }
  | { readonly says: 'pair/contested'; readonly why: string; readonly exitPlan: boolean }
  | {
      readonly says: 'pair/nips';
      readonly counts: Counts;
      readonly goesFor: 'long fins' | 'slow fish';
      /** The group is large enough to keep most of it among themselves. */
      readonly calm: boolean;
    }
  | { readonly says: 'pair/rasps'; readonly counts: Counts }
  | { readonly says: 'pair/may rasp' }
  | { readonly says: 'pair/eats brood'; readonly counts: Counts; readonly atNight: boolean }
  | { readonly says: 'pair/currents' };

/** One species eats another: the eater first. */
export interface EatingFact {
  readonly says: 'eating/eats';
  readonly how: 'whole' | 'bit by bit' | 'while small' | 'snails';
  readonly later: boolean;
  readonly counts: Counts;
}

/** Food. */
export type FoodFact =
  /** The first eats slowly, the others do not wait. */
  | { readonly says: 'food/out-eaten'; readonly count: number; readonly reached: boolean }
  /** The first grazes, the others need rich food. */
  | { readonly says: 'food/rich'; readonly ill: boolean }
  | { readonly says: 'food/wood' }
  | { readonly says: 'food/snails' }
  | { readonly says: 'food/meals' };

/** Bottom, cover and company in the tank. */
export type HomeFact =
  | { readonly says: 'home/bolts'; readonly freeSwimCm: Cm; readonly why: 'short' | 'hard' | null }
  | { readonly says: 'home/no cover' }
  /** The first hides from the others. */
  | { readonly says: 'home/shy company'; readonly count: number }
  | { readonly says: 'home/layer'; readonly layer: Layer; readonly crowded: boolean }
  | { readonly says: 'home/one layer'; readonly layer: Layer }
  | { readonly says: 'home/no lid'; readonly how: 'jumps' | 'climbs' }
  | { readonly says: 'home/sand'; readonly floor: 'bare' | 'hard' }
  | { readonly says: 'home/no hides'; readonly hide: HideKind; readonly count: number }
  | {
      readonly says: 'home/few hides';
      readonly hide: HideKind;
      readonly count: number;
      readonly need: number;
      readonly have: number;
    }
  | { readonly says: 'home/refuges'; readonly have: number; readonly fish: number }
  | { readonly says: 'home/long light'; readonly hours: number; readonly rough: boolean }
  | { readonly says: 'home/plants'; readonly how: 'eats' | 'nibbles' | 'digs' }
  | { readonly says: 'home/weak current'; readonly strong: boolean }
  | { readonly says: 'home/strong current' }
  | {
      readonly says: 'home/turnover';
      readonly perHour: number;
      readonly wanted: number;
      readonly demanding: boolean;
    };

/** The floor of the tank, and who claims it. */
export type FloorFact =
  | {
      readonly says: 'floor/claimed';
      readonly holders: number;
      /** How many of them find no ground. */
      readonly without: number;
      /** Share of the floor that they claim together; 1 is all of it. */
      readonly share: number;
    }
  | { readonly says: 'floor/guarded'; readonly count: number }
  | { readonly says: 'floor/may pair'; readonly claim: 'half' | 'corner' }
  | { readonly says: 'floor/breeds freely' }
  | { readonly says: 'floor/new fish'; readonly count: number; readonly pickedOn: boolean };

/** Fish against the two old rules, as shares; 1 is full. */
export interface BioloadFact {
  readonly says: 'bioload/rules';
  readonly lengthRule: number;
  readonly surfaceRule: number;
}

/** Nitrate that a list makes when it is grown, mg/L a week, and the highest it reaches between changes, mg/L. */
export interface NitrateFact {
  readonly says: 'nitrate/makes';
  readonly weekMgL: MgL;
  readonly peakMgL: MgL;
  readonly budgetMgL: MgL;
  readonly edgeMgL: MgL;
}

/** What the keeper has to know before the fish comes. */
export type CareFact =
  | { readonly says: 'care/sting' }
  | { readonly says: 'care/spines' }
  | { readonly says: 'care/restricted' }
  | { readonly says: 'care/exit plan'; readonly plan: string | null; readonly count: number };

/** Why a line-up does without a species, where no rule says it. */
export type LineUpFact =
  | { readonly says: 'line-up/no number' }
  | { readonly says: 'line-up/nitrate'; readonly leftMgL: MgL }
  | { readonly says: 'line-up/layer'; readonly layer: Layer }
  | { readonly says: 'line-up/worse' }
  | { readonly says: 'line-up/part stays'; readonly stay: number; readonly leave: number };

/** What was found, as plain data: the words layer says it in the keeper's language and units. */
export type Fact =
  | WaterFact
  | SizeFact
  | GrowthFact
  | GroupFact
  | SexFact
  | MalesFact
  | OwnKindFact
  | PairFact
  | EatingFact
  | FoodFact
  | HomeFact
  | FloorFact
  | BioloadFact
  | NitrateFact
  | CareFact
  | LineUpFact;
