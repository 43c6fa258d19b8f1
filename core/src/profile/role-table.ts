import type { Quantity } from '../units';

/** What the parameters of a role hold: a figure of a quantity, one of some meanings, or something that is read as it stands. */
type Meaning = Quantity | readonly string[] | null;
export type Meanings = Readonly<Record<string, Meaning>>;

/** A meaning of an option, as a table of roles names it. */
export type OptionRoleIn<T extends Meanings> = Extract<T[keyof T], readonly string[]>[number];
/** A role of a table. */
export type RoleIn<T extends Meanings> = keyof T & string;

/** What follows from a table of roles. */
export interface RoleTable<T extends Meanings> {
  readonly meanings: T;
  readonly roles: readonly RoleIn<T>[];
  readonly optionRoles: readonly OptionRoleIn<T>[];
  /** what the figure of each role measures */
  readonly quantities: { readonly [R in keyof T as T[R] extends Quantity ? R : never]: T[R] & Quantity };
}

/**
 * The closed list of what a family's parameters can mean, each role once: what it measures, or the meanings of its options.
 *
 * @example
 * const FAN = roleTable({ speed: 'percent', state: ['state.auto', 'state.hand'], name: null });
 * type FanRole = keyof (typeof FAN)['meanings'];
 */
export function roleTable<const T extends Meanings>(meanings: T): RoleTable<T> {
  const all = Object.entries(meanings);
  const options = all.flatMap(([, meaning]) => (Array.isArray(meaning) ? meaning : []));
  const figures = all.filter(([, meaning]) => typeof meaning === 'string');
  return {
    meanings,
    roles: Object.keys(meanings),
    optionRoles: [...new Set(options)],
    // which of them are figures is known to the type, and to whoever reads the table
    quantities: Object.fromEntries(figures) as RoleTable<T>['quantities'],
  };
}
