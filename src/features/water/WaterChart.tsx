'use client';

import { Chart, LinearScale, LineElement, PointElement, Tooltip, Legend, type ChartData } from 'chart.js';
import { addDays, differenceInCalendarDays, format, parseISO } from 'date-fns';
import { Line } from 'react-chartjs-2';
import { NITRATE_EDGE } from '@/core/rules/nitrate';
import type { OutlookPoint } from '@/core/water/nitrateOutlook';
import { useChartInk } from '@/ui/charts';
import type { WaterLog } from './useWaterLog';
import { READING_FIELDS, type Reading } from './waterFields';

Chart.register(LinearScale, LineElement, PointElement, Tooltip, Legend);

const SHOWN_DAYS = 90;
const AHEAD_DAYS = 28;

/** Nitrate as tested, and what is coming: solid is measured, broken is expected. The sentences beside it say the same. */
export default function WaterChart({
  log,
  ahead,
  today,
  reading,
}: {
  readonly log: WaterLog;
  readonly ahead: readonly OutlookPoint[];
  readonly today: string;
  readonly reading: Reading;
}) {
  const { dark, ink, line } = useChartInk();
  const deep = dark ? '#6fc3d2' : '#0f5c6b';
  const buoy = dark ? '#ff8a5c' : '#b4380f';
  const dayOf = (on: string): number => differenceInCalendarDays(parseISO(on), parseISO(today));
  const measured = log.tests
    .filter((test) => test[reading] !== undefined && dayOf(test.on) >= -SHOWN_DAYS)
    .map((test) => ({ x: dayOf(test.on), y: test[reading] as number }))
    .sort((a, b) => a.x - b.x);
  const nitrate = reading === 'nitrateMgL';
  const field = READING_FIELDS.find(({ name }) => name === reading);
  const words = field ? `${field.label.toLowerCase()}${field.unit ? `, ${field.unit}` : ''}` : '';
  // Marks stand at the foot of the chart, whatever is drawn.
  const foot = nitrate || measured.length === 0 ? 0.8 : Math.min(...measured.map((one) => one.y));
  const first = Math.min(-7, measured[0]?.x ?? -7);
  const marks = (days: readonly string[], y: number): { x: number; y: number }[] =>
    days.map((on) => ({ x: dayOf(on), y })).filter((mark) => mark.x >= first && mark.x <= 0);
  const data: ChartData<'line', { x: number; y: number }[]> = {
    datasets: [
      {
        label: `${field?.label.toLowerCase() ?? ''} measured`,
        data: measured,
        borderColor: deep,
        backgroundColor: deep,
        pointRadius: 4,
        borderWidth: 1.75,
      },
      ...(nitrate
        ? [
            {
              label: 'expected with your routine',
              data: ahead.map(({ day, nitrateMgL }) => ({ x: day, y: nitrateMgL })),
              borderColor: deep,
              borderDash: [5, 4],
              pointRadius: 0,
              borderWidth: 1.5,
            },
            {
              label: `${NITRATE_EDGE}, the edge`,
              data: [
                { x: first, y: NITRATE_EDGE },
                { x: AHEAD_DAYS, y: NITRATE_EDGE },
              ],
              borderColor: buoy,
              pointRadius: 0,
              borderWidth: 1,
            },
          ]
        : []),
      {
        label: 'water changed',
        data: marks(
          log.changes.map((change) => change.on),
          foot,
        ),
        pointStyle: 'triangle',
        pointRadius: 5,
        showLine: false,
        backgroundColor: ink,
      },
      {
        label: 'fish came',
        data: marks(log.waves, foot),
        pointStyle: 'rectRot',
        pointRadius: 6,
        showLine: false,
        backgroundColor: buoy,
      },
    ],
  };
  return (
    <div className="h-72">
      <Line
        data={data}
        role="img"
        aria-label={`${field?.label ?? ''}: ${measured.length} tests${nitrate ? `, and what is expected in the next ${AHEAD_DAYS} days` : ''}`}
        options={{
          animation: false,
          maintainAspectRatio: false,
          parsing: false,
          scales: {
            x: {
              type: 'linear',
              min: first,
              max: AHEAD_DAYS,
              ticks: {
                color: ink,
                maxTicksLimit: 8,
                callback: (value) => format(addDays(parseISO(today), Number(value)), 'd MMM'),
              },
              grid: { display: false },
              border: { color: line },
            },
            y: {
              beginAtZero: nitrate,
              ticks: { color: ink },
              grid: { color: line },
              border: { color: line },
              title: { display: true, text: words, color: ink },
            },
          },
          plugins: {
            legend: { position: 'bottom', labels: { color: ink, usePointStyle: true, boxWidth: 8 } },
            tooltip: {
              callbacks: {
                title: (items) =>
                  format(addDays(parseISO(today), Number(items[0]?.parsed.x ?? 0)), 'd MMM yyyy'),
              },
            },
          },
        }}
      />
    </div>
  );
}
