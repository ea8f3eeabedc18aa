import type { Celsius, Cm } from '../kernel';
import type { SpeciesProfile } from '../model';
import { bodyMass } from './bodyMass';

/** Share of body mass fed a day at 25 °C to a 10 g fish, by activity 1 to 3 (from memory: display tanks, not farms). */
const RATION: Readonly<Record<number, number>> = { 1: 0.008, 2: 0.01, 3: 0.013 };
/** Small fish eat more for their mass: metabolic scaling with mass to the power -0.2 (from memory). */
const RATION_EXPONENT = -0.2;
const RATION_MASS_G = 10;
/** Appetite doubles for every ten degrees (Q10 of 2; from memory). */
const Q10 = 2;
/** Protein in ordinary flake and pellet (common practice). */
const PROTEIN = 0.45;
/** Total ammonia nitrogen a unit of protein fed. Source: Timmons and Ebeling, Recirculating Aquaculture. */
const TAN_PER_PROTEIN = 0.092;
/** Nitrate a unit of nitrogen: 62.005 / 14.007. */
const NITRATE_PER_N = 4.427;

/** Grams of food a day that one animal of this species gets, by length in cm and temperature in °C. */
export function feedPerDay(profile: SpeciesProfile, lengthCm: Cm, temperatureC: Celsius): number {
  const mass = bodyMass(profile.size.shape, lengthCm);
  const ration = (RATION[profile.habits.activity] ?? 0.01) * (mass / RATION_MASS_G) ** RATION_EXPONENT;
  return mass * ration * Q10 ** ((temperatureC - 25) / 10) * profile.effect.mess;
}

/**
 * Milligrams of nitrate (as NO3) a day that one animal adds through its food. Rough until measured.
 *
 * feed x protein x 0.092 is total ammonia nitrogen; all of it becomes nitrate in a ripe filter.
 */
export function nitrateMade(profile: SpeciesProfile, lengthCm: Cm, temperatureC: Celsius): number {
  return feedPerDay(profile, lengthCm, temperatureC) * PROTEIN * TAN_PER_PROTEIN * NITRATE_PER_N * 1000;
}
