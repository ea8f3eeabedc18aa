import type { LossCause } from './stay';

/** Words by which keepers call a cause, and what they mean; the first that stands in a text counts. */
const MEANS: readonly (readonly [RegExp, LossCause])[] = [
  [/\b(jump|carpet|on the floor|dried)/i, 'jumped'],
  [/\b(fight|fought|bull(y|ied)|beaten|killed by|bitten|aggress|harass|chased)/i, 'fighting'],
  [/\b(eaten|swallow|predat|missing|vanish|gone)/i, 'eaten or missing'],
  [/\b(ammonia|nitrite|chlor|heat|cold|oxygen|gasp|filter|power|water|poison|copper|ph\b)/i, 'water'],
  [/\b(old|age)\b/i, 'age'],
  [
    /\b(ich\b|white ?spot|fung|bloat|dropsy|velvet|columnaris|parasit|worm|disease|ill|infect|rot|thin|wast)/i,
    'illness',
  ],
];

/** The class of a cause that a keeper wrote; one that is missing counts as eaten, one that nobody knows as not known. */
export const lossCauseOf = (cause: string, how: string): LossCause =>
  MEANS.find(([words]) => words.test(cause))?.[1] ?? (how === 'missing' ? 'eaten or missing' : 'not known');
