import GLPK from 'glpk.js/node';
import loadHighs from 'highs';
import { LAYER_NAMES, type ReducedProblem } from '@/core/lineups/problem';

interface Row {
  readonly terms: readonly (readonly [number, string])[];
  readonly least?: number;
  readonly most?: number;
}

interface Program {
  readonly objective: readonly (readonly [number, string])[];
  readonly rows: readonly Row[];
  readonly binaries: readonly string[];
}

/** A reduced problem as an integer program in the plainest form, as anybody would write it. */
function toProgram(problem: ReducedProblem): Program {
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

const infeasible = (problem: ReducedProblem): boolean => problem.required.some((list) => list.length === 0);

export type Optimum = (problem: ReducedProblem) => Promise<number | null>;

/** The optimum by GLPK, null when there is none. */
export async function glpkSolver(): Promise<Optimum> {
  const glpk = await GLPK();
  return async (problem) => {
    if (infeasible(problem)) return null;
    const { objective, rows, binaries } = toProgram(problem);
    const vars = (terms: Row['terms']) => terms.map(([coef, name]) => ({ name, coef }));
    const { result } = await glpk.solve(
      {
        name: 'line-up',
        objective: { direction: glpk.GLP_MAX, name: 'value', vars: vars(objective) },
        subjectTo: rows.map((row, i) => ({
          name: `r${i}`,
          vars: vars(row.terms),
          bnds:
            row.least === undefined
              ? { type: glpk.GLP_UP, ub: row.most ?? 0, lb: 0 }
              : { type: glpk.GLP_LO, lb: row.least, ub: 0 },
        })),
        binaries: [...binaries],
      },
      { msglev: glpk.GLP_MSG_OFF, presol: true, mipgap: 0 },
    );
    return result.status === glpk.GLP_OPT ? result.z : null;
  };
}

/** The optimum by HiGHS with no gap allowed, null when there is none. */
export async function highsSolver(): Promise<Optimum> {
  const highs = await loadHighs();
  const sum = (terms: Row['terms']): string =>
    terms.map(([coef, name]) => `${coef < 0 ? '-' : '+'} ${Math.abs(coef)} ${name}`).join(' ');
  return async (problem) => {
    if (infeasible(problem)) return null;
    const { objective, rows, binaries } = toProgram(problem);
    const text = [
      'Maximize',
      ` value: ${sum(objective)}`,
      'Subject To',
      ...rows.map(
        (row, i) =>
          ` r${i}: ${sum(row.terms)} ${row.least === undefined ? `<= ${row.most}` : `>= ${row.least}`}`,
      ),
      'Binary',
      ` ${binaries.join(' ')}`,
      'End',
    ].join('\n');
    const answer = highs.solve(text, { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false });
    return answer.Status === 'Optimal' ? answer.ObjectiveValue : null;
  };
}
