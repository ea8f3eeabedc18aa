'use client';

import { useMemo, useSyncExternalStore } from 'react';
import { INKS, LINE_INKS, type ChartLine, type Ink } from './lines';

function onTheme(changed: () => void): () => void {
  const watch = new MutationObserver(changed);
  watch.observe(document.documentElement, { attributes: true, attributeFilter: ['class'] });
  return () => watch.disconnect();
}

/** Colours of the theme for a canvas, which knows no variables; read again when the theme changes. */
export function useInks(): (ink: ChartLine['ink']) => string {
  const theme = useSyncExternalStore(
    onTheme,
    () => document.documentElement.className,
    () => '',
  );
  return useMemo(() => {
    void theme;
    const style = getComputedStyle(document.documentElement);
    const inks = new Map<string, string>(
      [...INKS, ...LINE_INKS].map((ink: Ink) => [ink, style.getPropertyValue(`--${ink}`).trim()]),
    );
    return (ink) => inks.get(ink) ?? ink;
  }, [theme]);
}
