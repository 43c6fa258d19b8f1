import { Worker } from 'node:worker_threads';
import { Places } from './places';

export interface ThreadLimits {
  /** what takes longer is stopped */
  readonly most_ms: number;
  readonly most_MB: number;
  /** more than this wait for nothing */
  readonly mostWaiting: number;
  /** what whoever comes then is told */
  full(waiting: number): Error;
  /** what whoever asked for too much is told */
  tooLong(): Error;
}

type Answered<Answer> = { readonly done: Answer } | { readonly error: string };

/**
 * Work that is done away from the thread that answers: one thread, started by the first order and kept. Orders are taken one at a time;
 * one that runs away is stopped with its thread, and the next order starts another.
 */
export class Thread<Order, Answer> {
  private readonly places: Places;
  private worker: Worker | null = null;

  /** @param script started as it is; it answers each message with `{done}` or `{error}` */
  constructor(
    private readonly script: URL,
    private readonly limits: ThreadLimits,
  ) {
    this.places = new Places(1, limits.mostWaiting, limits.full);
  }

  /** Has an order done. Leaves the line when whoever asked is gone. */
  ask(order: Order, gone?: AbortSignal): Promise<Answer> {
    return this.places.take(() => this.make(order), gone);
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
    this.worker = null;
  }

  private make(order: Order): Promise<Answer> {
    const worker = (this.worker ??= this.started());
    // while it works it keeps the process alive, idle it does not
    worker.ref();
    return new Promise((resolve, reject) => {
      const end = (settle: () => void) => {
        clearTimeout(timer);
        worker.removeListener('message', answered);
        worker.removeListener('error', failed);
        worker.unref();
        settle();
      };
      const failed = (error: Error) => {
        this.worker = null;
        void worker.terminate();
        end(() => reject(error));
      };
      const answered = (answer: Answered<Answer>) =>
        end(() => ('done' in answer ? resolve(answer.done) : reject(new Error(answer.error))));
      const timer = setTimeout(() => failed(this.limits.tooLong()), this.limits.most_ms);
      worker.once('message', answered);
      worker.once('error', failed);
      worker.postMessage(order);
    });
  }

  private started(): Worker {
    return new Worker(this.script, { resourceLimits: { maxOldGenerationSizeMb: this.limits.most_MB } });
  }
}
