import { useEffect } from 'react';

/** Keeps the screen awake while a page is in sight, where the browser can; it asks again when the page comes back. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const held = await navigator.wakeLock.request('screen');
        if (left) void held.release();
        else lock = held;
      } catch {
        // A low battery may refuse it: the run goes on, the screen may sleep.
      }
    };
    const again = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [wanted]);
}
