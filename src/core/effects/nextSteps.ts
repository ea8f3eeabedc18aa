import type { DocumentBodies } from '../records';
import type { Step } from '../events';
import type { PatternName } from './patterns';
import type { StepEffect } from './stepEffect';

/** A step that may be tried, from the gentlest on. */
export interface NextStep {
  readonly step: Step;
  /** What to do, for this tank. */
  readonly text: string;
  /** Why it fits, or why it is not for now. */
  readonly why: string;
  readonly fits: boolean;
  /** What it did here before; null when it was never tried. */
  readonly before: StepEffect['verdict'] | null;
}

export interface StepSituation {
  readonly patterns: readonly PatternName[];
  readonly tank: DocumentBodies['tank'];
  /** A pair guards eggs or fry. */
  readonly guarding: boolean;
  /** Males and females known in the kind at the centre of it; null when nobody has sexed them. */
  readonly males: number | null;
  readonly tried: readonly StepEffect[];
  /** The tank is full by the nitrate budget. */
  readonly full: boolean;
  readonly spareFree: boolean;
}

/** In a rough tank the light is kept to 7 or 8 hours (common practice). */
const LIGHT_HOURS = 8;
/** Several small meals rather than one, twice a day at the least (common practice). */
const MEALS = 3;

interface Rung {
  readonly step: Step;
  readonly text: (at: StepSituation) => string;
  readonly for: readonly PatternName[];
  readonly why: string;
  /** Why it is not for now; null when nothing speaks against it. */
  readonly against: (at: StepSituation) => string | null;
}

const always = (): null => null;
const guardingOff = (at: StepSituation): string | null =>
  at.guarding ? 'Not while a pair guards: moved rocks cost the brood and make the pair rougher.' : null;

/** The ladder, gentlest first, the last resort last (common practice). */
const LADDER: readonly Rung[] = [
  {
    step: 'fed more often',
    text: (at) =>
      `Feed ${MEALS} to 4 small meals a day instead of ${at.tank.routine?.mealsPerDay ?? 2}, spread over the tank.`,
    for: ['feeding time', 'one boss', 'one victim', 'newcomer picked on'],
    why: 'The hungry are rougher.',
    against: (at) =>
      (at.tank.routine?.mealsPerDay ?? 2) >= MEALS ? 'They are fed that often already.' : null,
  },
  {
    step: 'shorter light',
    text: (at) => `Light for 7 to ${LIGHT_HOURS} hours instead of ${at.tank.tank.lightHours ?? 10}.`,
    for: ['lights', 'one boss', 'duel', 'pair on guard', 'too many holders'],
    why: 'Long light brings more chasing.',
    against: (at) =>
      (at.tank.tank.lightHours ?? 10) <= LIGHT_HOURS ? 'The light is that short already.' : null,
  },
  {
    step: 'sight breaks',
    text: () => 'Break the long sight lines: upright slates, roots or tall plants between the held places.',
    for: ['one boss', 'one victim', 'duel', 'pair on guard', 'to one side', 'newcomer picked on'],
    why: 'Who is not seen is not chased.',
    against: always,
  },
  {
    step: 'more refuges',
    text: () => 'Give the chased more places of their own kind: caves, upright cover, floating cover.',
    for: ['one victim', 'newcomer picked on', 'to one side', 'torn, nobody seen'],
    why: 'One more refuge than there are that need one.',
    against: (at) =>
      at.patterns.includes('too many holders')
        ? 'More hides make more ground to hold, and that is the trouble here.'
        : null,
  },
  {
    step: 'fewer hides',
    text: () => 'Take rock out: territories shrink and swimming room is freed.',
    for: ['too many holders'],
    why: 'Too many hold ground.',
    against: guardingOff,
  },
  {
    step: 'rearranged',
    text: () => 'Rearrange rock and wood in one go, just before the lights go out.',
    for: ['one boss', 'duel', 'to one side', 'newcomer picked on', 'too many holders'],
    why: 'Nobody holds old ground.',
    against: guardingOff,
  },
  {
    step: 'dither fish',
    text: () => 'Add a shoal of quick mid-water fish: they are chased and never caught.',
    for: ['one victim', 'pair on guard', 'one boss'],
    why: 'It spreads the chasing.',
    against: (at) => (at.full ? 'The tank is full by its nitrate: first make room.' : null),
  },
  {
    step: 'more of the kind',
    text: () => 'Add three or more of the kind at once, with the rocks moved in the same hour.',
    for: ['one victim', 'one boss'],
    why: 'More share what one takes now.',
    against: (at) => (at.full ? 'The tank is full by its nitrate: first make room.' : null),
  },
  {
    step: 'sex ratio',
    text: (at) =>
      at.males === 2
        ? 'Leave one male, or bring it to three and more; never two.'
        : 'Bring it to one male with three or four females.',
    for: ['duel', 'one victim'],
    why: 'Two males watch only each other.',
    against: always,
  },
  {
    step: 'boss set aside',
    text: () =>
      'Put the boss aside for some days, in another tank or behind a divider, so that the order forms anew.',
    for: ['one boss', 'duel'],
    why: 'On its return it usually no longer leads.',
    against: (at) =>
      at.guarding
        ? 'Not while it guards: the brood is lost.'
        : at.spareFree
          ? null
          : 'No spare tank is free; a divider would have to do.',
  },
  {
    step: 'box or divider',
    text: () => 'Put the target behind a divider or in a box tonight, in the same water.',
    for: ['one victim', 'newcomer picked on', 'torn, nobody seen', 'pair on guard'],
    why: 'It stops the harm at once; it does not mend the cause.',
    against: always,
  },
  {
    step: 'larger tank',
    text: () => 'Move them to a larger floor: ask Line-ups how large.',
    for: ['pair on guard', 'too many holders', 'to one side', 'one victim', 'one boss', 'duel'],
    why: 'Ground for all is what is short.',
    against: always,
  },
  {
    step: 'rehomed',
    text: () =>
      'Rehome the one at the centre: arrange the taker under Leavers. Elsewhere a bully often behaves.',
    for: ['one boss', 'one victim', 'duel', 'pair on guard', 'too many holders'],
    why: 'The last step.',
    against: always,
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
  const steps = LADDER.filter((rung) => at.patterns.some((name) => rung.for.includes(name))).map(
    (rung): NextStep => {
      const against = rung.against(at);
      return {
        step: rung.step,
        text: rung.text(at),
        why: against ?? rung.why,
        fits: against === null,
        before: lastTime(rung.step, at.tried),
      };
    },
  );
  return [...steps.filter((one) => one.fits), ...steps.filter((one) => !one.fits)];
}
