'use client';

import { DAY_MS } from '@/core/kernel';
import { addMonths, format, parseISO } from 'date-fns';
import { FORTNIGHT_DAYS, type Life } from '@/core/departures';
import { Section } from '@/ui/Screen';

const MONTHS = 12;

/** Deaths month by month for a year: those of the first fortnight are filled, the others outlined. */
export function LossesByMonth({
  deaths,
  lastMonth,
}: {
  readonly deaths: readonly Life[];
  readonly lastMonth: string;
}) {
  const months = Array.from({ length: MONTHS }, (_, i) =>
    format(addMonths(parseISO(`${lastMonth}-01`), i - MONTHS + 1), 'yyyy-MM'),
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
  const most = Math.max(1, ...counts.map((one) => one.early + one.later));
  return (
    <Section title="Deaths by month" aside="filled: within 14 days of arrival; outlined: later">
      <div
        className="flex h-28 items-end gap-1"
        role="img"
        aria-label={counts.map((one) => `${one.month}: ${one.early + one.later}`).join(', ')}
      >
        {counts.map((one) => (
          <div
            key={one.month}
            className="flex flex-1 flex-col items-stretch justify-end"
            style={{ height: '100%' }}
          >
            <span className="fig text-center text-[12px]">{one.early + one.later || ''}</span>
            <div
              className="border border-b-0 border-deep"
              style={{ height: `${(one.later / most) * 70}%`, borderWidth: one.later > 0 ? undefined : 0 }}
            />
            <div className="bg-deep" style={{ height: `${(one.early / most) * 70}%` }} />
            <span className="fig border-t border-line pt-0.5 text-center text-[11px] text-slate">
              {format(parseISO(`${one.month}-01`), 'MMM')}
            </span>
          </div>
        ))}
      </div>
    </Section>
  );
}
