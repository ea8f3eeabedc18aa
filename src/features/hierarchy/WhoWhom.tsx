import { Sideways } from '@/ui/Sideways';
import type { HierarchyAnswer } from '@/workers/hierarchyWork';

/** Who chases whom, in the order of the ranking. A blank is a pair that never met, not a draw. */
export function WhoWhom({
  ranking,
  order: ids,
  nameOf,
}: {
  readonly ranking: HierarchyAnswer['ranking'];
  readonly order: readonly string[];
  readonly nameOf: (id: string) => string;
}) {
  const count = (row: string, column: string): number => ranking.wins.get(row)?.get(column) ?? 0;
  const drawn = (row: string, column: string): number => ranking.undecided.get(row)?.get(column) ?? 0;
  const most = Math.max(1, ...ids.flatMap((row) => ids.map((column) => count(row, column))));
  return (
    <Sideways name="Who chases whom">
      <table className="text-left">
        <caption className="sr-only">Wins of the fish in the row over the fish in the column</caption>
        <thead className="text-[0.75rem] text-slate">
          <tr>
            <th className="py-1 pr-3 font-medium">chases ↓ whom →</th>
            {ids.map((id) => (
              <th key={id} className="min-w-12 px-1 text-center font-medium">
                {nameOf(id)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ids.map((row) => (
            <tr key={row} className="border-t border-line">
              <th scope="row" className="py-1 pr-3 font-medium">
                {nameOf(row)}
              </th>
              {ids.map((column) => {
                const wins = count(row, column);
                const undecided = drawn(row, column);
                const unknown = row !== column && wins + count(column, row) + undecided === 0;
                return (
                  <td
                    key={column}
                    className="fig text-center"
                    title={
                      row === column
                        ? undefined
                        : unknown
                          ? `${nameOf(row)} and ${nameOf(column)} never met`
                          : `${nameOf(row)} over ${nameOf(column)}: ${wins}${undecided > 0 ? `, undecided ${undecided}` : ''}`
                    }
                    style={
                      wins > 0
                        ? {
                            background: `color-mix(in srgb, var(--deep) ${Math.round((wins / most) * 35)}%, transparent)`,
                          }
                        : undefined
                    }
                  >
                    {row === column ? '·' : unknown ? <span className="text-slate">?</span> : wins}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
