import type { QuantityKind } from '@/core/kernel';
import type { Fact, Finding } from '@/core/rules';
import type { Words } from './words';
import { plain } from './locale';

/** What the end of a name says of its figure. */
const ENDINGS: readonly (readonly [RegExp, QuantityKind, string])[] = [
  [/Cm2$/, 'area', ''],
  [/Cm$/, 'length', ''],
  [/MgLWeek$/, 'concentration', ' a week'],
  [/MgL$/, 'concentration', ''],
  [/C$/, 'temperature', ''],
  [/Dh$/, 'hardness', ''],
  [/Ppt$/, 'salinity', ''],
  [/Lph$/, 'flow', ''],
  [/Litres$/, 'volume', ''],
];

/** "judgedAtCm" as "judged at" */
const plainName = (name: string): string => name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** Figures that carry no unit in their name: what they measure is told by the fact. */
const OF_THE_FACT = ['value', 'lowest', 'highest', 'have', 'cautious', 'middle', 'tried'];
/** Differences: the sentence says both ends, in the keeper's units. */
const DIFFERENCES = ['outsideBy', 'gap', 'wildGap', 'sharedWidth'];

/** What the figures of a fact measure; null where each says it itself, and for pH, which has no unit. */
function kindOf(fact: Fact): QuantityKind | null {
  if (!('measure' in fact)) return null;
  switch (fact.measure) {
    case 'temperatureC':
      return 'temperature';
    case 'ghDh':
      return 'hardness';
    case 'salinityPpt':
      return 'salinity';
    case 'litres':
      return 'volume';
    case 'lengthCm':
    case 'widthCm':
    case 'heightCm':
      return 'length';
    case 'ph':
      return null;
  }
}

/** The figures that a finding rests on, each with its name, in the keeper's units. */
export function whyOf(
  { because, fact }: Pick<Finding, 'because' | 'fact'>,
  words: Words,
): readonly (readonly [string, string])[] {
  const own = kindOf(fact);
  return Object.entries(because).flatMap(([name, value]): readonly (readonly [string, string])[] => {
    if (own !== null && DIFFERENCES.includes(name)) return [];
    if (own !== null && typeof value === 'number' && OF_THE_FACT.includes(name))
      return [[plainName(name), words.quantity(own, value)]];
    const ending = ENDINGS.find(([end]) => end.test(name));
    if (!ending || typeof value !== 'number')
      return [[plainName(name), typeof value === 'number' ? plain(value) : String(value)]];
    const [end, kind, after] = ending;
    const figure = kind === 'area' ? words.area(value) : words.quantity(kind, value);
    return [[plainName(name.replace(end, '')), `${figure}${after}`]];
  });
}
