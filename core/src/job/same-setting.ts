import { familyOf, type AnyProfile } from '../families';
import {
  addressOf,
  faultOf,
  inOrderOfWork,
  optionWithRole,
  parameterAt,
  quantityOf,
  readIn,
  roleOfOption,
  shownIn,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../profile';
import { roundToStep } from '../units';
import type { LastLeft } from '../visit';

/**
 * The setting of one profile in another: the one at the same address in another version of it, else the only one that means the same.
 * Undefined where there is none, or several.
 */
export function sameSetting(from: AnyProfile, to: AnyProfile, parameter: Parameter): Parameter | undefined {
  const { role, type } = parameter;
  const there = from.id === to.id ? parameterAt(to, addressOf(parameter)) : undefined;
  if (there) return there;
  const alike = inOrderOfWork(to).filter(
    (one) => role !== undefined && one.role === role && one.type === type,
  );
  return alike.length === 1 ? alike[0] : undefined;
}

/** A value of one setting as the same one of another profile takes it, in its unit and on its step; null where it has none. */
export function sameValueOn(
  to: AnyProfile,
  parameter: Parameter,
  same: Parameter,
  value: SettingValue,
): SettingValue | null {
  if (parameter.type !== same.type) return null;
  if (typeof value === 'string') {
    if (parameter.type !== 'choice') return value;
    const role = roleOfOption(parameter, value);
    if (role !== undefined) return optionWithRole(same, role) ?? null;
    // what has no meaning is the same where it is called the same
    const label = (of: Parameter) => of.options?.find((option) => option.value === value)?.label;
    return label(parameter) === label(same) ? value : null;
  }
  if ((parameter.unit ?? '') === (same.unit ?? '')) return value;
  const q = quantityOf(parameter, familyOf(to.family).quantities);
  const read = q ? readIn(parameter, q, value) : null;
  const shown = read === null || !q ? null : shownIn(same, q, read);
  if (shown === null) return null;
  const origin = typeof same.least === 'number' ? same.least : 0;
  return same.step ? roundToStep(shown, same.step, origin) : shown;
}

/** What another description of a controller makes of its settings. */
export interface ProfileMapping {
  /** how many settings are the same in both */
  readonly same: number;
  /** settings that are called, measured or limited otherwise there: “Delay → Start delay” */
  readonly changed: readonly string[];
  /** only in the other one: nothing is known of them */
  readonly added: readonly string[];
  /** not in the other one any more */
  readonly gone: readonly string[];
}

/** What becomes of each setting when a pump is described by another profile, or by a newer version of its own. */
export function mapProfile(from: AnyProfile, to: AnyProfile): ProfileMapping {
  const changed: string[] = [];
  const gone: string[] = [];
  const reached = new Set<string>();
  let same = 0;
  for (const parameter of inOrderOfWork(from)) {
    const there = sameSetting(from, to, parameter);
    if (!there || reached.has(there.key)) {
      gone.push(parameter.label);
      continue;
    }
    reached.add(there.key);
    const differs = differenceOf(parameter, there);
    if (differs === null) same += 1;
    else changed.push(differs);
  }
  const added = inOrderOfWork(to).flatMap(({ key, label }) => (reached.has(key) ? [] : [label]));
  return { same, changed, added, gone };
}

function differenceOf(a: Parameter, b: Parameter): string | null {
  if (a.label !== b.label) return `${a.label} → ${b.label}`;
  if ((a.unit ?? '') !== (b.unit ?? '')) return `${a.label}: ${a.unit || 'no unit'} → ${b.unit || 'no unit'}`;
  const limits = ({ least, greatest, step, options }: Parameter) =>
    JSON.stringify([least, greatest, step, options?.map(({ value, label }) => [value, label])]);
  return limits(a) === limits(b) ? null : `${a.label}: other limits or options`;
}

/**
 * What was believed of a controller, in the terms of another description of it. What that one has not, or does not take, is not known
 * there; what is then known of nothing is null.
 */
export function mapBelieved(believed: LastLeft | null, from: AnyProfile, to: AnyProfile): LastLeft | null {
  if (!believed) return null;
  const values: Record<string, SettingValue> = {};
  const origins: Record<string, NonNullable<LastLeft['origins']>[string]> = {};
  const against: Record<string, NonNullable<LastLeft['against']>[string]> = {};
  for (const parameter of inOrderOfWork(from)) {
    const { key } = parameter;
    const there = sameSetting(from, to, parameter);
    const value = believed.values[key];
    if (!there || value === undefined || there.key in values) continue;
    const taken = takenThere(to, parameter, there, value, values);
    if (taken === null) continue;
    values[there.key] = taken;
    const origin = believed.origins?.[key];
    if (origin) origins[there.key] = origin;
    const other = believed.against?.[key];
    const otherTaken = other && takenThere(to, parameter, there, other.value, values);
    if (other && otherTaken != null) against[there.key] = { ...other, value: otherTaken };
  }
  if (Object.keys(values).length === 0) return null;
  const { source, date } = believed;
  return {
    source,
    date,
    values,
    ...(Object.keys(origins).length > 0 ? { origins } : {}),
    ...(Object.keys(against).length > 0 ? { against } : {}),
  };
}

function takenThere(
  to: AnyProfile,
  parameter: Parameter,
  there: Parameter,
  value: SettingValue,
  beside: SettingValues,
): SettingValue | null {
  const taken = sameValueOn(to, parameter, there, value);
  if (taken === null || taken === value) return taken;
  // what was converted may lie where that controller never is
  return faultOf(there, taken, { ...beside, [there.key]: taken }) === null ? taken : null;
}
