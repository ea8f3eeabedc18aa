import type { UnitChoice } from '@/core/kernel';
import type { Catalogue } from '@/core/model';
import type { Fact, Finding, Fix, Reason } from '@/core/rules';
import { sayEating, sayNitrate } from './findings/feeding';
import { sayGrowth, sayHabit, saySize } from './findings/tank';
import { sayWater } from './findings/water';
import { sayFix } from './fixes';
import { whyOf } from './why';
import { type Words, wordsFor } from './words';

/** Facts as sentences. */
export interface Sayings {
  readonly finding: (finding: Reason) => string;
  readonly fix: (fix: Fix) => string;
  /** The figures that a finding rests on, each with its name. */
  readonly why: (finding: Pick<Finding, 'because' | 'fact'>) => readonly (readonly [string, string])[];
}

function sayFact(fact: Fact, finding: Reason, words: Words): string {
  switch (fact.says) {
    case 'size/needs':
      return saySize(fact, finding, words);
    case 'growth/too big':
    case 'growth/stays':
      return sayGrowth(fact, finding.species, words);
    case 'eating/eats':
      return sayEating(fact, finding, words);
    case 'nitrate/makes':
      return sayNitrate(fact, finding, words);
    case 'habit/bolts':
    case 'habit/mixed ages':
    case 'habit/show tank':
      return sayHabit(fact, finding, words);
    default:
      return sayWater(fact, finding.species, words);
  }
}

/** What a finding says, and what a fix does, in the words of a keeper. */
export function sayingsFor(catalogue: Pick<Catalogue, 'byId'>, choice: UnitChoice): Sayings {
  const words = wordsFor(catalogue, choice);
  return {
    finding: (finding) => (finding.fact ? sayFact(finding.fact, finding, words) : finding.text),
    fix: (fix) => sayFix(fix, words),
    why: (finding) => whyOf(finding, words),
  };
}
