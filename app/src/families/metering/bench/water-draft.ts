import { SECONDS_PER_DAY, shapedDay, type DayShape, type Scenario } from '@barythm/core/bench';
import { hoursOfDay_m3h, type MeteringContext } from '@barythm/core/families/metering';
import type { BenchDraft } from '../../../kit/bench';

/** A day (or week) of water as it is being put together; kept on the device. */
export interface WaterDraft extends BenchDraft {
  readonly shape: DayShape | 'own' | 'drawn' | 'csv';
  /** flows drawn by hand, hour by hour */
  readonly drawn: readonly number[] | null;
  readonly csv: { readonly every_s: number; readonly flows_m3h: readonly number[] } | null;
  readonly wobble_pct: number;
  readonly seed: number;
}

/** A metering pump's day tells most of it. */
export const START: WaterDraft = {
  days: 1,
  shape: 'own',
  drawn: null,
  csv: null,
  wobble_pct: 0,
  seed: 1,
  events: [],
};

/** The hours a draft stands on, for drawing and for the run. */
export function hoursOf(draft: WaterDraft, context: MeteringContext): readonly number[] {
  const { usual_m3h, greatest_m3h } = context.duty.water;
  if (draft.shape === 'own' || draft.shape === 'csv') return hoursOfDay_m3h(context);
  if (draft.shape === 'drawn') return draft.drawn ?? hoursOfDay_m3h(context);
  return shapedDay(draft.shape, usual_m3h, greatest_m3h);
}

export function scenarioOf(draft: WaterDraft, context: MeteringContext): Scenario {
  const { days, seed } = draft;
  const water =
    draft.shape === 'csv' && draft.csv
      ? { every_s: draft.csv.every_s, flows_m3h: [...draft.csv.flows_m3h] }
      : { every_s: 3600, flows_m3h: [...hoursOf(draft, context)] };
  const events = draft.events.filter((event) => event.at_s < days * SECONDS_PER_DAY);
  return { days, water, wobble: draft.wobble_pct / 100, seed, events };
}
