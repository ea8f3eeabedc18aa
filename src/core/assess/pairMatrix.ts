import { type Finding, ruleOf, SEVERITIES, type Severity } from '../rules';
import type { Assessment } from './assess';

/** What is said of two species together, or of one with itself. */
export interface PairCell {
  readonly a: string;
  readonly b: string;
  /** The worst that is said; null when nothing is. */
  readonly severity: Severity | null;
  readonly contested: boolean;
  readonly findings: readonly Finding[];
}

const rank = (finding: Finding): number => SEVERITIES.indexOf(finding.severity);

/** How many species a finding may name and still be about a pair. */
const PAIR = 2;

/**
 * The compatibility chart: for each species a row of cells, one for each species. Findings on two species stand in both
 * their cells, findings on one species on the diagonal; a finding on many is about the first with each of the others.
 */
export function pairMatrix({ findings, context }: Assessment): readonly (readonly PairCell[])[] {
  const ids = context.planned.map((one) => one.profile.id);
  const about = (finding: Finding, a: string, b: string): boolean => {
    const { species } = finding;
    if (a === b) return species.length === 1 && species[0] === a;
    if (species.length < PAIR) return false;
    if (species.length > PAIR && ruleOf(finding.rule).about !== 'the first') return false;
    if (species.length === PAIR) return species.includes(a) && species.includes(b);
    return (species[0] === a && species.includes(b)) || (species[0] === b && species.includes(a));
  };
  return ids.map((a) =>
    ids.map((b) => {
      const said = findings
        .filter((finding) => about(finding, a, b) && !(a !== b && finding.severity === 'good'))
        .sort((x, y) => rank(x) - rank(y));
      return {
        a,
        b,
        severity: said[0]?.severity ?? null,
        contested: said.some((finding) => finding.contested),
        findings: said,
      };
    }),
  );
}
