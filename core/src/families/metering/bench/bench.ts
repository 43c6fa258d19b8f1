import { runBench, stateAt, type BenchRun, type RunOptions, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import type { MeteringContext } from '../settings/context';
import { hoursOfDay_m3h } from '../effect/day';
import { strokeTrace } from './head';
import { meteringModel } from './model';
import { benchPlant, unknownToBench } from './plant';
import { understand } from '../settings/understand';
import type { StrokeSeen } from '../../family';

/** Runs one set of settings through a scenario. */
export function benchSheet(
  context: MeteringContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  const settings = understand(context.profile, context.plate, values);
  const run = runBench(meteringModel(benchPlant(context, settings)), scenario, options);
  return { ...run, unknown: unknownToBench(context, settings) };
}

/** The duty's own day of water, with nothing going wrong: the day that before and after are compared on. */
export function plainDay(context: MeteringContext): Scenario {
  return {
    days: 1,
    water: { every_s: 3600, flows_m3h: [...hoursOfDay_m3h(context)] },
    wobble: 0,
    seed: 1,
    events: [],
  };
}

/** The pressure over one stroke at a moment of a run. */
export function strokeSeen(
  context: MeteringContext,
  values: SettingValues,
  scenario: Scenario,
  run: BenchRun,
  at_s: number,
): StrokeSeen {
  const plant = benchPlant(context, understand(context.profile, context.plate, values));
  const { state } = stateAt(meteringModel(plant), scenario, run, at_s);
  return { trace: strokeTrace(plant, state), gas_mL: state.gas_mL };
}
