import type { Finding, GroupFact, MalesFact, MaleShape, SexFact } from '@/core/rules';
import { bothSides, countOf, listed, verb } from '../names';
import type { Words } from '../words';

type About = Pick<Finding, 'severity' | 'species'>;

const females = (count: number): string => countOf(count, 'female');

/** The first numbers in words, where a sentence is about the number itself. */
const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];
const inWords = (count: number): string => NUMBERS[count] ?? String(count);

const RIFT = {
  'open water': 'peacocks and haps',
  'rock dwellers': 'mbuna',
  both: 'peacocks, haps and mbuna',
} as const;

/** How many of a species, against how many it wants. */
export function sayGroup(fact: GroupFact, { species }: About, words: Words): string {
  const [id = ''] = species;
  const { count } = fact;
  const counted = words.counted(id, count);
  switch (fact.says) {
    case 'group/too few':
      return `${counted} ${verb(count, 'is', 'are')} too few: keep ${fact.least} or more${fact.ideal > fact.least ? `, ideally ${fact.ideal}` : ''}.`;
    case 'group/pair':
      return count === 1
        ? `${counted} can live alone; a group starts at ${fact.least}.`
        : `${counted} can work as a settled pair; a group starts at ${fact.least}.`;
    case 'group/shown':
      return `${count} male ${count === 1 ? words.one(id) : words.many(id)} ${verb(count, 'is', 'are')} fine for show; to breed, add ${females(fact.females)}.`;
    case 'group/will do':
      return `${counted} will do; ${fact.ideal} are calmer.`;
    case 'group/good':
      return `${counted} are a good group.`;
    case 'group/avoid':
      return fact.pairs
        ? `avoid ${inWords(count)} ${words.many(id)}: two pair up and bully the third.`
        : `avoid ${counted}: ${count === 2 ? 'the weaker one takes all' : 'the weakest takes most'} of the chasing.`;
    case 'group/keep one':
      return `keep one ${words.one(id)}: grown ones fight${fact.deadly ? ', often to the death' : ''}.`;
    case 'group/few to spread':
      return `${counted} are too few to spread the chasing: keep ${fact.from}.`;
    case 'group/light':
      return `${count} mbuna ${verb(count, 'is', 'are')} light stocking (dense is ${fact.dense}): watch the weakest.`;
    case 'group/contested':
      return `keepers disagree about ${counted}${fact.inCompany ? ' in a community' : ''}. ${fact.why} ${bothSides(fact.exitPlan)}`;
    case 'group/dense':
      return fact.over
        ? `${count} ${RIFT[fact.kind]} are more than a dense tank of this size has (${fact.dense}).`
        : `${count} ${RIFT[fact.kind]} is dense (light is ${fact.light}): never skip a water change.`;
  }
}

const RIVAL_MALES: Readonly<Record<MaleShape, (count: string, many: string, one: string) => string>> = {
  killers: (_count, _many, one) => `keep one male ${one}: grown males kill each other.`,
  diluting: (count, many) => `${count} male ${many} will fight: keep one, or three and more.`,
  lek: (count, many) =>
    `of ${count} male ${many} the weaker is chased and stays pale: keep one, or give each ground out of the other’s sight.`,
  harem: (count, many) => `${count} male ${many} will fight: keep one.`,
  other: (count, many) => `${count} male ${many} will fight.`,
};

/** Males and females. */
export function saySexes(fact: SexFact, { species }: About, words: Words): string {
  const [id = ''] = species;
  const many = words.many(id);
  switch (fact.says) {
    case 'sexes/two males':
      return RIVAL_MALES[fact.shape](inWords(fact.males), many, words.one(id));
    case 'sexes/few females': {
      const have = `${fact.males} male and ${fact.females} female ${many}`;
      if (fact.livebearers) return `${have}: keep 2 or 3 females per male, or males only.`;
      return fact.females === 0
        ? `${fact.males} male ${many} without females: keep ${females(Math.ceil(fact.perMale))} for each.`
        : `${have}: the ${verb(fact.females, 'female', 'females')} will be chased without rest.`;
    }
    case 'sexes/unknown':
      return `${words.counted(id, fact.count)}, not all sexed: aim for one male to ${females(Math.ceil(fact.perMale))}.`;
    case 'sexes/good':
      return `${fact.males} male and ${fact.females} female ${many} are a good ratio.`;
  }
}

/** Tanks of males only. */
export function sayMales(fact: MalesFact, { severity, species }: About, words: Words): string {
  const [id = ''] = species;
  const names = listed(species.map(words.many));
  switch (fact.says) {
    case 'males/rock dwellers':
      return fact.colouredBoth
        ? `${names} are colourful in both sexes: keep females, because all-male groups of mbuna fight.`
        : 'all-male groups of mbuna fail: males of all species fight.';
    case 'males/show tank':
      return severity === 'good'
        ? `${fact.males} males, no females, ${words.tank('length', fact.lengthCm)}: this can work.`
        : `under ${words.tank('length', fact.bestFromCm)}, one male tends to rule an all-male tank.`;
    case 'males/females among':
      return `${fact.females} female ${fact.females === 1 ? words.one(id) : words.many(id)} in an all-male tank ${verb(fact.females, 'restarts', 'restart')} the fighting.`;
    case 'males/more than one':
      return `you keep one male per species; the list has ${words.counted(id, fact.count)}.`;
    case 'males/rival species':
      return `one male each of ${names} is like two males of one species: they look alike and will fight.`;
  }
}
