import { LAYER_NAMES, type ReducedProblem } from '@/core/lineups/problem';

/** One row of an integer program: a sum that is at least or at most so much. */
export interface Row {
  readonly terms: readonly (readonly [number, string])[];
  readonly least?: number;
  readonly most?: number;
}

export interface Program {
  readonly objective: readonly (readonly [number, string])[];
  readonly rows: readonly Row[];
  readonly binaries: readonly string[];
}

/** A reduced problem as an integer program in the plainest form, as anybody would write it; sets that are known already are left out. */
export function toProgram(problem: ReducedProblem, known: readonly (readonly number[])[] = []): Program {
  const { items, limits } = problem;
  const x = (index: number): string => `x${index}`;
  const rows: Row[] = [
    ...problem.conflicts.map((pair) => ({ terms: pair.map((i) => [1, x(i)] as const), most: 1 })),
    ...problem.oneOf.map((list) => ({ terms: list.map((i) => [1, x(i)] as const), most: 1 })),
    ...problem.required.map((list) => ({ terms: list.map((i) => [1, x(i)] as const), least: 1 })),
    { terms: items.map((item, i) => [item.nitrateMgLWeek, x(i)] as const), most: limits.nitrateMgLWeek },
    ...LAYER_NAMES.map((layer) => ({
      terms: items.map((item, i) => [item.room[layer], x(i)] as const),
      most: limits.room[layer],
    })),
    ...LAYER_NAMES.map((layer) => ({
      terms: [
        [1, `y${layer}`] as const,
        ...items.flatMap((item, i) => (item.covers.includes(layer) ? [[-1, x(i)] as const] : [])),
      ],
      most: 0,
    })),
    // Another set: one of these is not in it, or one of the rest is.
    ...known.map((set) => ({
      terms: items.map((_, i) => [set.includes(i) ? -1 : 1, x(i)] as const),
      least: 1 - set.length,
    })),
  ];
  return {
    objective: [
      ...items.map((item, i) => [item.value, x(i)] as const),
      ...LAYER_NAMES.map((layer) => [problem.layerBonus, `y${layer}`] as const),
    ],
    rows,
    binaries: [...items.map((_, i) => x(i)), ...LAYER_NAMES.map((layer) => `y${layer}`)],
  };
}

/** A group of which one must be taken, and none is there. */
export const infeasible = (problem: ReducedProblem): boolean =>
  problem.required.some((list) => list.length === 0);

/** The value of the best set by another solver, of those that are not known already; null when there is none. */
export type Optimum = (
  problem: ReducedProblem,
  known?: readonly (readonly number[])[],
) => Promise<number | null>;
