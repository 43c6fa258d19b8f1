import { runBench, Timeline, type BenchModel, type Scenario } from '@barythm/core/bench';
import * as circulator from '@barythm/core/families/circulator';
import * as drive from '@barythm/core/families/drive';
import * as metering from '@barythm/core/families/metering';
import * as pool from '@barythm/core/families/pool';
import * as spa from '@barythm/core/families/spa';
import * as transfer from '@barythm/core/families/transfer';
import { familyOf, isContextOf, type FamilyContext } from '@barythm/core/families';
import { fastest } from './fastest';

const SECONDS = 7 * 86_400;

/** The simulated pump of a family with what it holds now. */
function modelOf(context: FamilyContext): BenchModel<Record<string, number>> {
  const { inForce } = context;
  if (isContextOf('metering', context))
    return any(
      metering.meteringModel(
        metering.benchPlant(context, metering.understand(context.profile, context.plate, inForce)),
      ),
    );
  if (isContextOf('pool', context))
    return any(
      pool.poolModel(pool.poolPlant(context, pool.understand(context.profile, context.plate, inForce)), 1),
    );
  if (isContextOf('drive', context))
    return any(
      drive.driveModel(drive.drivePlant(context, drive.understand(context.profile, context.plate, inForce))),
    );
  if (isContextOf('circulator', context))
    return any(
      circulator.circulatorModel(
        circulator.circulatorPlant(context, circulator.understand(context.profile, context.plate, inForce)),
      ),
    );
  if (isContextOf('spa', context))
    return any(spa.spaModel(spa.spaPlant(context, spa.understand(context.profile, context.plate, inForce))));
  if (isContextOf('transfer', context))
    return any(
      transfer.transferModel(
        transfer.transferPlant(context, transfer.understand(context.profile, context.plate, inForce)),
      ),
    );
  throw new Error('A family without a bench.');
}

/** States of families are records of numbers by other names. */
function any<State extends Record<string, number>, Kind extends string>(model: BenchModel<State, Kind>) {
  return model as unknown as BenchModel<Record<string, number>>;
}

/** A simulated week of a pump against its own steps alone: no traces, flags, happenings or snapshots. */
export function weekAgainstSteps(context: FamilyContext): { bench_ms: number; steps_ms: number } {
  const plain = familyOf(context.profile.family).bench.plain(context);
  const scenario: Scenario = { ...plain, days: 7 };
  const steps = () => {
    const model = modelOf(context);
    const state = model.init();
    const timeline = new Timeline(scenario, 0, Object.keys(model.events));
    for (let second = 0; second < SECONDS; second++) model.step(state, timeline.at(second));
    return model.sums(state);
  };
  const bench = () => runBench(modelOf(context), scenario);
  if (JSON.stringify(bench().sums) !== JSON.stringify(steps()))
    throw new Error('The steps alone come to other sums than the bench.');
  return { bench_ms: fastest(bench, 3), steps_ms: fastest(steps, 3) };
}
