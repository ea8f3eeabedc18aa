'use client';

import { useMemo } from 'react';
import { format, parseISO } from 'date-fns';
import type { Resident } from '@/core/events';
import { ELO_START, rankingOf } from '@/core/hierarchy';
import { useHappenings } from '@/session/react/useNames';
import { LineChart } from '@/ui/chart/LineChart';
import { Section } from '@/ui/Screen';

const LEAST = 2;

/** How the rating of a fish moved in the tank it lives in, contest by contest. */
export function RankLine({ resident }: { readonly resident: Resident }) {
  const happenings = useHappenings();
  const own = useMemo(
    () =>
      rankingOf(happenings ?? [], resident.tank, [resident]).trace.filter(
        (step) => step.winner === resident.id || step.loser === resident.id,
      ),
    [happenings, resident],
  );
  if (own.length < LEAST) return null;
  const ratings = [
    ELO_START,
    ...own.map((step) => (step.winner === resident.id ? step.winnerAfter : step.loserAfter)),
  ];
  const wins = own.filter((step) => step.winner === resident.id).length;
  return (
    <Section
      title="Rank over time"
      aside={`${wins} won, ${own.length - wins} lost; all start at ${ELO_START}`}
    >
      <LineChart
        label={`Rating from ${ELO_START} to ${Math.round(ratings.at(-1) ?? ELO_START)} over ${own.length} contests, from ${format(parseISO(own[0]!.on), 'd MMM')} on`}
        lines={[
          {
            label: 'rating',
            points: ratings.map((rating, contest) => ({ x: contest, y: rating })),
            ink: 'deep',
            stepped: true,
          },
          {
            label: 'where all start',
            points: [
              { x: 0, y: ELO_START },
              { x: own.length, y: ELO_START },
            ],
            ink: 'slate',
            dash: [2, 3],
            weight: 1,
          },
        ]}
        height={160}
        x={{ label: 'contests', min: 0, max: own.length }}
        y={{ label: '', write: (rating) => String(Math.round(rating)) }}
        png="lomvik-rank.png"
      />
    </Section>
  );
}
