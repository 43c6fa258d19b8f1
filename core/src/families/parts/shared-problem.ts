import { anyFinding, type Finding } from '../../findings';
import { addressOf, type Parameter } from '../../profile';
import { clampedFinding, type Clamped } from './clamped';

/** Several choices of a controller do what is wanted, and nothing says which: it is left as it stands. */
export interface Undecided {
  readonly kind: 'undecided';
  readonly address: string;
  readonly parameter: string;
  /** the choices, in words */
  readonly choices: string;
}

/** A setting that is shown in terms of another thing that nobody read. */
export interface Unread {
  readonly kind: 'unread';
  readonly address: string;
  readonly parameter: string;
  /** what is not known, in words */
  readonly what: string;
}
export const unreadOf = (parameter: Parameter, what: string): Unread => ({
  kind: 'unread',
  address: addressOf(parameter),
  parameter: parameter.label,
  what,
});

/** What keeps a plan of any family from a setting. */
export type SharedProblem = Clamped | Undecided | Unread;

const SHARED: ReadonlySet<string> = new Set<SharedProblem['kind']>(['clamped', 'undecided', 'unread']);
export const isShared = (problem: { readonly kind: string }): problem is SharedProblem =>
  SHARED.has(problem.kind);

/** PRO-04 of a limit; PRO-01 of several choices of which nothing says which, and of what is not known that a setting hangs on. */
export function sharedFinding(problem: SharedProblem): Finding {
  if (problem.kind === 'clamped') return clampedFinding(problem);
  if (problem.kind === 'unread') {
    const { parameter, what, address } = problem;
    return anyFinding('PRO-01.unread', 'target', { parameter, what }, [address]);
  }
  const { parameter, choices, address } = problem;
  return anyFinding('PRO-01.several', 'target', { parameter, choices }, [address]);
}
