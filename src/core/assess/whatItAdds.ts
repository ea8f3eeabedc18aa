import { type Finding, ruleOf } from '../rules';
import type { Assessment } from './assess';

/** What makes two findings the same one, whatever their words. */
export function findingKey({ rule, severity, species, part }: Finding): string {
  const { about } = ruleOf(rule);
  const whom =
    about === 'the whole tank'
      ? (part ?? '')
      : about === 'the first'
        ? (species[0] ?? '')
        : species.join('|');
  return `${rule}|${severity}|${whom}`;
}
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
