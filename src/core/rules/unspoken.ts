import { type Finding, SEVERITIES } from './finding';
import { ruleOf } from './registry';

const rank = ({ severity }: Pick<Finding, 'severity'>): number => SEVERITIES.indexOf(severity);

/** Whether one finding says as much as another or worse, and as soon. */
const covers = (told: Finding, other: Finding): boolean =>
  told !== other && rank(told) <= rank(other) && (told.from ?? '') <= (other.from ?? '');

const PAIR = 2;
const isSame = (of: 'the first species' | 'the pair', a: Finding, b: Finding): boolean => {
  if (of === 'the first species') return a.species[0] !== undefined && a.species[0] === b.species[0];
  return a.species.length === PAIR && a.species.every((id) => b.species.includes(id));
};

/**
 * Findings without those that only repeat another: a rule names the rules beside which it has nothing to add. The worst
 * that is said of anything, and when, stays as it was.
 */
export function spoken(findings: readonly Finding[]): readonly Finding[] {
  const byRule = new Map<string, Finding[]>();
  for (const one of findings) byRule.set(one.rule, [...(byRule.get(one.rule) ?? []), one]);
  return findings.filter(
    (one) =>
      !ruleOf(one.rule).silentBeside?.some(
        ({ rules, of, mild = false }) =>
          (!mild || rank(one) >= rank({ severity: 'note' })) &&
          rules.some((rule) => byRule.get(rule)?.some((told) => covers(told, one) && isSame(of, one, told))),
      ),
  );
}
