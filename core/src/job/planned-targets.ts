import { fill } from '../findings';
import { REASONS, type MeteringPlan } from '../families/metering';
import { parameterAt, type Profile, type SettingValue } from '../profile';
import { METRIC } from '../units';

export interface PlannedTarget {
  readonly address: string;
  readonly value: SettingValue;
  readonly unit: string;
  readonly reason: string;
}

/**
 * A plan's targets as they go on the sheet, each with its reason in words. What was moved by hand in the plan keeps
 * its own value and says so.
 */
export function plannedTargets(
  profile: Profile,
  plan: MeteringPlan,
  byHand: Readonly<Record<string, SettingValue>>,
): PlannedTarget[] {
  return plan.targets.map((target) => {
    const moved = byHand[target.address];
    const changed = moved !== undefined && moved !== target.value;
    return {
      address: target.address,
      value: changed ? moved : target.value,
      unit: parameterAt(profile, target.address)?.unit ?? '',
      reason: changed ? REASONS.hand : fill(REASONS[target.reason.text], target.reason.values, METRIC),
    };
  });
}
