import type { Sayers } from '@/core/assess/toAnswer';
import { SHIPPED_SPECIES } from '@/catalogue';
import { assess, type Assessment } from '@/core/assess/assess';
import { readPlan } from '@/core/assess/readPlan';
import { faultLine } from '@/words/en';
import { buildCatalogue } from '@/core/model/catalogue';
import type { PlanFile, PlanGroup, PlanTank } from '@/core/model/plan';
import { editOf, type Finding } from '@/core/rules/finding';

export const catalogue = buildCatalogue(SHIPPED_SPECIES);
export const TODAY = '2026-11-23';

const inches = (length: number, width: number, height: number): PlanTank => ({
  lengthCm: length * 2.54,
  widthCm: width * 2.54,
  heightCm: height * 2.54,
});

/** Tanks by the names that keepers use: outside measures of F01 and F03, common practice. */
export const TANKS = {
  us5: inches(16, 8, 10),
  us10: inches(20, 10, 12),
  us12long: inches(36, 9, 9),
  us20high: inches(24, 12, 16),
  us20long: inches(30, 12, 12),
  us29: inches(30, 12, 18),
  us40breeder: inches(36, 18, 16),
  us55: inches(48, 13, 21),
  us75: inches(48, 18, 21),
  us90: inches(48, 18, 24),
  us125: inches(72, 18, 21),
  us180: inches(72, 24, 25),
  pond: { lengthCm: 500, widthCm: 300, heightCm: 120 },
} as const satisfies Record<string, PlanTank>;

/** A plan with only what a test is about. */
export const plan = (
  tank: PlanTank,
  groups: readonly PlanGroup[],
  more: Partial<PlanFile> = {},
): PlanFile => ({ format: 'lomvik-plan', version: 1, tank, groups, ...more });

/** A plan's answer, after the same checks that a file passes. */
export function judge(file: PlanFile, today = TODAY): Assessment {
  const read = readPlan(JSON.parse(JSON.stringify(file)), catalogue);
  if (!read.ok) throw new Error(read.faults.map(faultLine).join('; '));
  return assess(read.value, catalogue, today);
}

/** Findings of one rule, of all species or of those that name this one. */
export function found(file: PlanFile, rule: string, species?: string): readonly Finding[] {
  return judge(file).findings.filter(
    (finding) => finding.rule === rule && (species === undefined || finding.species.includes(species)),
  );
}

/** Severities of one rule, worst first; empty when it keeps silent. */
export const severities = (file: PlanFile, rule: string, species?: string): readonly string[] =>
  found(file, rule, species).map((finding) => finding.severity);

/** Says a finding by the name of its fact, a fix as it stands: for tests that are about decisions, not words. */
export const PLAINLY: Sayers = {
  finding: ({ fact }) => fact.says,
  fix: (fix) => editOf(fix)?.kind ?? 'advice',
  assumedInFile: ({ path }) => path,
};
