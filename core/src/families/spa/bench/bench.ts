import { runBench, type BenchRun, type RunOptions, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import type { SpaContext } from '../settings/context';
import { understand } from '../settings/understand';
import { spaModel } from './model';
import { spaPlant, unknownToBench } from './plant';

/** Runs one set of settings through a scenario. */
export function benchSheet(
  context: SpaContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  const settings = understand(context.profile, context.plate, values);
  const run = runBench(spaModel(spaPlant(context, settings)), scenario, options);
  return { ...run, unknown: unknownToBench(context, settings) };
}

/** Air to choose from: as it usually is, or at its coldest. */
export const AIRS = ['usual', 'coldest'] as const;
export type Air = (typeof AIRS)[number];

/** The weather of a day in one air. */
export function weatherOf({ duty }: Pick<SpaContext, 'duty'>, air: Air): { air_C: number[]; sun: number[] } {
  return { air_C: [air === 'usual' ? duty.tub.air_C : duty.tub.coldest_C], sun: [0] };
}

/** A day in the usual air in which nothing goes wrong. */
export function plainDay(context: SpaContext): Scenario {
  return {
    days: 1,
    water: { every_s: 3600, flows_m3h: [0] },
    weather: weatherOf(context, 'usual'),
    wobble: 0,
    seed: 1,
    events: [],
  };
}
