'use client';

import { useEffect } from 'react';
import { isBehindDialog, isTyping } from '@/ui/keys';
import { shortcutOf } from './shortcuts';

/** What the shared keys do. */
export interface Shortcuts {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly search: () => void;
  readonly help: () => void;
  readonly go: (path: string) => void;
}

/** The key of a screen follows G within so long, ms. */
const AFTER_G_MS = 1500;

/**
 * Listens for the shared keys. Inside a field, and behind a dialog, only the search with Ctrl or Cmd. Single keys do nothing
 * while they are switched off. Keys with Alt are the browser's.
 */
export function useShortcuts({ undo, redo, search, help, go }: Shortcuts, singleOn: boolean): void {
  useEffect(() => {
    let gAt = -Infinity;
    const onKey = (event: KeyboardEvent): void => {
      if (event.altKey || event.defaultPrevented) return;
      const command = event.ctrlKey || event.metaKey;
      const afterG = event.timeStamp - gAt < AFTER_G_MS;
      gAt = -Infinity;
      const found = shortcutOf({ key: event.key, command, shift: event.shiftKey, afterG });
      // Asked only for a key that may be one of these: it looks through the whole page.
      const isFree = (): boolean => !isTyping(event.target) && !isBehindDialog();
      if (!found) {
        if (singleOn && !command && event.key.toLowerCase() === 'g' && isFree()) gAt = event.timeStamp;
        return;
      }
      if (!isFree() && !(command && found.act === 'search' && !isBehindDialog())) return;
      if (!command && !singleOn) return;
      event.preventDefault();
      if (found.act === 'go') go(found.path ?? '/');
      else ({ undo, redo, search, help })[found.act]();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo, search, help, go, singleOn]);
}
