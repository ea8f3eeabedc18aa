'use client';

import {
  CategoryScale,
  Chart,
  Legend,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
  type ChartData,
  type ChartDataset,
  type PointStyle,
} from 'chart.js';
import { drawPoint } from 'chart.js/helpers';
import { format, parseISO } from 'date-fns';
import { useMemo, useRef, useState } from 'react';
import { Line } from 'react-chartjs-2';
import type { OrderMark } from '@/core/order/marks';
import type { OrderAnswer } from '@/workers/orderWork';
import { Button } from '@/ui/Button';
import { savePng, useChartInk } from '@/ui/charts';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Tooltip, Legend);

/** Marks tell lines apart where colours do not. */
const MARKS = ['circle', 'rect', 'triangle', 'rectRot', 'cross', 'star', 'crossRot', 'rectRounded'] as const;
const MARK_PX = 5;
/** More lines than this cannot be followed by eye. */
const LINES = 12;
/** Of many, so many of the lowest are shown beside the highest: the targets stand there. */
const LOWEST = 4;

/** Those whose lines are drawn: all while they are few; of many the newcomers, the lowest and the highest. */
function linesOf({ ladder, newcomers }: OrderAnswer): readonly string[] {
  const all = ladder.rungs.map((rung) => rung.id);
  if (all.length <= LINES) return all;
  const fresh = newcomers.map((one) => one.id).filter((id) => all.includes(id));
  const first = [...new Set([...fresh.slice(0, LOWEST), ...all.slice(-LOWEST), ...all])].slice(0, LINES);
  return all.filter((id) => first.includes(id));
}

/** The mark of each line at its end. Drawn by itself: one radius for all points is much quicker than one for each. */
const endMarks = {
  id: 'end-marks',
  afterDatasetsDraw: (chart: Chart) => {
    for (const meta of chart.getSortedVisibleDatasetMetas()) {
      const end = meta.data.at(-1);
      const { pointStyle, borderColor } = chart.data.datasets[meta.index] as ChartDataset<'line'>;
      if (!end) continue;
      chart.ctx.save();
      chart.ctx.fillStyle = chart.ctx.strokeStyle = borderColor as string;
      drawPoint(
        chart.ctx,
        { pointStyle: pointStyle as PointStyle, radius: MARK_PX, borderWidth: 1.5, rotation: 0 },
        end.x,
        end.y,
      );
      chart.ctx.restore();
    }
  },
};

/** How the ladder moved: ratings after each contest. The table beside it says the same in figures. */
export default function EloChart({
  answer,
  on,
  marks,
  nameOf,
  colours,
}: {
  readonly answer: OrderAnswer;
  /** Moments of the course, by place. */
  readonly on: readonly string[];
  readonly marks: readonly OrderMark[];
  readonly nameOf: (id: string) => string;
  readonly colours: ReadonlyMap<string, string>;
}) {
  const { ladder, drawn, contests } = answer;
  const chart = useRef<Chart<'line'>>(null);
  const [all, setAll] = useState(false);
  const chosen = useMemo(() => new Set(linesOf(answer)), [answer]);
  const data = useMemo<ChartData<'line'>>(
    () => ({
      labels: drawn.at.map((place) => format(parseISO(on[place] ?? ''), 'd MMM')),
      datasets: ladder.rungs.flatMap((rung, index) =>
        !all && !chosen.has(rung.id)
          ? []
          : [
              {
                label: nameOf(rung.id),
                data: [...(drawn.ratings[rung.id] ?? [])],
                borderColor: colours.get(rung.id) ?? '',
                backgroundColor: colours.get(rung.id) ?? '',
                borderWidth: 1.75,
                pointStyle: MARKS[index % MARKS.length],
                pointRadius: 0,
                stepped: 'before' as const,
              },
            ],
      ),
    }),
    [ladder, nameOf, colours, drawn, on, all, chosen],
  );
  // A mark stands before the first contest that came after it.
  const placed = useMemo(
    () =>
      marks.flatMap((mark) => {
        const at = drawn.at.findIndex((place) => (on[place] ?? '') > mark.on);
        // What was before the first contest moved nothing that is drawn.
        return at <= 0 ? [] : [{ ...mark, at }];
      }),
    [marks, drawn, on],
  );
  const markLines = useMemo(
    () => ({
      id: 'marks',
      afterDatasetsDraw: ({ ctx, chartArea, scales }: Chart) => {
        for (const { at, kind } of placed) {
          const x = (scales.x?.getPixelForValue(at) ?? 0) - 3;
          ctx.save();
          ctx.strokeStyle = kind === 'left' ? '#b4380f' : kind === 'came' ? '#3f6b3a' : '#8a5a00';
          ctx.setLineDash(kind === 'step' ? [2, 3] : kind === 'left' ? [6, 3] : []);
          ctx.beginPath();
          ctx.moveTo(x, chartArea.top);
          ctx.lineTo(x, chartArea.bottom);
          ctx.stroke();
          ctx.restore();
        }
      },
    }),
    [placed],
  );
  const { ink, line } = useChartInk();
  return (
    <div>
      <div className="h-64">
        <Line
          ref={chart}
          data={data}
          plugins={[markLines, endMarks]}
          aria-label={`Ratings over ${contests} contests`}
          role="img"
          options={{
            animation: false,
            maintainAspectRatio: false,
            interaction: { mode: 'index', intersect: false },
            scales: {
              x: {
                ticks: { color: ink, maxTicksLimit: 9, maxRotation: 0 },
                grid: { display: false },
                border: { color: line },
              },
              y: {
                ticks: { color: ink },
                grid: { color: line },
                border: { color: line },
                title: { display: true, text: 'rating', color: ink },
              },
            },
            plugins: {
              legend: { position: 'bottom', labels: { color: ink, usePointStyle: true, boxWidth: 8 } },
            },
          }}
        />
      </div>
      {placed.length > 0 && (
        <p className="text-[12px] text-slate">
          Upright lines:{' '}
          {placed.map((mark) => `${format(parseISO(mark.on), 'd MMM')} ${mark.text}`).join('; ')}. Whole:
          came; dashed: left; dotted: a step.
        </p>
      )}
      {chosen.size < ladder.rungs.length && (
        <p className="text-[12px] text-slate">
          {all
            ? `All ${ladder.rungs.length} are drawn.`
            : `Drawn: newcomers, the highest and the lowest, ${chosen.size} of ${ladder.rungs.length}.`}{' '}
          <Button tone="quiet" onClick={() => setAll(!all)}>
            {all ? `only ${chosen.size}` : `draw all ${ladder.rungs.length}`}
          </Button>
        </p>
      )}
      <Button tone="quiet" onClick={() => savePng(chart.current, 'lomvik-order.png')}>
        save as PNG
      </Button>
    </div>
  );
}
