import { inOrderOfWork, keyAt, placesOf } from './placed';
import type { Parameter, ParameterOption } from './parameter';
import { rolesIn, type Profile } from './profile';
import type { SettingValue } from './values';

const BY_ROLE = new WeakMap<Profile, ReadonlyMap<string, Parameter>>();

/** Parameters by each meaning that they settle; the first that has one keeps it. */
function byRole(profile: Profile): ReadonlyMap<string, Parameter> {
  const known = BY_ROLE.get(profile);
  if (known) return known;
  const roles = new Map<string, Parameter>();
  for (const parameter of profile.parameters)
    for (const role of rolesIn(parameter)) if (!roles.has(role)) roles.set(role, parameter);
  BY_ROLE.set(profile, roles);
  return roles;
}

/** The parameter that carries a role; of a repeating group the one in a place, counted from 1. */
export function parameterWithRole(profile: Profile, role: string, index = 1): Parameter | undefined {
  const plain = byRole(profile).get(role);
  if (!plain || placesOf(profile, plain.group) === 1) return plain;
  const key = keyAt(plain.key, index);
  return inOrderOfWork(profile).find((parameter) => parameter.key === key);
}

/** What an option means for one of the meanings of its parameter: its own where none is named. */
export function meaningOfOption(
  parameter: Pick<Parameter, 'role'>,
  option: ParameterOption,
  role: string | undefined = parameter.role,
): string | undefined {
  if (role === parameter.role) return option.role;
  const besides = option.also?.[role ?? ''];
  return typeof besides === 'string' ? besides : undefined;
}

/** The figure that an option stands for, in the program's own unit; null where it says none. */
export function figureOfOption({ also }: ParameterOption, role: string): number | null {
  const figure = also?.[role];
  return typeof figure === 'number' ? figure : null;
}

/** True where the figure of a role is chosen with one of some choices, and not entered. */
export const isChosenFigure = ({ options = [] }: Parameter, role: string): boolean =>
  options.some((option) => figureOfOption(option, role) !== null);

/** The values of all options that mean this. One that settles two things at once can stand for the same meaning of one of them twice. */
export function optionsWithRole(parameter: Parameter, role: string): readonly string[] {
  return (parameter.options ?? [])
    .filter((option) => option.role === role || Object.values(option.also ?? {}).includes(role))
    .map(({ value }) => value);
}

/** The value of the first option that carries a role, or undefined when this controller has no such option. */
export function optionWithRole(parameter: Parameter, role: string): string | undefined {
  return optionsWithRole(parameter, role)[0];
}

/** The role of a chosen option; of a choice that means two things, for the meaning that is named. */
export function roleOfOption(
  parameter: Parameter,
  value: SettingValue | undefined,
  role?: string,
): string | undefined {
  const option = parameter.options?.find((candidate) => candidate.value === value);
  return option && meaningOfOption(parameter, option, role);
}
