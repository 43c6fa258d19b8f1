/**
 * For tests only: what is said of a setting that is too low, too high, or another choice than it must be: the text of a finding, or why
 * none is made. A family to come fills in a line for each of its roles, or its types say which is missing.
 */
export type Cell = string | { readonly none: string };
export type Way = 'low' | 'high' | 'wrong';
export type BothWays<Role extends string> = Readonly<Record<Role, Readonly<Partial<Record<Way, Cell>>>>>;

/** No finding, for a reason that a technician would sign. */
export const none = (why: string): Cell => ({ none: why });
