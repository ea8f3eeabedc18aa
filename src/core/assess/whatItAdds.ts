import { type Finding, ruleOf } from '../rules';
import type { Assessment } from './assess';

/** Keys of findings, which never change. */
const KEYS = new WeakMap<Finding, string>();

/** What makes two findings the same one, whatever their words. */
export function findingKey(finding: Finding): string {
  const before = KEYS.get(finding);
  if (before !== undefined) return before;
  const { rule, severity, species } = finding;
  const { about } = ruleOf(rule);
  const whom =
    about === 'the whole tank'
      ? (finding.part ?? '')
      : about === 'the first'
        ? (species[0] ?? '')
        : species.join('|');
  const made = `${rule}|${severity}|${whom}`;
  KEYS.set(finding, made);
  return made;
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
