import type { MeteringContext } from './context';
import { planAnalog } from './plan-analog';
import { planBatch, planTimer } from './plan-amounts';
import { Draft, type MeteringPlan } from './plan-draft';
import { planGuards, planSuction } from './plan-guards';
import { planManual } from './plan-manual';
import { planPulses } from './plan-pulses';

export type { MeteringPlan, PlanProblem, Target } from './plan-draft';

/**
 * Target settings of a metering pump from its duty, each with its reason. The duty must have passed its schema.
 * What this controller has no parameter for, or this pump cannot give, comes back as a problem and not as a guess.
 */
export function planMetering(context: MeteringContext): MeteringPlan {
  const draft = new Draft(context);
  const { duty } = context;
  // what the pump can give depends on its suction, and what its display means on its calibration
  planSuction(draft);
  if (duty.mode === 'pulse' || duty.mode === 'contact') planPulses(draft);
  else {
    draft.choose('mode', `mode.${duty.mode}`, {
      text:
        duty.mode === 'analog' && duty.signal.source === 'controller'
          ? 'mode.analog.controller'
          : `mode.${duty.mode}`,
      values: {},
    });
    if (duty.mode === 'manual') planManual(draft);
    else if (duty.mode === 'analog') planAnalog(draft);
    else if (duty.mode === 'batch') planBatch(draft);
    else planTimer(draft);
  }
  planGuards(draft);
  return draft.finish();
}
