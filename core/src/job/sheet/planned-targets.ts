import { fill, type TextValues } from '../../findings';
import { parameterAt, type Profile, type SettingValue } from '../../profile';
import { presentReader } from '../../units';

export interface PlannedTarget {
  readonly address: string;
  readonly value: SettingValue;
  readonly unit: string;
  readonly reason: string;
}

/** A family's plan, as far as the sheet is concerned. */
export interface PlanTargets {
  readonly targets: readonly {
    readonly address: string;
    readonly value: SettingValue;
    readonly reason: { readonly text: string; readonly values: TextValues };
  }[];
}

/**
 * A plan's targets as they go on the sheet, each with its reason in words from the family's book. What was moved by hand in
 * the plan keeps its own value and says so.
 */
export function plannedTargets(
  profile: Profile,
  plan: PlanTargets,
  reasons: Readonly<Record<string, string>>,
  byHand: Readonly<Record<string, SettingValue>>,
): PlannedTarget[] {
  return plan.targets.map((target) => {
    const moved = byHand[target.address];
    const changed = moved !== undefined && moved !== target.value;
    return {
      address: target.address,
      value: changed ? moved : target.value,
      unit: parameterAt(profile, target.address)?.unit ?? '',
      reason: changed
        ? reasons.hand
        : fill(reasons[target.reason.text], target.reason.values, presentReader()),
    };
  });
}
