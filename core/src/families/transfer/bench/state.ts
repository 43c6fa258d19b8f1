export const BLANK = {
  volume_L: 0,
  speed_rpm: 0,
  flow_m3h: 0,
  inflow_m3h: 0,
  delivered_C: 0,
  /** mean inflow as the controller reckons it */
  mean_m3h: 0,
  /** 1 while it runs, while it empties by its timer, while it waits for a person */
  runs: 0,
  empties: 0,
  waits: 0,
  runOn_s: 0,
  sinceEmpty_s: 0,
  /** level that the float shows; where it stuck */
  shown_mm: 0,
  stuck_mm: 0,
  /** drawn since the vessel ran empty */
  beyond_L: 0,
  /** of now */
  airNow: 0,
  cavitatesNow: 0,
  floodNow: 0,
  warmNow: 0,
  power_W: 0,
  in_L: 0,
  back_L: 0,
  sent_L: 0,
  flooded_L: 0,
  /** sum of litres times their temperature */
  heat_LC: 0,
  warm_s: 0,
  air_s: 0,
  cavitates_s: 0,
  floods: 0,
  starts: 0,
  greatest_mm: 0,
  longest_s: 0,
  kWh: 0,
};

/** A vessel and its pump, at one moment. */
export type TransferState = Record<keyof typeof BLANK, number>;
