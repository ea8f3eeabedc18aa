'use client';

import { useCallback, useEffect, useRef } from 'react';
import { toast } from '@/ui/toast';
import type { TriedFixes } from '@/core/assess';
import { editOf, type Fix } from '@/core/rules';

interface Tried {
  readonly last: TriedFixes | null;
  /** Whether they were tried on the list as it is. */
  readonly current: boolean;
}

const isOffered = (tried: TriedFixes | null, fix: Fix): boolean => {
  const wanted = JSON.stringify(editOf(fix));
  return [...(tried?.values() ?? [])].flat().some(({ edit }) => JSON.stringify(edit) === wanted);
};

/** Does a fix that is pressed; while the list changes under it, not before it has been tried on the new one. */
export function useFixPress({ last, current }: Tried, doFix: (fix: Fix) => void): (fix: Fix) => void {
  const now = useRef({ last, current, doFix });
  const waiting = useRef<Fix | null>(null);
  useEffect(() => {
    now.current = { last, current, doFix };
    const fix = waiting.current;
    if (fix === null || !current) return;
    waiting.current = null;
    if (isOffered(last, fix)) doFix(fix);
    else toast('The list has changed: that fix no longer mends it.');
  }, [last, current, doFix]);
  return useCallback((fix) => {
    if (now.current.current) now.current.doFix(fix);
    else waiting.current = fix;
  }, []);
}
