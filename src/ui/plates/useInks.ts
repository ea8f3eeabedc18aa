'use client';

import type { PageInks } from '@/plates/svgSource';
import { useTheme } from '../useTheme';

const READ = new Map<string, PageInks>();

/** The inks of a theme, read from the page once. */
function inksOf(theme: string): PageInks {
  const before = READ.get(theme);
  if (before) return before;
  const style = getComputedStyle(document.documentElement);
  const read = (name: string): string => style.getPropertyValue(name).trim();
  const inks = { text: read('--ink'), plate: read('--plate-ink') };
  READ.set(theme, inks);
  return inks;
}

const NO_INKS: PageInks = { text: '', plate: '' };

/** The colours that pictures take from the page, light or dark. */
export function useInks(): PageInks {
  const theme = useTheme();
  return typeof document === 'undefined' ? NO_INKS : inksOf(theme);
}
