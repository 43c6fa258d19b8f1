import type { Parameter } from '@barythm/core/profile';

/** The two settings that make one point of the line. */
export interface PointParameters {
  readonly x: Parameter;
  readonly y: Parameter;
}
