import type { Celsius, Cm, MgL } from '../kernel';
import { bodyMass, nitrateMade } from '../fish';
import type { SpeciesProfile } from '../model';
import type { Load, RuleContext, RuleTank } from '../rules';
import { steadyState } from '../water';

/** One inch of fish to a US gallon, in cm a litre (common practice, "only a guide"). */
export const LENGTH_RULE_CM_PER_L = 2.54 / 3.785411784;
/** One inch of fish to twelve square inches of surface, in cm a cm2 (common practice). */
export const SURFACE_RULE_CM_PER_CM2 = 2.54 / (12 * 2.54 * 2.54);
/** Share of the nitrate that plants take up by class; rough, and said to be rough (from memory). */
export const PLANT_UPTAKE = { none: 0, some: 0.1, dense: 0.25 } as const;

/** Some of a species at a length, cm. */
export interface Fed {
  readonly profile: SpeciesProfile;
  readonly count: number;
  readonly lengthCm: Cm;
}

/** What some fish weigh, make and measure, whatever tank they are in. It adds up over a list. */
export interface BioloadShare {
  readonly massG: number;
  readonly nitrateMgDay: number;
  /** Length of all fish, end to end; other animals are left out. */
  readonly lengthCm: Cm;
}

export function shareOf(groups: readonly Fed[], temperatureC: Celsius): BioloadShare {
  let massG = 0;
  let nitrateMgDay = 0;
  let lengthCm = 0;
  for (const group of groups) {
    massG += group.count * bodyMass(group.profile.size.shape, group.lengthCm);
    nitrateMgDay += group.count * nitrateMade(group.profile, group.lengthCm, temperatureC);
    if (group.profile.life === 'fish') lengthCm += group.count * group.lengthCm;
  }
  return { massG, nitrateMgDay, lengthCm };
}

/** What shares come to in this tank: g, mg/L a week, and shares of two rules of thumb. */
export function bioloadOf(
  shares: readonly BioloadShare[],
  tank: RuleTank,
  nitrateTapMgL: MgL,
  routine: RuleContext['routine'],
): Load {
  let massG = 0;
  let nitrateMgDay = 0;
  let lengthCm = 0;
  for (const burden of shares) {
    massG += burden.massG;
    nitrateMgDay += burden.nitrateMgDay;
    lengthCm += burden.lengthCm;
  }
  const { netL, footprintCm2 } = tank.figures;
  const perDay = netL > 0 ? (nitrateMgDay * (1 - PLANT_UPTAKE[tank.plants])) / netL : 0;
  const steady = steadyState(
    { fraction: routine.changeFraction, everyDays: routine.everyDays },
    perDay,
    nitrateTapMgL,
  );
  return {
    massG,
    nitrateMgLWeek: perDay * 7,
    nitratePeakMgL: steady.before,
    lengthRule: netL > 0 ? lengthCm / (netL * LENGTH_RULE_CM_PER_L) : 0,
    surfaceRule: footprintCm2 > 0 ? lengthCm / (footprintCm2 * SURFACE_RULE_CM_PER_CM2) : 0,
  };
}
