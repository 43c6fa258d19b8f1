import type { PoolContext } from '@barythm/core/families/pool';
import type { SolveProgress } from '@barythm/core/solver';
import { unitsWanted } from '../../../ui/reader';
import type { FromPlanner, PlannerAnswer } from './plan-messages';

/** Thrown into a search that was cancelled. */
export class PlanCancelled extends Error {
  override readonly name = 'PlanCancelled';
}

/** The search for the cheapest plan in a web worker of its own. Cancelling ends the worker wherever it is. */
export class PlanClient {
  private worker: Worker | null = null;
  private stop: ((error: Error) => void) | null = null;

  find(
    context: PoolContext,
    timeLimit_s: number,
    onProgress: (progress: SolveProgress) => void,
  ): Promise<PlannerAnswer> {
    this.cancel();
    const worker = (this.worker = new Worker(new URL('./plan-worker', window.location.href)));
    return new Promise((resolve, reject) => {
      this.stop = reject;
      worker.onmessage = ({ data }: MessageEvent<FromPlanner>) => {
        if (data.kind === 'progress') onProgress(data);
        else if (data.kind === 'failed') reject(new Error(data.words));
        else resolve(data.answer);
      };
      worker.onerror = (event) => reject(new Error(event.message || 'The search could not be started.'));
      worker.postMessage({ context, timeLimit_s, units: unitsWanted() });
    });
  }

  cancel(): void {
    this.worker?.terminate();
    this.worker = null;
    this.stop?.(new PlanCancelled('The search was cancelled.'));
    this.stop = null;
  }
}
