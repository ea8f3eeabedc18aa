import type { MovingStep, Purchase, SheetStep, WaveFact } from '@/core/arrivals';
import type { SpeciesProfile } from '@/core/model';
import type { AcclimationPlan, AcclimationWhy, WarmthFact } from '@/core/water';
import { capital, countOf, everyOf, manyOf } from './names';
import { dayName } from './locale';
import { type Words } from './words';

const RELEASE: Readonly<Record<SheetStep['id'], string>> = {
  ruse: 'One fish alone is picked on. After its quarantine, keep three or four residents with it there for a week, in a tank that carries them all; then release them together.',
  hands: 'have spines or a sting: use a container, never bare hands or a net.',
  rearrange: 'Move the rock and wood within this hour: no fish keeps its old territory.',
  feed: 'Feed the residents: hungry fish are more aggressive.',
  dark: 'Turn the lights off.',
  float: 'Float the bag or bucket until the temperatures match.',
  mix: 'Mix in tank water by rounds; pour no shop water into the tank.',
  match:
    'Match the water: float the bucket until the temperatures match; where pH or hardness differ, mix in tank water by rounds.',
  count: 'Count the fish as they go in and check the species:',
  low: 'Release them low, near cover, away from the dominant fish.',
  heater: 'Heater and filter are back on.',
  lid: 'The lid is closed.',
  unfed: 'No food and no light for two to three days; then raise the light slowly.',
  ramp: 'Raise the light slowly tomorrow.',
};

/** One step of a release. */
export function sayRelease({ id, about }: SheetStep, words: Words): string {
  const names = everyOf(about.map(({ species }) => words.many(species)));
  switch (id) {
    case 'hands':
      return `${capital(names)} ${RELEASE.hands}`;
    case 'count':
      return `${RELEASE.count} ${everyOf(about.map(({ species, count }) => words.counted(species, count)))}.`;
    case 'lid':
      return about.length === 0 ? RELEASE.lid : `The lid is closed: ${names} jump.`;
    default:
      return RELEASE[id];
  }
}

const MOVING: Readonly<Record<MovingStep, string>> = {
  ready: 'The new tank is filled, warm and dechlorinated; its filter is proven or moved over wet.',
  off: 'Heater, filter and light of the old tank are unplugged.',
  drain: 'Drain half the water; keep it for the buckets.',
  rocks: 'Take the rock and wood out, so that no fish is trapped.',
  catch: 'Catch the fish into a bucket with an air stone and a lid; count them as they go in.',
  acclimate: 'Acclimate by the difference between the two waters.',
  release: 'Release them low with the lights off; count them again as they go in.',
  search: 'Search what you took out: hollow decor, background, filter, roots.',
  on: 'Heater and filter of the new tank are running; those of the old are off or running again.',
  lid: 'The lid is closed.',
};

/** One step of a move from tank to tank. */
export const sayMove = (step: MovingStep): string => MOVING[step];

/** What speaks against a wave. `nameOf` names the fish behind a key of the plan. */
export function sayWave(fact: WaveFact, nameOf: (key: string) => string): string {
  switch (fact.says) {
    case 'settled tank':
      return `New fish can upset a hierarchy settled for ${countOf(fact.days, 'day')}: add none, or three and more at once with the rocks moved within the hour.`;
    case 'not ready':
      return `The tank is not ready before ${dayName(fact.readyOn)}: its filter is unproven.`;
    case 'in the past':
      return 'The arrival day has passed.';
    case 'too soon':
      return `Only ${countOf(fact.days, 'day')} after the last wave; leave ${countOf(fact.gap / 7, 'week')}.`;
    case 'peaceful first':
      return 'Peaceful fish should go first.';
    case 'too many':
      return 'Too many for the filter.';
    case 'alone':
      return 'One newcomer will be picked on.';
    case 'apart':
      return `${everyOf(fact.keys.map(nameOf))} cannot share quarantine.`;
    case 'no quarantine':
      return 'No quarantine: any disease they carry reaches the others.';
    case 'short quarantine':
      return `${fact.days} of ${countOf(fact.of, 'day')} in quarantine.`;
    case 'in use':
      return `${fact.lane} is in use until ${dayName(fact.until)}.`;
    case 'lane too small':
      return `${fact.lane} is too small.`;
    case 'two batches':
      return `${fact.lane || 'The quarantine tank'} holds another batch, or is drying, at that time.`;
  }
}

/** What to know before buying there; empty when nothing. */
export function sayPurchase(purchase: Purchase, words: Words): string {
  const { item, over, pairs, fresh } = purchase;
  return [
    over > 0 && pairs !== null
      ? `Sold only in pairs: ${countOf(pairs, 'pair')} means ${words.counted(item.species, over)} to rehome.`
      : '',
    fresh ? `In the shop for ${countOf(item.days, 'day')}: ask the shop to keep them for a week.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Questions for the shop, for one species. */
export const shopQuestions = (profile: SpeciesProfile): readonly string[] => [
  `How long have the ${manyOf(profile)} been here, and what do they eat?`,
  'What is their water: temperature, pH, hardness?',
  profile.trade.supply === 'farmed' ? 'Where were they bred?' : 'Wild or bred?',
  ...(profile.trade.mixedUpWith ? [`Are they really that species? ${profile.trade.mixedUpWith}`] : []),
  'Would you take them back?',
];

function because(why: AcclimationWhy): string {
  switch (why.says) {
    case 'long in the bag':
      return `${countOf(Math.round(why.hours), 'hour')} in the bag: ammonia turns toxic when air raises the pH. Match the temperature with the bag closed, then net the fish over at once; pour none of the bag's water in.`;
    case 'alike':
      return 'The two waters are alike: match the temperature and release.';
    case 'sensitive':
      return 'A sensitive species: drip in three times the bag’s water over 90 minutes. Test the pH at the end.';
    case 'far apart':
      return 'The waters are far apart: drip in three times the bag’s water over 90 minutes. Test the pH at the end.';
    case 'not measured':
      return 'TDS not measured: two rounds to be safe.';
    case 'apart':
      return `TDS differs by ${Math.round(why.tdsPpm)} ppm: add as much tank water as the bag holds, every five minutes.`;
  }
}

/** Why a way to acclimate fits, or what the measures recommend instead. */
export const sayAcclimation = ({ why, recommended }: AcclimationPlan): string =>
  recommended === null ? because(why) : `Recommended: ${recommended.method}. ${because(recommended.why)}`;

/** What is wrong with the temperature. */
export function sayWarmth(fact: WarmthFact, words: Words): string {
  if (fact.says === 'falling')
    return `The temperature fell from ${words.fine('temperature', fact.fromC)} to ${words.fine('temperature', fact.toC)} in an hour: is the heater on?`;
  return `${words.fine('temperature', fact.temperatureC)} instead of ${words.fine('temperature', fact.targetC)}: check the heater now.`;
}
