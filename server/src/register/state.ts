import { decisionOn, type Finding } from '@barythm/core/findings';
import { type Strip, familyOf } from '@barythm/core/families';
import { pumpNow } from '@barythm/core/job';
import type { PumpResource } from '@barythm/contract/resources';

export interface PumpState {
  readonly findings: readonly Finding[];
  readonly strip: Strip | null;
}

/** What stands open on a pump, and its day: on the best that is known of each of its settings. */
export function stateOfPump(pump: PumpResource): PumpState {
  const { context, findings } = pumpNow(pump);
  const decisions = [...(pump.before?.decisions ?? []), ...(pump.latest?.decisions ?? [])];
  return {
    findings: findings.filter((finding) => decisionOn(finding, decisions)?.decision !== 'accepted'),
    strip: context ? familyOf(pump.profile.family).strip(context) : null,
  };
}
