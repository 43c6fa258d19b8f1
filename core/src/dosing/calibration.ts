import { InputError, requirePositive } from '../input';

/** Runs that differ by more than this share of their mean are rejected. */
export const SPREAD_MOST = 0.02;
/** A volume under this many divisions of the cylinder cannot be read well enough. */
export const DIVISIONS_LEAST = 50;
/** Runs of one calibration. */
export const RUNS_LEAST = 3;

export interface CalibrationInput {
  readonly volumes_mL: readonly number[];
  /** strokes (or hours, for a pump that is set in flow) over which each volume was drawn */
  readonly amount: number;
  /** one division of the cylinder, mL */
  readonly division_mL: number;
  /** mL a stroke (or mL an hour) that the pump is believed to give */
  readonly assumed: number;
  readonly bubbles?: boolean;
}

export type CalibrationFault = 'runs' | 'spread' | 'divisions' | 'bubbles';

export interface Calibration {
  /** mean volume of one stroke (or hour), mL */
  readonly each_mL: number;
  /** measured/assumed: the factor to enter */
  readonly factor: number;
  /** (greatest − least)/mean */
  readonly spread: number;
  /** standard uncertainty of reading each run, as a share: division/(√6·V), half a division twice */
  readonly reading: readonly number[];
  /** standard uncertainty of the mean, as a share: √(s²/r + reading²) */
  readonly uncertainty: number;
  /** why it is not accepted; empty when it is */
  readonly faults: readonly CalibrationFault[];
}

/** Why each fault rejects, in words. */
export const CALIBRATION_FAULT_WORDS: Readonly<Record<CalibrationFault, string>> = {
  runs: `Fewer than ${RUNS_LEAST} runs.`,
  spread: `The runs differ by more than ${SPREAD_MOST * 100} % of their mean.`,
  divisions: `A volume is under ${DIVISIONS_LEAST} divisions of the cylinder: draw more.`,
  bubbles: 'Bubbles were seen: prime, wait and draw again.',
};

/**
 * Calibration by drawdown: v = V/N, the mean of the runs; rejected when they spread by more than 2 % of the mean, when
 * a volume is under 50 divisions, or when bubbles were seen. Throws an InputError for figures not above zero.
 */
export function calibrate(input: CalibrationInput): Calibration {
  const { volumes_mL, amount, division_mL, assumed } = input;
  if (volumes_mL.length === 0) throw new InputError('volumes_ml', 'Enter at least one volume.');
  for (const volume of volumes_mL) requirePositive('volumes_ml', volume, 'A drawn volume');
  requirePositive('strokes', amount, 'The number of strokes');
  requirePositive('division_ml', division_mL, 'The division of the cylinder');
  requirePositive('assumed_ml_per_stroke', assumed, 'The assumed volume');
  const runs = volumes_mL.length;
  const mean = volumes_mL.reduce((sum, volume) => sum + volume, 0) / runs;
  const spread = (Math.max(...volumes_mL) - Math.min(...volumes_mL)) / mean;
  const reading = volumes_mL.map((volume) => division_mL / (Math.sqrt(6) * volume));
  const variance =
    runs > 1 ? volumes_mL.reduce((sum, volume) => sum + (volume - mean) ** 2, 0) / (runs - 1) : 0;
  const readingOfMean_mL = division_mL / Math.sqrt(6);
  const faults: CalibrationFault[] = [];
  if (runs < RUNS_LEAST) faults.push('runs');
  if (spread > SPREAD_MOST) faults.push('spread');
  if (volumes_mL.some((volume) => volume < DIVISIONS_LEAST * division_mL)) faults.push('divisions');
  if (input.bubbles) faults.push('bubbles');
  return {
    each_mL: mean / amount,
    factor: mean / amount / assumed,
    spread,
    reading,
    uncertainty: Math.sqrt(variance / runs + readingOfMean_mL ** 2) / mean,
    faults,
  };
}
