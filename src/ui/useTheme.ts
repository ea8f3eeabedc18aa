'use client';

import { useSyncExternalStore } from 'react';

function onTheme(changed: () => void): () => void {
  const watch = new MutationObserver(changed);
  watch.observe(document.documentElement, { attributes: true, attributeFilter: ['class'] });
  return () => watch.disconnect();
}

/** The classes that say whether the page is light or dark: it changes when they do. */
export const useTheme = (): string =>
  useSyncExternalStore(
    onTheme,
    () => document.documentElement.className,
    () => '',
  );
