import { FRAGILE } from '../model';
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
/** Rations are right in order of magnitude only: a doubt asks for this many times the budget (from memory). */
const WELL_OVER = 2;
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

/** What the fish make, and whether somebody chose the routine that the peak comes from. */
interface Estimated {
  readonly load: Load;
  /** Fish are there that fail at what others bear. */
  readonly fragile: boolean;
  readonly routineChosen: boolean;
}
const isWellOver = ({ load, routineChosen }: Omit<Estimated, 'fragile'>): boolean =>
  load.nitrateMgLWeek > NITRATE_BUDGET * WELL_OVER ||
  (routineChosen && load.nitratePeakMgL > NITRATE_EDGE * WELL_OVER);

const SEVERITY = severityTable<Estimated>(
  `Nitrate of the grown fish: budget ${NITRATE_BUDGET} mg/L a week, limit ${NITRATE_EDGE} mg/L before a change`,
  [
    {
      when: `over ${WELL_OVER} times the budget, or ${WELL_OVER} times the limit by a routine that somebody chose`,
      holds: isWellOver,
      severity: 'caution',
    },
    { when: 'over the budget or the limit', holds: ({ load }) => isOver(load), severity: 'note' },
    {
      when: `${NITRATE_THRIVING} mg/L or less before a change`,
      holds: ({ load }) => load.nitratePeakMgL <= NITRATE_THRIVING,
      severity: 'good',
    },
    { when: 'more than that, and fragile fish are there', holds: ({ fragile }) => fragile, severity: 'note' },
  ],
  'Common practice for 20 and 40 mg/L. Rations are right in order of magnitude only: an estimate alone makes no stop, and less than twice the budget is a note.',
);

/** The month in which growth makes it as bad as it gets; null when it is so today. */
function begins(context: RuleContext, routineChosen: boolean): string | null {
  for (let months = 0; months <= HORIZON_MONTHS; months += 1)
    if (isWellOver({ load: context.loadAfter(months), routineChosen }))
      return months === 0 ? null : addMonths(context.month, months);
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
    const routineChosen = !context.routine.changesAssumed;
    const fragile = context.planned.some(({ profile }) => profile.water.sensitivity >= FRAGILE);
    const severity = SEVERITY.of({ load: context.load, routineChosen, fragile });
    if (severity === null) return [];
    // A routine that nobody chose is no merit.
    if (severity === 'good' && !routineChosen) return [];
    const over = isOver(context.load);
    return [
      finding('nitrate', {
        severity,
        species: [],
        fact,
        because,
        from: severity === 'caution' && context.focus === null ? begins(context, routineChosen) : null,
        approach: 'nitrate budget',
        fixes: over ? fixes(context.load, changeFraction, everyDays) : [],
        source: 'Timmons and Ebeling for nitrogen from feed; rations from memory',
      }),
    ];
  },
};
