import type { Sample } from '../../job/testing/walk.fixtures';
import type { FamilyName } from '../index';

/**
 * For tests only: what is said of a setting that is too low, too high, or another choice than it must be: the text of a finding, or why
 * none is made. A family to come fills in a line for each of its roles, or its types say which is missing.
 */
export type Cell = string | { readonly none: string };
export type Way = 'low' | 'high' | 'wrong';
export type BothWays<Role extends string> = Readonly<Record<Role, Readonly<Partial<Record<Way, Cell>>>>>;

/** No finding, for a reason that a technician would sign. */
export const none = (why: string): Cell => ({ none: why });

/** A pump, and what a person read of it at the place. */
type Plant = Sample & { readonly read?: object };

interface Table {
  readonly PLANTS: readonly Plant[];
  readonly BOTH_WAYS: BothWays<string>;
}
/** For tests only: the table of a family, with the plants on which each of its settings counts somewhere. */
export const tableOf = (name: FamilyName) =>
  jest.requireActual<Table>(`../${name}/mistakes/both-ways.fixtures`);
