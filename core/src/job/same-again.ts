import { familyOf, type AnyProfile, type Duty, type JobDocument } from '../families';
import {
  addressOf,
  faultOf,
  isSettable,
  parameterAt,
  rolesIn,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../profile';
import { sameSetting, sameValueOn } from './same-setting';
import { rowsOf } from './sheet/rows';

/** What of a job is done the same again at a like pump; all else is planned and judged anew there. */
export interface SameAgain {
  /** null where the job had none, or was of a few settings */
  readonly duty: Duty | null;
  /** paths of the duty's form that are of each unit: they are asked again */
  readonly asked: readonly string[];
  readonly targets: readonly CopiedTarget[];
  /** targets by hand that are not copied, and why in words */
  readonly left: readonly { readonly label: string; readonly why: string }[];
}

interface CopiedTarget {
  readonly address: string;
  readonly value: SettingValue;
  readonly unit: string;
  readonly reason: string;
}

/** Roles of what each unit has for itself: an address, a direction, what stands on its plate and its labels, what was measured or taught. */
const OF_EACH =
  /^(address|number|switch|gear|units|plant|pump\.kind|(link|motor|sensor|calibration|access|taught)\..*)$/;

/**
 * The duty and the targets by hand of a job, for another pump: by the same setting where its controller is of the same profile, else by
 * meaning. Never copied: what is of each unit, decisions, what was read. Null for a controller of another kind of pump.
 *
 * @param named what the unit that it comes from is called where it goes: its tag, for another pump
 */
export function sameAgain(from: JobDocument, to: AnyProfile, named = from.pump.tag): SameAgain | null {
  if (from.profile.family !== to.family) return null;
  const family = familyOf(to.family);
  const duty =
    from.job.small && from.plans.length === 0 ? null : (from.plans.at(-1)?.duty ?? from.dutyBefore);
  const targets: CopiedTarget[] = [];
  const left: { label: string; why: string }[] = [];
  const beside: Record<string, SettingValue> = {};
  for (const { address, chosen } of rowsOf(from)) {
    const parameter = parameterAt(from.profile, address);
    if (!parameter || chosen?.by !== 'hand' || chosen.value === null) continue;
    const copied = copyOf({ from: from.profile, to, parameter, value: chosen.value, beside });
    if (typeof copied === 'string') {
      left.push({ label: parameter.label, why: copied });
      continue;
    }
    beside[copied.parameter.key] = copied.value;
    targets.push({
      address: addressOf(copied.parameter),
      value: copied.value,
      unit: copied.parameter.unit ?? '',
      reason: asOn(chosen.reason ?? '', named),
    });
  }
  return { duty, asked: family.ofUnit, targets, left };
}

/** As many signs as a why holds. */
const LONGEST_WHY = 2000;

/** The why with where it was so first; of a long one the end gives way, so that it is taken there too. */
function asOn(why: string, tag: string): string {
  const first = ` (as on ${tag})`;
  return / \(as on .*\)$/.test(why) ? why : `${why.slice(0, LONGEST_WHY - first.length)}${first}`;
}

interface Copying {
  readonly from: AnyProfile;
  readonly to: AnyProfile;
  readonly parameter: Parameter;
  readonly value: SettingValue;
  readonly beside: SettingValues;
}

/** A target as the other controller takes it; in words why it takes none. */
function copyOf(copying: Copying): { parameter: Parameter; value: SettingValue } | string {
  const { from, to, parameter, beside } = copying;
  if (rolesIn(parameter).some((role) => OF_EACH.test(role))) return 'it is of each unit';
  const same = sameSetting(from, to, parameter);
  if (!same || !isSettable(same)) return 'its controller has no such setting';
  const value = sameValueOn(to, parameter, same, copying.value);
  if (value === null) return 'its controller takes it otherwise';
  const fault = faultOf(same, value, { ...beside, [same.key]: value });
  return fault ? 'its controller does not take that value' : { parameter: same, value };
}
