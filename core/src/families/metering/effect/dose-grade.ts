import { THRESHOLDS, type Severity, type Subject } from '../../../findings';
import type { MeteringContext } from '../settings/context';

/** How bad a dose outside its band is, and the words that say by which threshold. */
export interface DoseGrade {
  readonly severity: Severity;
  readonly words: string;
}

/**
 * A dose far beyond its band stops, a near one warns. A plan must not leave the band at all: whatever its own finding faults is a
 * stop, to be mended or accepted in writing.
 */
export function doseGrade({ duty }: MeteringContext, subject: Subject, dose_mgl: number): DoseGrade {
  const { low_mgl, high_mgl } = duty.dose;
  const { doseFar } = THRESHOLDS;
  if (subject === 'target') {
    return { severity: 'stop', words: 'A plan that leaves the required band is a stop.' };
  }
  const far = dose_mgl > high_mgl * doseFar || dose_mgl * doseFar < low_mgl;
  return far
    ? { severity: 'stop', words: `More than ${doseFar} times beyond the band is a stop.` }
    : { severity: 'warn', words: `Up to ${doseFar} times beyond the band is a warning.` };
}
