import { runBench, type BenchRun, type RunOptions, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import type { CirculatorContext } from '../settings/context';
import { understand } from '../settings/understand';
import { circulatorModel } from './model';
import { circulatorPlant, unknownToBench } from './plant';

/** Runs one set of settings through a scenario. */
export function benchSheet(
  context: CirculatorContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  const settings = understand(context.profile, context.plate, values);
  const run = runBench(circulatorModel(circulatorPlant(context, settings)), scenario, options);
  return {
    ...run,
    unknown: unknownToBench(settings, context.duty.hotWater !== undefined && context.duty.hotWater !== null),
  };
}

/** Heating days to choose from: the air by the hour, °C. */
export const HEATING_DAYS = {
  cold: {
    name: 'Coldest day',
    air_C: [-5, -5, -5, -6, -6, -6, -6, -5, -4, -4, -3, -3, -2, -2, -2, -3, -3, -4, -4, -4, -5, -5, -5, -5],
  },
  winter: {
    name: 'Winter day',
    air_C: [1, 1, 0, 0, 0, 0, 1, 1, 2, 3, 4, 4, 5, 5, 5, 4, 4, 3, 3, 2, 2, 2, 1, 1],
  },
  mild: {
    name: 'Mild day',
    air_C: [8, 8, 7, 7, 7, 8, 9, 10, 11, 12, 13, 14, 14, 15, 15, 14, 13, 12, 11, 10, 10, 9, 9, 8],
  },
} as const;
export type HeatingDay = keyof typeof HEATING_DAYS;

export function heatingDay(name: HeatingDay): { air_C: number[]; sun: number[] } {
  return { air_C: [...HEATING_DAYS[name].air_C], sun: [0] };
}

/** A plain winter day in which nothing goes wrong. */
export function plainDay(): Scenario {
  return {
    days: 1,
    water: { every_s: 3600, flows_m3h: [0] },
    weather: heatingDay('winter'),
    wobble: 0,
    seed: 1,
    events: [],
  };
}
