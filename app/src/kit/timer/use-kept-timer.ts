import { leftOf, type KeptTimer } from '@barythm/core/time';
import { useEffect, useState } from 'react';
import { useDraftOf } from '../../draft/use-draft';

/** A wait of a job, with what it is for: whoever lists them needs nothing else. */
export interface JobTimer extends KeptTimer {
  readonly words: string;
}
const NONE: JobTimer = { began: 0, lasts_s: 0, words: '' };
const TICK_ms = 500;

/** What the wait of a check is kept under, before its key. */
export const OF_CHECK = 'check:';

/** Where a wait of a job is kept on the device. */
export const timerKey = (jobId: string, of: string): string => `timer:${jobId}:${of}`;

/** A wait that goes on when its card is left, the screen is dark or the page is loaded again: kept as the instant at which it began. */
export function useKeptTimer(key: string): {
  readonly timer: JobTimer | null;
  readonly left_s: number;
  readonly late_s: number;
  readonly begin: (lasts_s: number, words: string) => void;
  /** ends it; how long it was, s */
  readonly end: () => number;
} {
  const [kept, setKept] = useDraftOf<JobTimer>(key, NONE);
  const runs = kept.began > 0;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!runs) return;
    const tick = () => setNow(Date.now());
    tick();
    const beat = setInterval(tick, TICK_ms);
    return () => clearInterval(beat);
  }, [runs]);
  const timer = runs ? kept : null;
  return {
    timer,
    ...(timer ? leftOf(timer, now) : { left_s: 0, late_s: 0 }),
    begin: (lasts_s, words) => setKept({ began: Date.now(), lasts_s, words }),
    end: () => {
      const seconds = timer ? Math.max(0, (Date.now() - timer.began) / 1000) : 0;
      setKept(null);
      return seconds;
    },
  };
}
