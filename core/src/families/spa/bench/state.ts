/** A tub and its pack, at one moment. */
export interface SpaState extends Record<string, number> {
  water_C: number;
  /** 1 while the heater is on, while it is off for good until a person comes */
  heating: number;
  waits: number;
  tripped: number;
  over_s: number;
  /** second that the pack's clock takes for midnight */
  clock_s: number;
  /** of now: what each takes, W and A */
  heater_W: number;
  moving_W: number;
  other_W: number;
  amps_A: number;
  air_C: number;
  bathes: number;
  moves: number;
  frosty: number;
  cool: number;
  dryHeat: number;
  stand_s: number;
  longest_s: number;
  frost_s: number;
  cool_s: number;
  trips: number;
  heater_kWh: number;
  jets_kWh: number;
  filter_kWh: number;
  other_kWh: number;
  cost: number;
  moved_m3: number;
  most_A: number;
  coldest_C: number;
  /** the balance of the water, Wh */
  gained_Wh: number;
  lost_Wh: number;
  held_Wh: number;
}

export const BLANK: SpaState = {
  water_C: 0,
  heating: 0,
  waits: 0,
  tripped: 0,
  over_s: 0,
  clock_s: 0,
  heater_W: 0,
  moving_W: 0,
  other_W: 0,
  amps_A: 0,
  air_C: 0,
  bathes: 0,
  moves: 0,
  frosty: 0,
  cool: 0,
  dryHeat: 0,
  stand_s: 0,
  longest_s: 0,
  frost_s: 0,
  cool_s: 0,
  trips: 0,
  heater_kWh: 0,
  jets_kWh: 0,
  filter_kWh: 0,
  other_kWh: 0,
  cost: 0,
  moved_m3: 0,
  most_A: 0,
  coldest_C: 0,
  gained_Wh: 0,
  lost_Wh: 0,
  held_Wh: 0,
};
