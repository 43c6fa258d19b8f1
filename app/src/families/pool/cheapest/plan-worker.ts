import {
  cheapestProblem,
  conflictWords,
  costOfPrograms,
  programsOfAnswer,
  scopeWords,
  startOf,
} from '@barythm/core/families/pool';
import { cheapestPlan } from '@barythm/core/schedule';
import { highsSolver, type HighsRuntime, type MixedIntegerSolver } from '@barythm/core/solver';
import { readFor } from '@barythm/core/units';
import type { FromPlanner, PlannerAnswer, ToPlanner } from './plan-messages';

const scope = self as unknown as {
  onmessage: ((event: { data: ToPlanner }) => void) | null;
  postMessage: (message: FromPlanner) => void;
  importScripts: (url: string) => void;
  /** what the solver's script leaves behind: its loader */
  Module?: (options: { locateFile: (file: string) => string }) => Promise<HighsRuntime>;
};

/** The solver is served beside the app and fetched when it is first wanted: it is larger than the app itself. */
const SOLVER = '/solver/';
let solver: Promise<MixedIntegerSolver> | null = null;

function loadSolver(): Promise<MixedIntegerSolver> {
  scope.importScripts(`${SOLVER}highs.js`);
  const load = scope.Module;
  if (!load) throw new Error('The solver could not be loaded.');
  return load({ locateFile: (file) => `${SOLVER}${file}` }).then(highsSolver);
}

scope.onmessage = ({ data }) => {
  void plan(data).catch((error: Error) => scope.postMessage({ kind: 'failed', words: error.message }));
};

async function plan({ context, timeLimit_s, units }: ToPlanner): Promise<void> {
  readFor(units);
  const problem = cheapestProblem(context);
  solver ??= loadSolver();
  const answer = cheapestPlan(problem, await solver, {
    timeLimit_s,
    start: startOf(context, problem),
    onProgress: (progress) => scope.postMessage({ kind: 'progress', ...progress }),
  });
  const found = answer.kind === 'plan' ? programsOfAnswer(context, problem, answer) : [];
  const told: PlannerAnswer =
    answer.kind === 'plan'
      ? {
          ...answer,
          programs: found,
          costMonth: costOfPrograms(context, found),
          scope: scopeWords(context, problem),
        }
      : answer.kind === 'none'
        ? { kind: 'none', because: conflictWords(context, problem, answer.conflict) }
        : answer;
  scope.postMessage({ kind: 'answer', answer: told });
}
