import type { DueItem } from '@/core/due';
import type { Dated } from '@/core/events';
import type { UnitChoice } from '@/core/kernel';
import type { Catalogue } from '@/core/model';
import type { Finding, Fix, Reason } from '@/core/rules';
import { type RoomNames, sayEvent } from './diary';
import { sayDue } from './due';
import { sayFact } from './findings';
import { sayFix } from './fixes';
import { capital } from './names';
import { whyOf } from './why';
import { monthName, wordsFor } from './words';

/** Facts as sentences. */
export interface Sayings {
  /** What a finding says; one that begins later opens with its date. */
  readonly finding: (finding: Reason) => string;
  readonly fix: (fix: Fix) => string;
  /** What happened, as a line of the diary. */
  readonly event: (event: Dated, names: RoomNames) => string;
  readonly due: (item: Pick<DueItem, 'fact'>) => string;
  /** The figures that a finding rests on, each with its name. */
  readonly why: (finding: Pick<Finding, 'because' | 'fact'>) => readonly (readonly [string, string])[];
}

/** What a finding says, and what a fix does, in the words of a keeper. */
export function sayingsFor(catalogue: Pick<Catalogue, 'byId'>, choice: UnitChoice): Sayings {
  const words = wordsFor(catalogue, choice);
  return {
    finding: (finding) => {
      const said = sayFact(finding, words);
      return finding.from === null ? capital(said) : `From about ${monthName(finding.from)}, ${said}`;
    },
    fix: (fix) => sayFix(fix, words),
    event: (event, names) => sayEvent(event, names, words),
    due: ({ fact }) => sayDue(fact, words),
    why: (finding) => whyOf(finding, words),
  };
}
