import { useMemo } from 'react';
import type { SurvivalCurve } from '@/core/stats';
import { LINE_INKS, type ChartLine, type Point } from '@/ui/chart/lines';
import { LineChart } from '@/ui/chart/LineChart';

const DASHES: readonly (readonly number[])[] = [[], [7, 4], [2, 3], [9, 3, 2, 3]];

/** A curve as steps, from all alive on the first day. */
const steps = (curve: SurvivalCurve): readonly Point[] => [
  { x: 0, y: 1 },
  ...curve.time.map((time, i) => ({ x: time, y: curve.survival[i] as number })),
];

/** Share still alive by days since arrival or release. */
export function CurveChart({
  curves,
  from,
}: {
  readonly curves: readonly (readonly [string, SurvivalCurve])[];
  readonly from: 'arrival' | 'release';
}) {
  const lines = useMemo(
    () =>
      curves.map(([label, curve], index): ChartLine => ({
        label,
        points: steps(curve),
        ink: LINE_INKS[index % LINE_INKS.length] ?? 'ink',
        dash: DASHES[index % DASHES.length] ?? [],
        weight: 2,
        stepped: true,
      })),
    [curves],
  );
  return (
    <LineChart
      label={`Share alive by day, ${curves.length} curves`}
      lines={lines}
      x={{ label: `days since ${from}`, min: 0 }}
      y={{ label: '', min: 0, max: 1, write: (share) => `${Math.round(share * 100)}%` }}
      png="lomvik-losses.png"
    />
  );
}
