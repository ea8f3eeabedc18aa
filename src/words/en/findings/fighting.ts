import type { Finding, OwnKindFact, PairFact } from '@/core/rules';
import { bothSides, listed, verb } from '../names';
import type { Words } from '../words';

type About = Pick<Finding, 'severity' | 'species'>;

/** Fish against their own kind. */
export function sayOwnKind(fact: OwnKindFact, { species }: About, words: Words): string {
  const [id = ''] = species;
  switch (fact.says) {
    case 'own/territories':
      return `${words.counted(id, fact.count)} will hold territories; this floor has room for ${fact.fit}, and the rest will be driven off.`;
    case 'own/spread':
      return `${words.counted(id, fact.count)} spread the chasing${fact.told ? '; rehome extra males once you can tell them' : ''}.`;
    case 'own/fierce':
      return `${words.many(id)} fight their own kind: watch them as they mature, and keep an exit plan ready.`;
    case 'own/disputed group':
      return `keepers disagree about groups of ${words.many(id)}: ${fact.bare ? 'this tank is too bare or too short for one' : 'only five and more that grew up together, densely planted, with an exit plan'}. Others keep one alone.`;
    case 'own/mixed ages':
      return `grown ${words.many(id)} will bully the young ones.`;
  }
}

/** One species against another: the one that does it first. */
export function sayPair(fact: PairFact, { severity, species }: About, words: Words): string {
  const [a = '', b = ''] = species;
  const [first, second] = 'counts' in fact ? fact.counts : [2, 2];
  const who = words.own(a, first);
  const whom = words.own(b, second);
  const is = verb(first, 'is', 'are');
  switch (fact.says) {
    case 'pair/rivals':
      return severity === 'stop'
        ? `${who} will attack ${whom} as ${verb(second, 'a rival', 'rivals')}.`
        : `${who} and ${whom} look alike and ${severity === 'caution' ? 'will fight' : 'may squabble'}.`;
    case 'pair/cross':
      return `${listed(species.map(words.many))} can cross: do not raise or sell the young.`;
    case 'pair/too aggressive':
      if (fact.other === 'as bad') return `${who} and ${whom} are likely to kill one another.`;
      return `${who} ${is} too aggressive for ${whom}${fact.other === 'helpless' ? ', which cannot defend ' + verb(second, 'itself', 'themselves') : ''}.`;
    case 'pair/pushes around':
      return `${who} will push ${whom} around.`;
    case 'pair/grown among young':
      return `${who} ${is} ${words.quantity('length', fact.roughCm)} and ${whom} ${words.quantity('length', fact.otherCm)} today: a grown one among young will bully them.`;
    case 'pair/known bad':
      return `do not keep ${words.many(a)} with ${words.many(b)}. ${fact.why}`;
    case 'pair/contested':
      return `keepers disagree about ${words.many(a)} with ${words.many(b)}. ${fact.why} ${bothSides(fact.exitPlan)}`;
    case 'pair/nips':
      if (fact.calm)
        return fact.goesFor === 'long fins'
          ? `even ${words.counted(a, first)} may nip the long fins of ${whom}.`
          : `even ${words.counted(a, first)} may nip ${whom}, which ${verb(second, 'is', 'are')} too slow to escape.`;
      return `${who} ${verb(first, 'nips', 'nip')}, and ${whom} ${
        fact.goesFor === 'long fins'
          ? `${verb(second, 'has', 'have')} trailing fins`
          : `${verb(second, 'is', 'are')} too slow to escape`
      }.`;
    case 'pair/rasps':
      return `grown ${words.many(a)} rasp the slime off slow flat fish such as ${whom}.`;
    case 'pair/may rasp':
      return `keepers disagree about ${words.many(a)} with ${words.many(b)}: some see slime grazing, others never.`;
    case 'pair/eats brood':
      return fact.atNight
        ? `${who} will probably eat the brood of ${whom} at night.`
        : `${who} may eat eggs and fry of ${whom}.`;
    case 'pair/currents':
      return `${words.many(a)} need a strong current and ${words.many(b)} still water.`;
  }
}
