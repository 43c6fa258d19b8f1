import { optionWithRole, parameterWithRole, type Parameter, type SettingValue } from '../../../profile';
import type { PoolProfile } from '../wire/job';
import type { PoolOptionRole, PoolRole } from './roles';

/** One setting by which a place for a program is emptied: an option of it, or midnight. */
export type Emptying =
  | { readonly role: PoolRole; readonly option: PoolOptionRole }
  | { readonly role: PoolRole; readonly value: 0 };

/**
 * What empties a place for a program on this controller, and nothing else of it; null where nothing does.
 * An enable switch comes first, then times that show unused, no circuit, and 0:00 to 0:00 where that means off.
 */
export function emptyingOf(profile: PoolProfile, slot: number): readonly Emptying[] | null {
  const offers = (role: PoolRole, option: PoolOptionRole) => {
    const parameter = parameterWithRole(profile, role, slot);
    return parameter !== undefined && optionWithRole(parameter, option) !== undefined;
  };
  if (parameterWithRole(profile, 'program.enable', slot))
    return [{ role: 'program.enable', option: 'enable.off' }];
  if (offers('program.start', 'time.unused')) {
    return [
      { role: 'program.start', option: 'time.unused' },
      { role: 'program.stop', option: 'time.unused' },
    ];
  }
  if (offers('program.circuit', 'circuit.none')) return [{ role: 'program.circuit', option: 'circuit.none' }];
  if (profile.behaviours.programs.startEqualsStop === 'off') {
    return [
      { role: 'program.start', value: 0 },
      { role: 'program.stop', value: 0 },
    ];
  }
  return null;
}

/** The values an empty place shows by which it is known as empty; none where it cannot be emptied. */
export function emptyValues(
  profile: PoolProfile,
  slot: number,
): readonly { readonly parameter: Parameter; readonly value: SettingValue }[] {
  return (emptyingOf(profile, slot) ?? []).flatMap((emptying) => {
    const parameter = parameterWithRole(profile, emptying.role, slot);
    if (!parameter) return [];
    const value = 'option' in emptying ? optionWithRole(parameter, emptying.option) : emptying.value;
    return value === undefined ? [] : [{ parameter, value }];
  });
}
