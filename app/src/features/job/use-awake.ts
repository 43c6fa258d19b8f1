import { useEffect } from 'react';

/** Keeps the screen awake during a visit, where the device can. */
export function useAwake(): void {
  useEffect(() => {
    if (typeof navigator === 'undefined' || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let left = false;
    const hold = () => {
      // refused on a low battery, for one: the work goes on, only the screen may go dark
      navigator.wakeLock.request('screen').then(
        (held) => {
          lock = held;
          if (left) void held.release();
        },
        () => undefined,
      );
    };
    const onVisible = () => document.visibilityState === 'visible' && hold();
    hold();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, []);
}
