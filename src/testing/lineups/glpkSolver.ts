import GLPK from 'glpk.js/node';
import { infeasible, toProgram, type Optimum, type Row } from './program';

/** The optimum by GLPK, null when there is none. */
export async function glpkSolver(): Promise<Optimum> {
  const glpk = await GLPK();
  return async (problem, known) => {
    if (infeasible(problem)) return null;
    const { objective, rows, binaries } = toProgram(problem, known);
    const vars = (terms: Row['terms']) => terms.map(([coef, name]) => ({ name, coef }));
    const { result } = glpk.solve(
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
