import type { ProofReading } from '../../../visit';
import type { ReadingVerdict } from './readings';

/** A reading of the signal, as it is judged. */
export interface JudgedReading {
  readonly entry: ProofReading;
  readonly verdict: ReadingVerdict | null;
  /** a setting changed after it was read */
  readonly voided: boolean;
  /** the same point was read again later; this row is kept and counts no more */
  readonly superseded: boolean;
}
