/** What a drive is doing. */
export const DOING = { stopped: 0, runs: 1, fills: 2, fault: 3, waits: 4 } as const;

/** Each unit that a set may have has a frequency of its own. */
export const UNIT_KEYS = ['f1', 'f2', 'f3', 'f4', 'f5', 'f6'] as const;

/** Frequencies of the units within a second: a row of numbers is far quicker to go through than names. */
export type Turning = Float64Array;

export function takeUp(state: DriveState, hz: Turning): void {
  for (let i = 0; i < hz.length; i++) hz[i] = state[UNIT_KEYS[i]];
}

export function putDown(state: DriveState, hz: Turning): void {
  for (let i = 0; i < hz.length; i++) state[UNIT_KEYS[i]] = hz[i];
}

export const BLANK = {
  doing: DOING.stopped,
  /** which unit leads, from 0, and how many run */
  lead: 0,
  running: 0,
  /** frequency of each unit, Hz */
  f1: 0,
  f2: 0,
  f3: 0,
  f4: 0,
  f5: 0,
  f6: 0,
  integral: 0,
  /** true pressure at the sensor, bar */
  pressure: 0,
  /** 1 while the relief valve lets water pass; gas in the vessel, absolute bar, as it was a second ago */
  blows: 0,
  gas_bar: 0,
  /** water in the vessel, L */
  held_L: 0,
  flow: 0,
  draw: 0,
  power: 0,
  below_s: 0,
  filling_s: 0,
  short_s: 0,
  many_s: 0,
  dry_s: 0,
  fault_s: 0,
  tries: 0,
  led_s: 0,
  /** of now: 1 while it warns, while the pump turns without water, while more would be drawn than there is pressure for */
  warns: 0,
  dryNow: 0,
  lowNow: 0,
  huntsNow: 0,
  /** the last turn of the pressure, its way, and turns in this minute */
  turn_bar: 0,
  way: 1,
  turns: 0,
  kWh: 0,
  moved_m3: 0,
  starts: 0,
  startsHour: 0,
  startsMost: 0,
  low_s: 0,
  dryRun_s: 0,
  hunts_s: 0,
  top_bar: 0,
};

/** A set of drives, vessel and pipes, at one moment. */
export type DriveState = Record<keyof typeof BLANK, number>;
