import type { Finding, GrowthFact, SizeFact } from '@/core/rules';
import { monthName } from '../locale';
import { verb } from '../names';
import type { Words } from '../words';

/** What is wanted of a tank, by measure: "at least 180 cm long". */
function sized(measure: SizeFact['measure'], value: number, words: Words): string {
  switch (measure) {
    case 'lengthCm':
      return `at least ${words.tank('length', value)} long`;
    case 'widthCm':
      return `at least ${words.tank('length', value)} from front to back`;
    case 'heightCm':
      return `at least ${words.tank('length', value)} tall`;
    case 'litres':
      return `of at least ${words.tank('volume', value)}`;
  }
}

/** Which way a figure of a tank goes. */
const WAY: Readonly<Record<SizeFact['measure'], string>> = {
  lengthCm: ' of length',
  widthCm: ' from front to back',
  heightCm: ' of height',
  litres: '',
};

const WHO = {
  cautious: 'strict keepers give',
  middle: 'most keepers give',
  tried: 'even lenient keepers give',
} as const;

/** A tank that is too small for a species. A stop says what it needs; anything less says what keepers give. */
export function saySize(
  fact: SizeFact,
  { severity, species }: Pick<Finding, 'severity' | 'species'>,
  words: Words,
): string {
  const { measure, need, have, approach, count } = fact;
  const [who = ''] = species;
  const figure = (value: number): string => words.tank(measure === 'litres' ? 'volume' : 'length', value);
  if (severity === 'note')
    return `strict keepers give ${words.many(who)} ${figure(need.cautious ?? 0)}${WAY[measure]}; this tank has ${figure(have)}.`;
  const wanted = need[approach] ?? 0;
  if (severity === 'stop')
    return `${words.those(who, count)} ${verb(count, 'needs', 'need')} a tank ${sized(measure, wanted, words)}; yours is ${figure(have)}.`;
  const some = need.tried !== null && need.tried < wanted ? `, some ${figure(need.tried)}` : '';
  return `${WHO[approach]} ${words.many(who)} ${figure(wanted)}${WAY[measure]}${some}; this tank has ${figure(have)}.`;
}

/** Fish that outgrow the tank, and stays that end. */
export function sayGrowth(fact: GrowthFact, { species }: Pick<Finding, 'species'>, words: Words): string {
  const [id = ''] = species;
  const { count } = fact;
  const who = words.own(id, count);
  switch (fact.says) {
    case 'growth/too big':
      return `${who} ${fact.later ? 'will be' : verb(count, 'is', 'are')} too big for this tank: at ${words.quantity('length', fact.limitCm)} ${verb(count, 'it', 'they')} cannot ${fact.by === 'width' ? 'turn' : 'stand upright'}.`;
    case 'growth/stays':
      return fact.nextTank === null
        ? `${who} ${verb(count, 'leaves', 'leave')} in ${monthName(fact.until)} but ${verb(count, 'has', 'have')} no next tank.`
        : `${who} ${verb(count, 'stays', 'stay')} until ${monthName(fact.until)}, then ${verb(count, 'moves', 'move')} to ${fact.nextTank}.`;
  }
}
