import { InputError } from '../input';
import type { AnyTool } from './tool';

/** No answer of the trade is larger: beyond it figures were typed that do not go together. */
const MOST_ANSWER = 1e12;

/** True of an answer in which every number can be written down: none that ran over, none that is no number. */
function isFinite(answer: unknown): boolean {
  if (typeof answer === 'number') return Math.abs(answer) <= MOST_ANSWER;
  if (Array.isArray(answer)) return answer.every(isFinite);
  if (answer !== null && typeof answer === 'object') return Object.values(answer).every(isFinite);
  return true;
}

/**
 * Runs a calculator on input that passed its schema. Throws an InputError for an answer that ran over: figures that are each in
 * order may lead to a number that nobody can write down.
 */
export function runTool(tool: AnyTool, input: unknown): unknown {
  const answer = tool.run(input);
  if (isFinite(answer)) return answer;
  const [field] = tool.fields;
  throw new InputError(
    field.name,
    'These figures lead to a number too large to work with: check each of them.',
  );
}
