import { inOrderOfWork } from './placed';
import type { Profile } from './profile';
import type { SettingValues } from './values';

const FIXED = new WeakMap<Profile, SettingValues>();

/** What stands in the controller whatever anybody does. */
function fixedValues(profile: Profile): SettingValues {
  const known = FIXED.get(profile);
  if (known) return known;
  const fixed = inOrderOfWork(profile).filter((parameter) => parameter.fixed);
  const values = Object.fromEntries(fixed.map((parameter) => [parameter.key, parameter.default]));
  FIXED.set(profile, values);
  return values;
}

/** Values with what is fixed in the controller; what was read at it all the same counts before that. */
export function withFixed(profile: Profile, values: SettingValues): SettingValues {
  const fixed = fixedValues(profile);
  return Object.keys(fixed).length === 0 ? values : { ...fixed, ...values };
}
