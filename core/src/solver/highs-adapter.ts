import type { MixedIntegerSolver, Solved, SolveOptions } from './solver';

/** As much of the solver package's runtime as is used here. */
export interface HighsRuntime {
  createModel(input: { format: 'lp'; data: string }): HighsModel;
}

interface HighsModel {
  readonly options: { set(options: Record<string, unknown>): void };
  readonly info: { get(name: string): number | bigint };
  run(callbacks?: Record<number, (event: { readonly data: HighsProgress }) => undefined>): unknown;
  getModelStatus(): number;
  getObjectiveValue(): number;
  getSolution(): { readonly colValue: Float64Array };
  getNumCol(): number;
  getColName(column: number): string;
  dispose(): void;
}

interface HighsProgress {
  readonly running_time?: number;
  readonly mip_primal_bound?: number;
  readonly mip_dual_bound?: number;
}

const OPTIMAL = 7;
const INFEASIBLE = 8;
const MIP_PROGRESS = 6;
/** Figures beyond this stand for “none yet”. */
const ENDLESS = 1e29;

/** The solver package behind the core's own small interface. A model lives for one solve only. */
export function highsSolver(highs: HighsRuntime): MixedIntegerSolver {
  return {
    solve(lp: string, options: SolveOptions): Solved {
      const model = highs.createModel({ format: 'lp', data: lp });
      try {
        model.options.set({
          output_flag: false,
          time_limit: options.timeLimit_s,
          mip_rel_gap: options.gap,
        });
        model.run({
          [MIP_PROGRESS]: ({ data }) => {
            options.onProgress?.({
              seconds: data.running_time ?? 0,
              best: finite(data.mip_primal_bound),
              bound: finite(data.mip_dual_bound),
            });
            return undefined;
          },
        });
        return answerOf(model);
      } finally {
        model.dispose();
      }
    },
  };
}

function answerOf(model: HighsModel): Solved {
  const status = model.getModelStatus();
  if (status === INFEASIBLE) return { status: 'infeasible' };
  const bound = finite(Number(model.info.get('mip_dual_bound'))) ?? 0;
  const objective = model.getObjectiveValue();
  const found = Number(model.info.get('primal_solution_status')) === 2;
  if (!found || finite(objective) === null) return { status: 'nothing-found', bound };
  const { colValue } = model.getSolution();
  const values = new Map<string, number>();
  for (let column = 0; column < colValue.length; column++) {
    if (colValue[column] > 1e-6) values.set(model.getColName(column), colValue[column]);
  }
  return {
    status: status === OPTIMAL ? 'optimal' : 'time-limit',
    objective,
    bound: Math.min(bound, objective),
    values,
  };
}

function finite(value: number | undefined): number | null {
  return value === undefined || Number.isNaN(value) || Math.abs(value) > ENDLESS ? null : value;
}
