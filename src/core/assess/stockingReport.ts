import type { Cm, Cm2, MgL } from '../kernel';
import { bodyMass, feedPerDay, nitrateMade } from '../fish';
import { holdersOf, NITRATE_BUDGET, NITRATE_EDGE } from '../rules';
import { type ChangeRoutine, daysUntil, steadyState, type SteadyState } from '../water';
import type { Assessment } from './assess';
import { LENGTH_RULE_CM_PER_L, PLANT_UPTAKE, SURFACE_RULE_CM_PER_CM2 } from './bioload';
import { sexShare } from './sexShare';

/** What one species adds to the fill, at the lengths it is judged at. */
export interface FillLine {
  readonly species: string;
  readonly count: number;
  readonly lengthCm: Cm;
  readonly massG: number;
  readonly feedGDay: number;
  /** Before the plants take theirs. */
  readonly nitrateMgLWeek: number;
  readonly heldCm2: Cm2;
}

export interface RoutineOutlook extends SteadyState {
  readonly routine: ChangeRoutine;
  /** Weeks until the limit if changes stop, from just after a change; null when nothing is made. 0 when it is past it. */
  readonly weeksToLimit: number | null;
}

/** All approaches of fill side by side, with what each part comes from. */
export interface StockingReport {
  readonly lines: readonly FillLine[];
  readonly approaches: {
    readonly length: { readonly cm: number; readonly allowsCm: Cm };
    readonly surface: { readonly cm: number; readonly allowsCm: Cm };
    readonly nitrate: { readonly mgLWeek: number; readonly budget: number };
    readonly floor: { readonly heldCm2: Cm2; readonly footprintCm2: Cm2 };
  };
  /** Share of the nitrate that the plants are taken to use: rough. */
  readonly plantShare: number;
  readonly tapMgL: MgL;
  readonly limitMgL: MgL;
  /** The tank's own routine first, then the two that keepers compare. */
  readonly outlooks: readonly RoutineOutlook[];
}

/** The two routines that keepers compare (common practice). */
export const COMPARED: readonly ChangeRoutine[] = [
  { fraction: 0.5, everyDays: 7 },
  { fraction: 0.25, everyDays: 3 },
];

const DAYS = 7;

/** The fill of an assessed plan, by species and by approach. Units as the names say. */
export function stockingReport({ context }: Assessment): StockingReport {
  const { tank, water, routine, load } = context;
  const { netL, footprintCm2 } = tank.figures;
  const lines = context.planned.map((species): FillLine => {
    const sum = (of: (lengthCm: Cm) => number): number =>
      species.groups.reduce((total, group) => total + group.count * of(group.judgedCm * sexShare(group)), 0);
    const held = (holdersOf(species, context)?.holders ?? 0) * (species.profile.company.groundCm2 ?? 0);
    return {
      species: species.profile.id,
      count: species.count,
      lengthCm: sum((length) => length),
      massG: sum((length) => bodyMass(species.profile.size.shape, length)),
      feedGDay: sum((length) => feedPerDay(species.profile, length, water.temperatureC)),
      nitrateMgLWeek:
        netL > 0
          ? (sum((length) => nitrateMade(species.profile, length, water.temperatureC)) / netL) * DAYS
          : 0,
      heldCm2: held,
    };
  });
  const fishCm = lines
    .filter(
      (line) =>
        context.planned.find((species) => species.profile.id === line.species)?.profile.life === 'fish',
    )
    .reduce((sum, line) => sum + line.lengthCm, 0);
  const perDay = load.nitrateMgLWeek / DAYS;
  const own = { fraction: routine.changeFraction, everyDays: routine.everyDays };
  const others = COMPARED.filter((one) => one.fraction !== own.fraction || one.everyDays !== own.everyDays);
  return {
    lines,
    approaches: {
      length: { cm: fishCm, allowsCm: netL * LENGTH_RULE_CM_PER_L },
      surface: { cm: fishCm, allowsCm: footprintCm2 * SURFACE_RULE_CM_PER_CM2 },
      nitrate: { mgLWeek: load.nitrateMgLWeek, budget: NITRATE_BUDGET },
      floor: { heldCm2: lines.reduce((sum, line) => sum + line.heldCm2, 0), footprintCm2 },
    },
    plantShare: PLANT_UPTAKE[tank.plants],
    tapMgL: water.nitrateTapMgL,
    limitMgL: NITRATE_EDGE,
    outlooks: [own, ...others].map((one) => {
      const steady = steadyState(one, perDay, water.nitrateTapMgL);
      const days = daysUntil(NITRATE_EDGE, steady.after, perDay);
      return { routine: one, ...steady, weeksToLimit: days === null ? null : days / DAYS };
    }),
  };
}
