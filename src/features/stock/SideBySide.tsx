'use client';

import { useMemo } from 'react';
import { type Assessment, type CauseGroup, fishIn, groupByCause, isBad } from '@/core/assess';
import { SEVERITIES } from '@/core/rules';
import { useSayings } from '@/session/react/useSayings';
import { useWords } from '@/session/react/useWords';
import { SeverityMark, VerdictMark } from '@/ui/SeverityMark';
import { Cell, Row, Table } from '@/ui/Table';
import { monthName } from '@/words/en';

export interface Compared {
  readonly id: string;
  readonly name: string;
  readonly assessment: Assessment;
}

/** What the problems of several come from: a row for each cause, with what each of them says of it. */
function rowsOf(columns: readonly Compared[]) {
  const rows = new Map<string, { worst: CauseGroup; readonly by: Map<string, CauseGroup> }>();
  const rank = ({ severity }: CauseGroup): number => SEVERITIES.indexOf(severity);
  for (const { id, assessment } of columns)
    for (const group of groupByCause(assessment.findings.filter(isBad), fishIn(assessment.context.planned))) {
      const row = rows.get(group.key) ?? { worst: group, by: new Map<string, CauseGroup>() };
      if (rank(group) < rank(row.worst)) row.worst = group;
      row.by.set(id, group);
      rows.set(group.key, row);
    }
  return [...rows.values()].sort((a, b) => rank(a.worst) - rank(b.worst) || b.by.size - a.by.size);
}

/** Lists, or one list in several tanks, side by side: verdict, nitrate, and each problem where it stands. */
export function SideBySide({ columns }: { readonly columns: readonly Compared[] }) {
  const say = useSayings();
  const words = useWords();
  const rows = useMemo(() => rowsOf(columns), [columns]);
  const line = (name: string, of: (one: Compared) => React.ReactNode) => (
    <Row>
      <Cell>{name}</Cell>
      {columns.map((one) => (
        <Cell key={one.id}>{of(one)}</Cell>
      ))}
    </Row>
  );
  return (
    <Table caption="Side by side" heads={[{ name: 'Of', hidden: true }, ...columns.map(({ name }) => name)]}>
      {line('Verdict', ({ assessment }) => (
        <VerdictMark verdict={assessment.today} later={assessment.later} small />
      ))}
      {line('Nitrate a week, grown', ({ assessment }) => (
        <span className="fig">{words.quantity('concentration', assessment.context.load.nitrateMgLWeek)}</span>
      ))}
      {rows.map(({ worst, by }) => (
        <Row key={worst.key}>
          <Cell>{say.cause(worst)}</Cell>
          {columns.map(({ id }) => {
            const here = by.get(id);
            return (
              <Cell key={id}>
                {here ? (
                  <>
                    <SeverityMark severity={here.severity} />
                    {here.from !== null && (
                      <span className="block text-[0.75rem] text-slate">from {monthName(here.from)}</span>
                    )}
                  </>
                ) : (
                  <span className="text-slate">no</span>
                )}
              </Cell>
            );
          })}
        </Row>
      ))}
    </Table>
  );
}
