import type { Catalogue, PlanFile, SpeciesProfile } from '../model';
import type { Finding } from '../rules';
import { assess } from './assess';
import { fewestOf, lastThatDoes, LOOK, MOST } from './countsThatDo';
import { editPlan } from './planEdit';
import { findingKey, isBad } from './whatItAdds';

/** How many of a species a tank carries beside the rest, at its floor and routine. */
export interface HowMany {
  readonly species: string;
  /** The fewest that bring no stop and no caution; null where no number does. */
  readonly fewest: number | null;
  readonly comfortable: number | null;
  readonly most: number | null;
  /** `MOST` and more would do: nothing here binds. */
  readonly open: boolean;
  /** What one more than the most would bring; where no number does, what stands in the way of the comfortable one. */
  readonly binds: Finding | null;
  /** What speaks against it at any number. */
  readonly anyway: readonly Finding[];
}

const bad = (findings: readonly Finding[]): readonly Finding[] => findings.filter(isBad);
const isNumberToAvoid = ({ rule }: Finding): boolean => rule === 'group-number';

/** The list with so many of a species, and what that brings to a list without it. */
class Counts {
  readonly #tried = new Map<number, readonly Finding[]>();
  readonly #had: ReadonlySet<string>;

  constructor(
    private readonly plan: PlanFile,
    private readonly profile: SpeciesProfile,
    private readonly catalogue: Catalogue,
    private readonly today: string,
  ) {
    const { id } = profile;
    const without = editPlan(plan, { kind: 'leave-out', species: id, count: 0 }, catalogue) ?? plan;
    this.#had = new Set(bad(assess(without, catalogue, today).findings).map(findingKey));
  }

  /** Stops and cautions that so many bring. */
  brings(count: number): readonly Finding[] {
    const before = this.#tried.get(count);
    if (before) return before;
    const changed = editPlan(
      this.plan,
      { kind: 'set-count', species: this.profile.id, count },
      this.catalogue,
    );
    const found =
      changed === null
        ? []
        : bad(assess(changed, this.catalogue, this.today).findings).filter(
            (one) => !this.#had.has(findingKey(one)),
          );
    this.#tried.set(count, found);
    return found;
  }
}

/** What a finding is about, whatever its severity: more of a kind may make a caution a stop. */
const about = (finding: Finding): string => findingKey({ ...finding, severity: 'note' });

/**
 * The fewest, the comfortable and the most of a species that a list carries, and what binds.
 *
 * The rest of the list, the tank and the routine stay as they are. What one of the species would bring at any number, such as
 * being eaten, is told apart and does not count. `today` is an ISO date. Domain: a plan that `readPlan` accepted.
 */
export function howMany(
  plan: PlanFile,
  profile: SpeciesProfile,
  catalogue: Catalogue,
  today: string,
): HowMany {
  const { smallestGroup, comfortableGroup, badNumbers } = profile.company;
  const counts = new Counts(plan, profile, catalogue, today);
  const looked = [1, smallestGroup, comfortableGroup, comfortableGroup + LOOK];
  const always = looked.map((count) => new Set(counts.brings(count).map(about)));
  const anyway = counts.brings(comfortableGroup).filter((one) => always.every((set) => set.has(about(one))));
  const known = new Set(anyway.map(about));
  const more = (count: number): readonly Finding[] =>
    counts.brings(count).filter((one) => !known.has(about(one)) && !isNumberToAvoid(one));
  const does = (count: number): boolean => more(count).length === 0;
  const avoided = (count: number): boolean =>
    badNumbers.includes(count) ||
    counts.brings(count).some((one) => isNumberToAvoid(one) && !known.has(about(one)));
  const fewest = fewestOf(comfortableGroup, does, avoided);
  const none = { species: profile.id, fewest: null, comfortable: null, most: null, open: false, anyway };
  if (fewest === null) return { ...none, binds: more(comfortableGroup)[0] ?? null };
  const reach = lastThatDoes(fewest, does);
  let most = reach;
  while (most > fewest && avoided(most)) most -= 1;
  return {
    species: profile.id,
    fewest,
    comfortable: Math.max(fewest, Math.min(comfortableGroup, most)),
    most,
    open: reach >= MOST,
    binds: reach >= MOST ? null : (more(reach + 1)[0] ?? null),
    anyway,
  };
}

/** The same for every species of a list, in steps. */
export function* howManyInSteps(
  plan: PlanFile,
  catalogue: Catalogue,
  today: string,
): Generator<undefined, readonly HowMany[]> {
  const found: HowMany[] = [];
  for (const { profile } of assess(plan, catalogue, today).context.planned) {
    found.push(howMany(plan, profile, catalogue, today));
    yield;
  }
  return found;
}
