import { type Finding, SEVERITIES, type Severity } from './finding';
import { RULES } from './everyRule';

const RANK = Object.fromEntries(SEVERITIES.map((severity, at) => [severity, at])) as Readonly<
  Record<Severity, number>
>;
const rank = ({ severity }: Finding): number => RANK[severity];

/** Whether one finding says as much as another or worse, and as soon. */
const covers = (told: Finding, other: Finding): boolean =>
  told !== other && rank(told) <= rank(other) && (told.from ?? '') <= (other.from ?? '');

type Of = 'the first species' | 'the pair';
const PAIR = 2;
const isSame = (of: Of, a: Finding, b: Finding): boolean => {
  if (of === 'the first species') return a.species[0] !== undefined && a.species[0] === b.species[0];
  return a.species.length === PAIR && a.species.every((id) => b.species.includes(id));
};

/** What leaves out, of findings, those that only repeat another about the same first species, or the same pair. */
function without(of: Of): (findings: readonly Finding[]) => readonly Finding[] {
  const silences = RULES.flatMap(({ name, silentBeside = [] }) =>
    silentBeside.filter((silence) => silence.of === of).map((silence) => ({ name, ...silence })),
  );
  const speakers: ReadonlySet<string> = new Set(silences.flatMap(({ rules }) => rules));
  const byName = new Map(silences.map((silence) => [silence.name, silence]));
  return (findings) => {
    const told = findings.filter(({ rule }) => speakers.has(rule));
    if (told.length === 0) return findings;
    return findings.filter((one) => {
      const silence = byName.get(one.rule);
      if (silence === undefined || (silence.mild === true && rank(one) < RANK.note)) return true;
      return !told.some(
        (other) => silence.rules.includes(other.rule) && covers(other, one) && isSame(of, one, other),
      );
    });
  };
}

/** Those of two species beside each other: rules that speak of pairs see the pair alone. */
export const spokenOfPair = without('the pair');
/** Those of a species by itself. */
export const spokenOfFirst = without('the first species');

/**
 * Findings without those that only repeat another: a rule names the rules beside which it has nothing to add. The worst
 * that is said of anything, and when, stays as it was.
 */
export const spoken = (findings: readonly Finding[]): readonly Finding[] =>
  spokenOfFirst(spokenOfPair(findings));
