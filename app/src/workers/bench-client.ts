import type { Scenario } from '@barythm/core/bench';
import type { FamilyContext } from '@barythm/core/families';
import type { BenchSheet, FromBench, ShownRun, StrokeShown, ToBench } from './bench-messages';

export interface BenchAsk {
  readonly context: FamilyContext;
  readonly sheets: readonly BenchSheet[];
  readonly scenario: Scenario;
}

/** Thrown into a run that was cancelled. */
export class BenchCancelled extends Error {
  override readonly name = 'BenchCancelled';
}

interface Waiting {
  readonly resolve: (message: FromBench) => void;
  readonly reject: (error: Error) => void;
  readonly onProgress?: (share: number) => void;
}

/**
 * The bench in a web worker: the interface thread only asks and shows. Cancelling ends the worker, which stops the run
 * wherever it is; the next run begins with a new one.
 */
export class BenchClient {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private count = 0;

  /** Runs the sheets; with `sameUntil_s` the last runs are taken up where the scenario begins to differ. */
  async run(
    ask: BenchAsk,
    onProgress: (share: number) => void,
    sameUntil_s: number | null = null,
  ): Promise<readonly ShownRun[]> {
    const answer = await this.ask((id) => ({ kind: 'run', id, ...ask, sameUntil_s }), onProgress);
    return answer.kind === 'runs' ? answer.runs : [];
  }

  async strokesAt(at_s: number): Promise<readonly StrokeShown[]> {
    const answer = await this.ask((id) => ({ kind: 'stroke', id, at_s }));
    return answer.kind === 'strokes' ? answer.strokes : [];
  }

  cancel(): void {
    this.worker?.terminate();
    this.worker = null;
    for (const { reject } of this.waiting.values()) reject(new BenchCancelled('The run was cancelled.'));
    this.waiting.clear();
  }

  private ask(make: (id: number) => ToBench, onProgress?: (share: number) => void): Promise<FromBench> {
    const worker = (this.worker ??= this.start());
    const id = ++this.count;
    return new Promise((resolve, reject) => {
      this.waiting.set(id, { resolve, reject, onProgress });
      worker.postMessage(make(id));
    });
  }

  private start(): Worker {
    const worker = new Worker(new URL('./bench-worker.ts', window.location.href));
    worker.onmessage = ({ data }: MessageEvent<FromBench>) => {
      const waiting = this.waiting.get(data.id);
      if (!waiting) return;
      if (data.kind === 'progress') {
        waiting.onProgress?.(data.share);
        return;
      }
      this.waiting.delete(data.id);
      if (data.kind === 'failed') waiting.reject(new Error(data.words));
      else waiting.resolve(data);
    };
    worker.onerror = (event) => {
      for (const { reject } of this.waiting.values()) {
        reject(new Error(event.message || 'The bench could not be started.'));
      }
      this.waiting.clear();
    };
    return worker;
  }
}
