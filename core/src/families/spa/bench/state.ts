export const BLANK = {
  water_C: 0,
  /** 1 while the heater is on, while it is off for good until a person comes */
  heating: 0,
  waits: 0,
  tripped: 0,
  over_s: 0,
  /** second that the pack's clock takes for midnight */
  clock_s: 0,
  /** of now: what each takes, W and A */
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
  /** the balance of the water, Wh */
  gained_Wh: 0,
  lost_Wh: 0,
  held_Wh: 0,
};

/** A tub and its pack, at one moment. */
export type SpaState = Record<keyof typeof BLANK, number>;
