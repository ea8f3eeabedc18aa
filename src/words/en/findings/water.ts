import type { QuantityKind } from '@/core/kernel';
import type { Span, WaterFact, WaterName } from '@/core/rules';
import { capital } from '../names';
import type { Words } from '../words';

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

const ph = (value: number): string => String(Math.round(value * 10) / 10);

/** Salt from which water is brackish, ppt (common practice). */
const BRACKISH_PPT = 1;
const isBrackish = (range: Span): boolean => range[0] >= BRACKISH_PPT;

/** "is" and "are", "needs" and "need" by how many there are. */
const verb = (count: number, one: string, several: string): string => (count === 1 ? one : several);

/** A finding about the water. `species` are those that it names, in order. */
export function sayWater(fact: WaterFact, species: readonly string[], words: Words): string {
  const { measure } = fact;
  const span = (range: Span): string =>
    measure === 'ph'
      ? range[0] === range[1]
        ? ph(range[0])
        : `${ph(range[0])} to ${ph(range[1])}`
      : words.range(KINDS[measure], range);
  const figure = (value: number): string => span([value, value]);
  const [first = '', second = ''] = species;
  switch (fact.says) {
    case 'water/needs': {
      const who = capital(words.those(first, fact.count));
      const needs = verb(fact.count, 'needs', 'need');
      if (measure === 'salinityPpt')
        return isBrackish(fact.range)
          ? `${who} ${needs} brackish water, ${span(fact.range)} of salt; this tank ${fact.tank < BRACKISH_PPT ? 'is fresh' : `has ${figure(fact.tank)}`}.`
          : `${who} ${verb(fact.count, 'is a freshwater fish', 'are freshwater fish')}; this tank has ${figure(fact.tank)} of salt.`;
      const tank =
        measure === 'ghDh' ? `this tank has ${figure(fact.tank)}` : `this tank is at ${figure(fact.tank)}`;
      return `${who} ${needs} ${BEFORE[measure]}${span(fact.range)}; ${tank}.`;
    }
    case 'water/none for both': {
      const [a, b] = fact.ranges;
      if (measure === 'salinityPpt' && isBrackish(a) !== isBrackish(b))
        return isBrackish(a)
          ? `${capital(words.many(first))} need brackish water and ${words.many(second)} fresh.`
          : `${capital(words.many(second))} need brackish water and ${words.many(first)} fresh.`;
      return `No ${NOUNS[measure]} suits both ${words.many(first)} (${span(a)}) and ${words.many(second)} (${span(b)}).`;
    }
    case 'water/opposite':
      return measure === 'temperatureC'
        ? `${capital(words.many(first))} and ${words.many(second)} come from waters of different warmth; ${span(fact.shared)} is the limit for both.`
        : `${capital(words.many(first))} and ${words.many(second)} come from opposite waters; the ${NOUNS[measure]} they share (${span(fact.shared)}) suits neither.`;
    case 'water/narrow':
      return `Only ${BEFORE[measure]}${span(fact.range)} suits all.`;
    case 'water/suits all':
      return `${capital(`${BEFORE[measure]}${figure(fact.tank)}`)} suits all.`;
  }
}
