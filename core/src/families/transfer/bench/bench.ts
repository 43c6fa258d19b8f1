import { runBench, type BenchRun, type RunOptions, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import type { TransferContext } from '../settings/context';
import { understand } from '../settings/understand';
import { transferModel } from './model';
import { transferPlant, unknownToBench } from './plant';
import { sessionDay } from './session';

/** Runs one set of settings through a scenario. */
export function benchSheet(
  context: TransferContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  const settings = understand(context.profile, context.plate, values);
  const run = runBench(transferModel(transferPlant(context, settings)), scenario, options);
  return { ...run, unknown: unknownToBench(context, settings) };
}

/** A day with a regular session in which nothing goes wrong. */
export function plainDay(context: TransferContext): Scenario {
  return sessionDay(context, 'regular');
}
