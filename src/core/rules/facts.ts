import type { MgL } from '../kernel';
import type { Layer } from '../model';

/** Measures of the water that fish have ranges of. */
export type WaterName = 'temperatureC' | 'ph' | 'ghDh' | 'salinityPpt';
/** From the lowest to the highest. */
export type Span = readonly [number, number];
/** How many there are of each of two species, in the order of the finding. */
export type Counts = readonly [number, number];

/**
 * What can be found, by name, with the figures that tell it. Each rule adds its own facts in its own file; the words layer
 * says them, and does not compile while one of them has no words.
 */
export interface Facts {
  'line-up/no number': object;
  'line-up/nitrate': { readonly leftMgL: MgL };
  'line-up/layer': { readonly layer: Layer };
  'line-up/fits too': object;
  'line-up/worth less': object;
  'line-up/part stays': { readonly stay: number; readonly leave: number };
}

/** What was found, as plain data: the words layer says it in the keeper's language and units. */
export type Fact = { [K in keyof Facts]: Readonly<{ says: K } & Facts[K]> }[keyof Facts];

type FactOf<Area extends string> = Extract<Fact, { readonly says: `${Area}/${string}` }>;

/** What a rule on the water found. The species of the finding are those it names, in order. */
export type WaterFact = FactOf<'water'>;
/** A tank that is too small for a species in one measure: lengths in cm, volume in litres. */
export type SizeFact = FactOf<'size'>;
/** Fish that grow too big for the tank, and stays that end. Months as `2027-06`. */
export type GrowthFact = FactOf<'growth'>;
/** How many there are of one species, against how many it wants. */
export type GroupFact = FactOf<'group'>;
/** Males and females. */
export type SexFact = FactOf<'sexes'>;
/** Tanks of males only. */
export type MalesFact = FactOf<'males'>;
/** Fish of one species against their own kind. */
export type OwnKindFact = FactOf<'own'>;
/** One species against another: the one that does it first. */
export type PairFact = FactOf<'pair'>;
/** One species eats another: the eater first. */
export type EatingFact = FactOf<'eating'>;
/** Food. */
export type FoodFact = FactOf<'food'>;
/** Bottom, cover and company in the tank. */
export type HomeFact = FactOf<'home'>;
/** The floor of the tank, and who claims it. */
export type FloorFact = FactOf<'floor'>;
/** Fish against the two old rules, as shares; 1 is full. */
export type BioloadFact = FactOf<'bioload'>;
/** Nitrate that a list makes when it is grown, mg/L a week, and the highest it reaches between changes, mg/L. */
export type NitrateFact = FactOf<'nitrate'>;
/** What the keeper has to know before the fish comes. */
export type CareFact = FactOf<'care'>;
/** Why a line-up does without a species, where no rule says it. */
export type LineUpFact = FactOf<'line-up'>;
