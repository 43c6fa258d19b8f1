import { Worker } from 'node:worker_threads';
import { Places } from '../apart/places';
import { problems } from '../problems';
import type { PaperOrder } from './orders';

/** A paper takes a tenth of a second, a page of labels as long; what takes this long is stopped. */
const MOST_ms = 30_000;
const MOST_MB = 512;
/** More than this wait for nothing: whoever comes then is told to come back. */
const MOST_WAITING = 40;

type Printed = { readonly pdf: Uint8Array } | { readonly error: string };

/**
 * Where papers are made: one thread, started by the first order and kept, so that no paper holds up an answer. Orders are taken one
 * at a time; one that runs away is stopped with its thread, and the next order starts another.
 */
export class Press {
  private readonly places = new Places(1, MOST_WAITING, (waiting) => problems.busy(waiting));
  private worker: Worker | null = null;

  /** The paper as PDF bytes. Leaves the line when whoever asked is gone. */
  print(order: PaperOrder, gone?: AbortSignal): Promise<Buffer> {
    return this.places.take(() => this.make(order), gone);
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
    this.worker = null;
  }

  private make(order: PaperOrder): Promise<Buffer> {
    const worker = (this.worker ??= this.started());
    // while it works it keeps the process alive, idle it does not
    worker.ref();
    return new Promise((resolve, reject) => {
      const end = (settle: () => void) => {
        clearTimeout(timer);
        worker.removeListener('message', printed);
        worker.removeListener('error', failed);
        worker.unref();
        settle();
      };
      const failed = (error: Error) => {
        this.worker = null;
        void worker.terminate();
        end(() => reject(error));
      };
      const printed = (answer: Printed) =>
        end(() => ('pdf' in answer ? resolve(Buffer.from(answer.pdf)) : reject(new Error(answer.error))));
      const timer = setTimeout(() => failed(problems.tooLong()), MOST_ms);
      worker.once('message', printed);
      worker.once('error', failed);
      worker.postMessage(order);
    });
  }

  private started(): Worker {
    return new Worker(new URL('./press-thread.mjs', import.meta.url), {
      resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
    });
  }
}
