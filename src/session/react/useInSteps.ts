'use client';

import { useCallback, useEffect, useState } from 'react';
import { NOT_WANTED, withPauses } from '@/workers/withPauses';

/** A list that is still being changed is not looked into yet. */
export const REST_MS = 250;

type Steps<T> = Generator<undefined, T>;

interface Found<T> {
  readonly by: unknown;
  readonly value: T;
}

/** An answer, or what came instead of one. */
export interface InSteps<T> {
  /** The last answer until there is a new one. */
  readonly last: T | null;
  /** Whether the last answer is to this question. */
  readonly current: boolean;
  /** This question could not be answered: what it needs could not be loaded, or the work itself failed. */
  readonly failed: boolean;
  readonly again: () => void;
}

/**
 * What steps come to, worked out while nobody types. `begin` stays the same function while the question is the same; it
 * may load what it needs first.
 */
export function useInSteps<T>(begin: () => Steps<T> | Promise<Steps<T>>): InSteps<T> {
  const [found, setFound] = useState<Found<T> | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  const [tries, setTries] = useState(0);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      const work = async (): Promise<T> => withPauses(await begin(), () => wanted);
      work().then(
        (value) => wanted && setFound({ by: begin, value }),
        (error: unknown) => wanted && error !== NOT_WANTED && setFailed(() => begin),
      );
    }, REST_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [begin, tries]);
  return {
    last: found?.value ?? null,
    current: found?.by === begin,
    failed: failed === begin,
    again: useCallback(() => {
      setFailed(null);
      setTries((before) => before + 1);
    }, []),
  };
}
