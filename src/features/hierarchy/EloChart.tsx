'use client';

import { useMemo, useState } from 'react';
import type { OrderMark } from '@/core/hierarchy';
import { dayWords, sayMark } from '@/words/en';
import type { HierarchyAnswer } from '@/workers/hierarchyWork';
import { Button } from '@/ui/Button';
import { LineChart } from '@/ui/chart/LineChart';
import type { ChartLine, Upright } from '@/ui/chart/lines';

/** Marks tell lines apart where colours do not. */
const MARKS = ['circle', 'rect', 'triangle', 'rectRot', 'cross', 'star', 'crossRot', 'rectRounded'] as const;
/** More lines than this cannot be followed by eye. */
const LINES = 12;
/** Of many, so many of the lowest are shown beside the highest: the targets stand there. */
const LOWEST = 4;

/** Those whose lines are drawn: all while they are few; of many the newcomers, the lowest and the highest. */
function linesOf({ ranking, newcomers }: HierarchyAnswer): readonly string[] {
  const all = ranking.ranked.map((one) => one.id);
  if (all.length <= LINES) return all;
  const fresh = newcomers.map((one) => one.id).filter((id) => all.includes(id));
  const first = [...new Set([...fresh.slice(0, LOWEST), ...all.slice(-LOWEST), ...all])].slice(0, LINES);
  return all.filter((id) => first.includes(id));
}

/** Who came, who left, and steps: told apart by ink and by dash. */
const UPRIGHTS: Readonly<Record<OrderMark['kind'], Omit<Upright, 'at'>>> = {
  came: { ink: 'kelp', dash: [] },
  left: { ink: 'buoy', dash: [6, 3] },
  step: { ink: 'lamp', dash: [2, 3] },
};

/** How the ranking moved: ratings after each contest. */
export function EloChart({
  answer,
  on,
  marks,
  nameOf,
  colours,
}: {
  readonly answer: HierarchyAnswer;
  /** Moments of the course, by place. */
  readonly on: readonly string[];
  readonly marks: readonly OrderMark[];
  readonly nameOf: (id: string) => string;
  readonly colours: ReadonlyMap<string, string>;
}) {
  const { ranking, drawn, contests } = answer;
  const [all, setAll] = useState(false);
  const chosen = useMemo(() => new Set(linesOf(answer)), [answer]);
  const lines = useMemo(
    () =>
      ranking.ranked.flatMap((one, index): readonly ChartLine[] =>
        !all && !chosen.has(one.id)
          ? []
          : [
              {
                label: nameOf(one.id),
                points: (drawn.ratings[one.id] ?? []).map((y, x) => ({ x, y })),
                ink: (colours.get(one.id) ?? 'ink') as ChartLine['ink'],
                mark: MARKS[index % MARKS.length] ?? 'circle',
                stepped: true,
                endMark: true,
              },
            ],
      ),
    [ranking, nameOf, colours, drawn, all, chosen],
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
  const uprights = useMemo(() => placed.map(({ at, kind }) => ({ at, ...UPRIGHTS[kind] })), [placed]);
  return (
    <div>
      <LineChart
        label={`Ratings over ${contests} contests`}
        lines={lines}
        x={{
          label: '',
          max: Math.max(1, drawn.at.length - 1),
          write: (x) => {
            const moment = on[drawn.at[Math.round(x)] ?? -1];
            return moment ? dayWords(moment) : '';
          },
        }}
        y={{ label: 'rating', write: (rating) => String(Math.round(rating)) }}
        uprights={uprights}
        png="lomvik-order.png"
      />
      {placed.length > 0 && (
        <p className="text-[0.75rem] text-slate">
          Upright lines: {placed.map((mark) => `${dayWords(mark.on)} ${sayMark(mark, nameOf)}`).join('; ')}.
          Solid: arrived; dashed: left; dotted: intervention.
        </p>
      )}
      {chosen.size < ranking.ranked.length && (
        <p className="text-[0.75rem] text-slate">
          {all
            ? `All ${ranking.ranked.length} are drawn.`
            : `Drawn: newcomers, the highest and the lowest, ${chosen.size} of ${ranking.ranked.length}.`}{' '}
          <Button tone="quiet" onClick={() => setAll(!all)}>
            {all ? `only ${chosen.size}` : `draw all ${ranking.ranked.length}`}
          </Button>
        </p>
      )}
    </div>
  );
}
