import type { PumpKnown } from '@barythm/core/job';
import { Thread } from '../apart/thread';
import { notWorkedOut, type Kept } from '../register/kept';

/** A pump takes a few milliseconds; one that takes this long has something in it that has no end. */
const MOST_ms = 5000;

const TOO_LONG = 'since it takes longer than 5 s; look at its settings and its duty';

/** Pumps worked out on a thread of its own, each with a limit on its time: one that passes it says so, and all others are answered. */
export class States {
  private readonly thread: Thread<PumpKnown, Kept>;

  constructor(most_ms = MOST_ms) {
    this.thread = new Thread<PumpKnown, Kept>(new URL('./states-thread.mjs', import.meta.url), {
      most_ms,
      most_MB: 512,
      mostWaiting: 100_000,
      full: () => new Error('Too many pumps wait to be worked out.'),
      tooLong: () => new Error(TOO_LONG),
    });
  }

  /** What stands open on a pump; never rejects. */
  workOut = (pump: PumpKnown): Promise<Kept> =>
    this.thread.ask(pump).catch((error: Error) => notWorkedOut(error.message));

  close(): Promise<void> {
    return this.thread.close();
  }
}
