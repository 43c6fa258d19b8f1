import type { BenchEvent, Scenario } from '@barythm/core/bench';

/** Where two scenarios begin to differ, in seconds; null when they differ from the start. */
export function sameUntil(before: Scenario, after: Scenario): number | null {
  const rest = (scenario: Scenario) => JSON.stringify({ ...scenario, events: [] });
  if (rest(before) !== rest(after)) return null;
  const text = (event: BenchEvent) => JSON.stringify(event);
  const [old, now] = [before.events.map(text), after.events.map(text)];
  const changed = [
    ...before.events.filter((event) => !now.includes(text(event))),
    ...after.events.filter((event) => !old.includes(text(event))),
  ];
  return changed.length === 0 ? Infinity : Math.min(...changed.map((event) => event.at_s));
}

/** Seconds as a clock reading, with the day before it in a week. */
export function clockOf(second: number, week: boolean): string {
  const minute = Math.floor(second / 60);
  const day = Math.floor(minute / 1440);
  const time = `${Math.floor((minute % 1440) / 60)}:${String(minute % 60).padStart(2, '0')}`;
  return week ? `day ${day + 1}, ${time}` : time;
}

const TIME = /^(?:(\d)\.)?(\d{1,2}):(\d{2})$/;

/** A typed time such as 6:30 (or 2.6:30 for the second day) in seconds, or null. */
export function secondsOfClock(text: string): number | null {
  const found = TIME.exec(text.trim());
  if (!found || Number(found[2]) > 24 || Number(found[3]) > 59) return null;
  return (Math.max(0, Number(found[1] ?? 1) - 1) * 1440 + Number(found[2]) * 60 + Number(found[3])) * 60;
}
