import type { MeteringContext } from '../settings/context';
import { planAnalog } from './analog';
import { planBatch, planTimer } from './amounts';
import { Draft, type MeteringPlan } from './draft';
import { planFactor, planGuards } from './guards';
import { planManual } from './manual';
import { planPulses } from './pulses';
import { planSuction, suctionDoes, suctionShares } from './suction';
import { attempt, Unanswered } from '../../../describe';
import { settled } from '../../parts/repair';
import type { Finding } from '../../../findings';
import { checkPlan, checkSettings } from '../checks/checks';
import { heldRoles } from './held';
import { understand } from '../settings/understand';
import { METERING_TEXTS } from '../texts/texts';

export type { MeteringPlan, PlanProblem, Target } from './draft';

/**
 * Target settings of a metering pump from its duty, each with its reason. The duty must have passed its schema.
 * What this controller has no parameter for, or this pump cannot give, comes back as a problem and not as a guess.
 */
export const planMetering = settled({
  propose,
  check: checkSettings,
  understand,
  texts: METERING_TEXTS,
  held: heldRoles,
});

function propose(context: MeteringContext): MeteringPlan {
  const shares = attempt(() => suctionShares(context));
  if (shares instanceof Unanswered) return planAt(context, () => needed(shares)).finish();
  for (const share of shares.slice(0, -1)) {
    const draft = planAt(context, () => share);
    const does = attempt(() => suctionDoes(draft));
    // whether as slow a suction will do is not known yet
    if (does instanceof Unanswered) return planAt(context, () => needed(does)).finish();
    if (does) return draft.finish();
  }
  return planAt(context, () => shares[shares.length - 1]).finish();
}

function needed(answer: Unanswered): never {
  throw answer;
}

/** What hangs on the mode, and on what the process needs. */
const BY_DUTY = [
  'mode',
  'gear',
  'stroke.length',
  'rate.manual',
  'rate.least',
  'rate.greatest',
  'signal.range',
  'signal.below',
  'signal.broken-wire',
  'signal.x1',
  'signal.y1',
  'signal.x2',
  'signal.y2',
  'pulse.factor',
  'pulse.multiplier',
  'pulse.divisor',
  'pulse.memory',
  'pulse.recognition',
  'batch.strokes',
  'batch.volume',
  'timer.every',
  'timer.run',
] as const;

/** A plan with a share of slow suction: what the pump can give depends on it, and what its display means on its calibration. */
function planAt(context: MeteringContext, share: () => number): Draft {
  const draft = new Draft(context);
  draft.step(['calibration.factor'], () => planFactor(draft));
  draft.step(['suction.share'], () => planSuction(draft, share()));
  draft.step(BY_DUTY, () => planMode(draft));
  planGuards(draft);
  return draft;
}

function planMode(draft: Draft): void {
  const { duty } = draft.context;
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
}

/** Plan and check in one go. */
export function planAndCheck(context: MeteringContext): { plan: MeteringPlan; findings: Finding[] } {
  const plan = planMetering(context);
  return { plan, findings: checkPlan(context, plan) };
}
