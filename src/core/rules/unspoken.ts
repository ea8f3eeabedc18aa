import { type Finding, SEVERITIES, type Severity } from './finding';
import { RULES } from './everyRule';

const RANK = Object.fromEntries(SEVERITIES.map((severity, at) => [severity, at])) as Readonly<
  Record<Severity, number>
>;
const rank = ({ severity }: Finding): number => RANK[severity];

/** Whether one finding says as much as another or worse, and as soon. */
const covers = (told: Finding, other: Finding): boolean =>
  told !== other && rank(told) <= rank(other) && (told.from ?? '') <= (other.from ?? '');

const PAIR = 2;
const isSame = (of: 'the first species' | 'the pair', a: Finding, b: Finding): boolean => {
  if (of === 'the first species') return a.species[0] !== undefined && a.species[0] === b.species[0];
  return a.species.length === PAIR && a.species.every((id) => b.species.includes(id));
};

/** Rules beside which others have nothing to add. */
const SPEAK_FOR_OTHERS: ReadonlySet<string> = new Set(
  RULES.flatMap(({ silentBeside = [] }) => silentBeside.flatMap(({ rules }) => rules)),
);
/** The others, by their name: those that have nothing to add beside some. */
const BESIDE_OTHERS = new Map(
  RULES.flatMap(({ name, silentBeside }) => (silentBeside ? [[name, silentBeside] as const] : [])),
);

/**
 * Findings without those that only repeat another: a rule names the rules beside which it has nothing to add. The worst
 * that is said of anything, and when, stays as it was.
 */
export function spoken(findings: readonly Finding[]): readonly Finding[] {
  const byRule = new Map<string, Finding[]>();
  for (const one of findings) {
    if (!SPEAK_FOR_OTHERS.has(one.rule)) continue;
    const same = byRule.get(one.rule);
    if (same) same.push(one);
    else byRule.set(one.rule, [one]);
  }
  if (byRule.size === 0) return findings;
  return findings.filter(
    (one) =>
      !BESIDE_OTHERS.get(one.rule)?.some(
        ({ rules, of, mild = false }) =>
          (!mild || rank(one) >= RANK.note) &&
          rules.some((rule) => byRule.get(rule)?.some((told) => covers(told, one) && isSame(of, one, told))),
      ),
  );
}
