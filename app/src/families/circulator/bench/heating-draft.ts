import { SECONDS_PER_DAY, type Scenario } from '@barythm/core/bench';
import { heatingDay, type HeatingDay } from '@barythm/core/families/circulator';
import type { BenchDraft } from '../../../kit/bench';

/** A heating day or week as it is being put together; kept on the device. */
export interface HeatingDraft extends BenchDraft {
  readonly weather: HeatingDay;
}

export const START: HeatingDraft = { days: 1, weather: 'winter', events: [] };

export function scenarioOf({ days, weather, events }: HeatingDraft): Scenario {
  return {
    days,
    water: { every_s: 3600, flows_m3h: [0] },
    weather: heatingDay(weather),
    wobble: 0,
    seed: 1,
    events: events.filter((event) => event.at_s < days * SECONDS_PER_DAY),
  };
}
