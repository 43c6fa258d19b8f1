import { runBench, type BenchRun, type RunOptions, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import type { PoolContext } from '../settings/context';
import { poolModel } from './model';
import { poolPlant, unknownToBench } from './plant';
import { settingsOf } from '../settings/pumping';

/** Runs one set of settings through a scenario. */
export function benchSheet(
  context: PoolContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  const settings = settingsOf(context, values);
  const run = runBench(poolModel(poolPlant(context, settings), scenario.startDay ?? 1), scenario, options);
  return { ...run, unknown: unknownToBench(context, settings) };
}

/** Days of weather to choose from: the air by the hour, and the sun as a share of full. */
export const WEATHERS = {
  mild: {
    name: 'Mild and clear',
    air_C: [11, 10, 10, 9, 9, 9, 10, 11, 13, 14, 16, 17, 18, 18, 18, 17, 16, 15, 14, 13, 13, 12, 12, 11],
    sun: [0, 0, 0, 0, 0, 0, 0.1, 0.3, 0.5, 0.7, 0.85, 0.95, 1, 0.95, 0.85, 0.7, 0.5, 0.3, 0.1, 0, 0, 0, 0, 0],
  },
  frosty: {
    name: 'Frosty night',
    air_C: [-4, -5, -6, -6, -7, -7, -6, -4, -2, 0, 1, 2, 3, 3, 3, 2, 1, 0, -1, -2, -2, -3, -3, -4],
    sun: [0, 0, 0, 0, 0, 0, 0, 0, 0.1, 0.2, 0.35, 0.4, 0.4, 0.35, 0.2, 0.1, 0, 0, 0, 0, 0, 0, 0, 0],
  },
  overcast: {
    name: 'Cool and overcast',
    air_C: [8, 8, 7, 7, 7, 7, 8, 8, 9, 10, 10, 11, 11, 11, 11, 11, 10, 10, 9, 9, 9, 8, 8, 8],
    sun: [0, 0, 0, 0, 0, 0, 0, 0.05, 0.1, 0.15, 0.2, 0.2, 0.2, 0.2, 0.15, 0.1, 0.05, 0, 0, 0, 0, 0, 0, 0],
  },
} as const;
export type WeatherName = keyof typeof WEATHERS;

/** A weather as the bench takes it. */
export function weatherOf(name: WeatherName): { air_C: number[]; sun: number[] } {
  const { air_C, sun } = WEATHERS[name];
  return { air_C: [...air_C], sun: [...sun] };
}

/** A plain week in which nothing goes wrong: what before and after are compared on. */
export function plainWeek(): Scenario {
  return {
    days: 7,
    water: { every_s: 3600, flows_m3h: [0] },
    weather: weatherOf('mild'),
    startDay: 1,
    wobble: 0,
    seed: 1,
    events: [],
  };
}
