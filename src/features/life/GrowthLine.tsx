'use client';

import { useWords } from '@/session/react/useWords';
import { type Cm, MONTH_DAYS } from '@/core/kernel';
import { addDays, differenceInDays, parseISO } from 'date-fns';
import { lengthAfterMonths } from '@/core/growth';
import type { SpeciesProfile } from '@/core/model';
import { LineChart } from '@/ui/chart/LineChart';
import { Section } from '@/ui/Screen';
import { dayOfYear } from '@/words/en';

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
  const words = useWords();
  const [first] = lengths;
  if (!first) return null;
  const span = Math.max(30, differenceInDays(parseISO(until), parseISO(first.on)));
  const expected = Array.from({ length: STEPS + 1 }, (_, i) => {
    const days = (span * i) / STEPS;
    return {
      x: days,
      y: words.value('length', lengthAfterMonths(profile, first.lengthCm, days / MONTH_DAYS)),
    };
  });
  const at = (on: string): number => differenceInDays(parseISO(on), parseISO(first.on));
  const last = lengths.at(-1) ?? first;
  const due = lengthAfterMonths(profile, first.lengthCm, at(last.on) / MONTH_DAYS);
  const off = last.lengthCm / due - 1;
  return (
    <Section title="Growth" aside="expected from the first measure">
      <LineChart
        label={lengths
          .map((one) => `${dayOfYear(one.on)}: ${words.reading('length', one.lengthCm)}`)
          .join(', ')}
        lines={[
          {
            label: 'measured',
            points: lengths.map((one) => ({ x: at(one.on), y: words.value('length', one.lengthCm) })),
            ink: 'deep',
            dots: 4,
          },
          { label: 'expected', points: expected, ink: 'slate', dash: [4, 4] },
        ]}
        height={180}
        x={{
          label: '',
          min: 0,
          max: span,
          write: (days) => dayOfYear(addDays(parseISO(first.on), Math.round(days)).toISOString()),
        }}
        y={{ label: words.unit('length'), fromZero: true }}
        png="lomvik-growth.png"
      />
      {lengths.length > 1 && (
        <p>
          {words.reading('length', last.lengthCm)} when last measured, {words.quantity('length', due)}{' '}
          expected by then
          {Math.abs(off) < 0.1
            ? ': as it should.'
            : off < 0
              ? `: ${Math.round(-off * 100)}% behind.`
              : `: ${Math.round(off * 100)}% ahead.`}
        </p>
      )}
    </Section>
  );
}
