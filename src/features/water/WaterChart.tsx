'use client';

import { addDays, differenceInCalendarDays, parseISO } from 'date-fns';
import { NITRATE_EDGE } from '@/core/rules';
import type { OutlookPoint } from '@/core/water';
import { toCore } from '@/core/kernel';
import { useWords } from '@/session/react/useWords';
import { countOf, dayWords } from '@/words/en';
import { keptUnitOf } from '@/ui/form/typed';
import { LineChart } from '@/ui/chart/LineChart';
import type { ChartLine } from '@/ui/chart/lines';
import type { WaterLog } from '@/session/react/useWaterLog';
import { READING_FIELDS, type Reading, READINGS } from './waterFields';

const SHOWN_DAYS = 90;
const AHEAD_DAYS = 28;

/** Nitrate as tested, and what is coming: solid is measured, broken is expected. */
export function WaterChart({
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
  const words = useWords();
  const field = READING_FIELDS.find(({ name }) => name === reading);
  const kept = keptUnitOf(READINGS[reading]);
  const label = field?.label ?? '';
  const shown = (value: number): number =>
    kept ? words.value(kept.kind, toCore(kept.kind, value, kept.id)) : value;
  const dayOf = (on: string): number => differenceInCalendarDays(parseISO(on), parseISO(today));
  const measured = log.tests
    .filter((test) => test[reading] !== undefined && dayOf(test.on) >= -SHOWN_DAYS)
    .map((test) => ({ x: dayOf(test.on), y: shown(test[reading] as number) }))
    .sort((a, b) => a.x - b.x);
  const nitrate = reading === 'nitrateMgL';
  // Marks stand at the foot of the chart, whatever is drawn.
  const foot = nitrate || measured.length === 0 ? 0.8 : Math.min(...measured.map((one) => one.y));
  const first = Math.min(-7, measured[0]?.x ?? -7);
  const marks = (days: readonly string[], y: number): { x: number; y: number }[] =>
    days.map((on) => ({ x: dayOf(on), y })).filter((mark) => mark.x >= first && mark.x <= 0);
  const lines: readonly ChartLine[] = [
    { label: `${label} measured`, points: measured, ink: 'deep', dots: 4 },
    ...(nitrate
      ? ([
          {
            label: 'expected with your routine',
            points: ahead.map(({ day, nitrateMgL }) => ({ x: day, y: nitrateMgL })),
            ink: 'deep',
            dash: [5, 4],
            weight: 1.5,
          },
          {
            label: `${NITRATE_EDGE}, the limit`,
            points: [
              { x: first, y: NITRATE_EDGE },
              { x: AHEAD_DAYS, y: NITRATE_EDGE },
            ],
            ink: 'buoy',
            weight: 1,
          },
        ] satisfies readonly ChartLine[])
      : []),
    ...(
      [
        {
          label: 'water changed',
          points: marks(
            log.changes.map((change) => change.on),
            foot,
          ),
          ink: 'slate',
          mark: 'triangle',
          dots: 5,
          bare: true,
        },
        {
          label: 'fish arrived',
          points: marks(log.waves, foot),
          ink: 'buoy',
          mark: 'rectRot',
          dots: 6,
          bare: true,
        },
      ] satisfies readonly ChartLine[]
    ).filter(({ points }) => points.length > 0),
  ];
  return (
    <LineChart
      label={`${label}: ${countOf(measured.length, 'test')}${nitrate ? `, and what is expected in the next ${AHEAD_DAYS} days` : ''}`}
      lines={lines}
      height={288}
      x={{
        label: '',
        min: first,
        max: AHEAD_DAYS,
        write: (day) => dayWords(addDays(parseISO(today), day).toISOString()),
      }}
      y={{ label: kept ? `${label}, ${words.unit(kept.kind)}` : label, fromZero: nitrate }}
      png="lomvik-water.png"
    />
  );
}
