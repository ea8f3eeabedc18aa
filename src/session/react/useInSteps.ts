'use client';

import { useEffect, useState } from 'react';
import { withPauses } from '@/workers/withPauses';

/** A list that is still being changed is not looked into yet. */
export const REST_MS = 250;

type Steps<T> = Generator<undefined, T>;

interface Found<T> {
  readonly by: unknown;
  readonly value: T;
}

/**
 * What steps come to, worked out while nobody types. `begin` stays the same function while the question is the same; it
 * may load what it needs first. The last answer until there is a new one; `current` says whether it answers this question.
 */
export function useInSteps<T>(begin: () => Steps<T> | Promise<Steps<T>>): {
  readonly last: T | null;
  readonly current: boolean;
} {
  const [found, setFound] = useState<Found<T> | null>(null);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      Promise.resolve(begin())
        .then((steps) => withPauses(steps, () => wanted))
        .then(
          (value) => wanted && setFound({ by: begin, value }),
          () => {
            // Another list is being looked into.
          },
        );
    }, REST_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [begin]);
  return { last: found?.value ?? null, current: found?.by === begin };
}
