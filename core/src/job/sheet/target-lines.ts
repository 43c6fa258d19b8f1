import { parameterAt, type Profile, type SettingValue } from '../../profile';
import { sameValue, type SheetRow, type TargetBy } from '../../sheet';
import { chosenWords } from './chosen-words';
import type { PlannedTarget } from './planned-targets';

/** What a technician chose in place of the plan's targets, by address. */
export type Choices = Readonly<Record<string, Choice>>;
interface Choice {
  readonly by: Exclude<TargetBy, 'plan'>;
  /** null where it stays as found */
  readonly value: SettingValue | null;
  readonly reason: string;
}

/** A target as a person sees it: the plan's, or a technician's own with the plan's beside it. */
export interface TargetLine extends Omit<PlannedTarget, 'value'> {
  readonly by: TargetBy;
  /** null where it stays as found */
  readonly value: SettingValue | null;
  /** what the plan says in its place; null where it says nothing */
  readonly planned: SettingValue | null;
}

/** The choices that stand on a sheet. */
export function choicesOf(rows: readonly SheetRow[]): Choices {
  return Object.fromEntries(
    rows.flatMap(({ address, chosen }): [string, Choice][] => {
      if (!chosen || chosen.by === undefined || chosen.by === 'plan') return [];
      return [[address, { by: chosen.by, value: chosen.value, reason: chosen.reason ?? '' }]];
    }),
  );
}

/** Why a target that was changed in the plan itself is another than the plan's. */
const MOVED = 'changed in the plan.';

/** Values that were moved on a picture of a plan, as choices; one that stands where the plan has it is none. */
export function movedByHand(
  moved: Readonly<Record<string, SettingValue>>,
  planned: readonly PlannedTarget[],
): Choices {
  const own = new Map(planned.map(({ address, value }) => [address, value]));
  return Object.fromEntries(
    Object.entries(moved)
      .filter(([address, value]) => !sameValue(own.get(address), value))
      .map(([address, value]): [string, Choice] => [address, { by: 'hand', value, reason: MOVED }]),
  );
}

/** A plan's targets with what was chosen in their place; what no plan names comes after them, in the order it was chosen. */
export function targetLines(
  profile: Profile,
  planned: readonly PlannedTarget[],
  choices: Choices,
): TargetLine[] {
  const own = new Map(planned.map((target) => [target.address, target]));
  const line = (address: string): TargetLine => {
    const plan = own.get(address);
    const choice = choices[address];
    const parameter = parameterAt(profile, address);
    const unit = plan?.unit ?? parameter?.unit ?? '';
    if (!choice)
      return { address, unit, by: 'plan', value: plan!.value, planned: plan!.value, reason: plan!.reason };
    const words = parameter ? chosenWords(parameter, { chosen: choice, planned: plan }) : '';
    return {
      address,
      unit,
      by: choice.by,
      value: choice.value,
      planned: plan?.value ?? null,
      reason: words,
    };
  };
  const others = Object.keys(choices).filter((address) => !own.has(address));
  return [...planned.map(({ address }) => line(address)), ...others.map(line)];
}
