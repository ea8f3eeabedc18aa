import type { Finding } from '../rules/finding';
import type { Assessment } from './assess';

/** What makes two findings the same one, whatever their words. */
export const findingKey = (finding: Finding): string =>
  `${finding.rule}|${finding.severity}|${finding.species.join('|')}`;
export const isBad = (finding: Finding): boolean =>
  finding.severity === 'stop' || finding.severity === 'caution';

/** What a change to a plan would bring and what it would settle: stops and cautions only. */
export function whatItAdds(
  before: Assessment,
  after: Assessment,
): { readonly brings: readonly Finding[]; readonly settles: readonly Finding[] } {
  const had = new Set(before.findings.map(findingKey));
  const has = new Set(after.findings.map(findingKey));
  return {
    brings: after.findings.filter((finding) => isBad(finding) && !had.has(findingKey(finding))),
    settles: before.findings.filter((finding) => isBad(finding) && !has.has(findingKey(finding))),
  };
}
