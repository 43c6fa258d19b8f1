import {
  SECONDS_PER_DAY,
  shapedDay,
  type BenchEvent,
  type DayShape,
  type Scenario,
} from '@barythm/core/bench';
import { isContextOf, type FamilyContext } from '@barythm/core/families';
import { hoursOfDay_m3h, type MeteringContext } from '@barythm/core/families/metering';
import { weatherOf, type WeatherName } from '@barythm/core/families/pool';

/** A scenario as it is being put together; kept on the device. */
export interface ScenarioDraft {
  readonly days: 1 | 7;
  readonly shape: DayShape | 'own' | 'drawn' | 'csv';
  /** flows drawn by hand, hour by hour */
  readonly drawn: readonly number[] | null;
  readonly csv: { readonly every_s: number; readonly flows_m3h: readonly number[] } | null;
  /** of a pool: the weather, and the day it begins on, 1 for Monday */
  readonly weather: WeatherName;
  readonly startDay: number;
  readonly wobble_pct: number;
  readonly seed: number;
  readonly events: readonly BenchEvent[];
}

export const START: ScenarioDraft = {
  days: 1,
  shape: 'own',
  drawn: null,
  csv: null,
  weather: 'mild',
  startDay: 1,
  wobble_pct: 0,
  seed: 1,
  events: [],
};

/** The hours a draft stands on, for drawing and for the run. */
export function hoursOf(draft: ScenarioDraft, context: MeteringContext): readonly number[] {
  const { usual_m3h, greatest_m3h } = context.duty.water;
  if (draft.shape === 'own' || draft.shape === 'csv') return hoursOfDay_m3h(context);
  if (draft.shape === 'drawn') return draft.drawn ?? hoursOfDay_m3h(context);
  return shapedDay(draft.shape, usual_m3h, greatest_m3h);
}

/** A week is where a pool's programs show; a metering pump's day tells most of it. */
export function startFor(context: FamilyContext): ScenarioDraft {
  return isContextOf('pool', context) ? { ...START, days: 7 } : START;
}

export function scenarioOf(draft: ScenarioDraft, context: FamilyContext): Scenario {
  const { days, seed } = draft;
  const events = draft.events.filter((event) => event.at_s < days * SECONDS_PER_DAY);
  if (isContextOf('pool', context)) {
    const still = { every_s: 3600, flows_m3h: [0] };
    const { startDay, weather } = draft;
    return { days, water: still, weather: weatherOf(weather), startDay, wobble: 0, seed, events };
  }
  const water =
    draft.shape === 'csv' && draft.csv
      ? { every_s: draft.csv.every_s, flows_m3h: [...draft.csv.flows_m3h] }
      : { every_s: 3600, flows_m3h: [...hoursOf(draft, context)] };
  return { days, water, wobble: draft.wobble_pct / 100, seed, events };
}

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
