import loadHighs from 'highs';
import { infeasible, toProgram, type Optimum, type Row } from './program';

/** The optimum by HiGHS with no gap allowed, null when there is none. */
export async function highsSolver(): Promise<Optimum> {
  const highs = await loadHighs();
  const sum = (terms: Row['terms']): string =>
    terms.map(([coef, name]) => `${coef < 0 ? '-' : '+'} ${Math.abs(coef)} ${name}`).join(' ');
  return async (problem, known) => {
    if (infeasible(problem)) return null;
    const { objective, rows, binaries } = toProgram(problem, known);
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
