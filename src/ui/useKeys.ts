import { useEffect } from 'react';
import { isBehindDialog, isTyping } from './keys';

/**
 * Single keys of a screen: not while somebody types, not behind a dialog, not with Ctrl, Cmd or Alt. `onKey` says whether the key
 * was its own. Keeps its identity.
 */
export function useKeys(onKey: (key: string, target: EventTarget | null) => boolean, isOn: boolean): void {
  useEffect(() => {
    if (!isOn) return undefined;
    const listen = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || isBehindDialog()) return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (onKey(event.key, event.target)) event.preventDefault();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [onKey, isOn]);
}
