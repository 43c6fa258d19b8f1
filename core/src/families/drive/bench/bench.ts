import { runBench, type BenchRun, type RunOptions, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import { drawDay_m3h } from '../effect/sharing';
import type { DriveContext } from '../settings/context';
import { understand } from '../settings/understand';
import type { DriveDuty } from '../wire/duty';
import { driveModel } from './model';
import { drivePlant, unknownToBench } from './plant';

/** Runs one set of settings through a scenario. */
export function benchSheet(
  context: DriveContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  const settings = understand(context.profile, context.plate, values);
  const run = runBench(driveModel(drivePlant(context, settings)), scenario, options);
  return { ...run, unknown: unknownToBench(context, settings) };
}

const MINUTES = 60;
/** A draw below the least real one is a tap that is open for a part of each stretch, min. */
const STRETCH_min = 10;

/**
 * The draw of its day, minute by minute, m³/h: an hour that draws less on average than any tap does is a tap of the least draw that is
 * open for a part of the time.
 */
export function drawMinutes_m3h(duty: Pick<DriveDuty, 'draw'>): number[] {
  const { least_m3h } = duty.draw;
  return drawDay_m3h(duty).flatMap((mean) =>
    Array.from({ length: MINUTES }, (_, minute) => {
      if (mean >= least_m3h) return mean;
      return (minute % STRETCH_min) / STRETCH_min < mean / least_m3h ? least_m3h : 0;
    }),
  );
}

/** A day of its draw in which nothing goes wrong. */
export function plainDay({ duty }: Pick<DriveContext, 'duty'>): Scenario {
  return {
    days: 1,
    water: { every_s: 60, flows_m3h: drawMinutes_m3h(duty) },
    wobble: 0,
    seed: 1,
    events: [],
  };
}
