import type { Celsius, Cm, Cm2, Kg, KPa, Psf } from '../kernel';
import type { Box } from './tankBox';
import type { FurnishedTank } from './furnishedTank';
import { waterDensity } from './waterDensity';

/** kg/L, float glass (published: 2.5). */
const GLASS_KG_PER_L = 2.5;
/** kg/L as poured, with the water between the grains (from memory). */
const SUBSTRATE_KG_PER_L: Readonly<Record<string, number>> = {
  sand: 2.0,
  'fine-gravel': 1.95,
  gravel: 1.9,
  soil: 1.4,
  rock: 2.1,
  bare: 0,
};
/** kg/L, aquarium rock and wood taken together (from memory). */
const HARDSCAPE_KG_PER_L = 2.2;
/** Stand and equipment, kg for each litre of the tank (from memory: a 240 L tank on a 40 kg cabinet). */
const STAND_KG_PER_GROSS_L = 0.17;
const GRAVITY = 9.80665;
const PSF_PER_KPA = 20.8854342;

/** The residential live load that many codes design for: 1.92 kPa, 40 psf. Source: ASCE 7, table of minimum live loads. */
export const USUAL_FLOOR_LOAD_KPA = 1.92;
/** From this volume on floors, old houses and rented flats ask for an engineer (common practice). */
export const ASK_ENGINEER_L = 200;

export interface FilledMass {
  readonly waterKg: Kg;
  readonly glassKg: Kg;
  readonly substrateKg: Kg;
  readonly hardscapeKg: Kg;
  readonly standKg: Kg;
  readonly totalKg: Kg;
  /** Over the tank's own foot, by its shape. */
  readonly floorKPa: KPa;
  readonly floorPsf: Psf;
}

interface Inner {
  readonly outside: Box;
  readonly inside: Box;
  readonly waterDepthCm: Cm;
  readonly footprintCm2: Cm2;
  /** Share of the box around it that the tank covers, 0 to 1. */
  readonly share: number;
}

/**
 * An estimate of the mass of a filled tank in kg and of its pressure on the floor in kPa and psf.
 *
 * It is a prompt to ask an engineer, never a clearance.
 */
export function filledMass(tank: FurnishedTank, inner: Inner, temperatureC: Celsius): FilledMass {
  const { outside, inside, waterDepthCm, footprintCm2, share } = inner;
  const columnL = (waterDepthCm * footprintCm2) / 1000;
  const grossL = (outside.lengthCm * outside.widthCm * outside.heightCm * share) / 1000;
  const innerL = (inside.heightCm * footprintCm2) / 1000;
  const waterKg = (columnL * (1 - tank.hardscapeFraction) * waterDensity(temperatureC)) / 1000;
  const glassKg = (grossL - innerL) * GLASS_KG_PER_L;
  const substrateKg =
    ((tank.substrateCm * footprintCm2) / 1000) * (SUBSTRATE_KG_PER_L[tank.substrate] ?? 1.9);
  const hardscapeKg = columnL * tank.hardscapeFraction * HARDSCAPE_KG_PER_L;
  const standKg = grossL * STAND_KG_PER_GROSS_L;
  const totalKg = waterKg + glassKg + substrateKg + hardscapeKg + standKg;
  const floorKPa = (totalKg * GRAVITY) / ((outside.lengthCm * outside.widthCm * share) / 10_000) / 1000;
  return {
    waterKg,
    glassKg,
    substrateKg,
    hardscapeKg,
    standKg,
    totalKg,
    floorKPa,
    floorPsf: floorKPa * PSF_PER_KPA,
  };
}
