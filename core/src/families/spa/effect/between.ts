import { DAY_MIN } from '../../../time';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import { heatingCost, held_C, ready_h, settledDay, tubDay } from './tub';

/** A lower temperature between bathing against holding it all day, in the usual air. */
export interface Between {
  /** minutes from midnight at which each bath's heating must start at the latest, in the coldest air */
  readonly starts: readonly number[];
  readonly held: { readonly kWh: number; readonly cost: number };
  readonly lowered: { readonly kWh: number; readonly cost: number };
}

/** A week evens out when exactly it heats. */
const COUNTED_days = 7;

/** What a lower temperature between bathing saves: energy always, money by the hours' prices. Null where nothing can be said. */
export function savedBetween(context: SpaContext, settings: SpaSettings, between_C: number): Between | null {
  const { duty } = context;
  const [day, held] = [tubDay(context, settings), held_C(context, settings)];
  if (!day || held === null || between_C >= held || duty.baths.length === 0) return null;
  const back_h = ready_h(duty, between_C, held);
  if (back_h === null) return null;
  const back_min = Math.ceil(back_h * 60);
  const warm = new Uint8Array(DAY_MIN);
  for (const { from, to } of duty.baths) {
    const long = to > from ? to - from : to + DAY_MIN - from;
    for (let i = -Math.min(back_min, DAY_MIN); i < long; i++)
      warm[(((from + i) % DAY_MIN) + DAY_MIN) % DAY_MIN] = 1;
  }
  const air = duty.tub.air_C;
  return {
    starts: duty.baths.map(({ from }) => (((from - back_min) % DAY_MIN) + DAY_MIN) % DAY_MIN),
    held: heatingCost(
      duty,
      settledDay(day, air, () => held),
    ),
    lowered: heatingCost(
      duty,
      settledDay(day, air, (minute) => (warm[minute] === 1 ? held : between_C), COUNTED_days),
    ),
  };
}
