'use client';

import type { Chart } from 'chart.js';
import { useTheme } from 'next-themes';

/** Inks that charts are drawn with, by light or dark. */
export function useChartInk(): { readonly dark: boolean; readonly ink: string; readonly line: string } {
  const { resolvedTheme } = useTheme();
  const dark = resolvedTheme === 'dark';
  return { dark, ink: dark ? '#a5b4b8' : '#4a5a61', line: dark ? '#2a3c43' : '#d5d8d2' };
}

/** Hands a chart to the browser as a PNG. */
export function savePng(chart: Pick<Chart, 'toBase64Image'> | null | undefined, name: string): void {
  const url = chart?.toBase64Image('image/png');
  if (!url) return;
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
}
