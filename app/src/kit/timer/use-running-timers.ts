import { leftOf } from '@barythm/core/time';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useDraft, useDraftsUnder } from '../../draft/use-draft';
import type { JobTimer } from './use-kept-timer';

/** A wait that runs, wherever it was begun. */
export interface RunningTimer {
  /** the rest of its key: the job’s id and the work, or `own:` and a name of its own */
  readonly key: string;
  readonly words: string;
  readonly left_s: number;
  readonly late_s: number;
}

const PREFIX = 'timer:';
const TICK_ms = 500;

/** Every wait that runs on this device, the next to end first; `onOver` is told of each once, as it ends. */
export function useRunningTimers(onOver: () => void): readonly RunningTimer[] {
  const kept = useDraftsUnder(PREFIX);
  const timers = useMemo(
    () =>
      kept.flatMap(([key, text]) => {
        const timer = timerIn(text);
        return timer ? [{ key, timer }] : [];
      }),
    [kept],
  );
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (timers.length === 0) return;
    const tick = () => setNow(Date.now());
    tick();
    const beat = setInterval(tick, TICK_ms);
    return () => clearInterval(beat);
  }, [timers]);
  const running = timers
    .map(({ key, timer }) => ({ key, words: timer.words, ...leftOf(timer, now) }))
    .sort((a, b) => a.left_s - b.left_s || b.late_s - a.late_s);
  // only what was seen running ends with a sound: one that ended while the page was away is told by how late it is
  const ran = useRef<ReadonlySet<string>>(new Set());
  const over = running.filter(({ left_s }) => left_s === 0).map(({ key }) => key);
  const ended = over.filter((key) => ran.current.has(key)).join();
  useEffect(() => {
    if (ended !== '') onOver();
  }, [ended, onOver]);
  useEffect(() => {
    ran.current = new Set(running.filter(({ left_s }) => left_s > 0).map(({ key }) => key));
  });
  return running;
}

/** A kept wait; null where none runs, or what is kept is no wait. */
function timerIn(text: string): JobTimer | null {
  try {
    const { began, lasts_s, words } = JSON.parse(text) as Partial<JobTimer>;
    if (typeof began !== 'number' || typeof lasts_s !== 'number' || typeof words !== 'string') return null;
    return began > 0 ? { began, lasts_s, words } : null;
  } catch {
    return null;
  }
}

/** Forgets a wait. */
export function useEndTimer(key: string): () => void {
  const [, set] = useDraft(PREFIX + key);
  return () => set(null);
}
