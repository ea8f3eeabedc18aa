'use client';

import { DAY_MS } from '@/core/kernel';
import { addMonths, lightFormat, parseISO } from 'date-fns';
import { FORTNIGHT_DAYS, type Life } from '@/core/departures';
import { LineChart } from '@/ui/chart/LineChart';
import { Section } from '@/ui/Screen';
import { shortMonth } from '@/words/en';

const MONTHS = 12;

/** Deaths month by month for a year: those of the first fortnight, and the others. */
export function LossesByMonth({
  deaths,
  lastMonth,
}: {
  readonly deaths: readonly Life[];
  readonly lastMonth: string;
}) {
  const months = Array.from({ length: MONTHS }, (_, i) =>
    lightFormat(addMonths(parseISO(`${lastMonth}-01`), i - MONTHS + 1), 'yyyy-MM'),
  );
  const died = deaths.map((life) => ({
    month: new Date(Date.parse(life.cameOn) + life.end * DAY_MS).toISOString().slice(0, 7),
    early: life.end <= FORTNIGHT_DAYS,
  }));
  const counts = months.map((month) => ({
    month,
    early: died.filter((one) => one.month === month && one.early).length,
    later: died.filter((one) => one.month === month && !one.early).length,
  }));
  const line = (part: 'early' | 'later') => counts.map((one, x) => ({ x, y: one[part] }));
  return (
    <Section title="Deaths by month">
      <LineChart
        label="Deaths by month"
        height={176}
        lines={[
          { label: `within ${FORTNIGHT_DAYS} days of arrival`, points: line('early'), ink: 'deep', dots: 4 },
          { label: 'later', points: line('later'), ink: 'slate', dots: 4, dash: [5, 4] },
        ]}
        x={{
          label: '',
          min: 0,
          max: MONTHS - 1,
          write: (at) => (months[at] ? shortMonth(`${months[at]}-01`) : ''),
        }}
        y={{ label: 'deaths', fromZero: true }}
      />
    </Section>
  );
}
