import type { Celsius, Litres } from '../kernel';
import { mixingRemaining } from './mixing';

export interface BagAndTank {
  readonly bag: {
    readonly temperatureC: Celsius;
    readonly tdsPpm: number | null;
    readonly ph: number | null;
  };
  readonly tank: {
    readonly temperatureC: Celsius;
    readonly tdsPpm: number | null;
    readonly ph: number | null;
  };
  readonly hoursInBag: number;
  readonly bagLitres: Litres;
  /** Shrimp, wild fish and the like need more rounds. */
  readonly sensitive: boolean;
}

/** The ways of keepers, who disagree. */
export const ACCLIMATION_WAYS = ['temperature only', 'mixing rounds', 'slow drip', 'straight in'] as const;
export type AcclimationWay = (typeof ACCLIMATION_WAYS)[number];

/** Why the measures ask for a way. */
export type AcclimationWhy =
  | { readonly says: 'long in the bag'; readonly hours: number }
  | { readonly says: 'alike' }
  | { readonly says: 'sensitive' }
  | { readonly says: 'far apart' }
  | { readonly says: 'not measured' }
  | { readonly says: 'apart'; readonly tdsPpm: number };

export interface AcclimationPlan {
  readonly method: AcclimationWay;
  readonly why: AcclimationWhy;
  /** What the measures ask for where the keeper goes another way; null where this is it. */
  readonly recommended: { readonly method: AcclimationWay; readonly why: AcclimationWhy } | null;
  /** Rounds of mixing, litres added in each, minutes between. None for the other methods. */
  readonly rounds: number;
  readonly addLitres: Litres;
  readonly minutes: number;
  readonly tankWaterLitres: Litres;
  /** Share of the first difference that is left at the end. */
  readonly remaining: number;
}

/** Water is the same when these lie no further apart (common practice; TDS and pH from memory). */
const SAME_TDS_PPM = 50;
const SAME_PH = 0.3;
const SAME_C = 1;
/** From here on the difference asks for a drip. */
const FAR_TDS_PPM = 250;
/** So long in a bag that ammonia has built up and turns toxic as the bag is opened and its pH climbs (common practice). */
const LONG_HOURS = 24;
/** Rounds of about five minutes, each as much water as there is in the bag (common practice). */
const ROUND_MINUTES = 5;
const FLOAT_MINUTES = 15;
const DRIP_MINUTES = 90;

/**
 * How to bring fish from a bag into a tank, by the measured difference and the hours in the bag.
 *
 * Rounds of mixing without discarding leave V / (V + n v) of the difference; with as much added each round as was in the
 * bag, 1 / (1 + n). TDS and temperature mix linearly, pH does not. Units: °C, ppm, L, minutes.
 */
function byMeasure({ bag, tank, hoursInBag, bagLitres, sensitive }: BagAndTank): AcclimationPlan {
  const warmth = Math.abs(bag.temperatureC - tank.temperatureC);
  const tds = bag.tdsPpm === null || tank.tdsPpm === null ? null : Math.abs(bag.tdsPpm - tank.tdsPpm);
  const ph = bag.ph === null || tank.ph === null ? null : tank.ph - bag.ph;
  const none = { recommended: null, rounds: 0, addLitres: 0, tankWaterLitres: 0, remaining: 1 };
  if (hoursInBag >= LONG_HOURS && (ph === null || ph > SAME_PH))
    return {
      ...none,
      method: 'straight in',
      minutes: FLOAT_MINUTES,
      why: { says: 'long in the bag', hours: hoursInBag },
    };
  if (tds !== null && tds <= SAME_TDS_PPM && (ph === null || Math.abs(ph) <= SAME_PH) && !sensitive)
    return {
      ...none,
      method: 'temperature only',
      minutes: warmth <= SAME_C ? ROUND_MINUTES : FLOAT_MINUTES,
      why: { says: 'alike' },
    };
  if (sensitive || (tds !== null && tds > FAR_TDS_PPM) || (ph !== null && Math.abs(ph) > 1))
    return {
      recommended: null,
      method: 'slow drip',
      rounds: 0,
      addLitres: 3 * bagLitres,
      minutes: DRIP_MINUTES,
      tankWaterLitres: 3 * bagLitres,
      remaining: mixingRemaining(bagLitres, 3 * bagLitres, 1, false),
      why: { says: sensitive ? 'sensitive' : 'far apart' },
    };
  const rounds = tds !== null && tds > FAR_TDS_PPM / 2 ? 3 : 2;
  return {
    recommended: null,
    method: 'mixing rounds',
    rounds,
    addLitres: bagLitres,
    minutes: rounds * ROUND_MINUTES + (warmth > SAME_C ? FLOAT_MINUTES : 0),
    tankWaterLitres: rounds * bagLitres,
    remaining: mixingRemaining(bagLitres, bagLitres, rounds, false),
    why: tds === null ? { says: 'not measured' } : { says: 'apart', tdsPpm: tds },
  };
}

/**
 * The plan by the measured difference, or by a way that the keeper swears by; then it says what the measures ask for.
 * `way` null goes by the measures.
 */
export function acclimation(asked: BagAndTank, way: AcclimationWay | null = null): AcclimationPlan {
  const measured = byMeasure(asked);
  if (way === null || way === measured.method) return measured;
  const { bagLitres } = asked;
  const { why } = measured;
  const recommended = { method: measured.method, why };
  switch (way) {
    case 'temperature only':
    case 'straight in':
      return {
        method: way,
        why,
        recommended,
        rounds: 0,
        addLitres: 0,
        minutes: FLOAT_MINUTES,
        tankWaterLitres: 0,
        remaining: 1,
      };
    case 'mixing rounds':
      return {
        method: way,
        why,
        recommended,
        rounds: 2,
        addLitres: bagLitres,
        minutes: 2 * ROUND_MINUTES + FLOAT_MINUTES,
        tankWaterLitres: 2 * bagLitres,
        remaining: mixingRemaining(bagLitres, bagLitres, 2, false),
      };
    case 'slow drip':
      return {
        method: way,
        why,
        recommended,
        rounds: 0,
        addLitres: 3 * bagLitres,
        minutes: DRIP_MINUTES,
        tankWaterLitres: 3 * bagLitres,
        remaining: mixingRemaining(bagLitres, 3 * bagLitres, 1, false),
      };
  }
}
