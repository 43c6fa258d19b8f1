/** What guards the change of a setting. */
export interface Guard {
  /** which way its figure makes the danger greater; any other value, of a choice or where both ways do */
  readonly danger: 'up' | 'down' | 'any';
  /**
   * where the limits that it is held against are asked in the duty; with a question mark at its end one that may be left empty, since there
   * may be none. None at all where plate and controller alone tell
   */
  readonly by: readonly string[];
}

/** A guard for each of several roles. */
export function guardsOf<Role extends string>(
  ...guards: readonly (readonly [roles: readonly Role[], danger: Guard['danger'], by: readonly string[]])[]
): Readonly<Partial<Record<Role, Guard>>> {
  return Object.fromEntries(
    guards.flatMap(([roles, danger, by]) => roles.map((role) => [role, { danger, by }])),
  ) as Partial<Record<Role, Guard>>;
}
