import { Worker } from 'node:worker_threads';
import type { BenchAnswer, BenchRequest } from '@barythm/contract/bench';
import { problems } from '../problems';

/** A week of two sheets takes well under a second; what takes this long is stopped. */
const MOST_ms = 30_000;
const MOST_MB = 512;

/** Runs a bench request in a worker thread of its own, with limits on its time and memory. */
export function runApart(request: BenchRequest): Promise<BenchAnswer> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./bench-thread.mjs', import.meta.url), {
      workerData: request,
      resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
    });
    const timer = setTimeout(() => {
      void worker.terminate();
      reject(problems.tooLong());
    }, MOST_ms);
    const settle = (end: () => void) => {
      clearTimeout(timer);
      end();
    };
    worker.once('message', (answer: BenchAnswer) => settle(() => resolve(answer)));
    worker.once('error', (error) => settle(() => reject(error)));
    worker.once('exit', () => clearTimeout(timer));
  });
}
