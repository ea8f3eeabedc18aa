import type { QuantityKind } from '@/core/kernel';
import type { Span, WaterFact, WaterName } from '@/core/rules';
import { verb } from '../names';
import { termOf } from '../vocabulary';
import type { Words } from '../words';
import { upTo } from '../locale';

const KINDS: Readonly<Record<Exclude<WaterName, 'ph'>, QuantityKind>> = {
  temperatureC: 'temperature',
  ghDh: 'hardness',
  salinityPpt: 'salinity',
};
/** What stands before a figure: "pH 6.5", "GH 8 °dH". */
const BEFORE: Readonly<Record<WaterName, string>> = {
  temperatureC: '',
  ph: 'pH ',
  ghDh: 'GH ',
  salinityPpt: '',
};
const NOUNS: Readonly<Record<WaterName, string>> = {
  temperatureC: 'temperature',
  ph: 'pH',
  ghDh: 'hardness',
  salinityPpt: 'salinity',
};

const ph = (value: number): string => upTo(value, 1);

/** Salt from which water is brackish, ppt (common practice). */
const BRACKISH_PPT = 1;
const isBrackish = (range: Span): boolean => range[0] >= BRACKISH_PPT;

/** A figure of the tank's water: "pH 8.2", "25 °C". */
export const sayWaterOf = (measure: WaterName, value: number, words: Words): string =>
  `${BEFORE[measure]}${measure === 'ph' ? ph(value) : words.quantity(KINDS[measure], value)}`;

/** What the water does. `species` are those that the finding names, in order. */
export function sayWater(fact: WaterFact, species: readonly string[], words: Words): string {
  const { measure } = fact;
  const span = (range: Span): string =>
    measure === 'ph'
      ? range[0] === range[1]
        ? ph(range[0])
        : `${ph(range[0])} to ${ph(range[1])}`
      : words.range(KINDS[measure], range);
  const figure = (value: number): string => span([value, value]);
  /** A figure outside a range is told so finely that it is seen to be outside. */
  const tellApart = (value: number): string => {
    const rounded = figure(value);
    if (!('range' in fact) || !fact.range.some((edge) => figure(edge) === rounded)) return rounded;
    return measure === 'ph' ? upTo(value, 2) : words.fine(KINDS[measure], value);
  };
  const [first = '', second = ''] = species;
  switch (fact.says) {
    case 'water/needs': {
      const who = words.those(first, fact.count);
      const needs = verb(fact.count, 'needs', 'need');
      if (measure === 'salinityPpt')
        return isBrackish(fact.range)
          ? `${who} ${needs} brackish water, ${span(fact.range)} of salt; this tank ${fact.tank < BRACKISH_PPT ? 'is fresh' : `has ${figure(fact.tank)}`}.`
          : `${who} ${verb(fact.count, 'is a freshwater fish', 'are freshwater fish')}; this tank has ${figure(fact.tank)} of salt.`;
      const tank = `this tank ${measure === 'ghDh' ? 'has' : 'is at'} ${tellApart(fact.tank)}`;
      const sold = fact.asSold === null ? '' : ` (${termOf(fact.asSold)}, as usually sold)`;
      return `${who}${sold} ${needs} ${BEFORE[measure]}${span(fact.range)}; ${tank}.`;
    }
    case 'water/none for both': {
      const [a, b] = fact.ranges;
      if (measure === 'salinityPpt' && isBrackish(a) !== isBrackish(b))
        return isBrackish(a)
          ? `${words.many(first)} need brackish water and ${words.many(second)} fresh.`
          : `${words.many(second)} need brackish water and ${words.many(first)} fresh.`;
      return `no ${NOUNS[measure]} suits both ${words.many(first)} (${span(a)}) and ${words.many(second)} (${span(b)}).`;
    }
    case 'water/opposite':
      return measure === 'temperatureC'
        ? `${words.many(first)} and ${words.many(second)} come from waters of different warmth; ${span(fact.shared)} is the limit for both.`
        : `${words.many(first)} and ${words.many(second)} come from opposite waters; the ${NOUNS[measure]} they share (${span(fact.shared)}) suits neither.`;
    case 'water/warm edge':
      return `${figure(fact.highest)} is the most that ${words.those(first, fact.count)} ${verb(fact.count, 'bears', 'bear')}: a warm life is a short one.`;
    case 'water/narrow':
      return `only ${BEFORE[measure]}${span(fact.range)} suits all.`;
    case 'water/suits all':
      return `${BEFORE[measure]}${figure(fact.tank)} suits all.`;
  }
}
