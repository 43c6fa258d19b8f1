import { DAY_MIN } from '../../time';
import type { MixedIntegerSolver, SolveOptions } from '../../solver';
import { leanOf } from './lean';
import { covers, type PlannedBlock } from './blocks';
import { lpOf, masksOf, runs } from './model';
import { unmetBy } from './unmet';
import { demandsOf, hoursOf, slotsOf, startWorth, type CheapestProblem, type Demand } from './problem';

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

/** At most this share of the time goes into the few speeds that are tried first. */
const LEAN_SHARE = 0.6;
/** A model of no more binaries than this is searched whole at once. */
const SMALL = 3000;

interface Found {
  readonly blocks: readonly PlannedBlock[];
  readonly cost: number;
}

type Options = Omit<SolveOptions, 'gap'> & {
  readonly gap?: number;
  /** a plan that is there already: it is the start where it meets everything, so that nothing dearer is answered */
  readonly start?: readonly PlannedBlock[];
};

/**
 * Looks for the cheapest plan with the injected solver, and says how sure it is; or what is in the way of any plan. A large
 * problem is searched among few speeds first, so that a good plan is there early. The bound is always the whole problem's:
 * the better of what the search proves and of what no plan can undercut even if blocks were free.
 */
export function cheapestPlan(
  problem: CheapestProblem,
  solver: MixedIntegerSolver,
  options: Options,
): CheapestAnswer {
  const gap = options.gap ?? SEARCH_GAP;
  const clock = stopwatch();
  const floor = boundOf(problem, solver, options.timeLimit_s);
  if (floor === null) return { kind: 'none', conflict: conflictIn(problem, solver) };
  const first = cheaper(startIn(problem, options.start), foundLean(problem, solver, options, floor, gap));
  if (first && first.cost - floor <= gap * first.cost) return answerOf(first, floor);
  const before_s = clock();
  const solved = solver.solve(lpOf(problem), {
    gap,
    timeLimit_s: Math.max(0, options.timeLimit_s - before_s),
    onProgress: ({ seconds, best, bound }) =>
      options.onProgress?.({
        seconds: before_s + seconds,
        best: first && (best === null || best > first.cost) ? first.cost : best,
        bound: Math.max(floor, bound ?? 0),
      }),
  });
  if (solved.status === 'infeasible') return { kind: 'none', conflict: conflictIn(problem, solver) };
  // the search's bound holds with what programs are worth to it; in money it is lower by all of them at most
  const bound = Math.max(floor, solved.bound - startWorth(problem) * problem.maxPrograms);
  const found = cheaper(first, solved.status === 'nothing-found' ? null : foundIn(problem, solved.values));
  return found ? answerOf(found, bound) : { kind: 'out-of-time', bound };
}

function answerOf(found: Found, bound: number): CheapestAnswer {
  const gap = found.cost > 0 ? Math.max(0, (found.cost - bound) / found.cost) : 0;
  return { kind: 'plan', ...found, bound: Math.min(bound, found.cost), gap, proven: gap <= PROVEN_GAP };
}

/** The plan that is there already, where it is one of this problem. */
function startIn(problem: CheapestProblem, blocks: readonly PlannedBlock[] | undefined): Found | null {
  if (!blocks || unmetBy(problem, blocks).length > 0) return null;
  return { blocks, cost: costOfBlocks(problem, blocks) };
}

/** Seconds since now. */
function stopwatch(): () => number {
  const begun = performance.now();
  return () => (performance.now() - begun) / 1000;
}

/** What no plan can undercut, in money of a week; null where even free blocks meet no demands. */
function boundOf(problem: CheapestProblem, solver: MixedIntegerSolver, timeLimit_s: number): number | null {
  const solved = solver.solve(lpOf(problem, new Set(), 'bound'), { timeLimit_s, gap: 0 });
  if (solved.status === 'infeasible') return null;
  return solved.status === 'optimal' ? Math.max(0, solved.objective) : 0;
}

/** What the few speeds give. Of a small problem, and where they give nothing, null. */
function foundLean(
  problem: CheapestProblem,
  solver: MixedIntegerSolver,
  { timeLimit_s, onProgress }: Options,
  bound: number,
  gap: number,
): Found | null {
  const large = masksOf(problem).length * slotsOf(problem) * problem.modes.length > SMALL;
  const lean = large ? leanOf(problem) : null;
  if (!lean) return null;
  const solved = solver.solve(lpOf(lean.problem), {
    gap,
    timeLimit_s: timeLimit_s * LEAN_SHARE,
    onProgress: ({ seconds, best }) => onProgress?.({ seconds, best, bound }),
  });
  if (solved.status === 'infeasible' || solved.status === 'nothing-found') return null;
  const { blocks, cost } = foundIn(lean.problem, solved.values);
  return { cost, blocks: blocks.map((block) => ({ ...block, mode: lean.modes[block.mode] })) };
}

function foundIn(problem: CheapestProblem, values: ReadonlyMap<string, number>): Found {
  const blocks = blocksOf(problem, values);
  return { blocks, cost: costOfBlocks(problem, blocks) };
}

function cheaper(one: Found | null, other: Found | null): Found | null {
  if (!one || !other) return one ?? other;
  return other.cost <= one.cost ? other : one;
}

/** What blocks cost in a week, in money alone. */
export function costOfBlocks(problem: CheapestProblem, blocks: readonly PlannedBlock[]): number {
  const { marks, modes, classes } = problem;
  return blocks.reduce((sum, block) => {
    const kW = modes[block.mode].power_W / 1000;
    for (const day of classes) {
      const own = [...day.days].filter((digit) => block.days.includes(digit)).length;
      for (let t = 0; t < slotsOf(problem); t++) {
        if (covers(block, marks[t])) sum += own * kW * hoursOf(problem, t) * day.price[t];
      }
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
    const { status } = solver.solve(lpOf(problem, without, 'any'), { timeLimit_s: CONFLICT_TIME_s, gap: 1 });
    if (status !== 'infeasible') without.delete(demand);
  }
  return demands.filter((demand) => !without.has(demand));
}

function blocksOf(problem: CheapestProblem, values: ReadonlyMap<string, number>): PlannedBlock[] {
  const { marks, classes } = problem;
  const slots = slotsOf(problem);
  const blocks = masksOf(problem).flatMap((mask, m) => {
    const days = [...mask.map((c) => classes[c].days).join('')].sort().join('');
    const row = Array.from({ length: slots }, (_, t) =>
      problem.modes.findIndex((__, s) => (values.get(runs(m, t, s)) ?? 0) > 0.5),
    );
    return runsOf(row, mask.length === classes.length).flatMap(({ from, to, mode }) => {
      const block = { days, mode, start: marks[from], stop: marks[to > slots ? to - slots : to] % DAY_MIN };
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
