'use client';

import type { Cm } from '@/core/kernel/units/quantities';
import { differenceInDays, format, parseISO } from 'date-fns';
import { lengthAfterMonths } from '@/core/growth/speciesGrowth';
import type { SpeciesProfile } from '@/core/model/species';
import { Section } from '@/ui/Screen';

const MONTH_DAYS = 30.44;
const [WIDTH, HEIGHT, LEFT, BOTTOM] = [420, 130, 34, 20];
const STEPS = 24;

/** Lengths as measured, against what was to be expected from the first of them. */
export function GrowthLine({
  profile,
  lengths,
  until,
}: {
  readonly profile: SpeciesProfile;
  readonly lengths: readonly { readonly on: string; readonly lengthCm: Cm }[];
  readonly until: string;
}) {
  const [first] = lengths;
  if (!first) return null;
  const span = Math.max(30, differenceInDays(parseISO(until), parseISO(first.on)));
  const expected = Array.from({ length: STEPS + 1 }, (_, i) => {
    const days = (span * i) / STEPS;
    return { days, lengthCm: lengthAfterMonths(profile, first.lengthCm, days / MONTH_DAYS) };
  });
  const most = Math.max(...expected.map((one) => one.lengthCm), ...lengths.map((one) => one.lengthCm)) * 1.08;
  const x = (days: number): number => LEFT + (days / span) * (WIDTH - LEFT - 8);
  const y = (cm: number): number => HEIGHT - BOTTOM - (cm / most) * (HEIGHT - BOTTOM - 8);
  const at = (on: string): number => differenceInDays(parseISO(on), parseISO(first.on));
  const last = lengths.at(-1) ?? first;
  const due = lengthAfterMonths(profile, first.lengthCm, at(last.on) / MONTH_DAYS);
  const off = last.lengthCm / due - 1;
  return (
    <Section title="Growth" aside="points: measured; broken line: expected from the first">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={lengths
          .map((one) => `${format(parseISO(one.on), 'd MMM yyyy')}: ${one.lengthCm} cm`)
          .join(', ')}
      >
        <line x1={LEFT} x2={WIDTH - 8} y1={y(0)} y2={y(0)} stroke="var(--line)" />
        {[most / 2, most / 1.08].map((cm) => (
          <g key={cm}>
            <line x1={LEFT} x2={WIDTH - 8} y1={y(cm)} y2={y(cm)} stroke="var(--line)" />
            <text x={LEFT - 4} y={y(cm) + 4} fontSize="11" textAnchor="end" fill="var(--slate)">
              {cm.toFixed(1)}
            </text>
          </g>
        ))}
        <polyline
          points={expected.map((one) => `${x(one.days)},${y(one.lengthCm)}`).join(' ')}
          fill="none"
          stroke="var(--slate)"
          strokeDasharray="4 4"
        />
        {lengths.map((one) => (
          <circle key={one.on} cx={x(at(one.on))} cy={y(one.lengthCm)} r="4" fill="var(--deep)" />
        ))}
        <text x={LEFT} y={HEIGHT - 4} fontSize="11" fill="var(--slate)">
          {format(parseISO(first.on), 'MMM yyyy')}
        </text>
        <text x={WIDTH - 8} y={HEIGHT - 4} fontSize="11" textAnchor="end" fill="var(--slate)">
          {format(parseISO(until), 'MMM yyyy')}
        </text>
      </svg>
      {lengths.length > 1 && (
        <p>
          {last.lengthCm} cm when last measured, {due.toFixed(1)} expected by then
          {Math.abs(off) < 0.1
            ? ': as it should.'
            : off < 0
              ? `: ${Math.round(-off * 100)} % behind.`
              : `: ${Math.round(off * 100)} % ahead.`}
        </p>
      )}
    </Section>
  );
}
