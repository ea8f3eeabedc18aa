'use client';

import { useSyncExternalStore } from 'react';

/** Paper is white: what is drawn on a canvas is drawn anew in ink while the page is printed. */
let wasDark = false;
function inInk(changed: () => void): () => void {
  const { classList } = document.documentElement;
  const before = (): void => {
    wasDark ||= classList.contains('dark');
    classList.remove('dark');
    changed();
  };
  const after = (): void => {
    if (wasDark) classList.add('dark');
    wasDark = false;
    changed();
  };
  window.addEventListener('beforeprint', before);
  window.addEventListener('afterprint', after);
  return () => {
    window.removeEventListener('beforeprint', before);
    window.removeEventListener('afterprint', after);
  };
}

const listeners = new Set<() => void>();
let stop: (() => void) | null = null;

/** One watch for all who listen. */
function watchTheme(): () => void {
  const tell = (): void => listeners.forEach((listener) => listener());
  const watch = new MutationObserver(tell);
  watch.observe(document.documentElement, { attributes: true, attributeFilter: ['class'] });
  const stopInk = inInk(tell);
  return () => {
    watch.disconnect();
    stopInk();
  };
}

function onTheme(changed: () => void): () => void {
  listeners.add(changed);
  stop ??= watchTheme();
  return () => {
    listeners.delete(changed);
    if (listeners.size > 0) return;
    stop?.();
    stop = null;
  };
}

/** The classes that say whether the page is light or dark: it changes when they do. */
export const useTheme = (): string =>
  useSyncExternalStore(
    onTheme,
    () => document.documentElement.className,
    () => '',
  );
