import { addMonths, type Cm } from '../kernel';
import { lengthsByMonth } from '../growth';
import { adultLengthCm, type Approach, type TankFigure } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding, type Severity } from './finding';
import { advise, leaveOut } from './fixes';
import { judgedSpecies } from './pairs';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'size/needs': {
      readonly measure:
        | 'lengthCm'
        | 'widthCm'
        | 'heightCm'
        | 'litres'; /** What each approach of keepers gives it at the length it is judged at; null where nobody says. */
      readonly need: Readonly<Record<Approach, number | null>>;
      readonly have: number; /** The approach that the keeper follows. */
      readonly approach: Approach;
      readonly count: number;
    };
  }
}

export type TankMeasureName = keyof TankFigure;

/** One measure of a tank that a profile gives three figures for. */
export interface TankMeasure {
  readonly rule: string;
  readonly name: TankMeasureName;
  readonly of: (context: RuleContext) => number;
  /** How the need shrinks for a fish of this share of its grown length: 1 is in proportion (from memory). */
  readonly power: number;
}

/** Makers round: a tank may fall short of a figure by this share and still count (common practice). */
const TOLERANCE = 0.02;

const NEXT_LOWER: Readonly<Record<Approach, Approach | null>> = {
  cautious: 'middle',
  middle: 'tried',
  tried: null,
};

/** So little short of what the most lenient give is a doubt: figures are round, and growth is an estimate (from memory). */
const NEARLY = 0.08;

const atLeast = (have: number, need: number | null, short = TOLERANCE): boolean =>
  need === null || have >= need * (1 - short);

interface Sized {
  readonly have: number;
  readonly figures: Readonly<Record<Approach, number | null>>;
  readonly approach: Approach;
}

const falls = ({ have, figures, approach }: Sized): boolean => !atLeast(have, figures[approach]);
/** The next more lenient approach would take it, but for a hair. */
const nearly = ({ have, figures, approach }: Sized): boolean =>
  atLeast(have, figures[NEXT_LOWER[approach] ?? approach], NEARLY);

/** The severity table of all rules on measures of the tank. */
export const SIZE = severityTable<Sized>(
  'A tank against the figures of strict, usual and lenient keepers',
  [
    {
      when: `short of the keeper's own approach by over ${TOLERANCE * 100}%, but within ${NEARLY * 100}% of the next more lenient`,
      holds: (sized) => falls(sized) && nearly(sized),
      severity: 'caution',
    },
    { when: `short of both`, holds: falls, severity: 'stop' },
    {
      when: 'short of the strict figure only',
      holds: ({ have, figures }) => !atLeast(have, figures.cautious),
      severity: 'note',
    },
  ],
  'Each species has its own strict, usual and lenient figure (common practice and memory). Makers round, so 2% short still counts; 8% is from memory.',
);

/** What the approach asks for a species of this length: less for the young, never below a quarter. */
function scaled(
  figures: PlannedSpecies['profile']['tank'],
  measure: TankMeasure,
  share: number,
): Record<Approach, number | null> {
  const factor = Math.max(0.25, Math.min(1, share) ** measure.power);
  const one = (approach: Approach): number | null => {
    const value = figures[approach][measure.name];
    return value === null ? null : value * factor;
  };
  return { cautious: one('cautious'), middle: one('middle'), tried: one('tried') };
}

/** The first month in which growth makes it as bad; 0 when it is so today. A longer fish never needs less. */
function beginsInMonths(
  species: PlannedSpecies,
  have: number,
  measure: TankMeasure,
  approach: Approach,
  severity: Severity,
): number {
  const adult = adultLengthCm(species.profile);
  const asBad = (lengthCm: Cm): boolean =>
    SIZE.of({ have, figures: scaled(species.profile.tank, measure, lengthCm / adult), approach }) ===
    severity;
  if (asBad(species.largestCm)) return 0;
  const month = lengthsByMonth(species.profile, species.largestCm).findIndex(asBad);
  return Math.max(0, month);
}

/** Judges one measure of the tank against the three approaches of every species, at the length it is judged at. */
export function judgeTank(context: RuleContext, measure: TankMeasure): readonly Finding[] {
  const have = measure.of(context);
  return judgedSpecies(context).flatMap((species) => {
    const share = species.judgedCm / adultLengthCm(species.profile);
    const need = scaled(species.profile.tank, measure, share);
    const severity = SIZE.of({ have, figures: need, approach: context.approach });
    if (severity === null) return [];
    const months =
      severity === 'note' ? 0 : beginsInMonths(species, have, measure, context.approach, severity);
    return [
      finding(measure.rule, {
        severity,
        species: [species.profile.id],
        fact: {
          says: 'size/needs',
          measure: measure.name,
          need,
          have,
          approach: context.approach,
          count: species.count,
        },
        because: {
          have: Number(have.toFixed(1)),
          cautious: need.cautious ?? 0,
          middle: need.middle ?? 0,
          tried: need.tried ?? 0,
          judgedAtCm: Number(species.judgedCm.toFixed(1)),
        },
        approach: severity === 'note' ? 'cautious' : context.approach,
        from: months > 0 ? addMonths(context.month, months) : null,
        fixes: severity === 'note' ? [] : [advise('larger tank'), leaveOut(species)],
      }),
    ];
  });
}
