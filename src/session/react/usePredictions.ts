'use client';

import type { Remote } from 'comlink';
import type { Kept } from '@/core/evidence';
import type { ExperienceWork } from '@/workers/experienceWork';
import { useRoomState } from './RoomProvider';
import { useExperienceAnswer } from './useExperience';

const askPredictions = (remote: Remote<ExperienceWork>, room: string): Promise<readonly Kept[]> =>
  remote.predictions(room);

/** The warnings that this room keeps score of, with what the record shows of each; asked anew with every entry. */
export function usePredictions() {
  const entries = useRoomState((state) => state.entries?.length ?? 0);
  return useExperienceAnswer(askPredictions, entries);
}
