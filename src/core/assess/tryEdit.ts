import type { Catalogue, PlanFile } from '../model';
import { type Finding, type PlanEdit, SEVERITIES } from '../rules';
import { assess, type Assessment, type Verdict, VERDICTS } from './assess';
import { type CauseGroup, fishIn, fixKey, groupByCause } from './causes';
import { editPlan } from './planEdit';
import { isBad, whatItAdds } from './whatItAdds';

/** What a list would be after a fix. */
export interface Leaves {
  readonly verdict: Verdict;
  /** Groups of findings that are stops, and that are cautions. */
  readonly stop: number;
  readonly caution: number;
}

/** What is tried: a plan and its assessment. `today` is an ISO date. */
export interface Trial {
  readonly plan: PlanFile;
  readonly before: Assessment;
  readonly catalogue: Catalogue;
  readonly today: string;
}

/** What a list is after an edit. */
export interface Tried {
  readonly groups: ReadonlyMap<string, CauseGroup>;
  readonly leaves: Leaves;
  /** Whether it brings a stop or a caution, or a worse verdict, at once or later. */
  readonly harms: boolean;
}

/** Findings by cause as a list tells them: problems, then notes. */
export function toldGroups({ findings, context }: Assessment): readonly CauseGroup[] {
  const fishOf = fishIn(context.planned);
  return [
    ...groupByCause(findings.filter(isBad), fishOf),
    ...groupByCause(
      findings.filter(({ severity }) => severity === 'note'),
      fishOf,
    ),
  ];
}

/** A stop or a caution that was there already, and now begins earlier. */
export function beginsEarlier(before: readonly Finding[], after: readonly Finding[]): boolean {
  const when = (all: readonly Finding[]): ReadonlyMap<string, string> => {
    const first = new Map<string, string>();
    for (const { rule, species, severity, from } of all.filter(isBad)) {
      const key = `${rule}|${severity}|${species.join('|')}`;
      const month = from ?? '';
      if (!first.has(key) || month < (first.get(key) as string)) first.set(key, month);
    }
    return first;
  };
  const was = when(before);
  return [...when(after)].some(([key, month]) => was.has(key) && month < (was.get(key) as string));
}

/** The list after an edit; null where it does not apply. */
export function tryEdit({ plan, before, catalogue, today }: Trial, edit: PlanEdit): Tried | null {
  const changed = editPlan(plan, edit, catalogue);
  if (changed === null) return null;
  const after = assess(changed, catalogue, today);
  const groups = toldGroups(after);
  return {
    groups: new Map(groups.map((group) => [fixKey(group), group])),
    leaves: {
      verdict: after.verdict,
      stop: groups.filter(({ severity }) => severity === 'stop').length,
      caution: groups.filter(({ severity }) => severity === 'caution').length,
    },
    harms:
      whatItAdds(before, after).brings.length > 0 ||
      VERDICTS.indexOf(after.verdict) > VERDICTS.indexOf(before.verdict) ||
      VERDICTS.indexOf(after.today) > VERDICTS.indexOf(before.today) ||
      beginsEarlier(before.findings, after.findings),
  };
}

/** Whether the group is gone, or milder than it was. */
export function mends(group: CauseGroup, { groups }: Tried): 'gone' | 'milder' | null {
  const left = groups.get(fixKey(group)) ?? (group.severity === 'note' ? groups.get(group.key) : undefined);
  if (!left) return 'gone';
  const milder = SEVERITIES.indexOf(left.severity) > SEVERITIES.indexOf(group.severity);
  return milder && left.findings.length <= group.findings.length ? 'milder' : null;
}

/** How many of those that live in the tank would leave it. */
export function rehomedBy(edit: PlanEdit, { context }: Assessment): number {
  if (!('species' in edit)) return 0;
  const living = context.planned
    .filter(({ profile }) => profile.id === edit.species)
    .flatMap(({ groups }) => groups)
    .reduce((sum, { monthsHere, count }) => sum + (monthsHere === null ? 0 : count), 0);
  switch (edit.kind) {
    case 'leave-out':
    case 'swap':
      return living;
    case 'set-count':
      return Math.max(0, living - edit.count);
    default:
      return 0;
  }
}
