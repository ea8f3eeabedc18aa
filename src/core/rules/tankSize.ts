import { addMonths, type Cm } from '../kernel';
import { lengthsByMonth } from '../growth';
import { adultLengthCm, type Approach, FAST, PUSHY, type TankFigure } from '../model';
import type { Place, PlannedSpecies } from './context';
import { finding, SEVERITIES, type Severity } from './finding';
import { advise, leaveOut } from './fixes';
import type { Rule } from './rule';
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

type TankMeasureName = keyof TankFigure;

/** One measure of a tank that a profile gives three figures for. */
interface TankMeasure {
  readonly rule: string;
  readonly name: TankMeasureName;
  readonly of: (place: Place) => number;
  /** How the need shrinks for a fish of this share of its grown length: 1 is in proportion (from memory). */
  readonly power: number;
}

/** The measures of a tank, each judged by a rule of its own. */
const MEASURES: readonly TankMeasure[] = [
  { rule: 'tank-length', name: 'lengthCm', of: ({ tank }) => tank.figures.outside.lengthCm, power: 1 },
  { rule: 'tank-width', name: 'widthCm', of: ({ tank }) => tank.figures.outside.widthCm, power: 1 },
  { rule: 'tank-height', name: 'heightCm', of: ({ tank }) => tank.figures.outside.heightCm, power: 1 },
  { rule: 'tank-volume', name: 'litres', of: ({ tank }) => tank.figures.grossL, power: 2 },
];

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
  /** A group no larger than it is at ease in, of peaceful fish that do not race about. */
  readonly calm: boolean;
}

/** Few and peaceful: between the figures of usual and lenient keepers they are well (common practice). */
const isCalm = ({ profile: { company, habits }, count }: PlannedSpecies): boolean =>
  count <= Math.max(company.comfortableGroup, company.smallestGroup) &&
  // One by itself has nobody of its own to quarrel with.
  Math.max(company.temper.mature, ...(count > 1 ? [company.ownKind.male, company.ownKind.female] : [])) <
    PUSHY &&
  habits.activity < FAST;

const falls = ({ have, figures, approach }: Sized): boolean => !atLeast(have, figures[approach]);
/** The next more lenient approach would take it, but for a hair. */
const nearly = ({ have, figures, approach }: Sized): boolean =>
  atLeast(have, figures[NEXT_LOWER[approach] ?? approach], NEARLY);

/** The severity table of all rules on measures of the tank. */
export const SIZE = severityTable<Sized>(
  'A tank against the figures of strict, usual and lenient keepers',
  [
    {
      when: `short of the keeper's own approach, within ${NEARLY * 100}% of the next more lenient: a small group of peaceful fish that do not race about`,
      holds: (sized) => falls(sized) && nearly(sized) && sized.calm,
      severity: 'note',
    },
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
  'Each species has its own strict, usual and lenient figure (common practice and memory). Makers round, so 2% short still counts; 8% is from memory. Of the width no more is asked than two and a half lengths of the fish, but by strict keepers.',
);

/** A fish turns within so many of its lengths: more width is asked for as floor, and the floor is judged by itself (from memory). */
const TURNS_WITHIN = 2.5;
/** However narrow the tank may be, so much of the volume is asked for (from memory). */
const LEAST_WATER = 0.7;

/** What the approach asks for a species of this length: less for the young, never below a quarter. */
function scaled(
  { tank, size }: PlannedSpecies['profile'],
  measure: TankMeasure,
  share: number,
): Record<Approach, number | null> {
  const factor = Math.max(0.25, Math.min(1, share) ** measure.power);
  const turns = Math.max(size.maleCm, size.femaleCm) * TURNS_WITHIN;
  const one = (approach: Approach): number | null => {
    const value = tank[approach][measure.name];
    const width = tank[approach].widthCm;
    // Strict keepers ask for the whole of it; the others for room to turn, and for as much less water as that is less width.
    const narrower = approach === 'cautious' || width === null ? 1 : Math.min(1, turns / width);
    if (value === null) return null;
    if (measure.name === 'widthCm') return value * narrower * factor;
    return measure.name === 'litres' ? value * Math.max(LEAST_WATER, narrower) * factor : value * factor;
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
  const calm = isCalm(species);
  const adult = adultLengthCm(species.profile);
  const asBad = (lengthCm: Cm): boolean =>
    SIZE.of({ have, figures: scaled(species.profile, measure, lengthCm / adult), approach, calm }) ===
    severity;
  if (asBad(species.largestCm)) return 0;
  const month = lengthsByMonth(species.profile, species.largestCm).findIndex(asBad);
  return Math.max(0, month);
}

/** One measure of the tank as a species finds it. */
interface Judged {
  readonly measure: TankMeasure;
  readonly need: Readonly<Record<Approach, number | null>>;
  readonly have: number;
  readonly severity: Severity;
}

/** What each species has too little of in a place: four rules ask the same. */
const SHORT = new WeakMap<Place, WeakMap<PlannedSpecies, readonly Judged[]>>();

function shortOf(species: PlannedSpecies, place: Place): readonly Judged[] {
  const known = SHORT.get(place) ?? new WeakMap<PlannedSpecies, readonly Judged[]>();
  SHORT.set(place, known);
  const short = known.get(species) ?? judgeMeasures(species, place);
  known.set(species, short);
  return short;
}

/** The measures of which a species has too little, the one that binds first: the worst, then the one that falls shortest. */
function judgeMeasures(species: PlannedSpecies, place: Place): readonly Judged[] {
  const share = species.judgedCm / adultLengthCm(species.profile);
  const { approach } = place;
  const calm = isCalm(species);
  const falling = ({ have, need }: Judged): number => have / (need[approach] ?? need.cautious ?? have);
  return MEASURES.flatMap((measure): readonly Judged[] => {
    const have = measure.of(place);
    const need = scaled(species.profile, measure, share);
    const severity = SIZE.of({ have, figures: need, approach, calm });
    return severity === null ? [] : [{ measure, need, have, severity }];
  }).sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) || falling(a) - falling(b),
  );
}

/**
 * Judges one measure of the tank against the three approaches of a species, at the length it is judged at. A species speaks
 * of the measure that binds; what else falls short stands among the figures.
 */
export const judgeTank =
  (name: TankMeasureName): Rule['ofOne'] =>
  (species, place) => {
    const [binding, ...others] = shortOf(species, place);
    if (binding === undefined || binding.measure.name !== name) return [];
    const { measure, need, have, severity } = binding;
    const falls = need[place.approach] !== null && !atLeast(have, need[place.approach]);
    const months = severity === 'note' ? 0 : beginsInMonths(species, have, measure, place.approach, severity);
    return [
      finding(measure.rule, {
        severity,
        species: [species.profile.id],
        fact: {
          says: 'size/needs',
          measure: name,
          need,
          have,
          approach: place.approach,
          count: species.count,
        },
        because: {
          have: Number(have.toFixed(1)),
          cautious: need.cautious ?? 0,
          middle: need.middle ?? 0,
          tried: need.tried ?? 0,
          judgedAtCm: Number(species.judgedCm.toFixed(1)),
          ...Object.fromEntries(
            others.map((one) => [
              `needs${one.measure.name[0]?.toUpperCase()}${one.measure.name.slice(1)}`,
              Number((one.need[place.approach] ?? one.need.cautious ?? 0).toFixed(1)),
            ]),
          ),
        },
        approach: falls ? place.approach : 'cautious',
        from: months > 0 ? addMonths(place.month, months) : null,
        fixes: severity === 'note' ? [] : [advise('larger tank'), leaveOut(species)],
      }),
    ];
  };
