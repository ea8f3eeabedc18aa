import type { DocumentBodies } from '../records';
import type { Celsius } from '../kernel';
import type { Step } from '../events';
import { USUAL_ROUTINE } from '../tank';
import type { Pattern, PatternName } from './patterns';
import type { StepEffect } from './stepEffect';

/** Why a step is not for now. */
export type Against =
  | 'done already'
  | 'needs warmth'
  | 'temperature unknown'
  | 'pair guards'
  | 'too many territories'
  | 'nitrate full'
  | 'no spare tank';

/** The coolest water that one of the species here takes. */
interface Lowest {
  readonly species: string;
  readonly temperatureC: Celsius;
}

/** A step that may be tried, from the gentlest on. */
export interface NextStep {
  readonly step: Step;
  /** Why it is not for now; null when nothing speaks against it. */
  readonly against: Against | null;
  /** The resident that it is done to; null for the whole tank. */
  readonly who: string | null;
  /** The species at the centre of it. */
  readonly species: string | null;
  readonly meals: number;
  readonly lightHours: number;
  /** The cooler temperature to go to; null where nobody knows that of the tank. */
  readonly coolerC: Celsius | null;
  /** The species that wants the warmest water; null in a tank without fish. */
  readonly warmest: Lowest | null;
  /** What it did here before; null when it was never tried. */
  readonly before: StepEffect['verdict'] | null;
}

export interface StepSituation {
  readonly patterns: readonly Pick<Pattern, 'name' | 'who'>[];
  /** The species of the fish at the centre of it; null where nobody is. */
  readonly species: string | null;
  readonly tank: DocumentBodies['tank'];
  /** Of the tank; null when nobody says. */
  readonly temperatureC: Celsius | null;
  /** The coolest water that each species here takes. */
  readonly lowest: readonly Lowest[];
  /** A pair guards eggs or fry. */
  readonly guarding: boolean;
  readonly tried: readonly StepEffect[];
  /** The tank is full by the nitrate budget. */
  readonly full: boolean;
  readonly spareFree: boolean;
}

/** In a rough tank the light is kept to 7 or 8 hours (common practice). */
const LIGHT_HOURS = 8;
/** Several small meals rather than one, twice a day at the least (common practice). */
const MEALS = 3;
/** Cooler by so much over two days, where all take it; by less than the second it is no step (from memory). */
const COOLER_BY_C = 2;
const LEAST_COOLER_C = 1;

interface Intervention {
  readonly step: Step;
  readonly for: readonly PatternName[];
  /** The pattern that names the fish it is done to. */
  readonly to?: readonly PatternName[];
  readonly against?: (at: StepSituation) => Against | null;
}

const not =
  (when: (at: StepSituation) => boolean, why: Against) =>
  (at: StepSituation): Against | null =>
    when(at) ? why : null;
const warmestOf = ({ lowest }: StepSituation): Lowest | null =>
  [...lowest].sort((a, b) => b.temperatureC - a.temperatureC)[0] ?? null;

function coolerOf(at: StepSituation): Celsius | null {
  if (at.temperatureC === null) return null;
  return Math.max(at.temperatureC - COOLER_BY_C, warmestOf(at)?.temperatureC ?? 0);
}

function againstCooler(at: StepSituation): Against | null {
  const cooler = coolerOf(at);
  if (at.temperatureC === null || cooler === null) return 'temperature unknown';
  return at.temperatureC - cooler < LEAST_COOLER_C ? 'needs warmth' : null;
}

const isGuarding = ({ guarding }: StepSituation): boolean => guarding;
const isFull = ({ full }: StepSituation): boolean => full;

/** The steps, gentlest first, the last resort last (common practice). */
const INTERVENTIONS: readonly Intervention[] = [
  {
    step: 'fed more often',
    for: ['feeding time', 'one boss', 'one victim', 'newcomer picked on'],
    against: not(
      ({ tank }) => (tank.routine?.mealsPerDay ?? USUAL_ROUTINE.mealsPerDay) >= MEALS,
      'done already',
    ),
  },
  {
    step: 'shorter light',
    for: ['lights', 'one boss', 'duel', 'pair on guard', 'too many holders'],
    against: not(({ tank }) => (tank.tank.lightHours ?? 10) <= LIGHT_HOURS, 'done already'),
  },
  {
    step: 'slightly cooler',
    for: ['one boss', 'one victim', 'duel', 'pair on guard'],
    against: againstCooler,
  },
  {
    step: 'sight breaks',
    for: ['one boss', 'one victim', 'duel', 'pair on guard', 'to one side', 'newcomer picked on'],
  },
  {
    step: 'more refuges',
    for: ['one victim', 'newcomer picked on', 'to one side', 'torn, nobody seen'],
    against: not(
      ({ patterns }) => patterns.some(({ name }) => name === 'too many holders'),
      'too many territories',
    ),
  },
  { step: 'fewer hides', for: ['too many holders'], against: not(isGuarding, 'pair guards') },
  {
    step: 'rearranged',
    for: ['one boss', 'duel', 'to one side', 'newcomer picked on', 'too many holders'],
    against: not(isGuarding, 'pair guards'),
  },
  {
    step: 'dither fish',
    for: ['one victim', 'pair on guard', 'one boss'],
    against: not(isFull, 'nitrate full'),
  },
  { step: 'more of the kind', for: ['one victim', 'one boss'], against: not(isFull, 'nitrate full') },
  { step: 'sex ratio', for: ['too few females', 'duel', 'one victim'] },
  {
    step: 'boss set aside',
    for: ['one boss', 'duel'],
    to: ['one boss', 'duel'],
    against: (at) => (at.guarding ? 'pair guards' : at.spareFree ? null : 'no spare tank'),
  },
  {
    step: 'box or divider',
    for: ['one victim', 'newcomer picked on', 'torn, nobody seen', 'pair on guard'],
    to: ['one victim', 'newcomer picked on', 'torn, nobody seen'],
  },
  {
    step: 'larger tank',
    for: ['pair on guard', 'too many holders', 'to one side', 'one victim', 'one boss', 'duel'],
  },
  {
    step: 'rehomed',
    for: ['one boss', 'one victim', 'duel', 'pair on guard', 'too many holders', 'too few females'],
    to: ['one boss', 'duel', 'pair on guard'],
  },
];

/** What a step did the last time it was tried by itself or in a bundle here. */
const lastTime = (step: Step, tried: readonly StepEffect[]): StepEffect['verdict'] | null =>
  tried.find((effect) => effect.bundle.steps.includes(step))?.verdict ?? null;

/**
 * The steps that fit what the numbers show, gentlest first: those that speak to a pattern, then those that do not fit for
 * now with the reason. A step that did not help here before is told so, not hidden.
 */
export function nextSteps(at: StepSituation): readonly NextStep[] {
  const steps = INTERVENTIONS.filter((one) => at.patterns.some(({ name }) => one.for.includes(name))).map(
    (one): NextStep => ({
      step: one.step,
      against: one.against?.(at) ?? null,
      who: at.patterns.find(({ name }) => one.to?.includes(name))?.who[0] ?? null,
      species: at.species,
      meals: MEALS,
      lightHours: LIGHT_HOURS,
      coolerC: coolerOf(at),
      warmest: warmestOf(at),
      before: lastTime(one.step, at.tried),
    }),
  );
  const fits = ({ against }: NextStep): boolean => against === null;
  return [...steps.filter(fits), ...steps.filter((one) => !fits(one))];
}
