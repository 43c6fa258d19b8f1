import { Thread } from '../apart/thread';
import { problems } from '../problems';
import type { PaperOrder } from './orders';

/** Where papers are made, so that no paper holds up an answer: each takes a tenth of a second, a page of labels as long. */
export class Press {
  private readonly thread = new Thread<PaperOrder, Uint8Array>(
    new URL('./press-thread.mjs', import.meta.url),
    {
      most_ms: 30_000,
      most_MB: 512,
      mostWaiting: 40,
      full: (waiting) => problems.busy(waiting),
      tooLong: () => problems.tooLong(),
    },
  );

  /** The paper as PDF bytes. Leaves the line when whoever asked is gone. */
  async print(order: PaperOrder, gone?: AbortSignal): Promise<Buffer> {
    return Buffer.from(await this.thread.ask(order, gone));
  }

  close(): Promise<void> {
    return this.thread.close();
  }
}
