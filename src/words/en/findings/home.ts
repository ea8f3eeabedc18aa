import type { CareFact, Finding, FloorFact, HideKind, HomeFact } from '@/core/rules';
import { countOf, listed, verb } from '../names';
import { tenth } from '../quantities';
import { LAYER_PLACES } from '../vocabulary';
import type { Words } from '../words';

type About = Pick<Finding, 'severity' | 'species'>;

/** Hiding places by kind, one and several. */
export const HIDES: Readonly<Record<HideKind, readonly [string, string]>> = {
  caves: ['cave', 'caves'],
  overhangs: ['overhang', 'overhangs'],
  upright: ['upright root or plant', 'upright roots or plants'],
  floating: ['patch of floating cover', 'patches of floating cover'],
  shells: ['shell', 'shells'],
};

/** Bottom, cover, light, current and company in the tank. */
export function sayHome(fact: HomeFact, { species }: About, words: Words): string {
  const [id = '', ...others] = species;
  const many = words.many(id);
  switch (fact.says) {
    case 'home/bolts': {
      const bolt = `${many} bolt when frightened`;
      return fact.why === 'short'
        ? `${bolt}: ${words.tank('length', fact.freeSwimCm)} of open water is too short.`
        : fact.why === 'hard'
          ? `${bolt}: rock and gravel hurt them.`
          : `${bolt}: keep open water, sand and smooth, low decor.`;
    }
    case 'home/no cover':
      return `${many} are shy, and this tank has no cover.`;
    case 'home/shy company':
      return `${words.own(id, fact.count)} will hide from ${listed(others.map(words.many))}.`;
    case 'home/layer':
      return `${fact.crowded ? 'too many' : 'many'} fish live ${LAYER_PLACES[fact.layer]}: ${listed(species.map(words.many))}.`;
    case 'home/one layer':
      return `nearly all fish live ${LAYER_PLACES[fact.layer]}.`;
    case 'home/no lid':
      return fact.how === 'jumps'
        ? `${many} jump, and this tank has no lid.`
        : `${many} may climb out, and this tank has no lid.`;
    case 'home/sand':
      return `${many} need sand to sift; ${fact.floor === 'bare' ? 'a bare floor offers them nothing' : 'gravel hurts their mouths'}.`;
    case 'home/no hides':
      return `${many} need ${HIDES[fact.hide][1]}; there are none.`;
    case 'home/few hides':
      return `${words.counted(id, fact.count)} ${verb(fact.count, 'needs', 'need')} ${countOf(fact.need, ...HIDES[fact.hide])}; there ${verb(fact.have, 'is', 'are')} ${fact.have}.`;
    case 'home/refuges': {
      const near = `for ${fact.fish} bottom fish near ${listed(species.map(words.many))}`;
      return `${fact.have === 0 ? `there are no hiding places ${near}` : `${countOf(fact.have, 'hiding place')} ${near} ${verb(fact.have, 'is', 'are')} too few`}. Some keepers remove rock instead.`;
    }
    case 'home/long light':
      return fact.rough
        ? `${tenth(fact.hours)} hours of light means more chasing; 8 is enough.`
        : `${tenth(fact.hours)} hours of light grows algae.`;
    case 'home/plants':
      return fact.how === 'eats'
        ? `${many} eat plants; java fern, anubias and vallisneria last longest.`
        : fact.how === 'nibbles'
          ? `${many} nibble soft plants.`
          : `${many} dig up plants: tie them to wood.`;
    case 'home/weak current':
      return `${many} need ${fact.strong ? 'a strong current' : 'moving water'}; this filter gives too little.`;
    case 'home/strong current':
      return `${many} need corners out of this current.`;
    case 'home/turnover':
      return `the filter moves ${tenth(fact.perHour)} tank volumes an hour; ${fact.demanding ? 'large or aggressive fish' : 'fish like these'} need ${fact.wanted}.`;
  }
}

/** The floor of the tank, and who claims it. */
export function sayFloor(fact: FloorFact, { species }: About, words: Words): string {
  const [id = '', ...others] = species;
  const many = words.many(id);
  switch (fact.says) {
    case 'floor/claimed':
      return `${fact.holders} fish want territories; ${fact.without === 0 ? `they take ${Math.round(fact.share * 100)}% of the floor` : `${fact.without} will find none`}.`;
    case 'floor/guarded':
      return `the ${words.one(id)} pair is guarding and will keep others out of half the tank.`;
    case 'floor/may pair':
      return `${many} may pair and claim ${fact.claim === 'half' ? 'half the tank' : 'a corner'}.`;
    case 'floor/breeds freely':
      return `${many} breed freely: plan where the young will go.`;
    case 'floor/new fish': {
      const settled = listed((others.length === 0 ? [id] : others).map(words.many));
      return fact.pickedOn
        ? `${words.counted(id, fact.count)} added to settled ${settled} will be picked on: add three or more.`
        : `new fish can upset settled ${settled}: move the rocks within the hour.`;
    }
  }
}

/** What to know before a fish comes. */
export function sayCare(fact: CareFact, { species }: About, words: Words): string {
  const [id = ''] = species;
  const many = words.many(id);
  switch (fact.says) {
    case 'care/sting':
      return `${many} have a venomous sting: use a container, never hands or a net. If stung: hot water, and medical help at once.`;
    case 'care/spines':
      return `${many} have spines that catch in nets: use a container.`;
    case 'care/restricted':
      return `${many} are restricted in some places: ask your local authority before buying, moving or rehoming them.`;
    case 'care/exit plan':
      return fact.plan === null
        ? `${words.own(id, fact.count)} ${verb(fact.count, 'has', 'have')} no exit plan: who takes ${verb(fact.count, 'it', 'them')} back, and which tank is free tonight?`
        : `exit plan for ${words.own(id, fact.count)}: ${fact.plan.replace(/\.?$/, '.')}`;
  }
}
