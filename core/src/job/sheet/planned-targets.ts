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

/** A plan's targets as they go on the sheet, each with its reason in words from the family's book. */
export function plannedTargets(
  profile: Profile,
  plan: PlanTargets,
  reasons: Readonly<Record<string, string>>,
): PlannedTarget[] {
  return plan.targets.map(({ address, value, reason }) => ({
    address,
    value,
    unit: parameterAt(profile, address)?.unit ?? '',
    reason: fill(reasons[reason.text], reason.values, presentReader()),
  }));
}
