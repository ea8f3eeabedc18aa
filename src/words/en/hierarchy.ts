import type { NoOrder, NoStrength } from '@/core/stats';
import type { HierarchyMeasures, OrderMark } from '@/core/hierarchy';
import { countOf, everyOf } from './names';
import { termOf } from './vocabulary';
import { fixed } from './locale';

const CAME = {
  came: 'arrived',
  'moved in': 'moved in',
  returned: 'came back',
  'found alive': 'found alive',
} as const;

/** What stands at an upright line of the ratings. `nameOf` says who a fish is. */
export const sayMark = (mark: OrderMark, nameOf: (id: string) => string): string =>
  mark.kind === 'step'
    ? termOf(mark.step)
    : `${everyOf(mark.who.map(nameOf))} ${mark.kind === 'came' ? CAME[mark.how] : mark.how}`;

/** From these on a hierarchy is steep, or flat (from memory; the measure runs from 0 to 1). */
const STEEP = 0.6;
const FLAT = 0.3;
/** The usual level at which a hierarchy is told from chance. */
const TOLD = 0.05;
const LEAST_P = 0.001;

/** More pairs than this that never met, and a flat figure says little. */
const MANY_UNKNOWN = 0.25;

const whole = (value: number): string => String(Math.round(value));

/** How steep, and what the record bears out of it: pairs that never met are told before a ranking is called flat. */
function steep({ steepness, unknownPairs, pairs, upsets, decided }: HierarchyMeasures): string {
  if (steepness === null) return '';
  const figure = fixed(steepness, 2);
  const won = `higher-ranked fish won ${whole(decided - upsets)} of ${whole(decided)}`;
  if (steepness >= STEEP) return `Steep (${figure} of 1): ${won}.`;
  if (pairs > 0 && unknownPairs / pairs > MANY_UNKNOWN)
    return `${steepness <= FLAT ? 'Looks flat' : 'Looks moderately steep'} (${figure} of 1), but ${unknownPairs} of ${countOf(pairs, 'pair')} never met: that alone lowers the figure.`;
  return `${steepness <= FLAT ? 'Flat' : 'Moderately steep'} (${figure} of 1): ${won}.`;
}

const NO_ORDER: Readonly<Record<NoOrder, string>> = {
  'under three': 'Fewer than three fish have no order to test.',
  'under six':
    'An order of five fish or fewer can never be told from chance: even a perfect one of five comes up by chance 12 times in 100.',
};
/** Why linearity has no p. */
export const sayNoOrder = (why: NoOrder): string => NO_ORDER[why];

const NO_STRENGTH: Readonly<Record<NoStrength, string>> = {
  'one fish': 'One fish alone has no strength to tell.',
  'no upper limit':
    'Some fish never lost to, or never beat, any of a part of the others: how much stronger they are has no upper limit.',
};
/** Why the model of Bradley and Terry gives no strengths. */
export const sayNoStrength = (why: NoStrength): string => NO_STRENGTH[why];

/** What the measures of a hierarchy say. */
export function sayHierarchy(measures: HierarchyMeasures): readonly string[] {
  const { linearity, kendall, unknownPairs, undecided } = measures;
  const { improvedH, p } = linearity;
  const circles = kendall.circularTriads;
  return [
    p !== null && improvedH !== null
      ? p <= TOLD
        ? `The hierarchy is linear (h' ${fixed(improvedH, 2)}, p ${p < LEAST_P ? `< ${fixed(LEAST_P, 3)}` : fixed(p, 3)}).`
        : `A linear hierarchy is not shown (p ${fixed(p, 2)}).`
      : linearity.why
        ? 'Six fish that met are needed to test whether the hierarchy is linear.'
        : '',
    steep(measures),
    circles > 0
      ? `${countOf(circles, 'circular triad')} (A beats B, B beats C, C beats A)${Number.isInteger(circles) ? '' : '; a pair that drew or never met counts half'}.`
      : '',
    unknownPairs > 0
      ? `${countOf(unknownPairs, 'pair')} of these fish never met; their other contests rank them.`
      : '',
    undecided > 0
      ? `${countOf(undecided, 'contest')} ended undecided: half a win for each in score and rating.`
      : '',
  ].filter(Boolean);
}

/** The pairs whose order a watch would teach most: "Watch for Rung and Slate (never met)". */
export const sayPairsToWatch = (
  pairs: readonly { readonly pair: readonly [string, string]; readonly met: number }[],
  nameOf: (id: string) => string,
): string =>
  `Watch for ${everyOf(
    pairs.map(
      ({ pair: [one, other], met }) =>
        `${nameOf(one)} and ${nameOf(other)} (${met === 0 ? 'never met' : countOf(Math.round(met), 'contest')})`,
    ),
  )}: their order is the least sure.`;
