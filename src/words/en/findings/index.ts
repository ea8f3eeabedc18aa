import type { Fact, Reason } from '@/core/rules';
import type { Words } from '../words';
import { sayBioload, sayEating, sayFood, sayNitrate } from './feeding';
import { sayOwnKind, sayPair } from './fighting';
import { sayGroup, sayMales, saySexes } from './group';
import { sayCare, sayFloor, sayHome } from './home';
import { sayLineUp } from './lineUp';
import { sayGrowth, saySize } from './tank';
import { sayWater } from './water';

type Kind<Says> = Says extends `${infer First}/${string}` ? First : never;
type Sayer<F extends Fact> = (fact: F, about: Reason, words: Words) => string;
type OfKind<K> = Extract<Fact, { readonly says: `${K & string}/${string}` }>;

/** One function for each kind of fact: what stands before the slash of its name. */
const SAYERS: { readonly [K in Kind<Fact['says']>]: Sayer<OfKind<K>> } = {
  water: (fact, { species }, words) => sayWater(fact, species, words),
  size: saySize,
  growth: sayGrowth,
  group: sayGroup,
  sexes: saySexes,
  males: sayMales,
  own: sayOwnKind,
  pair: sayPair,
  eating: sayEating,
  food: sayFood,
  home: sayHome,
  floor: sayFloor,
  care: sayCare,
  bioload: sayBioload,
  nitrate: sayNitrate,
  'line-up': (fact, { species }, words) => sayLineUp(fact, species, words),
};

/** A fact as a sentence that does not begin with a capital yet: a date may come before it. */
export function sayFact(about: Reason, words: Words): string {
  const kind = about.fact.says.split('/')[0] as Kind<Fact['says']>;
  const say = SAYERS[kind] as Sayer<Fact>;
  return say(about.fact, about, words);
}
