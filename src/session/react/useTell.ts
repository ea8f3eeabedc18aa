'use client';

import { useMemo } from 'react';
import type { Dated } from '@/core/events';
import { sayEvent } from '@/words/en';
import { useNames } from './useNames';
import { useWords } from './useWords';

/** Events as lines of the diary, in the keeper's units. */
export function useTell(): (event: Dated) => string {
  const names = useNames();
  const words = useWords();
  return useMemo(() => (event) => sayEvent(event, names, words), [words, names]);
}
