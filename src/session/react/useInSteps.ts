'use client';

import { useEffect, useState } from 'react';
import { withPauses } from '../withPauses';

/** A list that is still being changed is not looked into yet. */
const REST_MS = 250;

const stale = new Error('the list has changed');

/** The same steps, given up when nobody waits for them any more. */
function* whileWanted<T>(steps: Generator<undefined, T>, wanted: () => boolean): Generator<undefined, T> {
  for (;;) {
    if (!wanted()) throw stale;
    const step = steps.next();
    if (step.done) return step.value;
    yield;
  }
}

interface Found<T> {
  readonly by: () => Generator<undefined, T>;
  readonly value: T;
}

/**
 * What steps come to, worked out while nobody types. `begin` stays the same function while the question is the same. The last
 * answer until there is a new one; `current` says whether it answers this question.
 */
export function useInSteps<T>(begin: () => Generator<undefined, T>): {
  readonly last: T | null;
  readonly current: boolean;
} {
  const [found, setFound] = useState<Found<T> | null>(null);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      withPauses(whileWanted(begin(), () => wanted)).then(
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
