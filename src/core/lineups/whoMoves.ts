import { lineUpReason, type Reason, ruleOf } from '../rules';
import { monthsBetween } from '../kernel';
import type { RehomeReason } from '../events';
import { type Catalogue, resolveSpecies, type Wish } from '../model';
import { buildProblem, type BuiltProblem } from './buildProblem';
import type { LeftOut } from './leftOut';
import { Judge, type LineUp } from './lineUps';
import type { ReducedProblem } from './problem';
import { solveProblem } from './solve';
import type { WishesFile } from './wishes';

/** Fish of one species that live somewhere now and may move to a tank, or leave. */
export interface Mover {
  readonly species: string;
  readonly count: number;
  readonly weight: number;
  readonly mustKeep: boolean;
  /** When the eldest came, ISO date; null when nobody knows. */
  readonly since: string | null;
}

export interface Decision {
  readonly species: string;
  readonly moves: number;
  readonly leaves: number;
  /** Why those that leave do; null when all move. */
  readonly reason: RehomeReason | null;
  readonly why: Reason | null;
  /** Said to be old for its species: a move is hard on it. */
  readonly old: boolean;
}

export interface WhoMoves {
  readonly lineUp: LineUp | null;
  readonly decisions: readonly Decision[];
  readonly proven: boolean;
}

/** From this share of its shortest usual life on, a fish counts as old (from memory). */
const OLD = 0.8;

/** The word that goes with what kept a species out. */
function reasonOf(species: string, { by }: Pick<LeftOut, 'by'>, planned: ReadonlySet<string>): RehomeReason {
  if (by === 'nitrate') return 'too messy';
  if (by === 'room') return 'too big';
  if (by === null) return 'surplus';
  if (by.species.some((one) => one !== species && planned.has(one))) return 'blocks a planned fish';
  switch (ruleOf(by.rule).leaveFor) {
    case 'too big':
      return 'too big';
    case 'too messy':
      return 'too messy';
    case 'water':
      return 'not of this region';
    case 'harm':
      return by.species[0] === species ? 'too rough' : 'bullied';
    case undefined:
      return 'other';
  }
}

/** The counts of a species that a move may keep: all, or as many as it is at ease in, or as few as it can be. */
function countsOf(count: number, least: number, comfortable: number): number[] {
  return [...new Set([count, comfortable, least].filter((one) => one >= 1 && one <= count))];
}

/** Of those that live here every animal counts: a species is worth the share of it that stays. */
function byHeads(built: BuiltProblem, movers: readonly Mover[]): ReducedProblem {
  return {
    ...built.problem,
    items: built.problem.items.map((item, index) => {
      const mover = movers[built.candidates[index]?.wish ?? -1];
      return mover ? { ...item, value: (mover.weight * item.count) / mover.count } : item;
    }),
  };
}

/**
 * Which of the fish that live in a room can move into one tank together, with the planned ones, and which are to leave, each
 * with the reason. The same exact search as for wishes: a species is taken at a count, or not at all; one that must be kept
 * always at all of it. `file` gives the tank and, as its wishes, what is planned there; `today` is an ISO date.
 */
export function whoMoves(
  file: WishesFile,
  movers: readonly Mover[],
  catalogue: Catalogue,
  today: string,
): WhoMoves {
  const idOf = (species: string): string => {
    const found = resolveSpecies(catalogue, species);
    return found.ok ? found.profile.id : species;
  };
  const wishes = movers.map((mover): Wish => {
    const found = resolveSpecies(catalogue, mover.species);
    const company = found.ok ? found.profile.company : { smallestGroup: 1, comfortableGroup: 1 };
    return {
      species: mover.species,
      weight: mover.weight,
      mustHave: mover.mustKeep,
      counts: mover.mustKeep
        ? [mover.count]
        : countsOf(mover.count, company.smallestGroup, company.comfortableGroup),
    };
  });
  const moving = new Set(movers.map((mover) => idOf(mover.species)));
  const planned = file.wishes.filter((wish) => !moving.has(idOf(wish.species)));
  const asked: WishesFile = { ...file, wishes: [...wishes, ...planned] };
  const built = buildProblem(asked, catalogue, today);
  const judge = new Judge(asked, built, catalogue, today);
  const { best, proven } = solveProblem(byHeads(built, movers), { best: 1, accept: judge.accepts });
  const items = best[0]?.items ?? [];
  const lineUp = best[0] && items.length > 0 ? judge.lineUp(best[0]) : null;
  const leftOut = judge.leftOut(items);
  const plannedIds = new Set(planned.map((wish) => idOf(wish.species)));
  const staying = new Map(lineUp?.groups.map((group) => [group.species, group.count]));
  const decisions = movers.map((mover): Decision => {
    const species = idOf(mover.species);
    const profile = catalogue.byId.get(species);
    const moves = staying.get(species) ?? 0;
    const leaves = mover.count - moves;
    const out = leftOut.find((one) => one.species === species);
    const months = mover.since === null ? 0 : monthsBetween(mover.since, today);
    return {
      species,
      moves,
      leaves,
      reason: leaves === 0 ? null : out ? reasonOf(species, out, plannedIds) : 'surplus',
      why:
        leaves === 0
          ? null
          : (out?.why ?? lineUpReason(species, { says: 'line-up/part stays', stay: moves, leave: leaves })),
      old: profile !== undefined && months / 12 >= profile.size.lifeYears[0] * OLD,
    };
  });
  return { lineUp, decisions, proven };
}
