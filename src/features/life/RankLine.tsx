'use client';

import { useMemo } from 'react';
import { format, parseISO } from 'date-fns';
import type { Resident } from '@/core/events/room';
import { ELO_START } from '@/core/order/eloLadder';
import { ladderOf } from '@/core/order/ladderOf';
import { useHappenings } from '@/session/react/useNames';
import { Section } from '@/ui/Screen';

const [WIDTH, HEIGHT] = [420, 90];
const LEAST = 2;

/** How the rating of a fish moved in the tank it lives in, contest by contest. */
export function RankLine({ resident }: { readonly resident: Resident }) {
  const happenings = useHappenings();
  const own = useMemo(
    () =>
      ladderOf(happenings ?? [], resident.tank, [resident]).trace.filter(
        (step) => step.winner === resident.id || step.loser === resident.id,
      ),
    [happenings, resident],
  );
  if (own.length < LEAST) return null;
  const ratings = [
    ELO_START,
    ...own.map((step) => (step.winner === resident.id ? step.winnerAfter : step.loserAfter)),
  ];
  const [low, high] = [Math.min(...ratings) - 20, Math.max(...ratings) + 20];
  const x = (i: number): number => 34 + (i / (ratings.length - 1)) * (WIDTH - 42);
  const y = (rating: number): number => 8 + ((high - rating) / (high - low)) * (HEIGHT - 16);
  const wins = own.filter((step) => step.winner === resident.id).length;
  return (
    <Section
      title="Rank over time"
      aside={`${wins} won, ${own.length - wins} lost; all start at ${ELO_START}`}
    >
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`Rating from ${ELO_START} to ${Math.round(ratings.at(-1) ?? ELO_START)} over ${own.length} contests, from ${format(parseISO(own[0]!.on), 'd MMM')} on`}
      >
        <line x1="34" x2={WIDTH - 8} y1={y(ELO_START)} y2={y(ELO_START)} stroke="var(--line)" />
        <text x="30" y={y(ELO_START) + 4} fontSize="11" textAnchor="end" fill="var(--slate)">
          1000
        </text>
        <polyline
          points={ratings.map((rating, i) => `${x(i)},${y(rating)}`).join(' ')}
          fill="none"
          stroke="var(--deep)"
          strokeWidth="1.75"
        />
      </svg>
    </Section>
  );
}
