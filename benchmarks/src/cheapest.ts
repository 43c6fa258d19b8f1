import { cheapestProblem, startOf, type PoolContext } from '@barythm/core/families/pool';
import { cheapestPlan, type CheapestAnswer } from '@barythm/core/schedule';
import { highsSolver, type HighsRuntime } from '@barythm/core/solver';
import loadHighs from 'highs';

/** What the search for the cheapest plan comes to, and how long it took. */
export interface Searched {
  readonly answer: CheapestAnswer;
  readonly seconds: number;
  readonly modes: number;
  readonly classes: number;
}

/** The cheapest plan of a week in 96 slots a day and 8 programs, within the time limit that the app gives it. */
export async function searchCheapest(context: PoolContext, timeLimit_s: number): Promise<Searched> {
  const solver = highsSolver((await loadHighs()) as unknown as HighsRuntime);
  const problem = { ...cheapestProblem(context), maxPrograms: 8 };
  const start = performance.now();
  const answer = cheapestPlan(problem, solver, { timeLimit_s, start: startOf(context, problem) });
  const seconds = (performance.now() - start) / 1000;
  return { answer, seconds, modes: problem.modes.length, classes: problem.classes.length };
}
