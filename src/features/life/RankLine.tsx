'use client';

import { useMemo } from 'react';
import type { Resident } from '@/core/events';
import { courseOf, ELO_START, rankingFrom } from '@/core/hierarchy';
import { useRoomState } from '@/session/react/RoomProvider';
import { useHappenings } from '@/session/react/useNames';
import { LineChart } from '@/ui/chart/LineChart';
import { Section } from '@/ui/Screen';
import { dayWords } from '@/words/en';

const LEAST = 2;

/** How the rating of a fish moved, contest by contest, in every tank it lived in. */
export function RankLine({ resident }: { readonly resident: Resident }) {
  const happenings = useHappenings();
  const residents = useRoomState((state) => state.room.residents);
  const own = useMemo(() => {
    const together = new Set(Object.keys(residents));
    const course = courseOf(happenings ?? [], { tank: resident.tank, together });
    return rankingFrom(course, [resident.id]).trace.filter(
      (step) => step.winner === resident.id || step.loser === resident.id,
    );
  }, [happenings, residents, resident]);
  if (own.length < LEAST) return null;
  const ratings = [
    ELO_START,
    ...own.map((step) => (step.winner === resident.id ? step.winnerAfter : step.loserAfter)),
  ];
  const decided = own.filter((step) => !step.undecided);
  const wins = decided.filter((step) => step.winner === resident.id).length;
  return (
    <Section
      title="Rank over time"
      aside={`${wins} won, ${decided.length - wins} lost; all start at ${ELO_START}`}
    >
      <LineChart
        label={`Rating from ${ELO_START} to ${Math.round(ratings.at(-1) ?? ELO_START)} over ${own.length} contests, from ${dayWords(own[0]!.on)} on`}
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
