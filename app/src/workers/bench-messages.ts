import type { BenchRun, Scenario } from '@barythm/core/bench';
import type { FamilyContext } from '@barythm/core/families';
import type { SettingValues } from '@barythm/core/profile';

export interface BenchSheet {
  readonly name: string;
  readonly values: SettingValues;
}

/** A run without the snapshots it could be taken up from: those stay in the worker. */
export type ShownRun = Omit<BenchRun, 'snapshots'> & { readonly name: string };

export interface StrokeShown {
  readonly name: string;
  readonly trace: readonly { readonly at: number; readonly bar: number }[];
  readonly gas_mL: number;
}

export type ToBench =
  | {
      readonly kind: 'run';
      readonly id: number;
      readonly context: FamilyContext;
      readonly sheets: readonly BenchSheet[];
      readonly scenario: Scenario;
      /** the same sheets as before, and the same scenario up to here: take the runs up at their last snapshot */
      readonly sameUntil_s: number | null;
    }
  | { readonly kind: 'stroke'; readonly id: number; readonly at_s: number };

export type FromBench =
  | { readonly kind: 'progress'; readonly id: number; readonly share: number }
  | { readonly kind: 'runs'; readonly id: number; readonly runs: readonly ShownRun[] }
  | { readonly kind: 'strokes'; readonly id: number; readonly strokes: readonly StrokeShown[] }
  | { readonly kind: 'failed'; readonly id: number; readonly words: string };
