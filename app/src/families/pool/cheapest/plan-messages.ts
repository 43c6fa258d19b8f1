import type { CheapestAnswer } from '@barythm/core/schedule';
import type { PoolContext, ReasonedProgram } from '@barythm/core/families/pool';
import type { UnitsWanted } from '@barythm/core/units';
import type { SolveProgress } from '@barythm/core/solver';

export interface ToPlanner {
  readonly context: PoolContext;
  readonly timeLimit_s: number;
  /** the units of its words */
  readonly units: UnitsWanted;
}

/** What the search came to: a plan with its reasons, or why there is none. */
export type PlannerAnswer =
  | (Extract<CheapestAnswer, { kind: 'plan' }> & {
      readonly programs: readonly ReasonedProgram[];
      /** as it truly runs, primes included */
      readonly costMonth: number;
      /** over what it was searched */
      readonly scope: string;
    })
  | { readonly kind: 'none'; readonly because: readonly string[] }
  | { readonly kind: 'out-of-time'; readonly bound: number };

export type FromPlanner =
  | ({ readonly kind: 'progress' } & SolveProgress)
  | { readonly kind: 'answer'; readonly answer: PlannerAnswer }
  | { readonly kind: 'failed'; readonly words: string };
