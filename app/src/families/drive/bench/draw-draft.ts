import { DAY_SHAPES, SECONDS_PER_DAY, type DayShape, type Scenario } from '@barythm/core/bench';
import { drawMinutes_m3h, type DriveContext } from '@barythm/core/families/drive';
import type { BenchDraft } from '../../../kit/bench';

/** A day or week of draws as it is being put together; kept on the device. */
export interface DrawDraft extends BenchDraft {
  /** a day to choose from; null for that of the duty */
  readonly shape: DayShape | null;
}

export const START: DrawDraft = { days: 1, shape: null, events: [] };

export const SHAPES = Object.keys(DAY_SHAPES) as DayShape[];

export function scenarioOf({ days, shape, events }: DrawDraft, { duty }: DriveContext): Scenario {
  const draw = shape === null ? duty.draw : { ...duty.draw, day: shape };
  return {
    days,
    water: { every_s: 60, flows_m3h: drawMinutes_m3h({ draw }) },
    wobble: 0,
    seed: 1,
    events: events.filter((event) => event.at_s < days * SECONDS_PER_DAY),
  };
}
