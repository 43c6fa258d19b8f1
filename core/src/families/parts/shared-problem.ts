import { anyFinding, type Finding } from '../../findings';
import { clampedFinding, type Clamped } from './clamped';

/** Several choices of a controller do what is wanted, and nothing says which: it is left as it stands. */
export interface Undecided {
  readonly kind: 'undecided';
  readonly address: string;
  readonly parameter: string;
  /** the choices, in words */
  readonly choices: string;
}

/** What keeps a plan of any family from a setting. */
export type SharedProblem = Clamped | Undecided;

export const isShared = (problem: { readonly kind: string }): problem is SharedProblem =>
  problem.kind === 'clamped' || problem.kind === 'undecided';

/** PRO-04 of a limit; PRO-01 of several choices of which nothing says which. */
export function sharedFinding(problem: SharedProblem): Finding {
  if (problem.kind === 'clamped') return clampedFinding(problem);
  const { parameter, choices, address } = problem;
  return anyFinding('PRO-01.several', 'target', { parameter, choices }, [address]);
}
