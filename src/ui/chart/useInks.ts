'use client';

import { useMemo } from 'react';
import { useTheme } from '../useTheme';
import { INKS, LINE_INKS, type ChartLine, type Ink } from './lines';

/** Colours of the theme for a canvas, which knows no variables; read again when the theme changes. */
export function useInks(): (ink: ChartLine['ink']) => string {
  const theme = useTheme();
  return useMemo(() => {
    void theme;
    const style = getComputedStyle(document.documentElement);
    const inks = new Map<string, string>(
      [...INKS, ...LINE_INKS].map((ink: Ink) => [ink, style.getPropertyValue(`--${ink}`).trim()]),
    );
    return (ink) => inks.get(ink) ?? ink;
  }, [theme]);
}
