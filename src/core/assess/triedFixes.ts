import type { Catalogue, PlanFile } from '../model';
import { type Finding, type PlanEdit, SEVERITIES } from '../rules';
import { assess, type Assessment, type Verdict, VERDICTS } from './assess';
import { type CauseGroup, fishIn, fixKey, groupByCause } from './causes';
import { editPlan } from './planEdit';
import { type SizeForSale, waysFor } from './ways';
import { isBad, whatItAdds } from './whatItAdds';

/** What a list would be after a fix. */
export interface Leaves {
  readonly verdict: Verdict;
  /** Groups of findings that are stops, and that are cautions. */
  readonly stop: number;
  readonly caution: number;
}

/** A fix that was tried: it takes the worst of its group away or makes it milder, and brings no stop and no caution. */
export interface TriedFix {
  readonly edit: PlanEdit;
  /** So many animals that live in the tank leave it for this. */
  readonly rehomes: number;
  readonly leaves: Leaves;
  /** Nothing bad is left of the group. */
  readonly solves: boolean;
}

/** The best fixes of each group of findings, by `fixKey`; an empty list where nothing that was tried mends it. */
export type TriedFixes = ReadonlyMap<string, readonly TriedFix[]>;

/** What is tried: a plan, its assessment, and the tanks that can be bought. `today` is an ISO date. */
export interface Trial {
  readonly plan: PlanFile;
  readonly before: Assessment;
  readonly catalogue: Catalogue;
  readonly today: string;
  readonly sizes: readonly SizeForSale[];
}

/** So many fixes are offered for one group. */
const OFFERED_FIXES = 3;

/** How much a change asks of the keeper, the least first. */
const EFFORT: Readonly<Record<PlanEdit['kind'], number>> = {
  'set-lid': 0,
  'set-light': 0,
  'set-temperature': 0,
  'set-breaks': 1,
  'set-plants': 1,
  'set-substrate': 1,
  'set-sexes': 1,
  'set-count': 1,
  'set-origin': 1,
  'set-density': 2,
  'set-routine': 2,
  'set-wall': 3,
  'set-tank': 3,
  'leave-out': 4,
  swap: 5,
};

/** Whether fish are given up for it: what the keeper can do himself is told first. */
export const isOtherFish = ({ kind }: PlanEdit): boolean => kind === 'leave-out' || kind === 'swap';

interface Tried {
  readonly groups: ReadonlyMap<string, CauseGroup>;
  readonly leaves: Leaves;
  /** Whether it brings a stop or a caution, or a worse verdict, at once or later. */
  readonly harms: boolean;
}

/** Findings by cause as a list tells them: problems, then notes. */
function toldGroups({ findings, context }: Assessment): readonly CauseGroup[] {
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
function beginsEarlier(before: readonly Finding[], after: readonly Finding[]): boolean {
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

function tryEdit({ plan, before, catalogue, today }: Trial, edit: PlanEdit): Tried | null {
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
function mends(group: CauseGroup, { groups }: Tried): 'gone' | 'milder' | null {
  const left = groups.get(fixKey(group)) ?? (group.severity === 'note' ? groups.get(group.key) : undefined);
  if (!left) return 'gone';
  const milder = SEVERITIES.indexOf(left.severity) > SEVERITIES.indexOf(group.severity);
  return milder && left.findings.length <= group.findings.length ? 'milder' : null;
}

/** How many of those that live in the tank would leave it. */
function rehomedBy(edit: PlanEdit, { context }: Assessment): number {
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

const inOrder = (a: TriedFix, b: TriedFix): number =>
  Number(b.solves) - Number(a.solves) ||
  EFFORT[a.edit.kind] - EFFORT[b.edit.kind] ||
  a.leaves.stop - b.leaves.stop ||
  a.leaves.caution - b.leaves.caution;

/** The best few, each of another sort: three larger tanks are one way. */
function bestOf(fixes: readonly TriedFix[]): readonly TriedFix[] {
  const sorts = new Set<string>();
  return [...fixes]
    .sort(inOrder)
    .filter(({ edit }) => {
      const sort = edit.kind === 'leave-out' ? `${edit.kind} ${edit.species}` : edit.kind;
      if (sorts.has(sort)) return false;
      sorts.add(sort);
      return true;
    })
    .slice(0, OFFERED_FIXES);
}

/**
 * The fixes of a list, each tried on the whole plan: an offered one mends its group, brings no stop and no caution, and makes
 * nothing worse or earlier. With a pause after each trial.
 */
export function* triedFixesInSteps(trial: Trial): Generator<undefined, TriedFixes> {
  const { plan, before, catalogue, sizes } = trial;
  const tried = new Map<string, Tried | null>();
  const found = new Map<string, readonly TriedFix[]>();
  for (const group of toldGroups(before)) {
    const fixes: TriedFix[] = [];
    for (const edit of waysFor(group, plan, before, catalogue, sizes)) {
      const key = JSON.stringify(edit);
      if (!tried.has(key)) {
        tried.set(key, tryEdit(trial, edit));
        yield;
      }
      const one = tried.get(key);
      const mended = one && !one.harms ? mends(group, one) : null;
      if (one && mended !== null)
        fixes.push({ edit, rehomes: rehomedBy(edit, before), leaves: one.leaves, solves: mended === 'gone' });
    }
    found.set(fixKey(group), bestOf(fixes));
  }
  return found;
}
