import { slowestEnough, type CheapestProblem } from './problem';

/** A problem of fewer ways to run, with the place of each in the whole problem's modes. */
export interface LeanProblem {
  readonly problem: CheapestProblem;
  readonly modes: readonly number[];
}

/**
 * The problem with few speeds left: those that the slow schools of the trade would try first. For each kind of day the
 * slowest that moves its water in a whole day, for each need the slowest that serves it, and the slowest of all. Whatever
 * meets it meets the whole problem too, so what is found in it, fast, is a plan; its bound is not the whole problem's. Null
 * where that leaves nothing out.
 */
export function leanOf(problem: CheapestProblem): LeanProblem | null {
  const slowest = problem.modes
    .map((_, s) => s)
    .sort((a, b) => problem.modes[a].speed_rpm - problem.modes[b].speed_rpm);
  const kept = new Set<number>(slowest.slice(0, 1));
  for (const day of problem.classes) {
    for (const water of day.volumes) {
      const enough = slowestEnough(problem.modes, water);
      if (enough) kept.add(problem.modes.indexOf(enough));
    }
    for (const { serves } of day.needs) {
      const serving = slowest.find((s) => serves[s]);
      if (serving !== undefined) kept.add(serving);
    }
  }
  // the least continuous flow is a need of every minute
  if (problem.leastFlow_m3h !== null) {
    const enough = slowest.find((s) => problem.modes[s].flow_m3h >= problem.leastFlow_m3h! - 1e-6);
    if (enough !== undefined) kept.add(enough);
  }
  if (kept.size === problem.modes.length) return null;
  const modes = [...kept].sort((a, b) => a - b);
  return {
    modes,
    problem: {
      ...problem,
      modes: modes.map((s) => problem.modes[s]),
      classes: problem.classes.map((day) => ({
        ...day,
        volumes: day.volumes.map((water) => ({ ...water, counts: modes.map((s) => water.counts[s]) })),
        needs: day.needs.map((need) => ({ ...need, serves: modes.map((s) => need.serves[s]) })),
      })),
    },
  };
}
