import { decisionOn, type Finding } from '@barythm/core/findings';
import { type Strip, familyOf } from '@barythm/core/families';
import { pumpNow, type PumpKnown } from '@barythm/core/job';

export interface PumpState {
  readonly findings: readonly Finding[];
  readonly strip: Strip | null;
}

/** What stands open on a pump, and its day: on the best that is known of each of its settings. */
export function stateOfPump(pump: PumpKnown): PumpState {
  const { context, findings } = pumpNow(pump);
  const decisions = [...(pump.before?.decisions ?? []), ...(pump.latest?.decisions ?? [])];
  return {
    findings: findings.filter((finding) => decisionOn(finding, decisions)?.decision !== 'accepted'),
    strip: context ? familyOf(pump.profile.family).strip(context) : null,
  };
}
