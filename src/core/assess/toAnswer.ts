import { growthBand } from '../growth';
import type { Fix, Reason } from '../rules';
import type { Assessment, Verdict } from './assess';
import type { Assumed } from './defaults';

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
    readonly fixes: readonly string[];
    readonly source: string;
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

/** The open form of an assessment: fixes as sentences, figures rounded to what they are worth. */
export function toAnswer(assessment: Assessment, say: Sayers): AssessmentAnswer {
  const { load, shared } = assessment.context;
  return {
    format: 'lomvik-assessment',
    version: 1,
    verdict: assessment.verdict,
    findings: assessment.findings.map((finding) => ({
      rule: finding.rule,
      severity: finding.severity,
      species: finding.species,
      text: say.finding(finding),
      because: finding.because,
      contested: finding.contested,
      ...(finding.approach === null ? {} : { school: finding.approach }),
      ...(finding.from === null
        ? {}
        : { from: finding.from, fromBand: growthBand(assessment.context.month, finding.from) }),
      fixes: finding.fixes.map(say.fix),
      source: finding.source,
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
