import type { Finding, GrowthFact, HabitFact, SizeFact } from '@/core/rules';
import { capital } from '../names';
import { monthName, type Words } from '../words';

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

const WHO = {
  cautious: 'Strict keepers give',
  middle: 'Most keepers give',
  tried: 'Even lenient keepers give',
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
    return `Strict keepers give ${words.many(who)} ${figure(need.cautious ?? 0)}; this tank has ${figure(have)}.`;
  const wanted = need[approach] ?? 0;
  if (severity === 'stop')
    return `${capital(words.those(who, count))} ${count === 1 ? 'needs' : 'need'} a tank ${sized(measure, wanted, words)}; yours is ${figure(have)}.`;
  const some = need.tried !== null && need.tried < wanted ? `, some ${figure(need.tried)}` : '';
  return `${WHO[approach]} ${words.many(who)} ${figure(wanted)}${some}; this tank has ${figure(have)}.`;
}

/** Fish that outgrow the tank, and stays that end. */
export function sayGrowth(fact: GrowthFact, species: readonly string[], words: Words): string {
  const [id = ''] = species;
  const who = capital(words.own(id, fact.count));
  const one = fact.count === 1;
  switch (fact.says) {
    case 'growth/too big':
      return `${who} ${fact.later ? 'will be' : one ? 'is' : 'are'} too big for this tank: at ${words.quantity('length', fact.limitCm)} ${one ? 'it' : 'they'} cannot ${fact.by === 'width' ? 'turn' : 'stand upright'}.`;
    case 'growth/stays':
      return fact.nextTank === null
        ? `${who} ${one ? 'leaves' : 'leave'} in ${monthName(fact.until)} but ${one ? 'has' : 'have'} no next tank.`
        : `${who} ${one ? 'stays' : 'stay'} until ${monthName(fact.until)}, then ${one ? 'moves' : 'move'} to ${fact.nextTank}.`;
  }
}

/** What fish do by nature that the tank has to allow for. */
export function sayHabit(
  fact: HabitFact,
  { severity, species }: Pick<Finding, 'severity' | 'species'>,
  words: Words,
): string {
  const [id = ''] = species;
  switch (fact.says) {
    case 'habit/bolts': {
      const bolt = `${capital(words.many(id))} bolt when frightened`;
      return fact.why === 'short'
        ? `${bolt}: ${words.tank('length', fact.freeSwimCm)} of open water is too short.`
        : fact.why === 'hard'
          ? `${bolt}: rock and gravel hurt them.`
          : `${bolt}: keep open water, sand and smooth, low decor.`;
    }
    case 'habit/mixed ages':
      return `Grown ${words.many(id)} will bully the young ones.`;
    case 'habit/show tank':
      return severity === 'good'
        ? `${fact.males} males, no females, ${words.tank('length', fact.lengthCm)}: this can work.`
        : `Under ${words.tank('length', fact.bestFromCm)}, one male tends to rule an all-male tank.`;
  }
}
