import {
  applies,
  figureOfOption,
  isChosenFigure,
  parameterWithRole,
  placesOf,
  readIn,
  roleOfOption,
  type Profile,
  type RoleQuantities,
  type SettingValues,
} from '../../profile';

/** Reads a column of the sheet by the roles of its parameters; null is not known, or not there. */
export class SettingsReader<Role extends string> {
  constructor(
    private readonly profile: Profile,
    private readonly values: SettingValues,
    private readonly quantities: RoleQuantities,
    /** of groups that repeat, where no other is asked for */
    private readonly place = 1,
  ) {}

  /** The figure of a role in the program's own unit. */
  figure(role: Role, index = this.place): number | null {
    const found = this.found(role, index);
    if (found === null) return null;
    const { parameter, value } = found;
    if (!isChosenFigure(parameter, role)) {
      const quantity = this.quantities[role];
      // a role that measures nothing is read as it stands, in whatever its display calls it
      if (quantity === undefined) return typeof value === 'number' ? value : null;
      return readIn(parameter, quantity, value);
    }
    const option = parameter.options?.find((one) => one.value === value);
    return option ? figureOfOption(option, role) : null;
  }

  /** What was chosen for a role: the part of its option's meaning behind the dot. */
  chosen<T extends string>(role: Role, index = this.place): T | null {
    const found = this.found(role, index);
    const option = found && roleOfOption(found.parameter, found.value, role);
    return option ? (option.slice(option.indexOf('.') + 1) as T) : null;
  }

  /** The value itself, where it is words. */
  words(role: Role): string | null {
    const value = this.found(role, this.place)?.value;
    return typeof value === 'string' ? value : null;
  }

  has(role: Role): boolean {
    return parameterWithRole(this.profile, role) !== undefined;
  }

  /** How many places the group of a role has; none where nothing has it. */
  places(role: Role): number {
    const parameter = parameterWithRole(this.profile, role);
    return parameter ? placesOf(this.profile, parameter.group) : 0;
  }

  /** What each place of a role holds, those not known left out. */
  each<T>(role: Role, of: (index: number) => T | null): T[] {
    const all: T[] = [];
    for (let index = 1; index <= this.places(role); index++) {
      const value = of(index);
      if (value !== null) all.push(value);
    }
    return all;
  }

  private found(role: Role, index: number) {
    const parameter = parameterWithRole(this.profile, role, index);
    const value = parameter && this.values[parameter.key];
    // what does nothing as the controller stands counts nowhere
    return parameter && value !== undefined && applies(parameter, this.values) ? { parameter, value } : null;
  }
}
