import type { Celsius, Cm, Dh, MgL, Ppt } from '../kernel';
import type { TankFigures } from '../tank';
import type { Approach, Density, SpeciesProfile, Substrate, WaterRange } from '../model';

/** A group of a plan with everything a rule may ask of it, defaults filled in. */
export interface PlannedGroup {
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly males: number | null;
  readonly females: number | null;
  /** Length today, cm. */
  readonly lengthCm: Cm;
  /** Length it will be judged at: grown, or what it reaches by `until`. */
  readonly judgedCm: Cm;
  /** Months until it leaves; null when it stays. */
  readonly leavesInMonths: number | null;
  readonly range: WaterRange;
  readonly rangeSource: 'wild' | 'tank-bred';
  /** Nobody said where they come from: the range is that of the species as usually sold. */
  readonly asSold: boolean;
  readonly breeding: boolean;
  /** Grown up with the others of its list; null when nobody says. */
  readonly grownTogether: boolean | null;
  readonly wayOut: string;
  /** Where it goes when it leaves; empty when nobody says. */
  readonly nextTank: string;
  /** Months that it has lived in this tank; null for one that is only planned. */
  readonly monthsHere: number | null;
}

/** All groups of one species taken together: most rules count heads, not lines of a list. */
export interface PlannedSpecies {
  readonly profile: SpeciesProfile;
  readonly groups: readonly PlannedGroup[];
  readonly count: number;
  /** Known males and females; null when no group says. */
  readonly males: number | null;
  readonly females: number | null;
  /** Length today of the largest and of the smallest, cm. */
  readonly largestCm: Cm;
  readonly smallestCm: Cm;
  /** The largest length any of them is judged at, cm. */
  readonly judgedCm: Cm;
  readonly leavesInMonths: number | null;
  readonly range: WaterRange;
}

export interface RuleWater {
  readonly temperatureC: Celsius;
  readonly ph: number;
  readonly ghDh: Dh;
  readonly salinityPpt: Ppt;
  readonly nitrateTapMgL: MgL;
  /** Names of values that nobody gave: rules do not judge the tank by them. */
  readonly assumed: ReadonlySet<string>;
}

export interface RuleTank {
  readonly figures: TankFigures;
  readonly substrate: Substrate;
  readonly lid: boolean;
  readonly plants: 'none' | 'some' | 'dense';
  /** Hides of each kind, or only their number; null when nobody says. */
  readonly hides: Hides | null;
  /** Hours of light a day; null when nobody says. */
  readonly lightHours: number | null;
  /** Sight breaks; null when nobody says. */
  readonly sightBreaks: number | null;
  /** Share of the water taken by rock and wood. */
  readonly hardscapeFraction: number;
  /** What was not given and stands at a default: rules do not judge the tank by it. */
  readonly assumed: ReadonlySet<'filterLph' | 'plants' | 'substrate'>;
}

export const HIDE_KINDS = ['caves', 'overhangs', 'upright', 'floating', 'shells'] as const;
export type HideKind = (typeof HIDE_KINDS)[number];
/** Hiding places: their number, and how many of each kind where that is said. */
export interface Hides {
  readonly total: number;
  readonly byKind: Readonly<Record<HideKind, number>> | null;
}

/** Water ranges that all species share; null where they share none. */
export interface SharedWater {
  readonly temperatureC: readonly [number, number] | null;
  readonly ph: readonly [number, number] | null;
  readonly ghDh: readonly [number, number] | null;
}

export interface Load {
  readonly massG: number;
  readonly nitrateMgLWeek: number;
  readonly nitratePeakMgL: MgL;
  /** Length of fish over what the length rule allows; 1 is full. */
  readonly lengthRule: number;
  /** Length of fish over what the surface rule allows; 1 is full. */
  readonly surfaceRule: number;
}

/** A tank with its water, its care and the keeper's approaches, whoever lives in it: all that a rule may ask of where a species lives. */
export interface Place {
  readonly tank: RuleTank;
  /** A tank of the size of a pond. */
  readonly pond: boolean;
  readonly water: RuleWater;
  readonly routine: {
    readonly changeFraction: number;
    readonly everyDays: number;
    readonly mealsPerDay: number;
    /** Nobody said how often they are fed. */
    readonly mealsAssumed: boolean;
    /** Nobody said how much water is changed, and how often. */
    readonly changesAssumed: boolean;
  };
  readonly approach: Approach;
  readonly males: 'harem' | 'all-male' | 'one-each';
  /** Numbers of a rift-lake tank; null when the keeper has not chosen: then each species goes by its own approach. */
  readonly riftDensity: Density | null;
  /** This month, `YYYY-MM`. */
  readonly month: string;
}

/** Everything a rule may look at. Nothing in it changes. */
export interface RuleContext extends Place {
  readonly planned: readonly PlannedSpecies[];
  /** The place by itself: the same object for every list that lives in it. */
  readonly place: Place;
  readonly shared: SharedWater;
  /** At the lengths that all are judged at. */
  readonly load: Load;
  /** The load after so many months of growth, of those who are still here. */
  readonly loadAfter: (months: number) => Load;
  /** When set, only what this species changes is asked for: pairs without it, and species alone, are passed over. */
  readonly focus: PlannedSpecies | null;
}
