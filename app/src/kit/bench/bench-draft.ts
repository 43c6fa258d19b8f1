import type { BenchEvent } from '@barythm/core/bench';

/** What every family's bench is put together from; kept on the device. */
export interface BenchDraft {
  readonly days: 1 | 7;
  readonly events: readonly BenchEvent[];
}
