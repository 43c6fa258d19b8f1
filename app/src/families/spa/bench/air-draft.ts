import { SECONDS_PER_DAY, type Scenario } from '@barythm/core/bench';
import { weatherOf, type Air, type SpaContext } from '@barythm/core/families/spa';
import type { BenchDraft } from '../../../kit/bench';

/** A tub's day or week as it is being put together; kept on the device. */
export interface AirDraft extends BenchDraft {
  readonly air: Air;
}

export const START: AirDraft = { days: 1, air: 'usual', events: [] };

export function scenarioOf({ days, air, events }: AirDraft, context: SpaContext): Scenario {
  return {
    days,
    water: { every_s: 3600, flows_m3h: [0] },
    weather: weatherOf(context, air),
    wobble: 0,
    seed: 1,
    events: events.filter((event) => event.at_s < days * SECONDS_PER_DAY),
  };
}
