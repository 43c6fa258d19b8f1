import { DAY_MIN, WEEK_MIN } from '../../../time';
import type { PoolContext } from '../settings/context';
import { pumpOf } from './hydraulics';
import { served_min } from './served';
import { weekKnown, type PoolSettings } from '../settings/understand';
import { trueWeek } from './week';

/**
 * Hours of a mean day in which the chlorinator's own circuit has its least flow, as the programs make them; null while they
 * are not known whole. Without a circuit of its own it works whenever the pump runs.
 */
export function chlorinatorHours(context: PoolContext, settings: PoolSettings): number | null {
  if (!weekKnown(settings)) return null;
  const running = { ...settings, mode: 'automatic', command: 'own' } as const;
  const week = trueWeek({ ...context, clockAhead_min: 0 }, running);
  const circuit = context.duty.circuits.find(({ kind }) => kind === 'chlorinator') ?? {
    name: '',
    kind: 'chlorinator' as const,
    leastFlow_m3h: 0,
    static_m: 0,
    exposed: false,
    place: null,
  };
  const pump = pumpOf(context.duty);
  const total = served_min(context, pump, week, circuit, 0, WEEK_MIN);
  return (total / WEEK_MIN) * (DAY_MIN / 60);
}

/** Grams that the chlorinator makes in a mean day: rated output × share × the hours that count. Null where one of them is not known. */
export function chlorineOfDay_g(context: PoolContext, settings: PoolSettings): number | null {
  const { chlorinator, water_C } = context.duty;
  const { output_pct, cold_C } = settings.chlorinator;
  const hours = chlorinatorHours(context, settings);
  if (!chlorinator || output_pct === null || hours === null) return null;
  const idle = water_C !== null && (water_C < chlorinator.cold_C || (cold_C !== null && water_C < cold_C));
  return idle ? 0 : chlorinator.rated_gph * (output_pct / 100) * hours;
}
