import type { Finding } from '../rules/finding';
import type { Assessment } from './assess';

const key = (finding: Finding): string => `${finding.rule}|${finding.severity}|${finding.species.join('|')}`;
const bad = (finding: Finding): boolean => finding.severity === 'stop' || finding.severity === 'caution';

/** What a change to a plan would bring and what it would settle: stops and cautions only. */
export function whatItAdds(
  before: Assessment,
  after: Assessment,
): { readonly brings: readonly Finding[]; readonly settles: readonly Finding[] } {
  const had = new Set(before.findings.map(key));
  const has = new Set(after.findings.map(key));
  return {
    brings: after.findings.filter((finding) => bad(finding) && !had.has(key(finding))),
    settles: before.findings.filter((finding) => bad(finding) && !has.has(key(finding))),
  };
}
