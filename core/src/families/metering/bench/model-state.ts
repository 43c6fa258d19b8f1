/** A pump that has done nothing yet. */
export const BLANK = {
  /** part of a pulse carried from one second into the next */
  pulseCarry: 0,
  /** part of a stroke that the drive is into */
  strokeCarry: 0,
  /** strokes that are asked for and not made yet */
  queue: 0,
  triggerCarry: 0,
  // what this second gave
  current_mA: 0,
  pulses: 0,
  rate_spm: 0,
  flow_mL: 0,
  pressure_bar: 0,
  // head, tank, water
  gas_mL: 0,
  still_s: 0,
  tank_L: 0,
  dose_mgl: 0,
  outside_s: 0,
  // what holds
  powerless: 0,
  waiting: 0,
  stopped: 0,
  wireStop: 0,
  dry: 0,
  levelStop: 0,
  locked: 0,
  ceiling: 0,
  // sums
  strokes: 0,
  given_mL: 0,
  wanted_mL: 0,
  flowing_s: 0,
  inBand_s: 0,
  pulsesSeen: 0,
  strokesLost: 0,
  dry_s: 0,
  locked_s: 0,
  backlogMost: 0,
  pressureMost_bar: 0,
};

/** The state of a simulated metering pump: plain numbers, copied for a snapshot. */
export type MeteringState = typeof BLANK;
