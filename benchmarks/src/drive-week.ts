import { Timeline } from '@barythm/core/bench';
import {
  benchSheet,
  driveModel,
  drivePlant,
  plainDay,
  understand,
  type DriveContext,
} from '@barythm/core/families/drive';
import type { SettingValues } from '@barythm/core/profile';
import { fastest } from './fastest';

const SECONDS = 7 * 86_400;

/** A simulated week of a booster set, ten parts a second, against its own steps alone: no traces, flags, happenings or snapshots. */
export function driveWeekAgainstSteps(context: DriveContext, values: SettingValues) {
  const scenario = { ...plainDay(context), days: 7 as const };
  const plant = drivePlant(context, understand(context.profile, context.plate, values));
  const steps = () => {
    const model = driveModel(plant);
    const state = model.init();
    const timeline = new Timeline(scenario, 0, Object.keys(model.events));
    for (let second = 0; second < SECONDS; second++) model.step(state, timeline.at(second));
    return model.sums(state);
  };
  const bench = benchSheet(context, values, scenario);
  if (bench.sums.kWh !== steps().kWh) throw new Error('The steps alone take another energy than the bench.');
  return { bench_ms: fastest(() => benchSheet(context, values, scenario), 3), steps_ms: fastest(steps, 3) };
}
