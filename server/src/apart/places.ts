import { Left } from './left';

/** A few places for work that keeps a core busy: what finds none waits in line, and the line has an end. */
export class Places {
  private taken = 0;
  private readonly line: (() => void)[] = [];

  /**
   * @param count work at once
   * @param mostWaiting as many may wait
   * @param full what whoever finds the line full is told
   */
  constructor(
    private readonly count: number,
    private readonly mostWaiting: number,
    private readonly full: (waiting: number) => Error,
  ) {}

  get waiting(): number {
    return this.line.length;
  }

  /** Does work once there is a place; leaves the line when `gone` says that nobody waits for it any more. */
  async take<T>(work: () => Promise<T>, gone?: AbortSignal): Promise<T> {
    // whoever is called from the line is handed the place itself: nobody who comes just then can take it
    if (this.taken >= this.count) await this.wait(gone);
    else this.taken += 1;
    try {
      return await work();
    } finally {
      const next = this.line.shift();
      if (next) next();
      else this.taken -= 1;
    }
  }

  private wait(gone?: AbortSignal): Promise<void> {
    if (this.line.length >= this.mostWaiting) throw this.full(this.line.length);
    return new Promise((resolve, reject) => {
      const turn = () => {
        gone?.removeEventListener('abort', leave);
        resolve();
      };
      const leave = () => {
        const at = this.line.indexOf(turn);
        if (at >= 0) this.line.splice(at, 1);
        reject(new Left());
      };
      if (gone?.aborted) return reject(new Left());
      gone?.addEventListener('abort', leave, { once: true });
      this.line.push(turn);
    });
  }
}
