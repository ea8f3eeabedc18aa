import { addMonths } from '../kernel';
import { HORIZON_MONTHS } from '../growth';
import type { Load, RuleContext } from './context';
import { finding, type Fix } from './finding';
import type { Rule } from './rule';

/** mg/L a week that keepers budget for (common practice). */
export const NITRATE_BUDGET = 20;
/** Under this fish thrive, and at this is the edge, mg/L (common practice). */
export const NITRATE_THRIVING = 20;
export const NITRATE_EDGE = 40;
/**
 * Rations are right in order of magnitude only, so that a stop asks for far more than a doubt: with three times
 * the budget even half the water twice a week stays past the edge (the routine's formula; the margin from memory).
 */
const FAR_OVER = 3;
/** Half a week is the usual heavy routine. */
const HEAVY = { changeFraction: 0.5, everyDays: 7 } as const;
const HEAVIER = { changeFraction: 0.5, everyDays: 4 } as const;

function fixes(fraction: number, everyDays: number): readonly Fix[] {
  const now = fraction / everyDays;
  const next =
    now < HEAVY.changeFraction / HEAVY.everyDays
      ? HEAVY
      : now < HEAVIER.changeFraction / HEAVIER.everyDays
        ? HEAVIER
        : null;
  const words = { text: 'Fewer or smaller fish, less food, more plants or a larger tank.' };
  return next === null
    ? [words]
    : [
        {
          text: `Change half the water every ${next.everyDays} days.`,
          edit: { kind: 'set-routine', ...next },
        },
        words,
      ];
}

const isOver = (load: Load): boolean =>
  load.nitrateMgLWeek > NITRATE_BUDGET || load.nitratePeakMgL > NITRATE_EDGE;
const isFarOver = (load: Load): boolean =>
  load.nitrateMgLWeek > NITRATE_BUDGET * FAR_OVER || load.nitratePeakMgL > NITRATE_EDGE * FAR_OVER;

/** The month in which growth makes it as bad as it gets; null when it is so today. */
function begins(context: RuleContext, bad: (load: Load) => boolean): string | null {
  for (let months = 0; months <= HORIZON_MONTHS; months += 1)
    if (bad(context.loadAfter(months))) return months === 0 ? null : addMonths(context.month, months);
  return addMonths(context.month, HORIZON_MONTHS);
}

/** What the list makes in a week against the budget, and the peak the routine lets it reach. */
export const nitrate: Rule = {
  name: 'nitrate',
  leaveFor: 'too messy',
  judge: (context) => {
    if (context.kinds.length === 0) return [];
    const { nitrateMgLWeek: week, nitratePeakMgL: peak } = context.load;
    const { changeFraction, everyDays } = context.routine;
    const because = {
      nitrateMgLWeek: Number(week.toFixed(1)),
      nitratePeakMgL: Number(peak.toFixed(1)),
      budget: NITRATE_BUDGET,
      changeFraction,
      everyDays,
    };
    const fact = {
      says: 'nitrate/makes',
      weekMgL: week,
      peakMgL: peak,
      budgetMgL: NITRATE_BUDGET,
      edgeMgL: NITRATE_EDGE,
    } as const;
    if (isOver(context.load)) {
      const far = isFarOver(context.load);
      return [
        finding('nitrate', {
          severity: far ? 'stop' : 'caution',
          species: [],
          fact,
          because,
          from: context.focus === null ? begins(context, far ? isFarOver : isOver) : null,
          school: 'nitrate budget',
          fixes: fixes(changeFraction, everyDays),
          source: 'Timmons and Ebeling for nitrogen from feed; rations from memory',
        }),
      ];
    }
    return [
      finding('nitrate', {
        severity: peak <= NITRATE_THRIVING ? 'good' : 'note',
        species: [],
        fact,
        because,
        school: 'nitrate budget',
        source: 'Timmons and Ebeling for nitrogen from feed; rations from memory',
      }),
    ];
  },
};
