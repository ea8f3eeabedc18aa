import { type MgL, addMonths } from '../kernel';
import { HORIZON_MONTHS } from '../growth';
import type { Load, RuleContext } from './context';
import { finding, type Fix } from './finding';
import { advise } from './fixes';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'nitrate/makes': {
      readonly weekMgL: MgL;
      readonly peakMgL: MgL;
      readonly budgetMgL: MgL;
      readonly edgeMgL: MgL;
    };
  }
}

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

/** A larger change lowers the peak; it does not change what the fish make in a week. */
function fixes({ nitrateMgLWeek }: Load, fraction: number, everyDays: number): readonly Fix[] {
  const now = fraction / everyDays;
  const next = [HEAVY, HEAVIER].find((heavy) => now < heavy.changeFraction / heavy.everyDays);
  return nitrateMgLWeek > NITRATE_BUDGET || next === undefined
    ? [advise('less nitrate')]
    : [{ edit: { kind: 'set-routine', ...next } }, advise('less nitrate')];
}

const isOver = (load: Load): boolean =>
  load.nitrateMgLWeek > NITRATE_BUDGET || load.nitratePeakMgL > NITRATE_EDGE;
const isFarOver = (load: Load): boolean =>
  load.nitrateMgLWeek > NITRATE_BUDGET * FAR_OVER || load.nitratePeakMgL > NITRATE_EDGE * FAR_OVER;

const SEVERITY = severityTable<Load>(
  `Nitrate of the grown fish: budget ${NITRATE_BUDGET} mg/L a week, limit ${NITRATE_EDGE} mg/L before a change`,
  [
    { when: `over ${FAR_OVER} times the budget or the limit`, holds: isFarOver, severity: 'stop' },
    { when: 'over the budget or the limit', holds: isOver, severity: 'caution' },
    {
      when: `${NITRATE_THRIVING} mg/L or less before a change`,
      holds: (load) => load.nitratePeakMgL <= NITRATE_THRIVING,
      severity: 'good',
    },
    { when: 'more than that', holds: () => true, severity: 'note' },
  ],
  'Common practice for 20 and 40 mg/L. Rations are right in order of magnitude only, so that a stop asks for far more; the factor is from memory.',
);

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
  severities: [SEVERITY],
  judge: (context) => {
    if (context.planned.length === 0) return [];
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
    const severity = SEVERITY.of(context.load) ?? 'note';
    // A routine that nobody chose is no merit.
    if (severity === 'good' && context.routine.changesAssumed) return [];
    const over = severity === 'stop' || severity === 'caution';
    return [
      finding('nitrate', {
        severity,
        species: [],
        fact,
        because,
        from:
          over && context.focus === null ? begins(context, severity === 'stop' ? isFarOver : isOver) : null,
        approach: 'nitrate budget',
        fixes: over ? fixes(context.load, changeFraction, everyDays) : [],
        source: 'Timmons and Ebeling for nitrogen from feed; rations from memory',
      }),
    ];
  },
};
