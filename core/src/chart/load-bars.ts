import { frame, type Box, type Frame } from './frame';

/** One phase with what runs on it in its worst state. */
export interface PhaseParts {
  readonly phase: number;
  readonly parts: readonly { readonly name: string; readonly current_A: number }[];
}

export interface LoadBars {
  readonly frame: Frame;
  readonly bars: readonly {
    readonly phase: number;
    readonly y: number;
    readonly height: number;
    readonly over: boolean;
    readonly sum_A: number;
    /** where it ends */
    readonly end: number;
    readonly segments: readonly { readonly name: string; readonly x: number; readonly width: number }[];
  }[];
  /** where the breaker stands */
  readonly breaker: number;
}

const GAP = 10;

/** Geometry of the current on each phase against its breaker: a bar each, one segment for each thing that runs. */
export function loadBars(box: Box, phases: readonly PhaseParts[], breaker_A: number): LoadBars {
  const sums = phases.map(({ parts }) => parts.reduce((sum, { current_A }) => sum + current_A, 0));
  const drawn = frame(
    box,
    { domain: [0, Math.max(breaker_A, ...sums) * 1.12], title: 'Current, A', ticks: 6 },
    { domain: [0, 1], title: '', ticks: 0, at: [] },
  );
  const room = box.height - box.top - box.bottom;
  const height = (room - GAP * (phases.length - 1)) / phases.length;
  return {
    frame: drawn,
    bars: phases.map(({ phase, parts }, i) => {
      let from = 0;
      const segments = parts.map(({ name, current_A }) => {
        const [x, to] = [drawn.x.scale(from), drawn.x.scale(from + current_A)];
        from += current_A;
        return { name, x, width: to - x };
      });
      return {
        phase,
        y: box.top + i * (height + GAP),
        height,
        over: sums[i] > breaker_A + 1e-9,
        sum_A: sums[i],
        end: drawn.x.scale(sums[i]),
        segments,
      };
    }),
    breaker: drawn.x.scale(breaker_A),
  };
}
