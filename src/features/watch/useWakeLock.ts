import { useEffect } from 'react';

/** Keeps the screen awake while it is wanted, where the browser can. */
export function useWakeLock(isWanted: boolean): void {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      try {
        const held = await navigator.wakeLock.request('screen');
        if (isOver) await held.release();
        else lock = held;
      } catch {
        // Refused, for example on a low battery: the screen goes dark as it always does.
      }
    };
    const again = (): void => void hold();
    again();
    // A lock is lost when the page is hidden.
    document.addEventListener('visibilitychange', again);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [isWanted]);
}
