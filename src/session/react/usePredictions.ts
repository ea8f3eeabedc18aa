'use client';

import type { Remote } from 'comlink';
import { useCallback } from 'react';
import type { Kept } from '@/core/evidence';
import type { ExperienceWork } from '@/workers/experienceWork';
import { useRoomState } from './RoomProvider';
import { useExperienceAnswer } from './useExperience';

/** The warnings that this room keeps score of, with what the record shows of each; asked anew with every entry. */
export function usePredictions() {
  const entries = useRoomState((state) => state.entries?.length ?? 0);
  const work = useCallback(
    (remote: Remote<ExperienceWork>, room: string): Promise<readonly Kept[]> => remote.predictions(room),
    // A new entry is a new question.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [entries],
  );
  return useExperienceAnswer(work);
}
