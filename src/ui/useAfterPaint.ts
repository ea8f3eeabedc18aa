'use client';

import { startTransition, useEffect, useState } from 'react';
import { afterPaint } from './afterPaint';

/**
 * A value that follows once what changed with it is painted. `useDeferredValue` may draw before that frame and so hold it up.
 * The value keeps its identity while it says the same, or it would follow itself forever.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(() => value);
  useEffect(() => {
    if (Object.is(shown, value)) return undefined;
    let wanted = true;
    afterPaint(() => {
      if (wanted) startTransition(() => setShown(() => value));
    });
    return () => {
      wanted = false;
    };
  }, [shown, value]);
  return shown;
}
