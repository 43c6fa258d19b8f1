import type { JobCommand, JobDocument } from '../families';
import { applyCommand } from './apply';
import { refusalOf } from './refusals';
import { holdsAlready } from './sheet/merge';

/** An unsent write, and the job as it stands with it and all before it. */
interface Step {
  readonly id: string;
  readonly after: JobDocument;
}

interface Chain {
  readonly today: string;
  readonly steps: readonly Step[];
}

/**
 * What unsent writes make of a job, step by step: a write goes onto the job as the one before it left it, and none is worked out
 * twice, however many there are. Gone with the job that they stand on.
 */
const chains = new WeakMap<JobDocument, Chain>();

/** What the server has of a job, with what is not sent yet of it on top. */
export function withUnsent(base: JobDocument, today: string, own: readonly JobCommand[]): JobDocument {
  const known = chains.get(base);
  const before = known && known.today === today ? known.steps : [];
  let same = 0;
  while (same < own.length && before[same]?.id === own[same].id) same += 1;
  const steps = before.slice(0, same);
  for (const command of own.slice(same)) {
    const current = steps.at(-1)?.after ?? base;
    steps.push({ id: command.id, after: taken(current, command, today) });
  }
  chains.set(base, { today, steps });
  return steps.at(-1)?.after ?? base;
}

function taken(current: JobDocument, command: JobCommand, today: string): JobDocument {
  // sent already, and its answer is on the way
  if (holdsAlready(current, command.body)) return current;
  return refusalOf(current, command.body, today) ? current : applyCommand(current, command, today);
}

/** A job once the server has taken a write: what else is unsent stands on it as it stood before. */
export function withSent(base: JobDocument, today: string, command: JobCommand): JobDocument {
  const chain = chains.get(base);
  const [first, ...others] = chain && chain.today === today ? chain.steps : [];
  if (first?.id !== command.id || first.after === base) return applyCommand(base, command, today);
  chains.set(first.after, { today, steps: others });
  return first.after;
}
