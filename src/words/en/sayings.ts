import {
  type Assessment,
  type CauseGroup,
  fishIn,
  groupByCause,
  type Growth,
  isBad,
  type Told,
} from '@/core/assess';
import type { UnitChoice } from '@/core/kernel';
import type { Catalogue } from '@/core/model';
import type { Finding, Fix, Reason } from '@/core/rules';
import { sayGrowth } from './candidates';
import { sayCause } from './causes';
import { sayFact } from './findings';
import { sayFix } from './fixes';
import { capital, countOf } from './names';
import { NO_PROMISE, untilThen, VERDICTS } from './verdict';
import { whyOf } from './why';
import { monthName } from './locale';
import { wordsFor } from './words';

/** Facts as sentences. */
export interface Sayings {
  /** What a finding says; one that begins later opens with its date. */
  readonly finding: (finding: Reason) => string;
  /** The headline of findings of one cause. */
  readonly cause: (group: CauseGroup<Told>) => string;
  /** A problem that a newcomer makes worse. */
  readonly grows: (growth: Growth) => string;
  readonly fix: (fix: Fix) => string;
  /** "Fits until Jul 2027, then Stop" */
  readonly verdict: (answer: Pick<Assessment, 'today' | 'later'>) => string;
  /** A whole list in one breath: the verdict, the worst problem and how many more there are. */
  readonly inShort: (answer: Assessment) => string;
  /** A length as it was measured, to a hundredth. */
  readonly measured: (cm: number) => string;
  /** What no verdict promises. */
  readonly noPromise: string;
  /** A length of a fish. */
  readonly length: (cm: number) => string;
  /** The figures that a finding rests on, each with its name. */
  readonly why: (finding: Pick<Finding, 'because' | 'fact'>) => readonly (readonly [string, string])[];
}

/** A sentence about what is true today, or that opens with the month in which it begins. */
const dated = (said: string, from: string | null): string =>
  from === null ? capital(said) : `From about ${monthName(from)}, ${said}`;

/** What a finding says, and what a fix does, in the words of a keeper. */
export function sayingsFor(catalogue: Pick<Catalogue, 'byId'>, choice: UnitChoice): Sayings {
  const words = wordsFor(catalogue, choice);
  const cause = (group: CauseGroup<Told>): string => dated(sayCause(group, words), group.from);
  const verdict: Sayings['verdict'] = ({ today, later }) =>
    later === null ? VERDICTS[today] : `${VERDICTS[today]} ${untilThen(later)}`;
  return {
    finding: (finding) => dated(sayFact(finding, words), finding.from),
    grows: (growth) => sayGrowth(growth, words),
    cause,
    fix: (fix) => sayFix(fix, words),
    verdict,
    inShort: (answer) => {
      const [worst, ...more] = groupByCause(answer.findings.filter(isBad), fishIn(answer.context.planned));
      return [
        `${verdict(answer)}.`,
        worst === undefined ? 'No problems.' : cause(worst),
        more.length === 0 ? '' : `${countOf(more.length, 'more problem')}.`,
      ]
        .filter(Boolean)
        .join(' ');
    },
    measured: (cm) => words.reading('length', cm),
    noPromise: NO_PROMISE,
    length: (cm) => words.quantity('length', cm),
    why: (finding) => whyOf(finding, words),
  };
}
