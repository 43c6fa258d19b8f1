import { SECONDS_PER_DAY, type Scenario } from '@barythm/core/bench';
import { weatherOf, type WeatherName } from '@barythm/core/families/pool';
import type { BenchDraft } from '../../../kit/bench';

/** A day or week of weather as it is being put together; kept on the device. */
export interface WeatherDraft extends BenchDraft {
  readonly weather: WeatherName;
  /** the day it begins on, 1 for Monday */
  readonly startDay: number;
}

/** A week is where a pool's programs show. */
export const START: WeatherDraft = { days: 7, weather: 'mild', startDay: 1, events: [] };

export function scenarioOf({ days, weather, startDay, events }: WeatherDraft): Scenario {
  return {
    days,
    water: { every_s: 3600, flows_m3h: [0] },
    weather: weatherOf(weather),
    startDay,
    wobble: 0,
    seed: 1,
    events: events.filter((event) => event.at_s < days * SECONDS_PER_DAY),
  };
}
