import { Timeline } from '@barythm/core/bench';
import {
  benchSheet,
  plainWeek,
  poolModel,
  poolPlant,
  understand,
  type PoolContext,
} from '@barythm/core/families/pool';
import type { SettingValues } from '@barythm/core/profile';
import { fastest } from './fastest';

const SECONDS = 7 * 86_400;

/** A simulated week of a pool against its own steps alone: no traces, flags, happenings or snapshots. */
export function poolWeekAgainstSteps(context: PoolContext, values: SettingValues) {
  const scenario = plainWeek();
  const plant = poolPlant(context, understand(context.profile, context.plate, values));
  const steps = () => {
    const model = poolModel(plant, 1);
    const state = model.init();
    const timeline = new Timeline(scenario, 0, Object.keys(model.events));
    for (let second = 0; second < SECONDS; second++) model.step(state, timeline.at(second));
    return state;
  };
  const bench = benchSheet(context, values, scenario);
  if (bench.sums.cost !== steps().cost) throw new Error('The steps alone cost another sum than the bench.');
  return { bench_ms: fastest(() => benchSheet(context, values, scenario)), steps_ms: fastest(steps) };
}
