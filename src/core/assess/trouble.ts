import type { Catalogue, PlanFile } from '../model';
import { assess, type Assessment, type Verdict } from './assess';
import { editOf, type Finding, type PlanEdit } from '../rules';
import { type CauseGroup, fishIn, groupByCause } from './causes';
import { editPlan } from './planEdit';
import { isBad, whatItAdds } from './whatItAdds';

/** What one change of a list would solve. */
interface Solved {
  /** Stops and cautions that would be gone, and how many of them are stops. */
  readonly settles: number;
  readonly stops: number;
  /** What would be new: company that a shoal or a pair loses. */
  readonly brings: number;
  /** The same by cause, as the list counts its problems: gone, how many of them stops, and new. */
  readonly problems: { readonly solved: number; readonly stops: number; readonly added: number };
  /** The verdict after it. */
  readonly verdict: Verdict;
}

/** What a list would be rid of without one of its species. */
export type Settling = Solved & { readonly species: string };

/** What a change of the tank or its water would solve. */
export type TankChange = Solved & { readonly edit: PlanEdit };

/** So many species are tried, those that are named most often. */
const TRIED = 6;

const without = (plan: PlanFile, species: readonly string[], catalogue: Catalogue): PlanFile =>
  species.reduce((rest, id) => editPlan(rest, { kind: 'leave-out', species: id }, catalogue) ?? rest, plan);

/** The fewest species without which no stop is left. */
export interface LeftOut {
  readonly species: readonly string[];
  readonly settles: number;
  readonly problems: Solved['problems'];
  readonly verdict: Verdict;
}

/** More species than this are another list. */
const MOST_LEFT_OUT = 3;
/** So many ways of as few species are judged. */
const WAYS = 6;

/** All choices of so many of these, in their order. */
export function choices(of: readonly string[], many: number): readonly (readonly string[])[] {
  if (many === 0) return [[]];
  return of.flatMap((first, i) => choices(of.slice(i + 1), many - 1).map((rest) => [first, ...rest]));
}

/** The main causes of trouble. */
export interface Trouble {
  readonly most: readonly Settling[];
  /** A lid, a bottom, a temperature: whatever a fix proposes and solves more than one problem. */
  readonly changes: readonly TankChange[];
  readonly least: LeftOut | null;
}

/** A plan and its assessment, and who may be left out of it: species identifiers. `today` is an ISO date. */
export interface TroubledList {
  readonly plan: PlanFile;
  readonly before: Assessment;
  readonly catalogue: Catalogue;
  readonly today: string;
  readonly removable: readonly string[];
}

/**
 * The main causes of trouble: species without which most stops, then most cautions, would be gone, net of what would be
 * new, each tried by judging the list without it; and the fewest that can be left out so that no stop is left.
 *
 * A species that would settle nothing is left out; the best first. With a pause after each list that is judged. Domain: a plan
 * that `readPlan` accepted, and its assessment.
 */
export function* troubleInSteps(list: TroubledList): Generator<undefined, Trouble> {
  const most = yield* settlesMost(list);
  const changes = yield* changesThatSolve(list);
  const least = yield* leastLeftOut(list);
  return { most, changes, least };
}

/** Edits of the tank and its water: what they solve is not told species by species. */
const OF_THE_TANK: readonly PlanEdit['kind'][] = ['set-lid', 'set-substrate', 'set-temperature'];

const causesOf = ({ findings, context }: Assessment): ReadonlyMap<string, CauseGroup> =>
  new Map(groupByCause(findings.filter(isBad), fishIn(context.planned)).map((group) => [group.key, group]));

/** Problems by cause that are gone, and that are new. */
function problemsSolved(before: Assessment, after: Assessment): Solved['problems'] {
  const [had, has] = [causesOf(before), causesOf(after)];
  const gone = [...had.values()].filter(({ key }) => !has.has(key));
  return {
    solved: gone.length,
    stops: gone.filter(({ severity }) => severity === 'stop').length,
    added: [...has.keys()].filter((key) => !had.has(key)).length,
  };
}

/** What the difference between two assessments solves. */
function solvedBy(before: Assessment, after: Assessment): Solved {
  const { brings, settles } = whatItAdds(before, after);
  const stops = settles.filter((finding) => finding.severity === 'stop').length;
  return {
    settles: settles.length,
    stops,
    brings: brings.length,
    problems: problemsSolved(before, after),
    verdict: after.verdict,
  };
}

/** The changes that solve most stops first, then those that solve most. */
export const byWhatItSolves = (
  a: Pick<Solved, 'stops' | 'settles'>,
  b: Pick<Solved, 'stops' | 'settles'>,
): number => b.stops - a.stops || b.settles - a.settles;

/** The species that settle most stops first, then those that settle most, net of what they bring, then by name. */
export const byWhatItSettles = (
  a: Pick<Settling, 'stops' | 'settles' | 'brings' | 'species'>,
  b: Pick<Settling, 'stops' | 'settles' | 'brings' | 'species'>,
): number =>
  b.stops - a.stops || b.settles - b.brings - (a.settles - a.brings) || (a.species < b.species ? -1 : 1);

/** The species that problems name most often, of those that may go; a stop counts as many cautions. */
export function namedMost(
  findings: readonly Pick<Finding, 'severity' | 'species'>[],
  removable: readonly string[],
): readonly string[] {
  const named = new Map<string, number>();
  for (const { severity, species } of findings) {
    const weight = severity === 'stop' ? TRIED : severity === 'caution' ? 1 : 0;
    for (const one of weight > 0 ? species : []) named.set(one, (named.get(one) ?? 0) + weight);
  }
  const times = (species: string): number => named.get(species) ?? 0;
  return removable
    .filter((species) => named.has(species))
    .sort((a, b) => times(b) - times(a) || (a < b ? -1 : 1))
    .slice(0, TRIED);
}

/** Changes of the tank that fixes propose, each tried; those that solve more than one problem, net of what they bring. */
function* changesThatSolve({
  plan,
  before,
  catalogue,
  today,
}: TroubledList): Generator<undefined, readonly TankChange[]> {
  const edits = new Map<string, PlanEdit>();
  for (const { fixes } of before.findings.filter(isBad))
    for (const edit of fixes.map(editOf)) if (edit) edits.set(JSON.stringify(edit), edit);
  const found: TankChange[] = [];
  for (const edit of edits.values()) {
    const file = OF_THE_TANK.includes(edit.kind) ? editPlan(plan, edit, catalogue) : null;
    if (file === null) continue;
    const solved = solvedBy(before, assess(file, catalogue, today));
    if (solved.settles - solved.brings > 1) found.push({ ...solved, edit });
    yield;
  }
  return found.sort(byWhatItSolves);
}

function* settlesMost({
  plan,
  before,
  catalogue,
  today,
  removable,
}: TroubledList): Generator<undefined, readonly Settling[]> {
  const found: Settling[] = [];
  for (const species of namedMost(before.findings, removable)) {
    const after = assess(without(plan, [species], catalogue), catalogue, today);
    const solved = solvedBy(before, after);
    if (solved.settles > solved.brings) found.push({ ...solved, species });
    yield;
  }
  return found.sort(byWhatItSettles);
}

/**
 * Each stop must lose one of those it names; that no stop is left, and none is new, is proven by judging the rest. Of several
 * ways with as few species, of which six are judged, the one that settles most. Null when there is no stop, or no such way.
 */
function* leastLeftOut({
  plan,
  before,
  catalogue,
  today,
  removable,
}: TroubledList): Generator<undefined, LeftOut | null> {
  const stops = before.findings.filter((finding) => finding.severity === 'stop');
  const blamed = removable.filter((id) => stops.some((finding) => finding.species.includes(id)));
  const bad = before.findings.filter(isBad).length;
  for (let many = 1; stops.length > 0 && many <= MOST_LEFT_OUT; many += 1) {
    const ways = choices(blamed, many).filter((way) =>
      stops.every(({ species }) => species.length === 0 || species.some((id) => way.includes(id))),
    );
    const found: LeftOut[] = [];
    for (const species of ways.slice(0, WAYS)) {
      const after = assess(without(plan, species, catalogue), catalogue, today);
      const settles = bad - after.findings.filter(isBad).length;
      if (after.verdict !== 'stop')
        found.push({ species, settles, problems: problemsSolved(before, after), verdict: after.verdict });
      yield;
    }
    const [best] = found.sort((a, b) => b.settles - a.settles);
    if (best) return best;
  }
  return null;
}
