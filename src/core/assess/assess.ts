import type { Catalogue, PlanFile } from '../model';
import { type Finding, judgeTold, layerRoom, type RuleContext, SEVERITIES } from '../rules';
import { buildContext } from './buildContext';
import type { Assumed } from './defaults';

export type Verdict = 'stop' | 'caution' | 'fits';

/** The answer to a plan, with findings that carry their edits; `toAnswer` gives the form that files hold. */
export interface Assessment {
  readonly verdict: Verdict;
  /** The verdict on what is true today, before anything grows or matures. */
  readonly today: Verdict;
  /** The first month in which the verdict gets worse than today's, and what it is then; null when it does not. */
  readonly later: { readonly from: string; readonly verdict: Verdict } | null;
  readonly findings: readonly Finding[];
  readonly context: RuleContext;
  readonly layers: Readonly<Record<'top' | 'middle' | 'bottom', number>>;
  readonly assumed: readonly Assumed[];
}

const rank = (finding: Finding): number => SEVERITIES.indexOf(finding.severity);
type Signed = Pick<Finding, 'rule' | 'species' | 'fact' | 'because'>;
/** Signatures of findings, which never change. */
const SIGNATURES = new WeakMap<Signed, string>();

/** Tells a finding from all others of an assessment. */
export function signature(finding: Signed): string {
  const before = SIGNATURES.get(finding);
  if (before !== undefined) return before;
  const { rule, species, fact, because } = finding;
  const made = `${rule}|${species.join('|')}|${fact.says}|${JSON.stringify(because)}`;
  SIGNATURES.set(finding, made);
  return made;
}

/** Worst first, then what is already true, then by rule and species: the same plan gives the same order. */
function inOrder(a: Finding, b: Finding): number {
  if (rank(a) !== rank(b)) return rank(a) - rank(b);
  const when = (a.from ?? '').localeCompare(b.from ?? '');
  if (when !== 0) return when;
  return signature(a) < signature(b) ? -1 : 1;
}

/** The verdict is the worst severity there is; notes and good news fit. */
export function verdictOf(findings: readonly Finding[]): Verdict {
  if (findings.some((finding) => finding.severity === 'stop')) return 'stop';
  return findings.some((finding) => finding.severity === 'caution') ? 'caution' : 'fits';
}

/** From the best to the worst. */
export const VERDICTS: readonly Verdict[] = ['fits', 'caution', 'stop'];

/** The first month in which something worse than `now` begins. */
function laterThan(now: Verdict, findings: readonly Finding[]): Assessment['later'] {
  const months = findings.flatMap((finding) =>
    finding.from !== null && VERDICTS.indexOf(verdictOf([finding])) > VERDICTS.indexOf(now)
      ? [finding.from]
      : [],
  );
  const [from] = months.sort();
  return from === undefined
    ? null
    : {
        from,
        verdict: verdictOf(findings.filter((finding) => finding.from === null || finding.from <= from)),
      };
}

/**
 * Runs every rule over a checked plan.
 *
 * `today` is an ISO date; nothing else of the world is asked. Deterministic; the order of the groups does not matter.
 */
export function assess(plan: PlanFile, catalogue: Catalogue, today: string): Assessment {
  const { context, assumed } = buildContext(plan, catalogue, today);
  const findings = [...judgeTold(context)].sort(inOrder);
  const verdict = verdictOf(findings);
  const now = verdictOf(findings.filter((finding) => finding.from === null));
  return {
    verdict,
    today: now,
    later: laterThan(now, findings),
    findings,
    context,
    layers: layerRoom(context),
    assumed,
  };
}
