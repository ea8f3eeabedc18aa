'use client';

import {
  Chart,
  Legend,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
  type ChartData,
  type ChartDataset,
  type PointStyle,
  type Scale,
} from 'chart.js';
import { drawPoint } from 'chart.js/helpers';
import { useMemo, useRef } from 'react';
import { Line } from 'react-chartjs-2';
import { Button } from '../Button';
import { written, type ChartLine, type ChartProps, type Point } from './lines';
import { useInks } from './useInks';

Chart.register(LinearScale, LineElement, PointElement, Tooltip, Legend);

const END_MARK_PX = 5;
const MOST_TICKS = 8;
const USUAL_WEIGHT = 1.75;
const LEGEND_PX = 10;

/** The dashes of a line, small enough that its pattern and the next dash show in a legend. */
function legendDash(dash: readonly number[] = []): number[] {
  const length = dash.reduce((sum, part) => sum + part, dash[0] ?? 0);
  return dash.map((part) => part * Math.min(1, LEGEND_PX / length));
}

/** The mark of each line at its end. Drawn by itself: one radius for all points is much quicker than one for each. */
const endMarks = (lines: readonly ChartLine[]) => ({
  id: 'end-marks',
  afterDatasetsDraw: (chart: Chart) => {
    for (const meta of chart.getSortedVisibleDatasetMetas()) {
      const end = meta.data.at(-1);
      const { pointStyle, borderColor } = chart.data.datasets[meta.index] as ChartDataset<'line'>;
      if (!end || !lines[meta.index]?.endMark) continue;
      chart.ctx.save();
      chart.ctx.fillStyle = chart.ctx.strokeStyle = borderColor as string;
      const mark = {
        pointStyle: pointStyle as PointStyle,
        radius: END_MARK_PX,
        borderWidth: 1.5,
        rotation: 0,
      };
      drawPoint(chart.ctx, mark, end.x, end.y);
      chart.ctx.restore();
    }
  },
});

const uprightLines = (uprights: NonNullable<ChartProps['uprights']>, ink: (name: never) => string) => ({
  id: 'uprights',
  afterDatasetsDraw: ({ ctx, chartArea, scales }: Chart) => {
    for (const upright of uprights) {
      const x = (scales.x?.getPixelForValue(upright.at) ?? 0) - 3;
      ctx.save();
      ctx.strokeStyle = ink(upright.ink as never);
      ctx.setLineDash([...upright.dash]);
      ctx.beginPath();
      ctx.moveTo(x, chartArea.top);
      ctx.lineTo(x, chartArea.bottom);
      ctx.stroke();
      ctx.restore();
    }
  },
});

/** Hands a chart to the browser as a PNG. */
function savePng(chart: Pick<Chart, 'toBase64Image'> | null, name: string): void {
  const url = chart?.toBase64Image('image/png');
  if (!url) return;
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
}

/** The drawn part of `LineChart`, loaded when one is shown. */
export default function ChartCanvas(props: ChartProps & { readonly png?: string | undefined }) {
  const { label, lines, x, y, uprights, height = 256, png } = props;
  const chart = useRef<Chart<'line', Point[]>>(null);
  const ink = useInks();
  const data = useMemo<ChartData<'line', Point[]>>(
    () => ({
      datasets: lines.map((line) => ({
        label: line.label,
        data: line.points as Point[],
        borderColor: ink(line.ink),
        backgroundColor: ink(line.ink),
        borderDash: [...(line.dash ?? [])],
        borderWidth: line.weight ?? USUAL_WEIGHT,
        pointRadius: line.dots ?? 0,
        // A line without marks is a line in the legend too.
        pointStyle: line.mark ?? (line.dots === undefined ? 'line' : 'circle'),
        showLine: !line.bare,
        stepped: line.stepped ? ('before' as const) : false,
      })),
    }),
    [lines, ink],
  );
  const plugins = useMemo(
    () => [endMarks(lines), uprightLines(uprights ?? [], ink as (name: never) => string)],
    [lines, uprights, ink],
  );
  const text = ink('slate');
  const hairline = ink('line');
  const font = { family: getComputedStyle(document.body).fontFamily };
  return (
    <>
      <div style={{ height }}>
        <Line
          ref={chart}
          data={data}
          plugins={plugins}
          role="img"
          aria-label={label}
          options={{
            animation: false,
            maintainAspectRatio: false,
            parsing: false,
            // A mark at the end of a line is not cut off.
            layout: { padding: { right: END_MARK_PX + 2 } },
            interaction: { mode: 'nearest', axis: 'x', intersect: false },
            scales: {
              x: {
                type: 'linear',
                ...bounds(x),
                ticks: {
                  color: text,
                  font,
                  includeBounds: false,
                  maxTicksLimit: MOST_TICKS,
                  maxRotation: 0,
                  callback: (value) => written(x, Number(value)),
                },
                grid: { display: false },
                border: { color: hairline },
                title: { display: x.label !== '', text: x.label, color: text, font },
              },
              y: {
                ...bounds(y),
                ...(y.everyStep ? { afterBuildTicks: wholeTicks } : {}),
                ticks: {
                  color: text,
                  font,
                  ...(y.everyStep ? { autoSkip: false } : {}),
                  callback: (value) => written(y, Number(value)),
                },
                grid: { color: hairline },
                border: { color: hairline },
                title: { display: y.label !== '', text: y.label, color: text, font },
              },
            },
            plugins: {
              legend: {
                display: lines.length > 1,
                position: 'bottom',
                labels: {
                  color: text,
                  font,
                  usePointStyle: true,
                  // As wide as it is high a dot is round.
                  pointStyleWidth: lines.some(({ dots }) => dots !== undefined) ? LEGEND_PX : 14,
                  generateLabels: (chart) =>
                    Chart.defaults.plugins.legend.labels
                      .generateLabels(chart)
                      .map((item, at) => ({ ...item, lineDash: legendDash(lines[at]?.dash) })),
                  boxHeight: 7,
                },
              },
              tooltip: {
                titleFont: font,
                bodyFont: font,
                callbacks: { title: (items) => written(x, Number(items[0]?.parsed.x ?? 0)) },
              },
            },
          }}
        />
      </div>
      {png && (
        <Button tone="quiet" onClick={() => savePng(chart.current, png)}>
          save as PNG
        </Button>
      )}
    </>
  );
}

/** A tick at each whole number of an axis. */
function wholeTicks(axis: Scale): void {
  const first = Math.ceil(axis.min);
  axis.ticks = Array.from({ length: Math.floor(axis.max) - first + 1 }, (_, i) => ({ value: first + i }));
}

const bounds = ({ min, max, fromZero }: ChartProps['x']) => ({
  ...(min === undefined ? {} : { min }),
  ...(max === undefined ? {} : { max }),
  // A line at the top of the figures stands clear of the edge.
  ...(fromZero ? { beginAtZero: true, grace: '5%' } : {}),
});
