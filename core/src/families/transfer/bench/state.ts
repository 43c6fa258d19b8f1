/** A vessel and its pump, at one moment. */
export interface TransferState extends Record<string, number> {
  volume_L: number;
  speed_rpm: number;
  flow_m3h: number;
  inflow_m3h: number;
  delivered_C: number;
  /** mean inflow as the controller reckons it */
  mean_m3h: number;
  /** 1 while it runs, while it empties by its timer, while it waits for a person */
  runs: number;
  empties: number;
  waits: number;
  runOn_s: number;
  sinceEmpty_s: number;
  /** level that the float shows; where it stuck */
  shown_mm: number;
  stuck_mm: number;
  /** drawn since the vessel ran empty */
  beyond_L: number;
  /** of now */
  airNow: number;
  cavitatesNow: number;
  floodNow: number;
  warmNow: number;
  power_W: number;
  in_L: number;
  back_L: number;
  sent_L: number;
  flooded_L: number;
  /** sum of litres times their temperature */
  heat_LC: number;
  warm_s: number;
  air_s: number;
  cavitates_s: number;
  floods: number;
  starts: number;
  greatest_mm: number;
  longest_s: number;
  kWh: number;
}

export const BLANK: TransferState = {
  volume_L: 0,
  speed_rpm: 0,
  flow_m3h: 0,
  inflow_m3h: 0,
  delivered_C: 0,
  mean_m3h: 0,
  runs: 0,
  empties: 0,
  waits: 0,
  runOn_s: 0,
  sinceEmpty_s: 0,
  shown_mm: 0,
  stuck_mm: 0,
  beyond_L: 0,
  airNow: 0,
  cavitatesNow: 0,
  floodNow: 0,
  warmNow: 0,
  power_W: 0,
  in_L: 0,
  back_L: 0,
  sent_L: 0,
  flooded_L: 0,
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
