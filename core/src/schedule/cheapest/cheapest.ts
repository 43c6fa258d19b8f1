import { DAY_MIN } from '../../time';
import type { MixedIntegerSolver, SolveOptions } from '../../solver';
import { lpOf, masksOf, runs } from './model';
import { demandsOf, startWorth, type CheapestProblem, type Demand } from './problem';

/** A block of the plan: one program. */
export interface PlannedBlock {
  readonly days: string;
  readonly start: number;
  readonly stop: number;
  /** place in the problem's modes */
  readonly mode: number;
}

export type CheapestAnswer =
  | {
      readonly kind: 'plan';
      readonly blocks: readonly PlannedBlock[];
      /** of a week */
      readonly cost: number;
      /** no plan of this grain can cost less: proven */
      readonly bound: number;
      /** how far the plan may be from the cheapest, as a share; 0 is proven cheapest */
      readonly gap: number;
      readonly proven: boolean;
    }
  /** no plan meets all demands; these are in each other's way: without any one of them there is one */
  | { readonly kind: 'none'; readonly conflict: readonly Demand[] }
  | { readonly kind: 'out-of-time'; readonly bound: number };

/** The search ends when it is this near to its bound. */
const SEARCH_GAP = 2e-4;
/** A plan this near to the bound is called proven cheapest: no bill is known better. */
const PROVEN_GAP = 2e-3;
/** Time for each question of what is in the way. */
const CONFLICT_TIME_s = 6;

/** Looks for the cheapest plan with the injected solver, and says how sure it is; or what is in the way of any plan. */
export function cheapestPlan(
  problem: CheapestProblem,
  solver: MixedIntegerSolver,
  options: Omit<SolveOptions, 'gap'> & { readonly gap?: number },
): CheapestAnswer {
  const solved = solver.solve(lpOf(problem), { gap: SEARCH_GAP, ...options });
  if (solved.status === 'infeasible') return { kind: 'none', conflict: conflictIn(problem, solver) };
  if (solved.status === 'nothing-found') return { kind: 'out-of-time', bound: solved.bound };
  const blocks = blocksOf(problem, solved.values);
  const cost = costOf(problem, blocks);
  // the search's bound holds with what programs are worth to it; in money it is lower by all of them at most
  const bound = Math.max(0, solved.bound - startWorth(problem) * problem.maxPrograms);
  const gap = cost > 0 ? Math.max(0, (cost - bound) / cost) : 0;
  return {
    kind: 'plan',
    blocks,
    cost,
    bound,
    gap,
    proven: gap <= PROVEN_GAP,
  };
}

/** What blocks cost in a week, in money alone. */
function costOf(problem: CheapestProblem, blocks: readonly PlannedBlock[]): number {
  const { slots, modes, classes } = problem;
  const slot_min = DAY_MIN / slots;
  return blocks.reduce((sum, { days, start, stop, mode }) => {
    const count = start === stop ? slots : ((stop - start + DAY_MIN) % DAY_MIN) / slot_min;
    const kWh = (modes[mode].power_W * 24) / slots / 1000;
    for (const day of classes) {
      const own = [...day.days].filter((digit) => days.includes(digit)).length;
      for (let i = 0; i < count; i++) sum += own * kWh * day.price[(start / slot_min + i) % slots];
    }
    return sum;
  }, 0);
}

/** The tightest set of demands that contradict each other: each is left out once, and stays out while there is still no plan. */
function conflictIn(problem: CheapestProblem, solver: MixedIntegerSolver): Demand[] {
  const without = new Set<Demand>();
  const demands = demandsOf(problem);
  for (const demand of demands) {
    without.add(demand);
    const { status } = solver.solve(lpOf(problem, without, true), { timeLimit_s: CONFLICT_TIME_s, gap: 1 });
    if (status !== 'infeasible') without.delete(demand);
  }
  return demands.filter((demand) => !without.has(demand));
}

function blocksOf(problem: CheapestProblem, values: ReadonlyMap<string, number>): PlannedBlock[] {
  const { slots, classes } = problem;
  const slot_min = DAY_MIN / slots;
  const blocks = masksOf(problem).flatMap((mask, m) => {
    const days = [...mask.map((c) => classes[c].days).join('')].sort().join('');
    const row = Array.from({ length: slots }, (_, t) =>
      problem.modes.findIndex((__, s) => (values.get(runs(m, t, s)) ?? 0) > 0.5),
    );
    return runsOf(row, mask.length === classes.length).flatMap(({ from, to, mode }) => {
      const block = { days, mode, start: from * slot_min, stop: (to * slot_min) % DAY_MIN };
      if (to - from < slots || problem.wholeDay) return [block];
      return [
        { ...block, stop: DAY_MIN / 2 },
        { ...block, start: DAY_MIN / 2 },
      ];
    });
  });
  return blocks.sort((a, b) => a.start - b.start || a.days.localeCompare(b.days));
}

function runsOf(row: readonly number[], wraps: boolean): { from: number; to: number; mode: number }[] {
  const found: { from: number; to: number; mode: number }[] = [];
  row.forEach((mode, t) => {
    const last = found[found.length - 1];
    if (mode < 0) return;
    if (last && last.to === t && last.mode === mode) last.to = t + 1;
    else found.push({ from: t, to: t + 1, mode });
  });
  const [first] = found;
  const last = found[found.length - 1];
  if (wraps && found.length > 1 && first.from === 0 && last.to === row.length && first.mode === last.mode) {
    found.shift();
    last.to = row.length + first.to;
  }
  return found;
}
