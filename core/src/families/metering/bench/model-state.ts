/** The state of a simulated metering pump: plain numbers, copied for a snapshot. */
export type MeteringState = {
  /** part of a pulse carried from one second into the next */
  pulseCarry: number;
  /** part of a stroke that the drive is into */
  strokeCarry: number;
  /** strokes that are asked for and not made yet */
  queue: number;
  triggerCarry: number;
  // what this second gave
  current_mA: number;
  pulses: number;
  rate_spm: number;
  flow_mL: number;
  pressure_bar: number;
  // head, tank, water
  gas_mL: number;
  still_s: number;
  tank_L: number;
  dose_mgl: number;
  outside_s: number;
  // what holds
  powerless: number;
  waiting: number;
  stopped: number;
  wireStop: number;
  dry: number;
  levelStop: number;
  locked: number;
  ceiling: number;
  // sums
  strokes: number;
  given_mL: number;
  wanted_mL: number;
  flowing_s: number;
  inBand_s: number;
  pulsesSeen: number;
  strokesLost: number;
  dry_s: number;
  locked_s: number;
  backlogMost: number;
  pressureMost_bar: number;
};

/** A pump that has done nothing yet. */
export const BLANK: MeteringState = {
  pulseCarry: 0,
  strokeCarry: 0,
  queue: 0,
  triggerCarry: 0,
  current_mA: 0,
  pulses: 0,
  rate_spm: 0,
  flow_mL: 0,
  pressure_bar: 0,
  gas_mL: 0,
  still_s: 0,
  tank_L: 0,
  dose_mgl: 0,
  outside_s: 0,
  powerless: 0,
  waiting: 0,
  stopped: 0,
  wireStop: 0,
  dry: 0,
  levelStop: 0,
  locked: 0,
  ceiling: 0,
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
