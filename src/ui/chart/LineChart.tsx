'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Cell, Row, Table } from '../Table';
import { tableOf, type ChartProps } from './lines';

const ChartCanvas = dynamic(() => import('./ChartCanvas'), {
  ssr: false,
  loading: () => <div className="h-64" />,
});

/** So many rows are read; the last ones, where there are more. */
const ROWS = 200;

/** A chart of lines, with the same figures as a table under it. */
export function LineChart({ png, ...chart }: ChartProps & { readonly png?: string }) {
  const [open, setOpen] = useState(false);
  return (
    <figure className="flex flex-col items-start gap-1">
      <div className="w-full">
        <ChartCanvas {...chart} png={png} />
      </div>
      <details className="w-full" onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="cursor-pointer text-[0.8125rem] text-deep">as a table</summary>
        {open && <Twin {...chart} />}
      </details>
    </figure>
  );
}

function Twin({ label, lines, x, y }: ChartProps) {
  const rows = tableOf({ lines, x, y });
  return (
    <div className="max-h-64 overflow-y-auto" tabIndex={0} role="region" aria-label={`${label}, as a table`}>
      {rows.length > ROWS && (
        <p className="text-slate">
          The last {ROWS} of {rows.length} rows.
        </p>
      )}
      <Table
        caption={y.label ? `${label} (${y.label})` : label}
        heads={[{ name: x.label || 'When' }, ...lines.map((line) => ({ name: line.label, figures: true }))]}
      >
        {rows.slice(-ROWS).map(([at, ...values], index) => (
          <Row key={index}>
            <Cell>{at}</Cell>
            {values.map((value, column) => (
              <Cell key={column} figures>
                {value}
              </Cell>
            ))}
          </Row>
        ))}
      </Table>
    </div>
  );
}
