'use client';

import { Chart, Legend, LineElement, LinearScale, PointElement, Tooltip, type ChartData } from 'chart.js';
import { useRef } from 'react';
import { Line } from 'react-chartjs-2';
import type { SurvivalCurve } from '@/core/stats/kaplanMeier';
import { Button } from '@/ui/Button';
import { savePng, useChartInk } from '@/ui/charts';

Chart.register(LinearScale, LineElement, PointElement, Tooltip, Legend);

const DASHES: readonly (readonly number[])[] = [[], [7, 4], [2, 3], [9, 3, 2, 3]];
const COLOURS = ['#0f5c6b', '#b4380f', '#3f6b3a', '#8a5a00', '#8b4f8f', '#4a5a61'] as const;
const NIGHT = ['#6fc3d2', '#ff8a5c', '#8cc084', '#e0b45c', '#c995cd', '#a5b4b8'] as const;

/** A curve as steps, from all alive on the first day. */
const steps = (curve: SurvivalCurve): { x: number; y: number }[] => [
  { x: 0, y: 1 },
  ...curve.time.map((time, i) => ({ x: time, y: curve.survival[i] as number })),
];

/** Share still alive by days since they came; the table beside it says the same. */
export default function CurveChart({
  curves,
}: {
  readonly curves: readonly (readonly [string, SurvivalCurve])[];
}) {
  const chart = useRef<Chart<'line', { x: number; y: number }[]>>(null);
  const { dark, ink, line } = useChartInk();
  const palette = dark ? NIGHT : COLOURS;
  const data: ChartData<'line', { x: number; y: number }[]> = {
    datasets: curves.map(([name, curve], index) => ({
      label: name,
      data: steps(curve),
      borderColor: palette[index % palette.length] ?? ink,
      backgroundColor: palette[index % palette.length] ?? ink,
      borderDash: [...(DASHES[index % DASHES.length] ?? [])],
      borderWidth: 2,
      pointRadius: 0,
      stepped: 'before',
    })),
  };
  return (
    <div>
      <div className="h-64">
        <Line
          ref={chart}
          data={data}
          role="img"
          aria-label={`Share alive by days, ${curves.length} curves`}
          options={{
            animation: false,
            maintainAspectRatio: false,
            parsing: false,
            scales: {
              x: {
                type: 'linear',
                min: 0,
                ticks: { color: ink },
                grid: { display: false },
                border: { color: line },
                title: { display: true, text: 'days since they came', color: ink },
              },
              y: {
                min: 0,
                max: 1,
                ticks: { color: ink, callback: (value) => `${Math.round(Number(value) * 100)} %` },
                grid: { color: line },
                border: { color: line },
              },
            },
            plugins: { legend: { position: 'bottom', labels: { color: ink, boxWidth: 22, boxHeight: 1 } } },
          }}
        />
      </div>
      <Button tone="quiet" onClick={() => savePng(chart.current, 'lomvik-losses.png')}>
        save as PNG
      </Button>
    </div>
  );
}
