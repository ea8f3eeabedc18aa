'use client';

import { useEffect } from 'react';
import { isBehindDialog, isTyping } from '@/ui/keys';

/** Keys that work on every screen. */
export interface Shortcuts {
  readonly undo: () => void;
  readonly redo: () => void;
  readonly palette: () => void;
  readonly help: () => void;
  readonly go: (key: string) => boolean;
}

/** Listens for the shared keys. Inside a field only those with Ctrl or Cmd that a field does not use itself. */
export function useShortcuts({ undo, redo, palette, help, go }: Shortcuts): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const key = event.key.toLowerCase();
      const command = event.ctrlKey || event.metaKey;
      if (command && key === 'k') {
        event.preventDefault();
        palette();
        return;
      }
      if (isTyping(event.target) || event.defaultPrevented || isBehindDialog()) return;
      if (command && key === 'z') {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      } else if (command && key === 'y') {
        event.preventDefault();
        redo();
      } else if (!command && !event.altKey && key === '?') {
        event.preventDefault();
        help();
      } else if (!command && event.altKey && go(event.code.replace(/^(Digit|Key)/, ''))) {
        event.preventDefault();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo, palette, help, go]);
}
