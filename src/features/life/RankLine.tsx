'use client';

import { useCallback, useMemo } from 'react';
import type { Resident } from '@/core/events';
import { ELO_START } from '@/core/hierarchy';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCourse } from '@/session/react/useCourse';
import { useHierarchyWork } from '@/session/react/useHierarchyWork';
import { useHappenings } from '@/session/react/useNames';
import { LineChart } from '@/ui/chart/LineChart';
import { Section } from '@/ui/Screen';
import { dayWords } from '@/words/en';

const LEAST = 2;
/** More points than this are no finer a line. */
const MOST_POINTS = 400;

/** How the rating of a fish moved, contest by contest, in every tank it lived in. */
export function RankLine({ resident }: { readonly resident: Resident }) {
  const { id, tank } = resident;
  const happenings = useHappenings();
  const fish = useRoomState((state) => Object.keys(state.room.residents).join(' '));
  const asked = useMemo(() => ({ tank, together: new Set(fish.split(' ')) }), [tank, fish]);
  const course = useCourse(happenings, asked);
  const { answer } = useHierarchyWork(
    course,
    useCallback((remote, packed) => remote.own(packed, id), [id]),
  );
  if (course === null || answer === null || answer.at.length < LEAST) return null;
  const { at, ratings, won, lost } = answer;
  const every = Math.ceil(ratings.length / MOST_POINTS);
  const points = [ELO_START, ...ratings].flatMap((rating, contest) =>
    contest % every === 0 || contest === ratings.length ? [{ x: contest, y: rating }] : [],
  );
  return (
    <Section title="Rank over time" aside={`${won} won, ${lost} lost; all start at ${ELO_START}`}>
      <LineChart
        label={`Rating from ${ELO_START} to ${Math.round(ratings.at(-1) ?? ELO_START)} over ${ratings.length} contests, from ${dayWords(course.on[at[0]!]!)} on`}
        lines={[
          {
            label: 'rating',
            points,
            ink: 'deep',
            stepped: true,
          },
          {
            label: 'where all start',
            points: [
              { x: 0, y: ELO_START },
              { x: ratings.length, y: ELO_START },
            ],
            ink: 'slate',
            dash: [2, 3],
            weight: 1,
          },
        ]}
        height={160}
        x={{ label: 'contests', min: 0, max: ratings.length }}
        y={{ label: '', write: (rating) => String(Math.round(rating)) }}
        png="lomvik-rank.png"
      />
    </Section>
  );
}
