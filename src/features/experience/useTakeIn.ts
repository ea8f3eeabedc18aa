'use client';

import { useState } from 'react';
import { useExperienceLine } from '@/session/react/useExperience';
import type { TakenIn } from '@/workers/experienceWork';
import type { WorkerFailure } from '@/workers/workerLine';

export type TakingIn =
  | { readonly kind: 'idle' }
  | { readonly kind: 'busy'; readonly share: number }
  | { readonly kind: 'done'; readonly taken: TakenIn }
  | { readonly kind: 'failed'; readonly why: WorkerFailure; readonly again: () => void };

/** Takes files of other keepers in beside the screen, with progress; `stop` ends it and nothing is taken. */
export function useTakeIn(onTaken: () => void) {
  const { takeIn, stop } = useExperienceLine();
  const [taking, setTaking] = useState<TakingIn>({ kind: 'idle' });
  const take = async (files: ArrayLike<File>): Promise<void> => {
    if (files.length === 0) return;
    setTaking({ kind: 'busy', share: 0 });
    const answer = await takeIn(files, (share) => setTaking({ kind: 'busy', share }));
    if (answer.ok) {
      setTaking({ kind: 'done', taken: answer.value });
      onTaken();
    } else
      setTaking(
        answer.why === 'cancelled'
          ? { kind: 'idle' }
          : { kind: 'failed', why: answer.why, again: () => void take(files) },
      );
  };
  return { taking, take, stop, leave: () => setTaking({ kind: 'idle' }) };
}
