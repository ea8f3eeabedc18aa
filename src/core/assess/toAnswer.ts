import { growthBand } from '../growth';
import { approachName } from '../model';
import type { Fact, Fix, PlanEdit, Reason } from '../rules';
import type { Assessment, Verdict } from './assess';
import { adviceFor, type CauseGroup, fishIn, fixKey, groupByCause } from './causes';
import type { Assumed } from './defaults';
import { isOtherFish, type TriedFixes } from './triedFixes';
import type { Leaves } from './tryEdit';
import { isBad } from './whatItAdds';

/** A fix in words; with the edit that was tried and what it leaves, or null for both where only the keeper can do it. */
export interface FixAnswer {
  readonly text: string;
  readonly edit: PlanEdit | null;
  readonly leaves: Leaves | null;
}

/** An assessment as files and the command line hold it. */
export interface AssessmentAnswer {
  readonly format: 'lomvik-assessment';
  readonly version: 1;
  readonly verdict: Verdict;
  readonly findings: readonly {
    readonly rule: string;
    readonly severity: string;
    readonly species: readonly string[];
    readonly text: string;
    readonly because: Readonly<Record<string, number | string | boolean>>;
    readonly contested: boolean;
    /** Present where the finding depends on an approach. */
    readonly school?: string;
    /** Month it begins; absent when it is true today. */
    readonly from?: string;
    /** Earliest and latest month, as growth varies; present with `from`. */
    readonly fromBand?: readonly [string, string];
    readonly fixes: readonly FixAnswer[];
    readonly source: string;
  }[];
  /** One a finding, in their order: what was found, with quantities in base units. */
  readonly facts: readonly Fact[];
  /** Findings by cause; each names its findings by index and its best fix. */
  readonly groups: readonly {
    readonly cause: string;
    readonly severity: string;
    readonly from: string | null;
    readonly findings: readonly number[];
    readonly fix: FixAnswer | null;
  }[];
  readonly water: Assessment['context']['shared'];
  readonly load: Assessment['context']['load'];
  readonly layers: Assessment['layers'];
  readonly assumed: readonly string[];
}

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/** What says findings and fixes; files are said in metric units. */
export interface Sayers {
  readonly finding: (finding: Reason) => string;
  readonly fix: (fix: Fix) => string;
  readonly assumedInFile: (assumed: Assumed) => string;
}

/** A group as an answer names it: "water pH", "pair a b", "lid". */
const causeName = ({ cause }: CauseGroup): string => Object.values(cause).flat().join(' ');

/**
 * The open form of an assessment: sentences, facts, findings by cause, figures rounded to what they are worth. `tried` are the
 * fixes that were tried; no other edit is offered.
 */
export function toAnswer(
  assessment: Assessment,
  say: Sayers,
  tried: TriedFixes = new Map(),
): AssessmentAnswer {
  const { findings } = assessment;
  const { load, shared } = assessment.context;
  const fishOf = fishIn(assessment.context.planned);
  const groups = [
    isBad,
    ({ severity }) => severity === 'note',
    ({ severity }) => severity === 'good',
  ] satisfies readonly ((finding: (typeof findings)[number]) => boolean)[];
  const told = groups.flatMap((belongs) => groupByCause(findings.filter(belongs), fishOf));
  const fixesOf = (group: CauseGroup): readonly FixAnswer[] => {
    const edits = (tried.get(fixKey(group)) ?? []).map(({ edit, rehomes, leaves }) => ({
      text: say.fix({ edit, rehomes }),
      edit,
      leaves,
    }));
    const isLast = ({ edit }: (typeof edits)[number]): boolean => isOtherFish(edit);
    const advice = adviceFor(group).map((fix) => ({ text: say.fix(fix), edit: null, leaves: null }));
    // What only the keeper can do, such as feeding at both ends, comes before other fish.
    return [...edits.filter((one) => !isLast(one)), ...advice, ...edits.filter(isLast)];
  };
  const fixes = new Map(
    told.flatMap((group) => {
      const offered = fixesOf(group);
      return group.findings.map((finding) => [finding, finding.severity === group.severity ? offered : []]);
    }),
  );
  return {
    format: 'lomvik-assessment',
    version: 1,
    verdict: assessment.verdict,
    findings: findings.map((finding) => ({
      rule: finding.rule,
      severity: finding.severity,
      species: finding.species,
      text: say.finding(finding),
      because: finding.because,
      contested: finding.contested,
      ...(finding.approach === null ? {} : { school: approachName(finding.approach) }),
      ...(finding.from === null
        ? {}
        : { from: finding.from, fromBand: growthBand(assessment.context.month, finding.from) }),
      fixes: fixes.get(finding) ?? [],
      source: finding.source,
    })),
    facts: findings.map(({ fact }) => fact),
    groups: told.map((group) => ({
      cause: causeName(group),
      severity: group.severity,
      from: group.from,
      findings: group.findings.map((finding) => findings.indexOf(finding)),
      fix: fixesOf(group)[0] ?? null,
    })),
    water: shared,
    load: {
      massG: round(load.massG, 1),
      nitrateMgLWeek: round(load.nitrateMgLWeek, 2),
      nitratePeakMgL: round(load.nitratePeakMgL, 2),
      lengthRule: round(load.lengthRule, 3),
      surfaceRule: round(load.surfaceRule, 3),
    },
    layers: {
      top: round(assessment.layers.top, 3),
      middle: round(assessment.layers.middle, 3),
      bottom: round(assessment.layers.bottom, 3),
    },
    assumed: assessment.assumed.map(say.assumedInFile),
  };
}
