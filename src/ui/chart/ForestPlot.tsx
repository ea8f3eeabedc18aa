'use client';

import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { percent } from '@/words/en';
import type { ChartLine } from './lines';

const ROW_PX = 34;
const AXES_PX = 78;

export interface ForestRow {
  readonly name: string;
  /** 0 to 1. */
  readonly share: number;
  readonly limits: readonly [number, number];
}

const ChartCanvas = dynamic(() => import('./ChartCanvas'), {
  ssr: false,
  loading: () => <div className="h-64" />,
});

/** Shares with their limits, one under the other: a dot a share, a bar from limit to limit. The figures stand in a table beside it. */
export function ForestPlot({ label, rows }: { readonly label: string; readonly rows: readonly ForestRow[] }) {
  const lines = useMemo(
    (): readonly ChartLine[] => [
      {
        label: 'share of tanks',
        points: rows.map(({ share }, at) => ({ x: share, y: -at })),
        ink: 'ink',
        dots: 5,
        bare: true,
      },
      {
        label: '95% limits',
        // A point that is none between two rows: the line breaks there.
        points: rows.flatMap(({ limits: [low, high] }, at) => [
          { x: low, y: -at },
          { x: high, y: -at },
          { x: Number.NaN, y: Number.NaN },
        ]),
        ink: 'deep',
        weight: 3,
      },
    ],
    [rows],
  );
  return (
    <ChartCanvas
      label={label}
      lines={lines}
      x={{ label: '', min: 0, max: 1, write: percent }}
      y={{
        label: '',
        min: 0.5 - rows.length,
        max: 0.5,
        everyStep: true,
        write: (at) => (Number.isInteger(at) ? (rows[-at]?.name ?? '') : ''),
      }}
      height={rows.length * ROW_PX + AXES_PX}
    />
  );
}
