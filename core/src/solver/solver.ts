/** How far a solve has come: best plan found so far and proven bound, in the objective's unit; null while there is none. */
export interface SolveProgress {
  readonly seconds: number;
  readonly best: number | null;
  readonly bound: number | null;
}

export interface SolveOptions {
  readonly timeLimit_s: number;
  /** a plan this near to the bound, as a share, is good enough */
  readonly gap: number;
  readonly onProgress?: (progress: SolveProgress) => void;
}

/** What a mixed-integer solver answers. */
export type Solved =
  | {
      readonly status: 'optimal' | 'time-limit';
      readonly objective: number;
      /** no plan can cost less: proven */
      readonly bound: number;
      readonly values: ReadonlyMap<string, number>;
    }
  | { readonly status: 'infeasible' }
  /** the time ran out before any plan was found */
  | { readonly status: 'nothing-found'; readonly bound: number };

/** A mixed-integer linear solver: takes a model as LP text, minimises. The solver is injected, so that the core stays pure. */
export interface MixedIntegerSolver {
  solve(lp: string, options: SolveOptions): Solved;
}
