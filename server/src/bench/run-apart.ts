import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { BenchAnswer, BenchRequest } from '@barythm/contract/bench';
import { InputError } from '@barythm/core/input';
import { Left } from '../apart/left';
import { problems } from '../problems';
import { Places } from '../apart/places';

/** A week of two sheets takes well under a second; what takes this long is stopped. */
const MOST_ms = 30_000;
const MOST_MB = 512;
/** More than this wait for nothing: whoever comes then is told to come back. */
const MOST_WAITING = 40;

/** What a run was refused for: an error loses what it is on the way out of a thread. */
export interface Refused {
  readonly refused: { readonly field: string; readonly words: string };
}

/** One run a core: more at once would only take longer together. */
const places = new Places(availableParallelism(), MOST_WAITING, (waiting) => problems.busy(waiting));

/** Runs a bench request in a worker thread of its own, with limits on its time and memory; when there is a place for it. */
export function runApart(request: BenchRequest, gone?: AbortSignal): Promise<BenchAnswer> {
  return places.take(() => run(request, gone), gone);
}

function run(request: BenchRequest, gone?: AbortSignal): Promise<BenchAnswer> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./bench-thread.mjs', import.meta.url), {
      workerData: request,
      resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
    });
    const stop = (error: Error) => {
      void worker.terminate();
      settle(() => reject(error));
    };
    const timer = setTimeout(() => stop(problems.tooLong()), MOST_ms);
    const leave = () => stop(new Left());
    const settle = (end: () => void) => {
      clearTimeout(timer);
      gone?.removeEventListener('abort', leave);
      end();
    };
    gone?.addEventListener('abort', leave, { once: true });
    worker.once('message', (answer: BenchAnswer | Refused) =>
      settle(() =>
        'refused' in answer
          ? reject(new InputError(answer.refused.field, answer.refused.words))
          : resolve(answer),
      ),
    );
    worker.once('error', (error) => settle(() => reject(error)));
    worker.once('exit', (code) => settle(() => reject(new Error(`The run ended with code ${code}.`))));
  });
}
