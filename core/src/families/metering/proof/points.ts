import { standsAs } from '../../../visit';
import { END_POINTS_mA, PROOF_POINTS_mA } from '../../../strokes';
import type { MeteringContext } from '../settings/context';
import type { JudgedReading } from './judged-reading';

/** The currents at which a pump is proved, in the order of work. */
export interface ProofPoints {
  /** low, middle and high: where they agree, the line is proved */
  readonly line_mA: readonly number[];
  /** wire off, under and over the range: asked on every pump */
  readonly ends_mA: readonly number[];
  /** the others of the line, asked only where one of the first did not agree */
  readonly between_mA: readonly number[];
}

const NONE: ProofPoints = { line_mA: [], ends_mA: [], between_mA: [] };

/** The profile's own points or the usual five, and the ends; none where no current drives the pump. */
export function proofPoints(context: MeteringContext): ProofPoints {
  if (context.duty.signal.source === 'meter' || context.profile.behaviours.analog.kind === 'none')
    return NONE;
  const all = [...(context.profile.behaviours.proofPoints_mA ?? PROOF_POINTS_mA)].sort((a, b) => a - b);
  const first = new Set([0, Math.floor((all.length - 1) / 2), all.length - 1]);
  return {
    line_mA: all.filter((_, i) => first.has(i)),
    ends_mA: [...END_POINTS_mA],
    between_mA: all.filter((_, i) => !first.has(i)),
  };
}

/** The last reading at a current; undefined where none was taken. */
export function lastAt(readings: readonly JudgedReading[], x_mA: number): JudgedReading | undefined {
  return readings.findLast(({ entry }) => entry.reading.injected_mA === x_mA);
}

/** True where low, middle and high each did what was expected, with the settings of now: what lies between needs no injecting. */
export function lineAgrees({ line_mA }: ProofPoints, readings: readonly JudgedReading[]): boolean {
  return (
    line_mA.length >= 3 &&
    line_mA.every((x_mA) => {
      const last = lastAt(readings, x_mA);
      return last !== undefined && standsAs(last) && last.verdict?.ok === true;
    })
  );
}

/** The points that are still to be injected, in the order of work. */
export function pointsToInject(points: ProofPoints, readings: readonly JudgedReading[]): number[] {
  const { line_mA, ends_mA, between_mA } = points;
  const between = lineAgrees(points, readings) ? [] : between_mA;
  return [...line_mA, ...between, ...ends_mA].filter((x_mA) => lastAt(readings, x_mA)?.voided ?? true);
}
