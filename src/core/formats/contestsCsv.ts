import type { Win } from '../stats';
import { cellFault, type Fault, faultOf, type Outcome, readCsvTable } from '../kernel';

/** A contest of a file. */
export interface FileContest extends Win {
  readonly time: string;
}

/** Nothing said means won. */
const RESULTS: readonly string[] = ['', 'won', 'undecided'];

/**
 * Contests from CSV: `time,winner,loser` and, if wished, `weight` and `result`. Order is that of the file.
 * Errors: by line and column; nothing is taken when anything is wrong.
 */
export function readContestsCsv(text: string): Outcome<readonly FileContest[]> {
  const { rows, faults: broken } = readCsvTable(text, ['time', 'winner', 'loser']);
  const faults: Fault[] = [...broken];
  const contests = rows.map(({ line, cells }): FileContest => {
    const { time = '', winner = '', loser = '', weight = '', result = '' } = cells;
    for (const [column, value] of [
      ['time', time],
      ['winner', winner],
      ['loser', loser],
    ] as const)
      if (value === '') faults.push(cellFault(line, column, { is: 'filled' }, value));
    if (winner !== '' && winner === loser)
      faults.push(cellFault(line, 'loser', { is: 'another', than: 'winner' }, loser));
    const counts = weight === '' ? 1 : Number(weight);
    if (!Number.isFinite(counts) || counts <= 0)
      faults.push(cellFault(line, 'weight', { is: 'above', above: 0, than: 'nothing' }, weight));
    if (!RESULTS.includes(result))
      faults.push(cellFault(line, 'result', { is: 'choice', of: RESULTS }, result));
    return { time, winner, loser, weight: counts, ...(result === 'undecided' && { undecided: true }) };
  });
  if (faults.length === 0 && contests.length === 0) faults.push(faultOf('', { is: 'rows' }));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: contests };
}
