import { useEffect, useRef, useState } from 'react';

export const SPEEDS = [
  { value: '60', label: '1 min/s' },
  { value: '600', label: '10 min/s' },
  { value: '3600', label: '1 h/s' },
] as const;
export type Speed = (typeof SPEEDS)[number]['value'];

/** A moment that moves through a run: played, paused, set by hand. */
export function usePlayer(seconds: number) {
  const [at_s, setAt] = useState(seconds);
  const [playing, setPlaying] = useState(false);
  const [speed, setSpeed] = useState<Speed>('3600');
  const before = useRef<number | null>(null);
  useEffect(() => {
    if (!playing) return;
    let frame = 0;
    const tick = (now: number) => {
      const passed = before.current === null ? 0 : (now - before.current) / 1000;
      before.current = now;
      setAt((at) => Math.min(seconds, at + passed * Number(speed)));
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(frame);
      before.current = null;
    };
  }, [playing, speed, seconds]);
  const ended = at_s >= seconds;
  return {
    at_s: Math.min(at_s, seconds),
    playing: playing && !ended,
    speed,
    setSpeed,
    seek: (second: number) => setAt(Math.max(0, Math.min(seconds, second))),
    toggle: () => {
      if (ended) setAt(0);
      setPlaying(ended ? true : !playing);
    },
  };
}
