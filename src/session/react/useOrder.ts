'use client';

import { useCallback } from 'react';
import type { Resident } from '@/core/events';
import { type Course, newcomersAmong, placeFrom } from '@/core/hierarchy';
import { whenNow } from '../today';
import { useHierarchyWork } from './useHierarchyWork';

/** The order of a tank by every measure, worked out beside the screen; null while it is being worked out. */
export const useOrder = (
  course: Course | null,
  residents: readonly Resident[],
  /** Who stands on the ranking; those who live there now where nobody says. */
  among?: readonly string[],
) =>
  useHierarchyWork(
    course,
    useCallback(
      (remote, packed, { on }) =>
        remote.order(
          packed,
          among ?? residents.map((one) => one.id),
          newcomersAmong(residents, whenNow(), (moment) => placeFrom(on, moment)),
        ),
      [residents, among],
    ),
  );
